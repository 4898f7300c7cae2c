<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use Tests\Core\Support\Practice;
use YokeLine\Doorway\Kit;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\AnsweredMarks;
use YokeLine\Drawing\AsBuilt;
use YokeLine\Drawing\AtGuide;
use YokeLine\Drawing\AtHanger;
use YokeLine\Drawing\AtStop;
use YokeLine\Drawing\CutBars;
use YokeLine\Drawing\DayBars;
use YokeLine\Drawing\Dxf;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\FloorProfile;
use YokeLine\Drawing\Glossary;
use YokeLine\Drawing\KitSheet;
use YokeLine\Drawing\LeafBuilt;
use YokeLine\Drawing\LeafCard;
use YokeLine\Drawing\LeafSolid;
use YokeLine\Drawing\Loads;
use YokeLine\Drawing\MeasuredWall;
use YokeLine\Drawing\OldLeafDrawn;
use YokeLine\Drawing\OrderGraph;
use YokeLine\Drawing\Picture;
use YokeLine\Drawing\PracticeSketch;
use YokeLine\Drawing\PullTape;
use YokeLine\Drawing\RailBolts;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Section;
use YokeLine\Drawing\Shape;
use YokeLine\Drawing\Small;
use YokeLine\Drawing\Sure;
use YokeLine\Drawing\Svg;
use YokeLine\Drawing\TapeRead;
use YokeLine\Drawing\WallOutline;
use YokeLine\Drawing\WallSketch;
use YokeLine\Making\LeafMade;
use YokeLine\Marks\Pull;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\SeededRandom;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;
use YokeLine\Practice\Level;
use YokeLine\Stock\Cutting;
use YokeLine\Stock\Piece;
use YokeLine\Survey\Readings;
use YokeLine\Survey\Walk;
use YokeLine\Tolerance\Clearance;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Person;
use YokeLine\Work\Day\Task;
use YokeLine\Work\Order;

const DRAWN_OF = [
    'kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'slip-store', 'throwing-room', 'in throwing-room',
];

/** @return list<LeafMade> leaves that are built, each way */
function leavesDrawn(): array
{
    $hole = ['edge' => 'face', 'u' => 60, 'v' => 900, 'diameter' => 40, 'height' => 50, 'width' => 20, 'depth' => 9];
    $old = ['width' => 480, 'height' => 2240, 'thickness' => 38, 'bores' => [$hole]];
    $ways = [
        ['way' => 'planked'], ['way' => 'framed'], ['way' => 'glazed'],
        ['way' => 'joined', 'from' => [['kind' => 'hollow', 'bores' => []] + $old, $old]],
        ['way' => 'joined', 'from' => [$old, $old], 'panels' => [['width' => 300, 'height' => 600, 'thickness' => 6]]],
        ['way' => 'hollow', 'from' => [['width' => 1000, 'height' => 2240, 'thickness' => 38]]],
    ];

    return array_values(array_filter(array_map(
        fn (array $made) => Doorways::plan('kiln-room', [
            'brief.leaf.thickness' => null, 'brief.leaf.stile' => null, 'brief.leaf.mass_kg' => null,
            'brief.leaf.made' => Doorways::plain($made),
        ])->making?->leaf,
        $ways,
    )));
}

