<?php

declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\Group;
use App\Bench\Offer;
use App\Bench\Station;
use App\Files\FirmArchive;
use App\Models\Doorway;
use App\Models\ShelfPart;
use App\Shelf;
use Tests\Demo;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
});

/** The shelf as the next request finds it. */
function lookAgain(): void
{
    app()->forgetInstance(Shelf::class);
}

/** @return array<string, array<string, mixed>> what is offered at a station, by what it says */
function offered(Doorway $doorway, Station $station): array
{
    lookAgain();
    test()->get(route($station->page(), $doorway))->assertOk();
    $offers = array_merge(
        ...array_map(fn (Group $group) => $group->offers, (new Bench($doorway, $station, null))->groups()),
    );

    return array_column(array_map(fn (Offer $offer) => [$offer->says, $offer->changes], $offers), 1, 0);
}

test('a part is begun by kind and name, and told number by number', function () {
    $this->post('/shelf/parts', ['kind' => 'board', 'name' => 'Larch 200'])->assertRedirect('/shelf/parts/larch-200');
    $this->post('/shelf/parts/larch-200/changes', ['place' => 'board.width', 'value' => '200'])->assertOk();
    $this->post('/shelf/parts/larch-200/changes', ['place' => 'board.thickness', 'value' => '32'])->assertOk();

    expect(offered($this->doorway, Station::Rail)['Larch 200'])->toBe([
        'brief.header.width' => '200',
        'brief.header.thickness' => '32',
    ]);
});

test('a part without a name, or of a kind that there is not, is refused in a sentence', function (array $said) {
    $this->post('/shelf/parts', $said)->assertSessionHasErrors();
    expect(ShelfPart::query()->where('name', '')->exists())->toBeFalse();
})->with([[['kind' => 'board', 'name' => '']], [['kind' => 'wheel', 'name' => 'Wheel']]]);

test('a number that does not read is refused at its place, and what stood stays', function () {
    $this->post('/shelf/parts/floor-fin-40/changes', ['place' => 'guide.length', 'value' => 'about four'])
        ->assertOk()
        ->assertSee('about four');

    expect(ShelfPart::query()->where('key', 'floor-fin-40')->firstOrFail()->document->get('guide.length'))->toBe(40);
});

test('every part has a page', function (string $key) {
    $part = ShelfPart::query()->where('key', $key)->firstOrFail();

    $this->get("/shelf/parts/{$key}")->assertOk()->assertSee($part->name);
    $this->get('/shelf/parts')->assertOk()->assertSee($part->name);
})->with(['floor-fin-40', 'bar-handle-300', 'sleeve-anchor-10', 'planed-board-140-38']);

test('a guide of the shelf is the one that a house takes beside the kit’s', function () {
    $this->post('/shelf/parts/wall-roller-36/changes', ['place' => 'guide.length', 'value' => '52'])->assertOk();
    lookAgain();
    $document = $this->doorway->revision->document->with('brief.rules.guide', 'roller');
    $guide = $this->doorway->plan($document)->plan?->kit->guide;

    expect($guide?->length->toMm())->toBe(52.0)->and($guide?->isBought)->toBeTrue();
});

test('a handle of the shelf is offered for either side', function () {
    $offers = offered($this->doorway, Station::Leaf);

    expect($offers['Bar handle 300, front']['brief.pulls.front.projection'])
        ->toBe('45')
        ->and($offers['Bar handle 300, wall side']['brief.pulls.wall.height'])
        ->toBe('300');
});

test('what the shelf keeps in millimetres is offered to a doorway in inches as the same length', function () {
    $inches = Doorway::query()->where('name', 'Glaze store')->firstOrFail();
    $width = offered($inches, Station::Leaf)['Bar handle 300, front']['brief.pulls.front.width'];

    expect($width)->toContain('24 mm');
});

test('a part that is taken off is offered no more', function () {
    $this->delete('/shelf/parts/planed-board-140-38')->assertRedirect('/shelf/parts');

    expect(array_keys(offered($this->doorway, Station::Rail)))->not->toContain('Planed board 140 × 38');
});

test('a house goes out with its parts and comes back with them', function () {
    ShelfPart::place('Shop fin', LooseKind::Guide, Document::of(['units' => 'mm', 'guide' => ['length' => 61]]));
    $path = FirmArchive::write();
    ShelfPart::query()->delete();
    FirmArchive::read($path);

    expect(ShelfPart::query()->where('name', 'Shop fin')->firstOrFail()->document->get('guide.length'))->toBe(61);
});

test('a file of parts of which one does not read brings none', function () {
    $count = ShelfPart::query()->count();
    $file = Document::of([
        'format' => 'yoke-line/parts',
        'version' => 1,
        'parts' => [
            ['kind' => 'board', 'name' => 'Good', 'board' => ['width' => 90]],
            ['kind' => 'guide', 'name' => 'Bad', 'guide' => ['length' => 'long']],
        ],
    ]);

    expect(fn () => ShelfPart::bringIn($file))
        ->toThrow(UnreadableFile::class)
        ->and(ShelfPart::query()->count())
        ->toBe($count);
});
