<?php

declare(strict_types=1);

use App\Bench\Field;
use App\Bench\Form;
use App\Bench\Group;
use App\Fitting\SizeCardForm;
use App\Kits\KitForm;
use App\Kits\PartForm;
use App\Marking\LineForm;
use App\Marking\MarkingForm;
use App\Marking\SureForm;
use App\Models\ShelfKit;
use App\Models\ShelfPart;
use App\Words\ClearanceWords;
use App\Words\Speaker;
use Tests\Begun;
use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\FormInShort;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Tolerance\Clearance;

/* Forms beside the bench: kits and parts of the shelf, marking out, plus-minus, the size card. */

beforeEach(fn () => request()->setLaravelSession(app('session.store')));

/** A kit of the demo on the shelf of this house. */
function shelfKit(string $id): ShelfKit
{
    return ShelfKit::called($id) ?? throw new RuntimeException("There is no {$id}.");
}

function shelfPart(LooseKind $kind, array $sheet = []): ShelfPart
{
    return ShelfPart::place('Made-up part', $kind, Document::of(['units' => 'mm', ...$sheet]));
}

/** @return list<string> */
function kitIds(): array
{
    return array_keys(Doorways::kits());
}

test('the sheet of a kit shows what was approved', function (string $id) {
    $form = new KitForm(shelfKit($id), null);
    Approved::holds("Forms/kits/{$id}", [
        'sheet' => FormInShort::of($form),
        'found' => array_map(
            fn (Finding $finding) => Speaker::in($form->write)->say($finding->says()),
            $form->findings(),
        ),
        'drawing' => FormInShort::mark($form->drawing()),
    ]);
})->with(kitIds());

test('a kit that is looked at in the other unit says its numbers in it, and what was stated beside', function () {
    $form = new KitForm(shelfKit('flat-40-strap'), Unit::Inch);
    Approved::holds('Forms/kits/flat-40-strap in inches', FormInShort::of($form));
});

test('a number of a kit that is typed as it stands there is the same number', function (string $id) {
    $row = shelfKit($id);
    $shown = FormInShort::of(new KitForm($row, null));
    $changed = [];
    foreach (FormInShort::fields($form = new KitForm($row, null)) as $field) {
        $value = $form->value($field);
        if ($value !== '') {
            $typed = clone $row;
            $typed->document = $form->with($field->place, $value);
            FormInShort::of(new KitForm($typed, null)) === $shown || ($changed[] = $field->place);
        }
    }

    expect($changed)->toBe([]);
})->with(kitIds());

test('what no kit can have is refused at its place, and the sheet stays', function (string $place, string $said) {
    $row = shelfKit('flat-40-strap');
    $before = $row->document->toJson();
    $refused = null;
    try {
        (new KitForm($row, null))->with($place, $said);
    } catch (UnreadableFile $problem) {
        $refused = $problem->problems;
    }

    expect(array_keys((array) $refused))->toBe([$place])->and($row->document->toJson())->toBe($before);
})->with([
    'no length' => ['rail.height', 'high'],
    'nothing of a kit' => ['moon', '1'],
    'less than nothing' => ['rail.height', '-4'],
    'no amount' => ['capacity_kg', 'heavy'],
]);

test('a part of the shelf shows what is asked of its kind', function (LooseKind $kind) {
    Approved::holds("Forms/parts/{$kind->value}", FormInShort::of(new PartForm(shelfPart($kind), null)));
})->with(LooseKind::cases());

test('a number of a part is kept in its own unit, whichever it is looked at in', function () {
    $part = shelfPart(LooseKind::Board);
    $lengths = array_values(array_filter(
        FormInShort::fields(new PartForm($part, null)),
        fn (Field $field) => $field->kind === 'length',
    ));
    $typed = (new PartForm($part, Unit::Inch))->with($lengths[0]->place, '2');

    expect($lengths)->not->toBe([])
        ->and(LengthReader::read($typed->get($lengths[0]->place), Unit::Millimetre)->toMm())->toBe(50.8)
        ->and((new PartForm($part, null))->with($lengths[0]->place, '')->get($lengths[0]->place))->toBeNull();
});

test('what no part can have is refused at its place', function (string $place, string $said) {
    (new PartForm(shelfPart(LooseKind::Board), null))->with($place, $said);
})->with([['moon', '1'], ['name.moon', 'x']])->throws(UnreadableFile::class);

/** @return array<string, Closure(App\Models\Doorway, ?Unit): Form> */
function doorwayForms(): array
{
    return [
        'marking' => fn ($doorway, $units) => new MarkingForm($doorway, $units),
        'line' => fn ($doorway, $units) => new LineForm($doorway, $units),
        'sure' => fn ($doorway, $units) => new SureForm($doorway, $units),
        'size card' => fn ($doorway, $units) => new SizeCardForm($doorway, $units),
    ];
}

test('forms of a doorway show what was approved', function (string $kind, ?Unit $units) {
    $doorway = Begun::doorway($kind);
    $shown = array_map(fn (Closure $form) => FormInShort::of($form($doorway, $units)), doorwayForms());
    Approved::holds("Forms/{$kind} ".($units->value ?? 'as it is'), $shown);
})->with([
    ['kiln-room', null], ['kiln-room', Unit::Inch], ['slip-store, two that pass', null], ['map-archive', null],
    ['in drying-loft', null], ['in drying-loft', Unit::Millimetre], ['loading-bay', null],
]);

test('a doorway that is marked out by laser is asked for its height', function () {
    $places = fn (array $changes) => array_map(
        fn (Field $field) => $field->place,
        FormInShort::fields(new MarkingForm(Begun::doorway('kiln-room', $changes), null)),
    );

    expect($places([]))->not->toContain('marking.laser')
        ->and($places(['brief.rules.heights' => 'laser']))->toContain('marking.laser');
});

test('the least sure clearance stands first, and the sure ones are not among those that errors eat up', function () {
    $form = new SureForm(Begun::doorway('kiln-room', ['marking.plus_minus.tape' => 6]), null);
    $spare = array_map(fn (Clearance $row) => ($row->spare() ?? 0) - $row->rss, $form->rows());
    $sorted = $spare;
    sort($sorted);

    expect($spare)->toBe($sorted)->and($spare)->not->toBe([])
        ->and(array_map(fn (Clearance $row) => ClearanceWords::row($row->name), $form->unsure()))->not->toBe([])
        ->and(array_filter($form->unsure(), fn (Clearance $row) => $row->verdict() === 'sure'))->toBe([])
        ->and(count($form->unsure()))->toBeLessThanOrEqual(count($form->rows()));
});

test('plus-minus is said to the half millimetre', function () {
    $form = new SureForm(Begun::doorway('kiln-room'), null);
    $leaf = Group::field('marking.plus_minus.leaf', ...$form->groups());

    expect($form->grey($leaf))->toBe('1.5')->and((new LengthWriter(Unit::Millimetre))->unit)->toBe($form->unit());
});

test('a pair is held against two leaves in hand, one leaf against one', function () {
    $groups = fn (string $kind) => array_map(
        fn (Group $group) => $group->key,
        (new SizeCardForm(Begun::doorway($kind), null))->groups(),
    );

    expect($groups('kiln-room'))->toBe(['in-hand', 'in-hand-solid'])
        ->and($groups('slip-store, two that pass'))->toBe(['in-hand-first', 'in-hand-second', 'in-hand-solid']);
});
