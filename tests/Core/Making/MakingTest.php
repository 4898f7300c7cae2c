<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Tests\Core\Support\Doorways;
use YokeLine\Doorway\Made\Board;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Making\Boards;
use YokeLine\Making\Courses;
use YokeLine\Making\Evenly;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Placed;
use YokeLine\Making\Sizes;
use YokeLine\Making\Zone;
use YokeLine\Marks\Drilling;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Work\Order;

uses(TestTrait::class);

const SILENT = ['brief.leaf.thickness' => null, 'brief.leaf.stile' => null, 'brief.leaf.mass_kg' => null];

/** @param  array<string, mixed>  $made  below `brief.leaf.made` */
function planBuilt(array $made, array $more = []): Plan
{
    return Doorways::plan('kiln-room', [...SILENT, 'brief.leaf.made' => Doorways::plain($made), ...$more]);
}

/** @param  array<string, mixed>  $made */
function leafBuilt(array $made, array $more = []): LeafMade
{
    return planBuilt($made, $more)->making->leaf ?? throw new RuntimeException('It is not built.');
}

/** @return list<string> */
function faultsOf(LeafMade $leaf): array
{
    return array_column($leaf->faults, 'code');
}

/** @return list<string> what an inspection says of a leaf that is built */
function foundOf(array $made, array $more = []): array
{
    $setout = Doorways::setout('kiln-room', [...SILENT, 'brief.leaf.made' => Doorways::plain($made), ...$more]);

    return array_map(fn (Finding $finding) => $finding->code->value, $setout->findings);
}

test('boards and their gaps come to the width, however wide it is', function () {
    $this->forAll(Generators::choose(200, 2400), Generators::choose(45, 220), Generators::choose(2, 12))->then(
        function (int $wide, int $covers, int $gap) {
            $board = new Board(Length::mm($covers), Length::mm(20), Length::zero(), 'larch');
            $boards = Boards::over(Length::mm($wide), $board, Length::mm($gap)->half(), new Sizes(Unit::Millimetre), 'board');
            $at = $boards->at;

            expect($at[0]->low->nm)->toBe(0)->and($at[count($at) - 1]->high->nm)->toBe(Length::mm($wide)->nm);
            foreach (array_slice($at, 1) as $i => $next) {
                expect(abs($next->low->minus($at[$i]->high)->nm - Length::mm($gap)->half()->nm))->toBeLessThan(2);
            }
            expect($at[0]->length()->nm)->toBe($at[count($at) - 1]->length()->nm);
        },
    );
});

test('courses at 45 degrees cover an opening, but for their gaps', function () {
    $this->forAll(Generators::choose(200, 900), Generators::choose(200, 1900), Generators::choose(50, 150))->then(
        function (int $a, int $b, int $covers) {
            $board = new Board(Length::mm($covers), Length::mm(12), Length::zero(), 'larch');
            $courses = Courses::over(
                Length::mm($a),
                Length::mm($b),
                $board,
                Length::zero(),
                new Sizes(Unit::Millimetre),
                'infill',
            )->courses;
            // An edge is as long as the opening there: between two edges what is covered is their mean, and the corner.
            $steps = 4000;
            $covered = 0.0;
            $half = ($a + $b) / sqrt(8);
            for ($i = 0; $i < $steps; $i++) {
                $s = -$half + (2 * $half * ($i + 0.5)) / $steps;
                $long = min($a / M_SQRT2 - $s, $b / M_SQRT2 + $s) + min($a / M_SQRT2 + $s, $b / M_SQRT2 - $s);
                $covered += max(0.0, $long) * ((2 * $half) / $steps);
            }

            expect($covered)->toEqualWithDelta($a * $b, $a * $b * 0.001)
                ->and($courses[0]->low)->toEqualWithDelta(-$half, 0.001)
                ->and($courses[count($courses) - 1]->high)->toEqualWithDelta($half, 0.001);
            foreach ($courses as $course) {
                expect($course->edges[0]->nm)->toBeLessThanOrEqual($course->edges[1]->nm)
                    ->and($course->edges[1]->nm)->toBeLessThanOrEqual($course->long->nm + 1);
            }
        },
    );
});

