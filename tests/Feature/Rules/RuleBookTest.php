<?php

declare(strict_types=1);

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Rules\Effect;
use App\Rules\Level;
use App\Rules\Preview;
use App\Rules\RuleBook;
use Tests\Begun;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/* Rules of a house: for whom they hold, what they would change, what they did change. */

function ruleOf(string $key): Field
{
    return Catalog::whole()->rules()[$key];
}

test('a level is called by what it is for, and its links carry that', function () {
    $doorway = Begun::doorway('kiln-room');
    $job = $doorway->job;

    expect(array_map(fn (Level $level) => [$level->name(), $level->says(), $level->query()], [
        Level::company(), Level::job($job), Level::doorway($doorway),
    ]))->toBe([
        ['company', 'The company', []], ['job', 'Kiln yard', ['job' => (string) $job->id]],
        ['doorway', 'Kiln room', ['doorway' => (string) $doorway->id]],
    ]);
});

test('a nearer rule stands over a further one, and no other job’s does', function () {
    [$one, $other] = [Job::create(['name' => 'One']), Job::create(['name' => 'Other'])];
    foreach ([[null, '10 mm'], [$one->id, '14 mm']] as [$job, $value]) {
        HouseRule::create(['job_id' => $job, 'method' => 'gap', 'value' => $value, 'why' => '']);
    }
    $gap = fn (Level $level) => $level->rules()['gap']->value;

    expect([$gap(Level::company()), $gap(Level::job($one)), $gap(Level::job($other))])
        ->toBe(['10 mm', '14 mm', '10 mm']);
});

test('what a rule would do is told number by number', function () {
    $doorway = Begun::doorway('kiln-room');
    $book = new RuleBook(Level::doorway($doorway));
    $preview = Preview::of($book, ruleOf('gap'), '15', Unit::Millimetre);

    expect($preview->effects)->toHaveCount(1)
        ->and([$preview->effects[0]->doorway, $preview->count, $preview->refused])->toBe(['Kiln room', 1, null])
        ->and(array_map(
            fn (array $row) => [LengthWriter::inPlainBlanks($row[0]), LengthWriter::inPlainBlanks($row[1]), $row[2]],
            $preview->effects[0]->rows(),
        ))->toBe([
            'door' => ['965 × 2 138', '965 × 2 138', false],
            'line' => ['2 191', '2 194', true],
            'passage' => ['861', '861', false],
            'guide' => ['1 796', '1 796', false],
            'verdict' => [
                'Will fit once the open points are resolved. (2)', 'Will fit once the open points are resolved. (2)',
                false,
            ],
        ]);
});

test('a doorway that nothing changes at is counted, and not shown', function () {
    $preview = Preview::of(
        new RuleBook(Level::doorway(Begun::doorway('kiln-room'))),
        ruleOf('gap'),
        '12',
        Unit::Millimetre,
    );

    expect([$preview->effects, $preview->count, $preview->refused])->toBe([[], 1, null]);
});

test('a rule that does not read is refused, of no doorway', function () {
    $preview = Preview::of(new RuleBook(Level::company()), ruleOf('gap'), 'wide', Unit::Millimetre);

    expect([$preview->effects, $preview->count])->toBe([[], 0])->and($preview->refused)->not->toBeNull();
});

test('what cannot be planned yet has no numbers, before or after', function () {
    $doorway = Begun::doorway('kiln-room');
    $empty = $doorway->revision->document->without('survey.opening.width');
    $rows = (new Effect('Kiln room', $doorway->setout(null), $doorway->plan($empty)))->rows();

    expect(array_map(fn (array $row) => $row[1], array_diff_key($rows, ['verdict' => 0])))
        ->toBe(['door' => '', 'line' => '', 'passage' => '', 'guide' => '']);
});

test('a rule that is taken tells how many doorways it changed, and who set it from what to what', function () {
    $job = Begun::doorway('kiln-room', ['brief.rules.park' => null])->job;
    $by = Begun::doorway('kiln-room', ['brief.rules.park' => 3]);
    $by->forceFill(['job_id' => $job->id])->save();
    $book = new RuleBook(Level::job($job));
    $took = fn (string $value) => $book->take(ruleOf('park'), $value, 'a door beside it', Editor::named('Ana'));

    expect([$took('40 mm'), $took('40 mm'), $took('50 mm')])->toBe([1, 0, 1])
        ->and($by->refresh()->revision->document->get('brief.rules.park'))->toBe(3)
        ->and(HouseRule::query()->where('job_id', $job->id)->pluck('value', 'method')->all())
        ->toBe(['park' => '50 mm'])
        ->and(array_map(fn (array $edit) => array_slice($edit, 1), $book->ledger(Editor::named('Ana'))->last()))
        ->toBe([['Ana', 'park', '40 mm', '50 mm'], ['Ana', 'park', 'nothing', '40 mm']])
        ->and($took(''))->toBe(1)
        ->and(HouseRule::query()->count())->toBe(0);
});

test('a rule of one doorway is kept in it alone', function () {
    $doorway = Begun::doorway('kiln-room');
    (new RuleBook(Level::doorway($doorway)))->take(ruleOf('park'), '40 mm', 'here', Editor::named('Ana'));

    expect(Doorway::query()->findOrFail($doorway->id)->revision->document->get('house.park'))
        ->toEqual((object) ['from' => 'doorway', 'why' => 'here'])
        ->and(HouseRule::query()->count())->toBe(0);
});
