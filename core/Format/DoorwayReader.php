<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Doorway\Anchor;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Baseboard;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Casing;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Crown;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\FirstBolt;
use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Hazard;
use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderBrief;
use YokeLine\Doorway\HeaderReach;
use YokeLine\Doorway\HouseRules;
use YokeLine\Doorway\LeafBrief;
use YokeLine\Doorway\LeafInHand;
use YokeLine\Doorway\Lining;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\Marking;
use YokeLine\Doorway\Obstacle;
use YokeLine\Doorway\OldDoor;
use YokeLine\Doorway\OpenEnd;
use YokeLine\Doorway\Opening;
use YokeLine\Doorway\Opens;
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
use YokeLine\Doorway\WallEnd;
use YokeLine\Doorway\WorkRules;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;

/** The doorway file, version 1: document to values. A half-measured survey reads as far as it goes. */
final class DoorwayReader
{
    /** @var list<string> */
    private array $unfinished = [];

    private function __construct(private readonly Fields $at) {}

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
        $units = (new Fields($document, Unit::Millimetre))->choice('units', Unit::Millimetre);
        $fields = new Fields($document, $units);
        $fields->choice('units', $units);
        $reader = new self($fields);
        $doorway = new Doorway($fields->text('name', 'Doorway'), $units, $known ?? $reader->survey(), $reader->brief(), $reader->marking());
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
            $at->problem('survey.wall.to', 'The wall must end to the right of where it begins.');
        } elseif ($from !== null && $opening?->left->isUnder($from)) {
            $at->problem('survey.opening.left', 'The opening begins before the wall does; both are measured from the same zero.');
        } elseif ($to !== null && $opening?->span()->high->isOver($to)) {
            $at->problem('survey.opening.left', 'The opening reaches past the end of the wall; both are measured from the same zero.');
        }

        return new Survey(
            wallFrom: $from,
            wallTo: $to,
            ceiling: $at->positive('survey.wall.ceiling'),
            crown: $at->has('survey.wall.crown') ? new Crown($this->sizeOrNone('survey.wall.crown.drop'), $this->sizeOrNone('survey.wall.crown.projection')) : null,
            lining: $at->has('survey.wall.lining') ? new Lining($at->choice('survey.wall.lining.kind', LiningKind::Gypsum), $this->sizeOrNone('survey.wall.lining.thickness'), $at->text('survey.wall.lining.wood') ?: $at->text('survey.lining.wood')) : null,
            leftEnd: $at->choice('survey.wall.ends.left', WallEnd::Corner),
            rightEnd: $at->choice('survey.wall.ends.right', WallEnd::Corner),
            opening: $opening,
            baseboard: $at->has('survey.baseboard') ? new Baseboard($this->sizeOrNone('survey.baseboard.height'), $this->sizeOrNone('survey.baseboard.thickness')) : null,
            floorFinish: $at->text('survey.floor.finish'),
            floor: $this->floor(),
            studs: $this->studs(),
            hazards: $this->hazards(),
            obstacles: $this->obstacles(),
            solids: $this->solids(),
            wood: $at->text('survey.wood'),
            walkway: $at->positive('survey.wall.walkway'),
            pile: $at->size('survey.floor.pile'),
            plate: $at->size('survey.floor.plate'),
            unfinished: $this->unfinished,
        );
    }

    /** A pull whose words say no hook is left out: what hooks there are the wall says. */
    private function marking(): Marking
    {
        $at = $this->at;
        $pulls = [];
        foreach (['wall', 'board', 'rail', 'floor'] as $tape) {
            $pulls[$tape] = array_values(array_filter(array_map($at->text(...), $at->places("marking.pulls.{$tape}"))));
        }

        return new Marking($pulls, $at->oneOf('brief.rules.heights', ['level', 'places', 'laser']), $at->positive('marking.tape'), $at->length('marking.line'), $at->flag('marking.rail_up', false), $at->positive('marking.laser'), $at->length('marking.proved_at'), $at->size('marking.packing'), $this->plusMinus());
    }

    private function plusMinus(): PlusMinus
    {
        $usual = PlusMinus::usual();
        $by = fn (string $what, Length $else) => $this->at->size("marking.plus_minus.{$what}") ?? $else;

        return new PlusMinus($by('tape', $usual->tape), $by('level', $usual->level), $by('leaf', $usual->leaf), $by('hole', $usual->hole), $by('kit', $usual->kit));
    }

    /** A span of which one end is not told yet counts for nothing. */
    private function told(string $place): ?Span
    {
        [$from, $to] = [$this->at->length("{$place}[0]"), $this->at->length("{$place}[1]")];

        return $from === null || $to === null ? null : Span::between($from, $to);
    }

    private function opening(): ?Opening
    {
        $at = $this->at;
        $left = $at->length('survey.opening.left');
        $widths = $at->sizes('survey.opening.width');
        $heights = $at->sizes('survey.opening.height');
        $casing = new Casing(
            $this->sizeOrNone('survey.opening.casing.left'), $this->sizeOrNone('survey.opening.casing.right'),
            $this->sizeOrNone('survey.opening.casing.head'), $this->sizeOrNone('survey.opening.casing.thickness'),
        );

        return $left === null || $widths === [] ? null : new Opening($left, $widths, $heights, $casing, $at->choice('survey.opening.was', OldDoor::None), $at->choice('survey.opening.is', Spanned::Doorway));
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
                $this->at->problem("{$place}.x", 'Two readings stand at one place; which of them is it?');
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
                $studs[] = new Stud($x, $this->at->positive("{$place}.width") ?? Length::mm(38), $this->at->text("{$place}.source") ?: null, place: $place);
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
                $hazards[] = new Hazard($this->at->text("{$place}.kind"), $x, $y, $this->at->flag("{$place}.moved", false), $place, $this->at->text("{$place}.source", '') === 'site');
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
                $solids[] = new Solid($this->at->text("{$place}.kind", 'blocking'), $x, $y, $place);
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
                $obstacles[] = new Obstacle($this->at->text("{$place}.name", $kind), $kind, $x, $y, $this->sizeOrNone("{$place}.projection"), $this->sizeOrNone("{$place}.stands_off"), $this->at->flag("{$place}.moved", false), $place);
            }
        }

        return $obstacles;
    }

    private function brief(): Brief
    {
        $at = $this->at;
        $toOrder = $at->oneOf('brief.rules.sizes', ['stock', 'made-to-order']) === 'made-to-order';

        return new Brief(
            hang: $at->choice('brief.hang', Hang::Single),
            opens: $at->choice('brief.opens', Opens::Right),
            kit: $at->text('brief.kit'),
            leaf: new LeafBrief(
                width: $at->sizeOrAuto('brief.leaf.width'),
                height: $at->sizeOrAuto('brief.leaf.height'),
                thickness: $at->positive('brief.leaf.thickness'),
                stile: $at->positive('brief.leaf.stile') ?? Length::mm(100),
                stockWidths: $toOrder ? [] : $at->sizes('brief.leaf.stock_widths'),
                stockHeights: $toOrder ? [] : $at->sizes('brief.leaf.stock_heights'),
                construction: $at->has('brief.leaf.construction') ? $at->text('brief.leaf.construction.kind') : null,
                glassM2: $at->amountOrNone('brief.leaf.construction.glass_m2') ?? 0.0,
                glassThickness: $at->positive('brief.leaf.construction.glass_thickness') ?? Length::mm(4),
                massKg: $at->amount('brief.leaf.mass_kg'),
                hardwareKg: $at->amountOrNone('brief.leaf.hardware_kg') ?? 3.0,
                trimLimit: $this->sizeOrNone('brief.leaf.trim_limit'),
                solid: array_values(array_filter(array_map($this->told(...), $at->places('brief.leaf.solid')))),
            ),
            backing: $at->choice('brief.backing', Backing::Header),
            header: new HeaderBrief(
                width: $at->positive('brief.header.width') ?? Length::mm(140),
                thickness: $at->positive('brief.header.thickness') ?? Length::mm(38),
                align: $at->choice('brief.header.align', HeaderAlign::Centred),
                reveal: $at->length('brief.header.reveal') ?? Length::mm(25),
                overrun: $at->size('brief.header.overrun') ?? Length::mm(65),
                reach: $at->choice('brief.header.reach', HeaderReach::Overrun),
                buildOut: $this->sizeOrNone('brief.header.build_out'),
                wood: $at->text('brief.header.wood'),
                lengths: $at->sizes('brief.header.lengths'),
            ),
            frontPull: $this->pull('brief.pulls.front'),
            wallPull: $this->pull('brief.pulls.wall'),
            rules: $this->rules(),
            inHand: $this->inHand(),
            anchor: $this->anchor(),
            purposes: array_values(array_unique(array_filter(array_map(fn (string $place) => $at->text($place), $at->places('brief.purpose'))))),
        );
    }

    private function pull(string $path): ?Pull
    {
        /** @var PullKind $kind */
        $kind = $this->at->choice("{$path}.kind", PullKind::None);

        return $kind === PullKind::None ? null : new Pull($kind, $this->sizeOrNone("{$path}.width"), $this->sizeOrNone("{$path}.height"), $this->sizeOrNone("{$path}.projection"));
    }

    private function inHand(): ?LeafInHand
    {
        $at = $this->at;

        return $at->has('brief.in_hand') ? new LeafInHand(
            $at->positive('brief.in_hand.width'),
            $at->positive('brief.in_hand.height'),
            $at->sizes('brief.in_hand.thickness'),
            $at->amount('brief.in_hand.mass_kg'),
        ) : null;
    }

    private function anchor(): ?Anchor
    {
        $at = $this->at;
        [$diameter, $embedment] = [$at->positive('brief.anchor.diameter'), $at->positive('brief.anchor.embedment')];
        [$tension, $shear] = [$at->amount('brief.anchor.tension_N'), $at->amount('brief.anchor.shear_N')];

        return $diameter === null || $embedment === null || $tension === null || $shear === null ? null : new Anchor($at->text('brief.anchor.kind', 'anchor'), $diameter, $embedment, $tension, $shear);
    }

    private function rules(): HouseRules
    {
        $at = $this->at;
        /** @var Cover $cover */
        $cover = $at->choice('brief.rules.cover', Cover::Opening);

        return new HouseRules(
            cover: $cover,
            overlapSaid: $at->length('brief.rules.side_overlap'),
            casingMargin: $at->length('brief.rules.casing_margin') ?? Length::mm(12),
            surplus: $at->choice('brief.rules.surplus', Surplus::Trailing),
            park: $at->length('brief.rules.park') ?? Length::zero(),
            gap: $at->size('brief.rules.gap') ?? Length::mm(12),
            headOverlap: $at->length('brief.rules.head_overlap') ?? Length::mm(25),
            endClearance: $at->size('brief.rules.end_clearance') ?? Length::mm(25),
            guideMargin: $at->size('brief.rules.guide_margin') ?? Length::mm(5),
            meetingGap: $at->size('brief.rules.meeting_gap') ?? Length::mm(3),
            midOverlap: $at->positive('brief.rules.mid_overlap'),
            hangerInset: $at->positive('brief.rules.hanger_inset'),
            pullHeight: $at->positive('brief.rules.pull_height') ?? Length::mm(965),
            spacer: $at->size('brief.rules.spacer') ?? Length::zero(),
            softClose: $at->oneOf('brief.rules.soft_close', ['auto', 'off']) !== 'off',
            reach: $at->choice('brief.rules.reach', Reach::Head),
            aboveCasing: $at->size('brief.rules.above_casing') ?? Length::mm(40),
            railReach: $at->choice('brief.rules.rail_reach', RailReach::Needed),
            openEnd: $at->choice('brief.rules.open_end', OpenEnd::Stop),
            parked: $at->flag('brief.rules.parked', false),
            loadFactorTenths: (int) round(10 * ($at->amount('brief.rules.load_factor') ?? 2.0)),
            oneDisc: $at->oneOf('brief.rules.jump_discs', ['two', 'one']) === 'one',
            aisle: $at->positive('brief.rules.aisle'),
            railLeft: $at->length('brief.rules.rail_left'),
            washers: $at->flag('brief.rules.washers', false),
            schedule: new WorkRules(
                $at->count('brief.rules.coats_leaf', 2), $at->count('brief.rules.coats_board', 2), $at->count('brief.rules.dry', 240), $at->count('brief.rules.cure', 960),
                ['first' => true, 'last' => false][$at->oneOf('brief.rules.old_leaf', ['auto', 'first', 'last'])] ?? null,
                $at->flag('brief.rules.props', false), $at->flag('brief.rules.trial', false),
                $at->choice('brief.rules.first_bolt', FirstBolt::Ends), $at->choice('brief.rules.tightened', Tightened::LevelThen),
            ),
        );
    }

    private function sizeOrNone(string $path): Length
    {
        return $this->at->size($path) ?? Length::zero();
    }
}
