<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Catalog\BriefFields;
use YokeLine\Doorway\Anchor;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Baseboard;
use YokeLine\Doorway\BoardHeld;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Casing;
use YokeLine\Doorway\CatchSides;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Crown;
use YokeLine\Doorway\Datum;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\Ends;
use YokeLine\Doorway\Finished;
use YokeLine\Doorway\FirstBolt;
use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Groove;
use YokeLine\Doorway\GuideChoice;
use YokeLine\Doorway\GuideTouch;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Hazard;
use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderBrief;
use YokeLine\Doorway\HeaderReach;
use YokeLine\Doorway\HeightMeans;
use YokeLine\Doorway\HolesFound;
use YokeLine\Doorway\HouseRules;
use YokeLine\Doorway\KitPart;
use YokeLine\Doorway\LeafBrief;
use YokeLine\Doorway\LeafHoles;
use YokeLine\Doorway\LeafInHand;
use YokeLine\Doorway\LineFound;
use YokeLine\Doorway\Lining;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\Looks;
use YokeLine\Doorway\Marking;
use YokeLine\Doorway\Obstacle;
use YokeLine\Doorway\OldDoor;
use YokeLine\Doorway\Opening;
use YokeLine\Doorway\Opens;
use YokeLine\Doorway\PartAway;
use YokeLine\Doorway\PlusMinus;
use YokeLine\Doorway\Pull;
use YokeLine\Doorway\PullKind;
use YokeLine\Doorway\RailReach;
use YokeLine\Doorway\Reach;
use YokeLine\Doorway\Solid;
use YokeLine\Doorway\Spanned;
use YokeLine\Doorway\Stud;
use YokeLine\Doorway\Surplus;
use YokeLine\Doorway\Survey;
use YokeLine\Doorway\Tightened;
use YokeLine\Doorway\Tread;
use YokeLine\Doorway\TrimmedFrom;
use YokeLine\Doorway\WallEnd;
use YokeLine\Doorway\WorkRules;
use YokeLine\Doorway\Yard;
use YokeLine\Measure\Length;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Unit;

/** The doorway file, version 1: document to values. A half-measured survey reads as far as it goes. */
final class DoorwayReader
{
    /** @var list<string> */
    private array $unfinished = [];

    private function __construct(private readonly Fields $at, private readonly Unit $units) {}

    /**
     * @param  ?Survey  $known  the document's survey where it has been read before
     *
     * @throws UnreadableFile
     */
    public static function read(Document $document, ?Survey $known = null): Doorway
    {
        if ($document->get('format') !== 'yoke-line/doorway') {
            throw UnreadableFile::wrongFormat('yoke-line/doorway', $document->get('format'));
        }
        if (! in_array($document->get('version'), [1, ItemIds::VERSION], true)) {
            throw UnreadableFile::unknownVersion($document->get('version'));
        }
        $document = OldKeys::renewed($document);
        $units = (new Fields($document, Unit::Millimetre))->choice('units', Unit::class);
        $fields = new Fields($document, $units);
        $fields->answer('units');
        $reader = new self($fields, $units);
        $doorway = new Doorway(
            $fields->text('name'),
            $units,
            $known ?? $reader->survey(),
            $reader->brief(),
            $reader->marking(),
            $fields->told(),
        );
        $fields->settle();

        return $doorway;
    }