/** @return array<string, Closure(): list<Scene>> every drawing, of several doorways */
function everyDrawing(?Wording $say = null): array
{
    // In one letter: how much room words take is looked at on the pages.
    $say ??= new class implements Wording
    {
        public function say(Message $message): string
        {
            return 'w';
        }

        public function lengths(): LengthWriter
        {
            return new LengthWriter(Unit::Millimetre);
        }
    };
    $plans = fn () => array_map(Doorways::plan(...), DRAWN_OF);
    $each = fn (Closure $draw) => fn (): array => scenesIn(array_map($draw, $plans()));

    return [
        'kits' => fn () => array_values(array_map(fn (Kit $kit) => KitSheet::of($kit, $say), Doorways::kits())),
        'walls to hand on' => $each(fn ($plan) => WallOutline::of($plan, $say)),
        'floors' => $each(fn ($plan) => FloorProfile::of($plan, $say)),
        'loads' => $each(fn ($plan) => Loads::of($plan, $say)),
        'doorways in little' => $each(fn ($plan) => Small::of($plan, $say)),
        'bolts in turn' => $each(fn ($plan) => RailBolts::of($plan, range(1, count($plan->rail->holes)), $say)),
        'lines as built' => $each(fn ($plan) => AsBuilt::line($plan, [
            [$plan->rail->span->low, Length::mm(2)], [$plan->rail->span->high, Length::mm(-3)],
        ], $say)),
        'leaves as built' => $each(fn ($plan) => AsBuilt::leaf(
            $plan,
            array_values($plan->leaves())[0],
            Length::mm(960),
            null,
            $say,
        )),
        'how sure' => $each(fn ($plan) => Sure::bars(
            Clearance::of($plan, $plan->doorway->marking->plusMinus),
            $say,
            fn (string $name) => $name,
        )),
        'how sure on the wall' => $each(fn ($plan) => Sure::onWall(
            $plan,
            Clearance::of($plan, $plan->doorway->marking->plusMinus),
            $say,
        )),
        'leaves that are built' => fn () => array_map(fn (LeafMade $leaf) => LeafBuilt::of($leaf, $say), leavesDrawn()),
        'what of a leaf is solid' => fn () => array_map(
            fn (LeafMade $leaf) => LeafSolid::of($leaf, $say),
            leavesDrawn(),
        ),
        'old leaves' => fn () => array_merge(...array_map(
            fn (LeafMade $leaf) => array_map(
                fn (int $nth) => OldLeafDrawn::of($leaf, $nth, $say),
                array_keys($leaf->old),
            ),
            leavesDrawn(),
        )),
        'bars to cut' => fn () => [CutBars::of(
            Cutting::of(
                array_map(fn (int $mm) => new Piece(Length::mm($mm), "{$mm}"), [1900, 1200, 1200, 800, 450]),
                [Length::mm(3600), Length::mm(2400)],
                Length::mm(3),
                Length::mm(10),
            ),
            $say,
        )],
        'tapes read' => fn () => array_map(
            fn (Unit $unit) => TapeRead::of(Length::mm(1234), $unit, new Plain($unit)),
            Unit::cases(),
        ),
        'pulls' => fn () => array_merge(...array_map(fn ($plan) => array_map(
            fn (Pull $pull) => PullTape::of($pull, $say),
            Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), Length::mm(5000), $plan->doorway->step())->pulls,
        ), $plans())),
        'walls to practise on' => fn () => array_map(function (Level $level) use ($say): Scene {
            $wall = Practice::wall($level);
            $read = array_keys($wall->readings());
            $swept = $wall->swept();

            return PracticeSketch::of($wall->knownBy($read), $wall->seenBy($read), $swept, $wall->unit, $say);
        }, Level::graded()),
        'elevation' => $each(fn ($plan) => Elevation::of($plan, $say)),
        'elevation with anchors' => $each(fn ($plan) => Elevation::withAnchors($plan, $say, [])),
        'from above' => $each(fn ($plan) => Above::of($plan, $say)),
        'section' => $each(fn ($plan) => Section::of($plan, $say)),
        'at the hanger' => $each(fn ($plan) => AtHanger::of($plan, $say)),
        'along the guides' => $each(fn ($plan) => AtGuide::along($plan, $say)),
        'at a guide' => $each(fn ($plan) => AtGuide::cuts($plan, $say)),
        'at a stop' => $each(fn ($plan) => AtStop::each($plan, $say)),
        'cards of leaves' => $each(fn ($plan) => array_map(
            fn ($leaf) => [LeafCard::of($plan, $leaf, $say), LeafCard::shortened($plan, $leaf, $say)],
            $plan->leaves(),
        )),
        'pictures' => $each(fn ($plan) => [
            Picture::of($plan, $say, false), Picture::of($plan, $say, true), Picture::overPhoto($plan, $say),
        ]),
        'walls measured' => fn () => array_map(fn (string $name) => MeasuredWall::of(
            Doorways::plan($name)->doorway,
            $name === 'glaze-store' ? null : Doorways::plan($name),
            Readings::in(Doorways::document($name), Doorways::plan($name)->doorway->units),
            $say,
        ), DRAWN_OF),
        'words of the trade' => fn () => array_map(
            fn (string $word) => Glossary::of($word, Doorways::plan(), $say),
            Glossary::words(),
        ),
        'orders of work' => $each(fn ($plan) => OrderGraph::of(Order::of($plan), fn () => 'w', $say)),
        'days' => function () use ($say): array {
            $tasks = [
                new Task('mark', 40, 1, 'A', 'here', true, []),
                new Task('bore', 90, 2, 'A', 'here', true, ['mark' => 0]),
                new Task('coat', 30, 1, 'B', 'there', false, []),
                new Task('hang', 60, 2, 'B', 'there', true, ['coat' => 240]),
            ];
            $people = [new Person(1, [[480, 720], [750, 990]]), new Person(2, [[540, 900]])];
            $plan = DayPlan::of($tasks, $people, [], (new SeededRandom(1))->next(...), from: 480);

            return [DayBars::of($plan, 0, 'w', [], $plan->criticalChain(), $say)];
        },
        'marks that were answered' => $each(fn ($plan) => AnsweredMarks::on(
            Elevation::of($plan, $say),
            [$plan->rail->span->low],
            [$plan->yokeLine()],
            $say,
        )),
    ];
}

