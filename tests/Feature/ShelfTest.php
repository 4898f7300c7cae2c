<?php

declare(strict_types=1);

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use App\Editing\Ledger;
use App\Http\Editor;
use App\Kits\KitForm;
use App\Models\Doorway;
use App\Models\ShelfKit;
use App\Models\WaitingNotice;
use App\Shelf;
use Illuminate\Http\UploadedFile;
use Tests\Demo;
use YokeLine\Format\KitReader;
use YokeLine\Measure\Length;

beforeEach(fn () => Demo::load());

test('the shelf shows every kit', function () {
    $this->get('/shelf')
        ->assertOk()
        ->assertSee('Flat bar 40, face strap')
        ->assertSee('Round bar 22, free brackets')
        ->assertSee('Its numbers agree.');
});

test('a height is kept as the sheet states it, and read from there', function (string $datum, int $rise) {
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'height.datum', 'value' => $datum])->assertOk();
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'height.value', 'value' => '110'])->assertOk();
    $sheet = ShelfKit::called('flat-40-strap')->document;

    expect($sheet->get('height'))
        ->toEqual((object) ['value' => '110', 'datum' => $datum])
        ->and($sheet->get('rise'))
        ->toBeNull()
        ->and(KitReader::sheet($sheet)->rise->toMm())
        ->toEqual($rise);
})->with([['hole', 110], ['rail-top', 90], ['rail-foot', 130], ['wheel-top', 46]]);

test('a height typed before the rail’s own is known means the same once it is', function () {
    $this->post('/shelf', ['name' => 'Barn 50', 'of' => 'flat-40-strap']);
    foreach (
        ['rail.height' => '', 'height.datum' => 'rail-top', 'height.value' => '70', 'rail.height ' => '50'] as $place => $value
    ) {
        $this->post('/shelf/barn-50/changes', ['place' => trim($place), 'value' => $value])->assertOk();
    }

    expect(KitReader::sheet(ShelfKit::called('barn-50')->document)->rise->toMm())->toEqual(45);
});

test('a height that would put the hole under the leaf’s top is refused at its field', function () {
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'height.datum', 'value' => 'rail-top'])->assertOk();
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'height.value', 'value' => '15'])
        ->assertOk()
        ->assertSee('Is the height given to another place of the rail?');

    expect(ShelfKit::called('flat-40-strap')->document->get('height.value'))->toBe(41);
});

test('a number that does not read is answered at its field and nothing is kept', function () {
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'rail.height', 'value' => 'tall'])
        ->assertOk()
        ->assertSee('“tall” is not a length');

    expect(ShelfKit::called('flat-40-strap')?->document->get('rail.height'))->toBe(40);
});

test('a kit from nothing says what its sheet still has to tell', function () {
    $this->followingRedirects()
        ->post('/shelf', ['name' => 'Barn 50'])
        ->assertOk()
        ->assertSee('Some numbers are still missing.')
        ->assertSee('Write a length here.');
});

test('a copy stands beside the one it was taken from', function () {
    $this->post('/shelf', ['name' => 'Flat bar 40, mine', 'of' => 'flat-40-strap'])->assertRedirect(
        '/shelf/flat-bar-40-mine',
    );

    expect(ShelfKit::called('flat-bar-40-mine')?->document->get('rise'))->toBe(41);
});

test('kits go out as a file that comes in again', function () {
    $file = $this->get('/shelf/kits.json')->assertOk()->getContent();
    $this->post('/shelf/bring-in', [
        'file' => UploadedFile::fake()->createWithContent('kits.json', (string) $file),
    ])->assertRedirect('/shelf');

    // The same kits are the same kits.
    expect(ShelfKit::query()->count())->toBe(8);
});

test(
    'a kit that differs from the one of its name stands beside it, and one that was gone comes back under its own',
    function () {
        $file = (string) $this->get('/shelf/kits.json')->getContent();
        ShelfKit::called('flat-40-strap')->delete();
        $this->post('/shelf/round-25-strap/changes', ['place' => 'capacity_kg', 'value' => '61']);
        $this->post('/shelf/bring-in', [
            'file' => UploadedFile::fake()->createWithContent('kits.json', $file),
        ])->assertRedirect('/shelf');

        expect(ShelfKit::called('flat-40-strap'))
            ->not->toBeNull()
            ->and(ShelfKit::query()->count())
            ->toBe(9)
            ->and((string) ShelfKit::called('round-25-strap')->document->get('capacity_kg'))
            ->toBe('61');
    },
);

test('a file of nonsense kits is refused with the place of each fault', function () {
    $json =
        '{"format": "yoke-line/kits", "version": 1, "kits": [{"id": "a", "name": "A", "hang": ["sideways"], "rise": -4}]}';
    $this->followingRedirects()
        ->post('/shelf/bring-in', ['file' => UploadedFile::fake()->createWithContent('kits.json', $json)])
        ->assertOk()
        ->assertSee('kits[0].hang[0]')
        ->assertSee('kits[0].rise');

    expect(ShelfKit::query()->count())->toBe(8);
});

test('a doorway keeps the kit it was planned with, and is told when the shelf’s changes', function () {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'height.value', 'value' => '50']);
    $this->app->forgetInstance(Shelf::class);

    $this->get("/doorways/{$doorway->id}/rail/stops")
        ->assertOk()
        ->assertSee("2\u{202f}191")
        ->assertSee('The kit on file has changed since');
    $this->post("/doorways/{$doorway->id}/rail/changes", [
        'changes' => '{"kit": null}',
        'base' => $doorway->revision_id,
    ])
        ->assertOk()
        ->assertSee("2\u{202f}200")
        ->assertDontSee('has changed since');
});