    private function survey(): Survey
    {
        $at = $this->at;
        $from = $at->length('survey.wall.from');
        $to = $at->length('survey.wall.to');
        $opening = $this->opening();
        if ($from !== null && $to !== null && ! $to->isOver($from)) {
            $at->problem('survey.wall.to', 'wall-ends-before');
        } elseif ($from !== null && $opening?->left->isUnder($from)) {
            $at->problem('survey.opening.left', 'opening-before-wall');
        } elseif ($to !== null && $opening?->span()->high->isOver($to)) {
            $at->problem('survey.opening.left', 'opening-past-wall');
        }

        return new Survey(
            wallFrom: $from,
            wallTo: $to,
            ceiling: $at->length('survey.wall.ceiling'),
            crown: $at->has('survey.wall.crown')
                ? new Crown(
                    $at->lengthOrUsual('survey.wall.crown.drop'),
                    $at->lengthOrUsual('survey.wall.crown.projection'),
                )
                : null,
            lining: $at->has('survey.wall.lining')
                ? new Lining(
                    $at->choice('survey.wall.lining.kind', LiningKind::class),
                    $at->lengthOrUsual('survey.wall.lining.thickness'),
                    $at->text('survey.wall.lining.wood') ?: $at->text('survey.lining.wood'),
                )
                : null,
            leftEnd: $at->choice('survey.wall.ends.left', WallEnd::class),
            rightEnd: $at->choice('survey.wall.ends.right', WallEnd::class),
            opening: $opening,
            partsAway: $this->partsAway(),
            baseboard: $at->has('survey.baseboard')
                ? new Baseboard(
                    $at->lengthOrUsual('survey.baseboard.height'),
                    $at->lengthOrUsual('survey.baseboard.thickness'),
                )
                : null,
            floorFinish: $at->text('survey.floor.finish'),
            floor: $this->floor(),
            studs: $this->studs(),
            hazards: $this->hazards(),
            obstacles: $this->obstacles(),
            solids: $this->solids(),
            wood: $at->text('survey.wood'),
            walkway: $at->length('survey.wall.walkway'),
            pile: $at->length('survey.floor.pile'),
            plate: $this->plate(),
            unfinished: $this->unfinished,
        );
    }

    /** A plate that is told of is what the tape stands on, unless it is said to stand on the floor. */
    private function plate(): ?Length
    {
        $plate = $this->at->length('survey.floor.plate');
        $datum = $this->at->choice('survey.floor.datum', Datum::class);

        return $datum === Datum::Floor && $this->at->has('survey.floor.datum') ? null : $plate;
    }

    /** A pull whose words say no hook is left out: what hooks there are the wall says. */
    private function marking(): Marking
    {
        $at = $this->at;
        $pulls = [];
        foreach (['wall', 'board', 'rail', 'floor'] as $tape) {
            $pulls[$tape] = array_values(array_filter(array_map($at->text(...), $at->places("marking.pulls.{$tape}"))));
        }

        return new Marking(
            $pulls,
            $at->answer('brief.rules.heights'),
            $at->length('marking.tape'),
            $at->length('marking.line'),
            $at->flag('marking.rail_up'),
            $at->length('marking.laser'),
            $at->length('marking.proved_at'),
            $at->length('marking.packing'),
            $this->plusMinus(),
        );
    }

    private function plusMinus(): PlusMinus
    {
        $by = fn (string $what) => $this->at->lengthOrUsual("marking.plus_minus.{$what}");

        return new PlusMinus($by('tape'), $by('level'), $by('leaf'), $by('hole'), $by('kit'));
    }

    private function opening(): ?Opening
    {
        $at = $this->at;
        $left = $at->length('survey.opening.left');
        $widths = $at->lengths('survey.opening.width');
        $heights = $at->lengths('survey.opening.height');
        $casing = new Casing(
            $at->lengthOrUsual('survey.opening.casing.left'),
            $at->lengthOrUsual('survey.opening.casing.right'),
            $at->lengthOrUsual('survey.opening.casing.head'),
            $at->lengthOrUsual('survey.opening.casing.thickness'),
        );

        return $left === null || $widths === []
            ? null
            : new Opening(
                $left,
                $widths,
                $heights,
                $casing,
                $at->choice('survey.opening.was', OldDoor::class),
                $at->choice('survey.opening.is', Spanned::class),
            );
    }

    /** @return list<FloorReading> */
    private function floor(): array
    {
        $readings = [];
        foreach ($this->at->places('survey.floor.readings') as $place) {
            $x = $this->at->length("{$place}.x");
            $level = $this->at->length("{$place}.level");
            if ($x === null || $level === null) {
                $this->unfinished[] = $x === null ? "{$place}.x" : "{$place}.level";
            } elseif (isset($readings[$x->nm])) {
                $this->at->problem("{$place}.x", 'reading-twice');
            } else {
                $readings[$x->nm] = new FloorReading($x, $level, $place);
            }
        }

        // The survey's own order is kept: tape readings are given back in it.
        return array_values($readings);
    }