test('what is evenly placed stands no further apart than wanted, and is never fewer than two', function () {
    $this->forAll(Generators::choose(50, 4000), Generators::choose(10, 150), Generators::choose(50, 700))->then(
        function (int $long, int $first, int $apart) {
            $at = Evenly::along(Length::mm($long), Length::mm($first), Length::mm($apart));

            expect(count($at))->toBeGreaterThanOrEqual(2);
            foreach (array_slice($at, 1) as $i => $next) {
                expect($next->minus($at[$i])->nm)->toBeLessThanOrEqual(Length::mm($apart)->nm + 1);
            }
        },
    );
});

test('a rectangle is inside two that share an edge, and not where a gap is between them', function (int $gap, bool $in) {
    $zone = fn (int $from, int $to) => new Zone(
        'stile',
        new Span(Length::mm($from), Length::mm($to)),
        new Span(Length::zero(), Length::mm(100)),
    );

    expect($zone(10, 90)->isIn([$zone(0, 50), $zone(50 + $gap, 100)]))->toBe($in);
})->with([[0, true], [1, false]]);

test('a leaf that is built says itself how thick it is', function (array $made, int $thick) {
    expect(planBuilt($made)->thickness->nm)->toBe(Length::mm($thick)->nm);
})->with([
    'boards on ledges' => [['way' => 'planked', 'board' => ['thickness' => 22], 'ledge' => ['thickness' => 18]], 40],
    'a frame on strips and a back' => [['way' => 'framed'], 38],
    'glazed' => [['way' => 'glazed', 'frame' => ['thickness' => 42]], 42],
]);

test('what the brief says of its thickness wins, and is told where it comes out otherwise', function () {
    expect(foundOf(['way' => 'glazed', 'frame' => ['thickness' => 42]], ['brief.leaf.thickness' => 40]))->toContain(
        'made-thickness',
    );
});

test('a weighed leaf weighs what it was weighed, whatever it is built of', function () {
    $plan = planBuilt(['way' => 'framed'], ['brief.leaf.mass_kg' => 33.5]);

    expect($plan->mass->kg)->toBe(33.5)->and($plan->making->leaf->kg ?? 0.0)->not->toBe(33.5);
});

test('what is found of a leaf that is built', function (array $made, string $code) {
    expect(foundOf($made))->toContain($code);
})->with([
    'wet wood' => [['way' => 'planked', 'moisture' => 16], 'wood-wet'],
    'a short tongue' => [
        ['way' => 'planked', 'setting' => 'damp', 'species' => 'red-oak', 'board' => ['width' => 180, 'tongue' => 5]],
        'tongue-short',
    ],
    'wide boards with no tongue' => [
        ['way' => 'planked', 'setting' => 'damp', 'species' => 'red-oak', 'board' => ['width' => 220]],
        'gap-opens',
    ],
    'a narrow ledge' => [['way' => 'planked', 'ledge' => ['width' => 60]], 'ledge-narrow'],
    'flat braces' => [['way' => 'planked', 'brace' => 'z', 'ledges' => 5], 'brace-flat'],
    'thin boards' => [['way' => 'planked', 'board' => ['thickness' => 14], 'ledge' => ['thickness' => 25]], 'cheek-thin'],
    'a small sheet' => [['way' => 'framed', 'back' => ['sheet' => [1220, 1800]]], 'sheet-seam'],
    'a tight channel' => [['way' => 'framed', 'filler' => ['thickness' => 6]], 'channel-tight'],
    'a loose channel' => [['way' => 'framed', 'filler' => ['thickness' => 18]], 'channel-loose'],
    'a shallow channel' => [['way' => 'framed', 'raise' => 4], 'channel-shallow'],
    'thick infill' => [['way' => 'framed', 'infill' => ['thickness' => 24]], 'infill-proud'],
    'narrow boards' => [['way' => 'planked', 'board' => ['width' => 25]], 'hole-in-joint'],
    'a bottom rail cut away' => [
        ['way' => 'joined', 'from' => array_fill(0, 2, ['width' => 500, 'height' => 2300, 'thickness' => 38, 'bottom' => 100, 'stile' => 90])],
        'foot-cut-deep',
    ],
    'short stock' => [['way' => 'planked', 'stock' => [1800]], 'piece-long'],
    'plain glass' => [['way' => 'glazed', 'glass' => ['kind' => 'float']], 'glass-unsafe'],
    'thin glass' => [['way' => 'glazed', 'glass' => ['thickness' => 4]], 'glass-thin'],
    'a bolt through the glass' => [['way' => 'glazed', 'frame' => ['stile' => 60, 'top' => 60]], 'drill-glass'],
]);

