<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\Revision;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;

beforeEach(fn () => $this->seed(DemoSeeder::class));

function kilnRoom(): Doorway
{
    return Doorway::query()->where('name', 'Kiln room')->firstOrFail();
}

/** Posts a change as the bench does. @param  array<string, mixed>  $with */
function change(array $with, ?Doorway $doorway = null, string $station = 'leaf')
{
    $doorway ??= kilnRoom();

    return test()->post(route('changes', [$doorway, $station]), $with + ['base' => $doorway->revision_id], ['HX-Request' => 'true']);
}

test('each station shows verdict, drawing and numbers', function (string $station) {
    $this->get(route('bench', [kilnRoom(), $station]))->assertOk()->assertSee('Fits, once settled.')->assertSee('scene-elevation', false)->assertSee("2\u{202f}191");
})->with(['wall', 'leaf', 'rail']);

test('there is no station of another name', function () {
    $this->get('/doorways/'.kilnRoom()->id.'/roof')->assertNotFound();
});

test('a typed length is kept exactly, in the units of the document', function () {
    change(['place' => 'brief.rules.gap', 'value' => '1/2"'])->assertOk();

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('12.7');
});

test('a length typed in inches on the screen is read in inches', function () {
    $this->post('/editor', ['units' => 'in']);
    change(['place' => 'brief.rules.gap', 'value' => '1/2']);

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('12.7');
});

test('nothing typed lets a value go', function () {
    change(['place' => 'brief.rules.gap', 'value' => ''])->assertOk();

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBeNull();
});

test('what cannot be read changes nothing, is answered at its place and stays as typed', function (string $value, string $says) {
    change(['place' => 'survey.wall.to', 'value' => $value], station: 'wall')->assertOk()->assertSee($says)->assertSee('value="'.e($value).'"', false);

    expect(kilnRoom()->revision->number)->toBe(1);
})->with([['far', 'does not read as a length'], ['-5', 'must end to the right'], ['1000', 'reaches past the end of the wall'], ['<b>', 'does not read as a length']]);

test('a place that no field sets is refused', function () {
    change(['place' => 'format', 'value' => 'other'])->assertOk();

    expect(kilnRoom()->revision->document->get('format'))->toBe('yoke-line/doorway');
});

test('an unchanged value makes no revision', function () {
    change(['changes' => json_encode(['brief.rules.gap' => 12])])->assertOk();

    expect(kilnRoom()->revision->number)->toBe(1);
});

test('every change is a revision that says what and who', function () {
    $this->post('/editor', ['who' => 'Ines']);
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    $revision = kilnRoom()->revision;

    expect([$revision->number, $revision->what, $revision->who])->toBe([2, 'gap: 10', 'Ines']);
    $this->get(route('history', kilnRoom()))->assertSee('gap: 10')->assertSee('Ines');
});

test('a revision is never changed', function () {
    expect(fn () => kilnRoom()->revision->update(['what' => 'other']))->toThrow(LogicException::class);
});

test('undo, then another change, keeps the way not taken', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    $this->post(route('undo', kilnRoom()))->assertRedirect();
    change(['place' => 'brief.rules.gap', 'value' => '14']);

    expect(kilnRoom()->revisions()->pluck('what')->all())->toBe(['demo', 'gap: 10', 'gap: 14'])
        ->and(kilnRoom()->redo())->toBeFalse()
        ->and(kilnRoom()->undo())->toBeTrue()
        ->and(kilnRoom()->revision->number)->toBe(1);
});

test('undo at the first revision and redo at the last do nothing', function () {
    $this->post(route('undo', kilnRoom()))->assertRedirect();
    $this->post(route('redo', kilnRoom()))->assertRedirect();

    expect(kilnRoom()->revision->number)->toBe(1);
});

test('any earlier revision can be gone back to, as a new one', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    $first = kilnRoom()->revisions()->orderBy('number')->first();
    $this->post(route('history.goto', [kilnRoom(), $first]))->assertRedirect();

    expect(kilnRoom()->revision->number)->toBe(3)->and(kilnRoom()->revision->document->equals($first->document))->toBeTrue();
});

