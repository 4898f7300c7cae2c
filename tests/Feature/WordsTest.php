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
use App\Words\FieldWords;
use Database\Seeders\DemoSeeder;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;

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

    expect(array_keys($spanish))->toBe(array_keys($english))
        ->and(array_map(placeholdersIn(...), $spanish))->toBe(array_map(placeholdersIn(...), $english));
})->with('books');

test('no book of one language is missing in the other', function () {
    $books = fn (string $language) => array_map(basename(...), glob(lang_path("{$language}/*.php")) ?: []);

    expect($books('es'))->toBe($books('en'));
});

test('every field of the catalogue has a name', function () {
    expect(array_filter(array_keys(Catalog::whole()->fields), fn (string $path) => ! FieldWords::isNamed($path)))->toBe([]);
});

test('every answer has words', function (string $path) {
    $field = Catalog::whole()->at($path);
    $wanted = $field->type === FieldType::Flag ? ['no', 'yes'] : $field->answers;

    expect(array_diff($wanted, array_keys(FieldWords::answers($path))))->toBe([]);
})->with(fn () => array_keys(array_filter(Catalog::whole()->fields, fn ($field) => in_array($field->type, [FieldType::Choice, FieldType::Flag], true))));

test('no field on any page is without words in either language', function (string $language) {
    (new DemoSeeder)->run();
    app()->setLocale($language);
    $labels = [];
    $read = function (Group ...$groups) use (&$labels): void {
        foreach ($groups as $group) {
            array_push($labels, $group->title, $group->note, ...array_keys($group->links), ...array_map(fn (Row $row) => $row->label, $group->rows));
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
            $read(...(new MarkingForm($doorway, null))->groups(), ...(new SureForm($doorway, null))->groups(), ...(new SizeCardForm($doorway, null))->groups());
        }
    }
    $read(...(new KitForm(ShelfKit::query()->firstOrFail(), null))->groups());
    $unsaid = array_filter($labels, fn (string $label) => preg_match('/^(fields|captions|answers|bench|groups|rows|notes|links|offers)\.|:[a-z]|survey |brief |kit\./', $label) === 1);

    expect(count($labels))->toBeGreaterThan(500)->and(array_values(array_unique($unsaid)))->toBe([]);
})->with(['en', 'es']);
