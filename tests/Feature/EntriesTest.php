<?php

declare(strict_types=1);

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use App\Site\Entries;
use App\Site\FoundForm;
use App\Site\SiteRun;
use Illuminate\Support\Carbon;
use Tests\Demo;

/* What comes from the site, entry by entry: what is kept of it, what is told, and what it opens. */

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->take = fn (array ...$entries): array => (new Entries(
        $this->doorway->refresh(),
        new SiteRun($this->doorway, null),
        'Ana',
    ))->take(array_map(
        fn (array $entry, int $i) => ['uid' => "phone-one-{$i}", ...$entry],
        $entries,
        array_keys($entries),
    ));
    $this->last = fn (string $kind): array => array_map(
        fn (LogEntry $entry) => $entry->data,
        (new Log($this->doorway))->last($kind),
    );
    $this->change = fn (string $place, mixed $value) => $this->post("/doorways/{$this->doorway->id}/leaf/changes", [
        'place' => $place,
        'value' => $value,
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertOk();
});

/** @return array<string, mixed> */
function stepDone(string $about, array $more = []): array
{
    return ['kind' => 'step', 'about' => $about, 'data' => ['state' => 'done'], ...$more];
}

test('who is stood over by a later entry is told by whom, of what, and when', function (
    string $kind,
    string $about,
    array $data,
    string $who,
    string $says,
) {
    Carbon::setTestNow('2026-11-30 15:00');
    (new Log($this->doorway))->add($kind, $about, $data, $who, 'phone-two', Carbon::parse('2026-11-30 14:07'));
    $taken = ($this->take)(['kind' => $kind, 'about' => $about, 'data' => $data, 'at' => '2026-11-30 13:00']);

    expect($taken['notices'])->toBe([$says.' Both are kept; theirs, which is newer, counts.']);
})->with([
    'a step' => [
        'step', 'box-check', ['state' => 'done'], 'Ivo',
        'Check the kit’s box: Ivo had entered it later, at 14:07.',
    ],
    'a number' => [
        'measured', 'leaf-width', ['typed' => '965', 'units' => 'mm', 'value' => '965'], 'Ivo',
        'Door width: Ivo had entered it later, at 14:07.',
    ],
    'by nobody that is known' => [
        'step', 'box-check', ['state' => 'done'], '',
        'Check the kit’s box: someone had entered it later, at 14:07.',
    ],
]);

test('nobody is told of their own entry that is sent again, nor of an older one', function () {
    $entry = stepDone('box-check', ['at' => now()->subMinutes(2)->toJSON()]);
    ($this->take)($entry);
    $again = ($this->take)($entry);
    $later = ($this->take)(['uid' => 'phone-two', ...stepDone('box-check', ['at' => now()->subMinute()->toJSON()])]);

    expect($again['notices'])->toBe([])->and($later['notices'])->toBe([]);
});

test('an entry made under an older plan is told which one, and what moved it', function () {
    ($this->change)('brief.rules.gap', '11');
    ($this->change)('brief.rules.gap', '12');
    $taken = ($this->take)(
        stepDone('box-check', ['change' => 3]),
        stepDone('leaf-in', ['change' => 2]),
        ['kind' => 'note', 'about' => 'leaf-in', 'data' => ['says' => 'A dent'], 'change' => '1'],
    );
    $number = $this->doorway->refresh()->revision->number;

    expect($number)->toBe(3)
        ->and($taken['notices'])->toHaveCount(1)
        ->and($taken['notices'][0])->toContain("since this was entered: change 2, now {$number} (")
        ->and($taken['notices'][0])->toContain($this->doorway->revision->what->says())
        ->and(($this->take)(stepDone('mark-leaf', ['uid' => 'phone-three', 'change' => 3]))['notices'])->toBe([])
        ->and(($this->take)(stepDone('mark-leaf', ['uid' => 'phone-four']))['notices'])->toBe([]);
});

test('a name that could be no name is refused by it, and nothing is kept', function () {
    $taken = ($this->take)(stepDone('box-check', ['uid' => 'a/b']), stepDone('leaf-in', ['uid' => 'short-1']));

    expect(array_keys($taken['refused']))->toBe(['a/b', 'short-1'])
        ->and($taken['kept'])->toBe([])
        ->and(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())->toBe(0);
});

test('a snag is kept with what it is, how it stands and why', function () {
    ($this->take)(['kind' => 'snag', 'about' => 'snag-1', 'data' => [
        'says' => 'A scratch', 'state' => 'accepted', 'reason' => 'behind the door',
    ]]);

    expect(array_keys(($this->last)('snag')['snag-1']))->toBe(['says', 'state', 'reason'])
        ->and(LogEntry::query()->where('kind', 'snag')->firstOrFail()->text('reason'))->toBe('behind the door');
});