test(
    'of two who set one number of a kit the later stands, both are told, and what each set is written down',
    function () {
        $seen = (new Ledger('kit flat-40-strap', Editor::named('Any')))->seen();
        $set = fn (string $browser, string $who, string $value) => $this->withSession([
            'browser' => $browser,
            'who' => $who,
        ])
            ->post('/shelf/flat-40-strap/changes', ['place' => 'capacity_kg', 'value' => $value, 'seen' => $seen])
            ->assertOk();
        $set('desk', 'Ines', '90');
        $set('van', 'Tomas', '95');

        expect(ShelfKit::called('flat-40-strap')->document->get('capacity_kg'))
            ->toEqual(95)
            ->and(WaitingNotice::query()->where('browser', 'desk')->firstOrFail()->says->says())
            ->toBe('Tomas set capacity in kg of Flat bar 40, face strap to 95; you had 90.')
            ->and(WaitingNotice::query()->where('browser', 'van')->firstOrFail()->says->says())
            ->toContain('Ines had set capacity in kg of Flat bar 40, face strap to 90 in the meantime; yours, 95, is used.')
            ->and(
                array_map(
                    fn (array $edit) => array_slice($edit, 1),
                    (new Ledger('kit flat-40-strap', Editor::named('Any')))->last(),
                ),
            )
            ->toBe([['Tomas', 'capacity_kg', '90', '95'], ['Ines', 'capacity_kg', '80', '90']]);
    },
);

test('two who set two numbers of a kit both have theirs, and nobody is told anything', function () {
    $kit = ShelfKit::called('flat-40-strap');
    $this->withSession(['browser' => 'desk'])->post('/shelf/flat-40-strap/changes', [
        'place' => 'capacity_kg',
        'value' => '90',
        'seen' => 0,
    ]);
    $this->withSession(['browser' => 'van'])->post('/shelf/flat-40-strap/changes', [
        'place' => 'standoff',
        'value' => '33',
        'seen' => 0,
    ]);
    $now = $kit->refresh()->document;

    expect([$now->get('capacity_kg'), $now->get('standoff')])
        ->toEqual([90, 33])
        ->and(WaitingNotice::query()->count())
        ->toBe(0);
});

/** What a field of a sheet could be told, each in its own way. */
function toldAt(Field $field): string
{
    return match ($field->kind) {
        'length' => '57',
        'lengths' => '1900, 2300',
        'amount' => '66',
        'text' => 'Flat bar of ours',
        default => strval(array_keys($field->options)[array_key_last(array_keys($field->options))]),
    };
}

/** @return list<Field> */
function fieldsOf(string $kit): array
{
    $rows = array_merge(...array_map(
        fn (Group $group) => $group->rows,
        (new KitForm(ShelfKit::called($kit), null))->groups(),
    ));

    return array_merge(...array_map(fn (Row $row) => $row->fields, $rows));
}

test('whatever is told at a field of a sheet is kept and stands there, or is refused at that field', function (string $kit) {
    $as = ShelfKit::called($kit)->document;
    $kept = 0;
    foreach (fieldsOf($kit) as $field) {
        $answer = $this->post("/shelf/{$kit}/changes", ['place' => $field->place, 'value' => toldAt($field)])->assertOk();
        $now = ShelfKit::called($kit)->document;
        $isRefused = str_contains((string) $answer->getContent(), "id=\"{$field->id()}-says\"");
        expect($isRefused)->toBe($now->equals($as) && $isRefused, "{$field->place} is kept and refused");
        $kept += $isRefused ? 0 : 1;
        $isRefused || expect(json_encode($now->get($field->place)))
            ->not->toBe('null', "{$field->place} is not kept");
        ShelfKit::called($kit)->update(['document' => $as, 'name' => (string) $as->get('name')]);
    }

    expect($kept)->toBeGreaterThan(40);
})->with(['flat-40-strap', 'round-25-strap']);

test('what is taken out of a sheet is missed where nothing can be planned without', function () {
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'rail.height', 'value' => ''])
        ->assertOk()
        ->assertSee('Some numbers are still missing.')
        ->assertSee('href="#f-rail-height"', false);

    expect(app(Shelf::class)->kits())->not->toHaveKey('flat-40-strap');
});

test('the same height is shown to the hole, to the rail’s top and to its foot', function () {
    $kit = KitReader::sheet(ShelfKit::called('flat-40-strap')->document);
    $shown = array_map(fn (Length $one) => "<td>{$one->toMm()}</td>", [
        $kit->rise, $kit->rise->plus($kit->rail->height->half()), $kit->topGapAsMade(),
    ]);

    $this->get('/shelf/flat-40-strap')->assertSeeInOrder($shown, false);
});

test('a kit without a name is refused in a sentence', function () {
    $count = ShelfKit::query()->count();
    $this->post('/shelf', ['name' => ' '])->assertSessionHasErrors(['name' => __('refusals.kit-needs-name')]);

    expect(ShelfKit::query()->count())->toBe($count);
});

test('a kit that is not on the shelf is not found', function () {
    $this->get('/shelf/no-such')->assertNotFound();
    $this->post('/shelf/no-such/changes', ['place' => 'rail.height', 'value' => '40'])->assertNotFound();
});

test('a kit that is named anew keeps its address', function () {
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'name', 'value' => 'Flat bar, the long one'])->assertOk();

    $this->get('/shelf')
        ->assertSee('Flat bar, the long one')
        ->assertSee('href="'.route('shelf.kit', 'flat-40-strap').'"', false);
});
