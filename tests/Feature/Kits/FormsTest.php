<?php

declare(strict_types=1);

use App\Bench\Form;
use App\Bench\Group;
use App\Bench\Row;
use App\Kits\KitForm;
use App\Kits\PartForm;
use App\Models\ShelfKit;
use App\Models\ShelfPart;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

/* The sheets of a kit and of a part as forms: what was typed and could not be taken stays at its place, with why. */

/** @param  array<string, mixed>  $changes */
function kitForm(array $changes = [], array $refused = []): KitForm
{
    $file = Document::fromJson((string) file_get_contents(resource_path('kits/kits.json')));
    $kit = Document::fromJson((string) json_encode($file->get('kits')[0]));
    foreach ($changes as $place => $value) {
        $kit = $kit->with($place, $value);
    }

    return new KitForm(ShelfKit::place('Barn rail', $kit), null, $refused);
}

/** @param  array<string, mixed>  $sheet */
function partForm(array $sheet = [], array $refused = []): PartForm
{
    $part = Document::of(['units' => 'mm', ...$sheet]);

    return new PartForm(ShelfPart::place('Fin', LooseKind::cases()[0], $part), null, $refused);
}

/** @return array{string, ?string} what stands in a field, and what is said of it */
function standsAt(Form $form, string $place): array
{
    $field = Group::field($place, ...$form->groups()) ?? throw new RuntimeException("No field {$place}.");

    return [$form->value($field), $form->refusal($field)];
}

test('what was refused stands where it was typed, with why, and nowhere else', function (Form $form, string $other) {
    expect(standsAt($form, 'name'))->toBe(['Half a', 'Not so.'])
        ->and(standsAt($form, $other))->not->toContain('Half a')->not->toContain('Not so.');
})->with([
    'of a kit' => [fn () => kitForm(refused: ['name' => ['typed' => 'Half a', 'says' => 'Not so.']]), 'capacity_kg'],
    'of a part' => [fn () => partForm(refused: ['name' => ['typed' => 'Half a', 'says' => 'Not so.']]), 'price'],
]);

test('a number of a sheet that does not read says so at its place', function (Form $form, string $place) {
    expect(standsAt($form, $place)[1])->toBeString()->not->toBe('');
})->with([
    'of a kit' => [fn () => kitForm(['capacity_kg' => 'much']), 'capacity_kg'],
    'of a part' => [fn () => partForm(['price' => 'much']), 'price'],
]);

test('a number that does not read is not taken', function (Form $form, string $place) {
    $problems = [];
    try {
        $form->with($place, 'much');
    } catch (UnreadableFile $refused) {
        $problems = array_keys($refused->problems);
    }

    expect($problems)->toBe([$place]);
})->with([
    'of a kit' => [fn () => kitForm(), 'capacity_kg'],
    'of a part' => [fn () => partForm(), 'price'],
]);

test('a number that is emptied is taken out, and one that is typed is taken', function () {
    $form = partForm(['price' => 12]);

    expect($form->with('price', '')->get('price'))->toBeNull()
        ->and($form->with('price', '14')->get('price'))->toBe('14');
});

test('a field that no sheet has is none', function (Form $form) {
    expect(fn () => $form->with('colour', 'red'))->toThrow(UnreadableFile::class);
})->with(['a kit' => [fn () => kitForm()], 'a part' => [fn () => partForm()]]);

test('each guide of a kit has its numbers under it, and the next is begun by its style', function () {
    $guides = [(object) ['style' => 'fin', 'length' => 60]];
    $rows = array_merge(...array_map(fn (Group $group) => $group->rows, kitForm(['guides' => $guides])->groups()));
    $rows = array_filter($rows, fn (Row $row) => str_starts_with($row->fields[0]->place, 'guides['));

    expect(array_values(array_map(fn (Row $row) => [$row->fields[0]->place, $row->remove], $rows)))->toBe([
        ['guides[0].style', 'guides[0]'],
        ['guides[0].length', null],
        ['guides[0].blade_height', null],
        ['guides[0].blade_thickness', null],
        ['guides[0].cheek', null],
        ['guides[0].min_engagement', null],
        ['guides[1].style', null],
    ]);
});