test('a snag that cannot stand so is refused with why', function (array $data, string $why) {
    expect(($this->take)(['kind' => 'snag', 'about' => 'snag-1', 'data' => $data])['refused'])
        ->toBe(['phone-one-0' => __("refusals.{$why}")]);
})->with([
    'nothing said' => [['state' => 'open'], 'say-snag'],
    'no state' => [['says' => 'A scratch', 'state' => 'gone'], 'snag-state'],
    'accepted without a reason' => [['says' => 'A scratch', 'state' => 'accepted', 'reason' => ' '], 'say-accepted'],
]);

test('a number is kept with what was planned and what it is called, in whichever unit it was typed', function (
    string $typed,
    string $units,
    string $value,
) {
    ($this->take)(['kind' => 'measured', 'about' => 'leaf-width', 'data' => ['typed' => $typed, 'units' => $units]]);
    $kept = ($this->last)('measured')['leaf-width'];

    expect($kept['value'])->toBe($value)->and($kept['planned'])->toBe('965')->and($kept)->toHaveKey('label');
})->with([['966', 'mm', '966'], ['38', 'in', '965.2'], ['966', 'furlong', '966'], [' 96.5 cm ', 'mm', '965']]);

test('a check of the run is held to what was expected, in whichever unit it was typed', function (
    string $typed,
    string $units,
    string $value,
    bool $holds,
) {
    ($this->take)(['kind' => 'run', 'about' => 'gap-open-right', 'data' => [
        'typed' => $typed, 'units' => $units, 'says' => 'by feeler',
    ]]);
    $kept = ($this->last)('run')['gap-open-right'];

    expect([$kept['holds'], $kept['value'], $kept['planned']])->toBe([$holds, $value, '21'])
        ->and($kept)->toHaveKeys(['says', 'label']);
})->with([['21', 'mm', '21', true], ['7/8', 'in', '22.225', true], ['3', 'in', '76.2', false]]);

test('a check that is looked at holds or does not', function (string $holds, ?bool $kept) {
    $taken = ($this->take)(['kind' => 'run', 'about' => 'plumb', 'data' => ['holds' => $holds]]);

    expect(($this->last)('run')['plumb']['holds'] ?? null)->toBe($kept)
        ->and($taken['refused'])->toBe($kept === null ? ['phone-one-0' => __('refusals.holds-or-not')] : []);
})->with([['yes', true], ['no', false], ['perhaps', null]]);

test('a step that must dry opens the next one when it is dry', function () {
    $run = fn () => new SiteRun($this->doorway->refresh(), null);
    $at = Carbon::parse('2026-11-30 08:00');
    Carbon::setTestNow('2026-12-02 08:00');
    foreach (['box-check', 'leaf-in', 'mark-leaf', 'bore-leaf', 'groove', 'coat-leaf.1'] as $i => $step) {
        (new Log($this->doorway))->add('step', $step, ['state' => 'done'], 'Ana', "phone-one-{$i}", $at);
    }

    expect($run()->ready($at->copy()->addMinutes(239)))->not->toContain('coat-leaf.2')
        ->and($run()->ready($at->copy()->addMinutes(240)))->toContain('coat-leaf.2')
        ->and($run()->ready())->toContain('coat-leaf.2')
        ->and($run()->ready())->not->toContain('fit-hangers')
        ->and($run()->next())->toBe($run()->ready()[0]);
});

test('what is done at a desk is no step of the site', function () {
    $kinds = array_map(fn ($step) => $step->kind()->isAtTheDesk(), (new SiteRun($this->doorway, null))->steps);

    expect(in_array(true, $kinds, true))->toBeFalse()->and($kinds)->not->toBe([]);
});

test('what was found and is asked at a step as well is one reading', function () {
    $form = new FoundForm($this->doorway, 'leaf-differs', null);
    $refused = $form->tell(['leaf-width' => '961', 'leaf-height' => '2131'], Editor::named('Ana'));
    $kept = ($this->last)('measured');

    expect($refused)->toBe([])
        ->and(array_keys($kept))->toBe(['leaf-width'])
        ->and([$kept['leaf-width']['value'], $kept['leaf-width']['planned']])->toBe(['961', '965'])
        ->and($kept['leaf-width'])->toHaveKey('label')
        ->and((new Log($this->doorway))->last('measured')['leaf-width']->who)->toBe('Ana');
});

test('what is found again is still worked from the plan as it was, until something else changes it', function () {
    $was = $this->doorway->revision_id;
    $tell = function (string $to): int {
        (new FoundForm($this->doorway->refresh(), 'wall-ends', null))
            ->tell(['end' => 'to', 'at' => $to], Editor::named('Ana'));

        return ($this->last)('found')['wall-ends']['under'];
    };
    [$first, $again] = [$tell('2700'), $tell('2690')];
    ($this->change)('brief.rules.gap', '11');
    $changed = $this->doorway->refresh()->revision_id;

    expect([$first, $again])->toBe([$was, $was])->and($tell('2680'))->toBe($changed);
});