    /** @return list<Stud> */
    private function studs(): array
    {
        $studs = [];
        foreach ($this->at->places('survey.studs') as $place) {
            $x = $this->at->length("{$place}.x");
            if ($x === null) {
                $this->unfinished[] = "{$place}.x";
            } else {
                $studs[] = new Stud(
                    $x,
                    $this->at->lengthOrUsual("{$place}.width"),
                    $this->at->text("{$place}.source") ?: null,
                    (float) $this->at->amount("{$place}.confidence"),
                    $place,
                );
            }
        }

        return $studs;
    }

    /** @return list<Hazard> */
    private function hazards(): array
    {
        $hazards = [];
        foreach ($this->at->places('survey.hazards') as $place) {
            $x = $this->at->span("{$place}.x");
            $y = $this->at->span("{$place}.y");
            if ($x !== null && $y !== null) {
                $hazards[] = new Hazard(
                    $this->at->text("{$place}.kind"),
                    $x,
                    $y,
                    $this->at->flag("{$place}.moved"),
                    $place,
                    $this->at->text("{$place}.source") === 'site',
                );
            }
        }

        return $hazards;
    }

    /** @return list<Solid> */
    private function solids(): array
    {
        $solids = [];
        foreach ($this->at->places('survey.solids') as $place) {
            $x = $this->at->span("{$place}.x");
            $y = $this->at->span("{$place}.y");
            if ($x !== null && $y !== null) {
                $solids[] = new Solid($this->at->answer("{$place}.kind"), $x, $y, $place);
            }
        }

        return $solids;
    }

    /** @return list<Obstacle> */
    private function obstacles(): array
    {
        $obstacles = [];
        foreach ($this->at->places('survey.obstacles') as $place) {
            $x = $this->at->span("{$place}.x");
            $y = $this->at->span("{$place}.y");
            if ($x !== null && $y !== null) {
                $kind = $this->at->text("{$place}.kind");
                $obstacles[] = new Obstacle(
                    $this->at->text("{$place}.name") ?: $kind,
                    $kind,
                    $x,
                    $y,
                    $this->at->lengthOrUsual("{$place}.projection"),
                    $this->at->lengthOrUsual("{$place}.stands_off"),
                    $this->at->flag("{$place}.moved"),
                    $place,
                    $this->at->lengthOrUsual("{$place}.plus_minus"),
                );
            }
        }

        return $obstacles;
    }

    private function brief(): Brief
    {
        $at = $this->at;
        $made = MadeReader::read($at);
        $toOrder = $at->answer('brief.rules.sizes') === 'made-to-order';

        $board = $this->board();

        return new Brief(
            hang: $at->choice('brief.hang', Hang::class),
            opens: $at->choice('brief.opens', Opens::class),
            kit: $at->text('brief.kit'),
            leaf: new LeafBrief(
                width: $at->length('brief.leaf.width'),
                height: $at->length('brief.leaf.height'),
                thickness: $at->length('brief.leaf.thickness') ?? $made?->thickness(),
                stile: $at->length('brief.leaf.stile') ?? ($made?->stile() ?? $at->usual('brief.leaf.stile')),
                stockWidths: $toOrder ? [] : $at->lengths('brief.leaf.stock_widths'),
                stockHeights: $toOrder ? [] : $at->lengths('brief.leaf.stock_heights'),
                construction: $at->has('brief.leaf.construction') ? $at->text('brief.leaf.construction.kind') : null,
                glassM2: (float) $at->amountOr(
                    'brief.leaf.construction.glass_m2',
                    'brief.leaf.construction.glass_sqft',
                    Pounds::M2_A_SQUARE_FOOT,
                ),
                glassThickness: $at->lengthOrUsual('brief.leaf.construction.glass_thickness'),
                massKg: $at->amountOr('brief.leaf.mass_kg', 'brief.leaf.mass_lb', Pounds::KG),
                hardwareKg: $this->hardwareKg(),
                trimLimit: $at->lengthOrUsual('brief.leaf.trim_limit'),
                solid: array_values(array_filter(array_map($at->spanIfTold(...), $at->places('brief.leaf.solid')))),
                made: $made,
            ),
            backing: $at->choice('brief.backing', Backing::class),
            header: new HeaderBrief(
                width: $at->length('brief.header.width') ?? ($board[1] ?? $at->usual('brief.header.width')),
                thickness: $at->length('brief.header.thickness') ?? ($board[0] ?? $at->usual('brief.header.thickness')),
                align: $at->choice('brief.header.align', HeaderAlign::class),
                reveal: $at->lengthOrUsual('brief.header.reveal'),
                overrun: $at->lengthOrUsual('brief.header.overrun'),
                reach: $at->choice('brief.header.reach', HeaderReach::class),
                buildOut: $at->lengthOrUsual('brief.header.build_out'),
                wood: $at->text('brief.header.wood'),
                lengths: $at->lengths('brief.header.lengths'),
            ),
            frontPull: $front = $this->pull('brief.pulls.front'),
            wallPull: $this->wallPull($front),
            rules: $this->rules(),
            ends: $this->ends(),
            inHand: $this->inHand(),
            anchor: $this->anchor(),
            purposes: array_values(
                array_unique(
                    array_filter(array_map(fn (string $place) => $at->text($place), $at->places('brief.purpose'))),
                ),
            ),
            hasNoPull: $at->has('brief.pulls.front.kind') && $front === null,
        );
    }