/** @return list<Scene> the drawings among what comes with them */
function scenesIn(mixed $all): array
{
    return match (true) {
        $all instanceof Scene => [$all],
        is_array($all) => array_merge(...array_values(array_map(scenesIn(...), $all)), ...[[]]),
        default => [],
    };
}

/**
 * What is written on a drawing, and where it begins, in the drawing's own millimetres.
 *
 * @return list<array{string, float, float}>
 */
function writtenOn(Scene $scene): array
{
    $document = new DOMDocument();
    expect($document->loadXML(Svg::write($scene)))->toBeTrue("{$scene->name} is XML");
    $written = [];
    foreach ((new DOMXPath($document))->query('//*[local-name()="text"]') ?: [] as $text) {
        [$x, $y] = [(float) $text->getAttribute('x'), (float) $text->getAttribute('y')];
        for ($at = $text->parentNode; $at instanceof DOMElement; $at = $at->parentNode) {
            preg_match('/translate\(([-.\d]+)[ ,]([-.\d]+)\)/', $at->getAttribute('transform'), $by);
            [$x, $y] = [$x + (float) ($by[1] ?? 0), $y + (float) ($by[2] ?? 0)];
        }
        // One that is turned stands where its own turning puts it.
        $text->hasAttribute('transform') || ($written[] = [$text->textContent, $x, $y]);
    }

    return $written;
}

test('what is drawn is finite, and whatever is written stands inside its frame', function (Closure $scenes) {
    $scenes = $scenes();
    expect($scenes)->not->toBe([]);
    foreach ($scenes as $scene) {
        expect(Svg::write($scene))->not->toMatch('/NAN|INF/i', $scene->name)
            ->and($scene->width)->toBeGreaterThan(0)
            ->and($scene->height)->toBeGreaterThan(0)
            ->and($scene->shapes)->not->toBe([]);
        $outside = array_filter(writtenOn($scene), fn (array $text) => trim($text[0]) === ''
            || $text[1] < $scene->left - 1 || $text[1] > $scene->left + $scene->width + 1
            || $text[2] < $scene->top - 1 || $text[2] > $scene->top + $scene->height + 1);
        expect(array_map(fn (array $text) => implode(' ', $text), array_values($outside)))->toBe([], $scene->name);
    }
    // A word of the trade is shown on a part of a larger drawing.
})->with(array_map(fn (Closure $scenes) => [$scenes], array_diff_key(everyDrawing(), ['words of the trade' => 1])));

foreach (Unit::cases() as $unit) {
    foreach (everyDrawing(new Plain($unit)) as $what => $draw) {
        test("{$what}, in {$unit->value}: drawn as approved", fn () => Approved::holds(
            "Drawing/{$what}, {$unit->value}",
            $draw(),
        ));
    }
}

