<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\ItemIds;
use YokeLine\Format\OldKeys;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\Plan;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

const SHUT = ['brief.ends.shut.by' => 'wall-buffer'];

/** The kiln room with its leaf 40 from the corner at its left, shut. */
function inCorner(array $changes = []): Plan
{
    return Doorways::plan('kiln-room', ['survey.wall.from' => 817, ...$changes]);
}

/** @return list<string> */
function codesOf(array $changes): array
{
    return array_map(
        fn (Finding $finding) => $finding->code->value,
        Doorways::setout('kiln-room', $changes)->findings,
    );
}

/** @return array<string, float> how many, by kind */
function boughtFor(Plan $plan): array
{
    $lines = array_filter(
        Materials::of($plan),
        fn (Material $line) => str_contains($line->id->kind->value, 'buffer') ||
            $line->id->kind->value === 'edge-rubber',
    );

    return array_column(
        array_map(fn (Material $line) => [$line->id->kind->value, $line->count], array_values($lines)),
        1,
        0,
    );
}

test('a buffer stands at the edge of the leaf, a stop at its own face', function () {
    $edge = inCorner(SHUT)->layout->stops['closed']->total;

    expect($edge->toMm())
        ->toBe(inCorner(SHUT)->layout->shut()->low->toMm())
        ->and(inCorner()->layout->stops['closed']->total->equals($edge))
        ->toBeFalse();
});

test('the rail carries no stop where a buffer ends the travel', function () {
    [$stop, $buffer] = [inCorner(), inCorner(SHUT)];
    $marks = fn (Plan $plan) => array_map(fn (TapeMark $mark) => (string) $mark->id, Tapes::rail($plan));
    $body = $stop->kit->stop->body;

    expect($buffer->layout->leastRail()->low->equals($stop->layout->leastRail()->low->plus($body)))
        ->toBeTrue()
        ->and($marks($buffer))
        ->not->toContain('stop-shut')
        ->and($marks($stop))
        ->toContain('stop-shut')
        ->and(count($buffer->stopBodies()))
        ->toBe(count($stop->stopBodies()) - 1);
});

test('what hangs it, and what is in the box, follow', function () {
    $steps = fn (Plan $plan) => array_map(fn (Step $step) => $step->kind()->value, Order::of($plan)->steps);
    $stops = fn (Plan $plan) => BoxCheck::of($plan)[3][0];

    expect($steps(inCorner(SHUT)))
        ->toContain('buffer')
        ->and($steps(inCorner()))
        ->not->toContain('buffer')
        ->and($stops(inCorner()) - $stops(inCorner(SHUT)))
        ->toBe(1);
});

test('a buffer takes its own thickness off the travel, nothing more', function () {
    $plan = Doorways::plan(changes: ['survey.wall.to' => 2700, 'brief.ends.open.by' => 'wall-buffer']);

    expect($plan->layout->runs['leaf']->open()->high->toMm())->toBe(2685.0);
});

test('a leaf over 2200 high knocks on a second buffer, as far under its top', function (float $height, array $at) {
    $plan = inCorner([...SHUT, 'brief.leaf.height' => $height]);
    $top = $plan->heights->leafTop()->toMm();

    expect(array_map(fn (Length $up) => $up->toMm(), Buffer::of($plan)[0]->heights))->toBe(
        array_map(fn (int $up) => $up < 0 ? $top + $up : (float) $up, $at),
    );
})->with([[2200, [150]], [2201, [150, -150]]]);

test('a buffer is fixed as high as it is said', function () {
    expect(Buffer::of(inCorner([...SHUT, 'brief.ends.shut.at' => 400]))[0]->heights[0]->toMm())->toBe(400.0);
});

test('what is between the buffer and what carries it is packed', function (int $from, ?float $packing) {
    $buffer = Buffer::of(Doorways::plan(changes: [...SHUT, 'survey.wall.from' => $from]))[0];

    expect($buffer->carrier === null ? null : $buffer->packing()->toMm())->toBe($packing);
})->with([
    'touching' => [842, 0.0],
    '40 off' => [817, 25.0],
    '60 off' => [797, 45.0],
    '61 off' => [796, null],
]);