test('a leaf that leaves nothing between its parts is found at the part that is to blame', function (
    array $made,
    string $at,
) {
    $setout = Doorways::setout('kiln-room', [...SILENT, 'brief.leaf.made' => Doorways::plain($made)]);
    $found = array_filter($setout->findings, fn (Finding $finding) => $finding->code === FindingCode::MadeNoRoom);

    expect($setout->plan?->making)->toBeNull()
        ->and(array_map(fn (Finding $finding) => $finding->where, array_values($found)))
        ->toBe(["brief.leaf.made.{$at}"]);
})->with([
    'stiles wider than the leaf' => [['way' => 'framed', 'frame' => ['stile' => 700]], 'frame.stile'],
    'rails higher than the leaf' => [['way' => 'glazed', 'frame' => ['bottom' => 2400]], 'frame.bottom'],
    'bars as wide as the leaf' => [
        ['way' => 'glazed', 'frame' => ['bar' => 500], 'panes' => ['columns' => 4]],
        'frame.stile',
    ],
    'ledges as wide as the leaf is high' => [['way' => 'planked', 'ledge' => ['width' => 1500]], 'ledge.width'],
    'a foot higher than its bottom strip' => [['way' => 'framed', 'raise' => 400], 'raise'],
    'an old leaf that is planed away' => [
        [
            'way' => 'joined',
            'plane' => 3,
            'from' => [
                ['width' => 5, 'height' => 2300, 'thickness' => 38],
                ['width' => 900, 'height' => 2300, 'thickness' => 38],
            ],
        ],
        'from',
    ],
]);

test('an old leaf that is too wide loses half at each outer edge, and its holes come with it', function () {
    $leaf = leafBuilt([
        'way' => 'hollow',
        'from' => [
            [
                'width' => 1100, 'height' => 2300, 'thickness' => 40, 'kind' => 'hollow', 'stile' => 40,
                'bores' => [['kind' => 'lock', 'u' => 200, 'v' => 1200, 'diameter' => 50]],
            ],
        ],
    ]);
    $off = Length::mm(1100)->minus($leaf->wanted->width)->half();
    $cut = Length::mm(2300)->minus($leaf->wanted->height);

    expect($leaf->fills[0]->zone->u->middle()->nm)->toBe(Length::mm(200)->minus($off)->nm)
        ->and($leaf->fills[0]->zone->v->middle()->nm)->toBe(Length::mm(1200)->minus($cut)->nm)
        ->and($leaf->counts['trimmed'])->toBe(2)
        ->and($leaf->trimLimit[0]->nm ?? 0)->toBe(Length::mm(25)->nm);
});

test('an old leaf that is too short gets a strip at its foot', function () {
    $leaf = leafBuilt([
        'way' => 'joined',
        'from' => array_fill(0, 2, ['width' => 500, 'height' => 2100, 'thickness' => 38]),
    ]);
    $short = $leaf->wanted->height->minus(Length::mm(2100));
    $strips = array_values(array_filter($leaf->parts, fn ($part) => $part->kind === 'foot-strip'));

    expect($strips[0]->width->nm ?? 0)->toBe($short->nm)
        ->and($strips[0]->count)->toBe(2)
        ->and(faultsOf($leaf))->toContain('old-leaf-short');
});

test('a thin stile of a hollow leaf gets a block behind it', function () {
    $leaf = leafBuilt([
        'way' => 'hollow',
        'from' => [['width' => 1030, 'height' => 2300, 'thickness' => 40, 'kind' => 'hollow', 'stile' => 20]],
    ]);

    expect(array_column($leaf->parts, 'kind'))->toContain('side-block')
        ->and(faultsOf($leaf))->toContain('stile-thin');
});