test('a drawing is written as it was approved: for the page, true to size, and for a workshop', function () {
    $scene = WallOutline::of(Doorways::plan('map-archive'), new Plain());

    Approved::holds('Drawing/written', [
        Svg::write($scene), Svg::trueToSize($scene), Dxf::write($scene), Dxf::write($scene, Unit::Inch),
    ]);
});

test('how a wall is sketched while it is measured is as it was approved', function () {
    $sketch = new WallSketch();
    $spots = array_map($sketch->spot(...), array_column(Walk::all(), 'place'));

    Approved::holds('Drawing/sketched', [$sketch->numbers(), $sketch->dimensions(), $spots]);
});

/** @return list<array{int, string}> the pairs of a DXF */
function pairsOf(string $dxf): array
{
    $lines = preg_split('/\r?\n/', trim($dxf)) ?: [];
    expect(count($lines) % 2)->toBe(0);

    return array_map(fn (array $pair) => [(int) $pair[0], trim($pair[1])], array_chunk($lines, 2));
}

/** @return array<string, array{float, float}> the least and the greatest place across, by layer */
function acrossOf(string $dxf): array
{
    $across = [];
    $layer = $of = '';
    foreach (pairsOf($dxf) as [$code, $value]) {
        $of = $code === 0 ? $value : $of;
        $layer = $code === 8 ? strtolower($value) : $layer;
        // A polyline begins with a place that is none.
        if (in_array($of, ['LINE', 'VERTEX'], true) && in_array($code, [10, 11], true)) {
            [$low, $high] = $across[$layer] ?? [INF, -INF];
            $across[$layer] = [min($low, (float) $value), max($high, (float) $value)];
        }
    }

    return $across;
}

test('a wall that is handed on has wall, opening and rail where the plan has them', function (string $name) {
    $plan = Doorways::plan($name);
    $across = acrossOf(Dxf::write(WallOutline::of($plan, new Plain())));
    $is = fn (string $layer) => array_map(fn (float $mm) => round($mm, 2), $across[$layer]);

    expect($is('wall'))
        ->toBe([round($plan->room->wall->low->toMm(), 2), round($plan->room->wall->high->toMm(), 2)])
        ->and($is('rail'))
        ->toBe([round($plan->rail->span->low->toMm(), 2), round($plan->rail->span->high->toMm(), 2)]);
})->with(DRAWN_OF);

test('a wall in inches is as large as the same wall in millimetres', function () {
    $scene = WallOutline::of(Doorways::plan('in throwing-room'), new Plain());
    [$mm, $inches] = [acrossOf(Dxf::write($scene)), acrossOf(Dxf::write($scene, Unit::Inch))];

    expect($inches['wall'][1] * 25.4)->toEqualWithDelta($mm['wall'][1], 0.05);
});

test('each section of a DXF is closed before the next begins, and the file ends', function () {
    $marks = array_values(array_filter(
        pairsOf(Dxf::write(WallOutline::of(Doorways::plan(), new Plain()))),
        fn (array $pair) => $pair[0] === 0 && in_array($pair[1], ['SECTION', 'ENDSEC', 'EOF'], true),
    ));

    expect(array_pop($marks))->toBe([0, 'EOF']);
    foreach (array_chunk(array_column($marks, 1), 2) as $pair) {
        expect($pair)->toBe(['SECTION', 'ENDSEC']);
    }
});

test('a bar is drawn as long as it is bought, and its pieces as long as they are cut', function () {
    $plan = Cutting::of(
        [new Piece(Length::mm(1800), 'rail'), new Piece(Length::mm(900), 'rail')],
        [Length::mm(3600)],
        Length::mm(3),
        Length::zero(),
    );
    $boxes = fn (string $layer) => array_values(array_map(
        fn (Shape $shape) => (float) $shape->attributes['width'],
        array_filter(CutBars::of($plan, new Plain())->shapes, fn (Shape $shape) => $shape->layer === $layer),
    ));
    [$bar, $pieces] = [$boxes('offcut')[0], $boxes('header')];

    expect($pieces[0] / $bar)->toEqualWithDelta(0.5, 0.001)->and($pieces[1] / $bar)->toEqualWithDelta(0.25, 0.001);
});