test('a half wall carries one where it reaches as far out as the leaf and as high', function (
    array $changed,
    bool $carries,
) {
    $halfWall = ['kind' => 'half-wall', 'x' => [780, 830], 'y' => [0, 1100], 'projection' => 120, ...$changed];
    $plan = Doorways::plan(changes: [...SHUT, 'survey.obstacles' => [$halfWall]]);

    expect(Buffer::of($plan)[0]->carrier !== null)->toBe($carries);
})->with([
    'as it is' => [[], true],
    'too low' => [['y' => [0, 120]], false],
    'behind the leaf' => [['projection' => 10], false],
    'too far off' => [['x' => [700, 790]], false],
]);

test('rubber, screws and packing are bought, twice for two heights', function () {
    expect(boughtFor(inCorner(SHUT)))
        ->toEqual(['buffer' => 1, 'buffer-screw' => 2, 'edge-rubber' => 1, 'buffer-packing' => 1])
        ->and(boughtFor(inCorner([...SHUT, 'brief.leaf.height' => 2250])))
        ->toEqual(['buffer' => 2, 'buffer-screw' => 4, 'edge-rubber' => 2, 'buffer-packing' => 2])
        ->and(boughtFor(inCorner()))
        ->toBe([]);
});

test('a return of masonry takes plugs', function () {
    $lining = ['survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 0], 'brief.backing' => 'masonry'];

    expect(boughtFor(inCorner([...SHUT, ...$lining])))->toHaveKey('buffer-plug');
});

test('a leaf of a pair may end otherwise than the other', function () {
    $plan = Doorways::plan('map-archive', [
        'brief.ends.open.by' => 'wall-buffer',
        'brief.ends.left.open.by' => 'stop',
    ]);

    expect(array_map(fn (Buffer $buffer) => "{$buffer->leaf} {$buffer->way}", Buffer::of($plan)))->toBe(['right open']);
});

test('a travel that nothing ends stops the work, and one cure ends it', function () {
    $setout = Doorways::setout('kiln-room', ['brief.ends.open.by' => 'none']);
    $found = array_values(array_filter($setout->findings, fn ($finding) => $finding->code->value === 'runs-off'))[0];

    expect($found->severity->value)
        ->toBe('stop')
        ->and(array_map(fn (Cure $cure) => $cure->changes, $found->cures))
        ->toBe([['brief.ends.open.by' => 'stop']]);
});

test('a buffer with nothing to carry it is told, and a wall that ends in the open carries none', function () {
    $close = [...SHUT, 'survey.wall.from' => 817];

    expect(codesOf(SHUT))
        ->toContain('buffer-far')
        ->and(codesOf($close))
        ->not->toContain('buffer-far')
        ->and(codesOf([...$close, 'survey.wall.ends.left' => 'open']))
        ->toContain('buffer-far');
});

test('where a stop has no room in the corner a buffer is offered', function () {
    $setout = Doorways::setout('kiln-room', ['survey.wall.from' => 837]);
    $found = array_values(array_filter($setout->findings, fn ($finding) => $finding->code->value === 'shut-room'))[0];

    expect(array_map(fn (Cure $cure) => $cure->changes, $found->cures))->toContain([
        'brief.ends.shut.by' => 'wall-buffer',
    ]);
});

test('a document from before says the same with its old key', function () {
    $old = Doorways::document('kiln-room', ['brief.rules.open_end' => 'buffer']);
    $renewed = OldKeys::renewed($old);

    expect($renewed->get('brief.ends.open.by'))
        ->toBe('wall-buffer')
        ->and($renewed->get('brief.rules.open_end'))
        ->toBeNull()
        ->and(DoorwayReader::read($old)->brief->ends->by('leaf', 'open')->value)
        ->toBe('wall-buffer')
        ->and(ItemIds::given($old)->get('brief.rules.open_end'))
        ->toBeNull();
});

test('an end that was said since is not overruled by the old key', function () {
    $both = Doorways::document('kiln-room', ['brief.rules.open_end' => 'buffer', 'brief.ends.open.by' => 'stop']);

    expect(OldKeys::renewed($both)->get('brief.ends.open.by'))->toBe('stop');
});