    /** Where nothing is said of it: as the front one, in a house that has them proud on both sides. */
    private function wallPull(?Pull $front): ?Pull
    {
        $isProud = $this->at->answer('brief.rules.wall_pull') === 'proud';

        return $isProud && ! $this->at->has('brief.pulls.wall.kind') ? $front : $this->pull('brief.pulls.wall');
    }

    private function pull(string $path): ?Pull
    {
        /** @var PullKind $kind */
        $kind = $this->at->choice("{$path}.kind", PullKind::class);

        return $kind === PullKind::None
            ? null
            : new Pull(
                $kind,
                $this->at->lengthOrUsual("{$path}.width"),
                $this->at->lengthOrUsual("{$path}.height"),
                $this->at->lengthOrUsual("{$path}.projection"),
            );
    }

    private function inHand(): ?LeafInHand
    {
        $leaf = fn (string $place, ?LeafInHand $second = null) => $this->at->has($place)
            ? new LeafInHand(
                $this->at->length("{$place}.width"),
                $this->at->length("{$place}.height"),
                $this->at->lengths("{$place}.thickness"),
                $this->at->amountOr("{$place}.mass_kg", "{$place}.mass_lb", Pounds::KG),
                $second,
            )
            : null;

        return $leaf('brief.in_hand', $leaf('brief.in_hand.second'));
    }

    /** @return list<PartAway> */
    private function partsAway(): array
    {
        return array_map(
            fn (string $place) => new PartAway(
                $this->at->choice("{$place}.part", KitPart::class),
                max(1, $this->at->count("{$place}.count")),
                $this->at->answer("{$place}.how") === 'wrong',
            ),
            $this->at->places('survey.parts'),
        );
    }

    /** What is screwed to the leaf, kg: 3, or 7 lb where a doorway is worked in inches. */
    private function hardwareKg(): float
    {
        $isTold = $this->at->has('brief.leaf.hardware_kg') || $this->at->has('brief.leaf.hardware_lb');

        return $isTold || $this->units === Unit::Millimetre
            ? (float) $this->at->amountOr('brief.leaf.hardware_kg', 'brief.leaf.hardware_lb', Pounds::KG)
            : (float) $this->at->amount('brief.leaf.hardware_lb') * Pounds::KG;
    }

    /** @return ?array{Length, Length} thickness and width of the board that is named as yards name them */
    private function board(): ?array
    {
        $named = $this->at->text('brief.header.board');
        $board = $named === '' ? null : Yard::named($named);
        if ($named !== '' && $board === null) {
            $this->at->problem('brief.header.board', 'no-such-board', ['typed' => $named]);
        }

        return $board;
    }

    private function ends(): Ends
    {
        $by = $at = [];
        foreach (BriefFields::ends() as $end => $place) {
            $answer = $this->at->answer("{$place}.by");
            $by[$end] = EndBy::tryFrom($answer);
            $at[$end] = str_contains($end, '.')
                ? $this->at->length("{$place}.at")
                : $this->at->lengthOrUsual("{$place}.at");
        }

        return new Ends(array_filter($by), array_filter($at));
    }

    private function hangers(string $place): ?int
    {
        return ['2' => 2, '3' => 3, '4' => 4][$this->at->answer($place)] ?? null;
    }