test('a revision of another doorway cannot be gone to', function () {
    $other = Revision::query()->where('doorway_id', '!=', kilnRoom()->id)->firstOrFail();

    $this->post(route('history.goto', [kilnRoom(), $other]))->assertNotFound();
});

test('changes by two at different places are both kept, and the second is told', function () {
    $opened = kilnRoom()->revision_id;
    change(['place' => 'brief.rules.gap', 'value' => '10', 'base' => $opened]);
    $this->flushSession();
    change(['place' => 'brief.rules.head_overlap', 'value' => '30', 'base' => $opened])->assertSee('changed gap meanwhile: 12 → 10');

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('10')
        ->and(kilnRoom()->revision->document->get('brief.rules.head_overlap'))->toBe('30');
});

test('one\'s own change is no news', function () {
    $opened = kilnRoom()->revision_id;
    change(['place' => 'brief.rules.gap', 'value' => '10', 'base' => $opened]);
    change(['place' => 'brief.rules.head_overlap', 'value' => '30', 'base' => $opened])->assertDontSee('meanwhile');
});

test('a change to a list that grew meanwhile is kept beside, not laid on another row', function () {
    $opened = kilnRoom()->revision_id;
    change(['place' => 'survey.studs[0]', 'remove' => 1, 'base' => $opened]);
    $this->flushSession();
    change(['place' => 'survey.studs[2].x', 'value' => '888', 'base' => $opened], station: 'wall')->assertSee('kept as revision 3');

    expect(kilnRoom()->revision->number)->toBe(2)
        ->and(Revision::query()->where('number', 3)->firstOrFail()->document->get('survey.studs[2].x'))->toBe('888');
});

test('a cure of the bench cures', function () {
    $loft = Doorway::query()->where('name', 'Packing loft')->firstOrFail();
    $this->get(route('bench', [$loft, 'rail']))->assertSee('data-code="headroom"', false);
    change(['changes' => json_encode(['brief.header.align' => 'rail-low', 'brief.leaf.height' => 'auto'])], $loft, 'rail')->assertDontSee('data-code="headroom"', false);
});

test('a number shows the sum it came from', function () {
    $this->get(route('why', [kilnRoom(), 'yoke_line']))->assertOk()->assertSeeInOrder(['Yoke line', 'floor gap', 'leaf height', 'rise']);
    $this->get(route('why', [kilnRoom(), 'nonsense']))->assertNotFound();
});

test('every number that the bench reads out can be asked why', function () {
    preg_match_all('#data-why="([^"]+)"#', (string) $this->get(route('numbers', kilnRoom()))->getContent(), $links);
    expect(count($links[1]))->toBeGreaterThan(20);
    foreach (array_unique($links[1]) as $link) {
        $this->get($link)->assertOk();
    }
});

test('a half-measured doorway has a bench but no sheet yet', function () {
    $room = Doorway::query()->where('name', 'Wedging room')->firstOrFail();

    $this->get(route('bench', [$room, 'leaf']))->assertOk()->assertSee('Not enough measured yet.')->assertSee('ceiling along the rail');
    $this->get(route('sheet', $room))->assertRedirect(route('bench', [$room, 'wall']));
});

test('the sheet tells marks, heights, sizes and cautions', function () {
    $this->get(route('sheet', kilnRoom()))->assertOk()->assertSeeInOrder(["2\u{202f}191", 'Up from the high spot', 'Along the wall: hook at the left corner', '671', 'Sizes', '965', 'Take care', 'known weight', 'Order of work']);
});

test('a page and a change take fewer than twelve queries', function () {
    $count = function (callable $request): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $request();

        return count(DB::getQueryLog());
    };

    expect($count(fn () => $this->get(route('bench', [kilnRoom(), 'leaf']))))->toBeLessThan(12)
        ->and($count(fn () => change(['place' => 'brief.rules.gap', 'value' => '10'])))->toBeLessThan(12);
});
