<?php

declare(strict_types=1);

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Row;
use App\Bench\Station;
use App\Fitting\SizeCardForm;
use App\Kits\KitForm;
use App\Marking\MarkingForm;
use App\Marking\SureForm;
use App\Models\Doorway;
use App\Models\ShelfKit;
use App\Words\ClearanceWords;
use App\Words\FieldWords;
use App\Words\StepWords;
use Database\Seeders\DemoSeeder;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\Document;
use YokeLine\Work\After;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/**
 * All that a book of words says, by the way to it.
 *
 * @param  array<array-key, mixed>  $words
 * @return array<string, string>
 */
function saidIn(array $words, string $at = ''): array
{
    $said = [];
    foreach ($words as $key => $one) {
        $said += is_array($one) ? saidIn($one, "{$at}{$key} › ") : ["{$at}{$key}" => (string) $one];
    }

    return $said;
}

/** @return list<string> */
function placeholdersIn(string $sentence): array
{
    preg_match_all('/:[a-z_]+/', $sentence, $found);
    sort($found[0]);

    return $found[0];
}

dataset('books', fn () => array_map(fn (string $file) => basename($file), glob(__DIR__.'/../../lang/en/*.php') ?: []));

test('both languages say the same things with the same placeholders', function (string $book) {
    [$english, $spanish] = [saidIn(require lang_path("en/{$book}")), saidIn(require lang_path("es/{$book}"))];

    expect(array_keys($spanish))
        ->toBe(array_keys($english))
        ->and(array_map(placeholdersIn(...), $spanish))
        ->toBe(array_map(placeholdersIn(...), $english));
})->with('books');

test('no book of one language is missing in the other', function () {
    $books = fn (string $language) => array_map(basename(...), glob(lang_path("{$language}/*.php")) ?: []);

    expect($books('es'))->toBe($books('en'));
});

test('every field of the catalogue has a name', function () {
    expect(array_filter(array_keys(Catalog::whole()->fields), fn (string $path) => ! FieldWords::isNamed($path)))->toBe(
        [],
    );
});

test('every answer has words', function (string $path) {
    $field = Catalog::whole()->at($path);
    $wanted = $field->type === FieldType::Flag ? ['no', 'yes'] : $field->answers;

    expect(array_diff($wanted, array_keys(FieldWords::answers($path))))->toBe([]);
})->with(
    fn () => array_keys(
        array_filter(
            Catalog::whole()->fields,
            fn ($field) => in_array($field->type, [FieldType::Choice, FieldType::Flag], true),
        ),
    ),
);

test('no field on any page is without words in either language', function (string $language) {
    (new DemoSeeder())->run();
    app()->setLocale($language);
    $labels = [];
    $read = function (Group ...$groups) use (&$labels): void {
        foreach ($groups as $group) {
            array_push(
                $labels,
                $group->title,
                $group->note,
                ...array_keys($group->links),
                ...array_map(fn (Row $row) => $row->label, $group->rows),
            );
            foreach (array_merge(...array_map(fn (Row $row) => $row->fields, $group->rows)) as $field) {
                assert($field instanceof Field);
                array_push($labels, $field->label, $field->caption, ...array_values($field->options));
            }
        }
    };
    foreach (Doorway::query()->with('revision')->get() as $doorway) {
        $setout = $doorway->setout(null);
        foreach (Station::cases() as $station) {
            $read(...$station->groups($setout, [], Items::named('', $setout->document), 1));
        }
        if ($setout->plan !== null) {
            $read(
                ...(new MarkingForm($doorway, null))->groups(),
                ...(new SureForm($doorway, null))->groups(),
                ...(new SizeCardForm($doorway, null))->groups(),
            );
        }
    }
    $read(...(new KitForm(ShelfKit::query()->firstOrFail(), null))->groups());
    $unsaid = array_filter(
        $labels,
        fn (string $label) => preg_match(
            '/^(fields|captions|answers|bench|groups|rows|notes|links|offers)\.|:[a-z]|survey |brief |kit\./',
            $label,
        ) === 1,
    );

    expect(count($labels))->toBeGreaterThan(500)->and(array_values(array_unique($unsaid)))->toBe([]);
})->with(['en', 'es']);

test('every step says what is done, on which card, with what in hand', function (StepKind $kind) {
    $step = new Step($kind->value, 1, 0, 'wall', []);

    expect(StepWords::step($step))
        ->toMatch('/^[A-Z]/')
        ->not->toContain('steps.')
        ->and(StepWords::card($kind->card()))
        ->not->toContain('steps.')
        ->and($kind->isAtTheDesk() || StepWords::tools($step) !== [])
        ->toBeTrue();
})->with(fn () => array_column(StepKind::cases(), null, 'value'));

test('a step of one leaf, or of one coat, says so', function () {
    expect(StepWords::named('coat-leaf.left.2'))
        ->toBe(StepWords::kind(StepKind::CoatLeaf).', left, coat 2')
        ->and(StepWords::named('not a step'))
        ->toBe('not a step');
});

test('what a step waits for is said in hours or minutes', function () {
    expect(StepWords::after(new After('coat-leaf.1', 'dry', 240)))
        ->toContain('240 minutes')
        ->and(StepWords::after(new After('coat-leaf.2', 'cure', 960)))
        ->toContain('16 hours');
});

test('time is said in five minutes, and in half hours from an hour on', function (int $minutes, string $says) {
    expect(StepWords::about($minutes))->toBe($says);
})->with([[2, '5 min'], [33, '35 min'], [57, '55 min'], [60, '1 h'], [89, '1 ½ h'], [130, '2 h']]);

test('what a clearance hangs on has a name, be it a field or not', function (string $input) {
    expect(ClearanceWords::input($input, Document::of(['format' => 'yoke-line/doorway'])))->not->toContain('.')->not->toContain('_');
})->with(['leaf.width', 'leaf.height', 'hole.hanger', 'mark.yoke', 'mark.left.shut', 'survey.wall.ceiling', 'survey.opening.height[1]', 'survey.studs[2].x', 'kit.rail.height', 'brief.header.width']);

test('the name of a step goes into its box in the graph in either language', function (string $language, StepKind $kind) {
    app()->setLocale($language);

    expect(substr_count(wordwrap(StepWords::kind($kind), 26), "\n"))->toBeLessThan(2);
})->with(['en', 'es'])->with(fn () => array_column(StepKind::cases(), null, 'value'));