test('old leaves that nobody told of are asked for', function () {
    $setout = Doorways::setout('kiln-room', [...SILENT, 'brief.leaf.made' => (object) ['way' => 'joined']]);

    expect($setout->missing())->toBe(['brief.leaf.made.from']);
});

test('an inner hanger of a frame gets a block below the top strip', function () {
    $leaf = leafBuilt(['way' => 'framed', 'frame' => ['top' => 60], 'hangers' => 3]);

    expect(array_column($leaf->parts, 'kind'))->toContain('block');
});

test('a screw of the frame is kept off the bolts of the hangers', function () {
    $made = ['way' => 'framed', 'frame' => ['stile' => 120, 'top' => 150]];
    $inset = ['brief.rules.hanger_inset' => 60];
    $leaf = leafBuilt($made, $inset);
    $clear = $leaf->wanted->hanger->holeDiameter->half()->plus(Length::mm(6));
    foreach ($leaf->moved as $screw) {
        foreach ($screw->to === null ? [] : $leaf->wanted->holePlaces() as [$u, $v]) {
            $far = hypot($screw->to[0]->minus($u)->toMm(), $screw->to[1]->minus($v)->toMm());
            $screw->kind === 'pocket' || expect($far)->toBeGreaterThanOrEqual($clear->toMm() - 1e-6);
        }
    }

    expect($leaf->moved)->not->toBe([]);
});

test('a fin stands where its channel is, and no groove is cut for it', function () {
    $plan = planBuilt(['way' => 'framed', 'back' => ['thickness' => 6], 'filler' => ['thickness' => 10]]);
    $kinds = array_map(fn ($row) => $row->kind, Drilling::of($plan, array_values($plan->leaves())[0]));

    expect($plan->finFromBack()->nm)->toBe(Length::mm(11)->nm)
        ->and($kinds)->not->toContain('groove')
        ->and(array_keys(Order::of($plan)->steps))->not->toContain('groove');
});

test('what the brief says is solid wins over what is built', function () {
    $made = ['way' => 'glazed', 'frame' => ['stile' => 70]];

    expect(faultsOf(leafBuilt($made)))->toContain('hanger-solid')
        ->and(faultsOf(leafBuilt($made, ['brief.leaf.solid' => [[0, 500], [500, 1000]]])))->not->toContain('hanger-solid');
});

test('a spline is on the list to buy', function () {
    $old = ['width' => 480, 'height' => 2240, 'thickness' => 38];
    $plan = planBuilt(['way' => 'joined', 'join' => 'spline', 'from' => [$old, $old]]);

    expect(materialsOf($plan))->toContain('spline');
});

test('the lining of a channel is on the list to buy', function () {
    expect(materialsOf(planBuilt(['way' => 'framed', 'lining' => 2])))->toContain('channel-lining');
});

/** @return list<string> */
function materialsOf(Plan $plan): array
{
    return array_map(fn (Material $line) => $line->id->kind->value, Materials::of($plan));
}

test('a block behind the edge is as solid as the edge', function () {
    $hollow = ['width' => 966, 'height' => 2140, 'thickness' => 40, 'kind' => 'hollow', 'stile' => 34];
    $leaf = leafBuilt(['way' => 'hollow', 'from' => [[...$hollow, 'block' => 66]]]);

    $solid = $leaf->old[0]->leadingStile()->plus(Length::mm(66));

    expect($leaf->holds()[0]->u->length()->equals($solid))->toBeTrue();
});

test('a rule of thumb that a house changes counts in place of the usual one', function () {
    $leaf = leafBuilt(['way' => 'planked'], ['brief.rules.making.ledge_up' => 260]);
    $ledges = array_filter($leaf->placed(), fn (Placed $part) => $part->kind === 'ledge');

    expect(array_values($ledges)[0]->points[0][1])->toBe(260.0);
});

test('a rule of thumb far from the usual one is refused at its place', function () {
    Doorways::plan('kiln-room', ['brief.rules.making.screws_apart' => 3]);
})->throws(UnreadableFile::class);