    private function anchor(): ?Anchor
    {
        $at = $this->at;
        $kind = $at->text('brief.anchor.kind');
        [$diameter, $embedment] = [$at->length('brief.anchor.diameter'), $at->length('brief.anchor.embedment')];
        [$tension, $shear] = [
            $at->amountOr('brief.anchor.tension_N', 'brief.anchor.tension_lbf', Pounds::N),
            $at->amountOr('brief.anchor.shear_N', 'brief.anchor.shear_lbf', Pounds::N),
        ];

        return $diameter === null || $embedment === null || $tension === null || $shear === null
            ? null
            : new Anchor($kind, $diameter, $embedment, $tension, $shear);
    }

    private function rules(): HouseRules
    {
        $at = $this->at;
        /** @var Cover $cover */
        $cover = $at->choice('brief.rules.cover', Cover::class);

        return new HouseRules(
            cover: $cover,
            units: $this->units,
            overlapUsual: $at->usual('brief.rules.side_overlap'),
            overlapSaid: $at->length('brief.rules.side_overlap'),
            casingMargin: $at->lengthOrUsual('brief.rules.casing_margin'),
            surplus: $at->choice('brief.rules.surplus', Surplus::class),
            park: $at->lengthOrUsual('brief.rules.park'),
            gap: $at->lengthOrUsual('brief.rules.gap'),
            headOverlap: $at->lengthOrUsual('brief.rules.head_overlap'),
            endClearance: $at->lengthOrUsual('brief.rules.end_clearance'),
            guideMargin: $at->lengthOrUsual('brief.rules.guide_margin'),
            meetingGap: $at->lengthOrUsual('brief.rules.meeting_gap'),
            midOverlap: $at->length('brief.rules.mid_overlap'),
            hangerInset: $at->length('brief.rules.hanger_inset'),
            hangers: $this->hangers('brief.rules.hangers') ?? $this->hangers('brief.leaf.made.hangers'),
            pullHeight: $at->lengthOrUsual('brief.rules.pull_height'),
            spacer: $at->lengthOrUsual('brief.rules.spacer'),
            softClose: $at->answer('brief.rules.soft_close') !== 'off',
            reach: $at->choice('brief.rules.reach', Reach::class),
            aboveCasing: $at->lengthOrUsual('brief.rules.above_casing'),
            railReach: $at->choice('brief.rules.rail_reach', RailReach::class),
            parked: $at->flag('brief.rules.parked'),
            loadFactorTenths: (int) round(10 * (float) $at->amount('brief.rules.load_factor')),
            oneDisc: $at->answer('brief.rules.jump_discs') === 'one',
            aisle: $at->length('brief.rules.aisle'),
            railLeft: $at->length('brief.rules.rail_left'),
            washers: $at->flag('brief.rules.washers'),
            catches: CatchSides::tryFrom($at->answer('brief.rules.soft_close')) ?? CatchSides::Both,
            tread: $at->choice('brief.rules.wheels', Tread::class),
            guide: $at->choice('brief.rules.guide', GuideChoice::class),
            guideTouch: $at->choice('brief.rules.guide_touch', GuideTouch::class),
            groove: $at->choice('brief.rules.groove', Groove::class),
            heightMeans: $at->choice('brief.rules.height_means', HeightMeans::class),
            fraction: (int) $at->answer('brief.rules.fraction'),
            making: MadeReader::rules($at),
            schedule: new WorkRules(
                $at->count('brief.rules.coats_leaf'),
                $at->count('brief.rules.coats_board'),
                $at->count('brief.rules.dry'),
                $at->count('brief.rules.cure'),
                $at->count('brief.rules.rest'),
                $at->count('brief.rules.clamp'),
                ['first' => true, 'last' => false][$at->answer('brief.rules.old_leaf')] ?? null,
                $at->flag('brief.rules.props'),
                $at->flag('brief.rules.trial'),
                $at->choice('brief.rules.first_bolt', FirstBolt::class),
                $at->choice('brief.rules.tightened', Tightened::class),
                $at->choice('brief.rules.line_found', LineFound::class),
                $at->choice('brief.rules.holes_found', HolesFound::class),
                $at->choice('brief.rules.board_held', BoardHeld::class),
                $at->choice('brief.rules.leaf_holes', LeafHoles::class),
                $at->choice('brief.rules.finish', Finished::class),
                $at->choice('brief.rules.looks', Looks::class),
                $at->choice('brief.rules.trim', TrimmedFrom::class),
            ),
        );
    }
}
