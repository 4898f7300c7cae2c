<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Doorway\Yard;
use YokeLine\Holding\Alternatives;
use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Planning\RailPlace;
use YokeLine\Work\StepKind;

/** A hole of the rail has no stud behind it. */
final readonly class HoleMissed
{
    /** Boards come in whole centimetres of width. */
    private const BOARD_STEP_MM = 10;

    public function __construct(private OnSite $site) {}

    /** @return list<WayOut> */
    public function ways(): array
    {
        $place = Anchoring::of($this->site->plan)->place();

        return WayOut::ranked([
            $this->slide($place),
            ...$this->header(),
            $this->longer(),
            $this->newHoles($place),
            new WayOut('hole-missed', 'blocking', true, 3, [], 0, '', []),
            new WayOut('hole-missed', 'toggle', false, 1, [], 0, '', []),
        ]);
    }

    private function slide(RailPlace $place): WayOut
    {
        $held = $this->site->isDone(StepKind::RailUp);
        $hits = count($place->hitPlaces);

        return new WayOut(
            'hole-missed',
            'slide',
            $place->holds && ! $held,
            0,
            [],
            0,
            $held ? 'bolted' : ($place->holds ? 'holds' : 'falls'),
            ['range' => [$place->range->low, $place->range->high], 'best_hits' => $hits, 'of' => $place->holes],
            $this->site->written(['brief.rules.rail_left' => $place->left]),
            with: ['to' => $place->left],
        );
    }

    /** As wide as there is room for: in inches the next one that yards have, else a wider one ripped to the tape. */
    private function board(Length $most, Unit $units): Length
    {
        return $units === Unit::Inch
            ? Yard::narrower($most, $units) ?? $most->roundedDownTo($units->step())
            : $most->roundedDownTo(Length::mm(self::BOARD_STEP_MM));
    }

    /** @return list<WayOut> a board over every stud, where there is none yet */
    private function header(): array
    {
        $plan = $this->site->plan;
        if ($plan->header !== null) {
            return [];
        }
        $most = $plan->yokeLine()->minus($plan->heights->casingTop->total)->times(2);
        $board = $this->board($most, $plan->doorway->units);
        $changes = [
            'brief.backing' => 'header',
            'brief.header.align' => 'centred',
            'brief.header.width' => $board,
            'brief.leaf.width' => $plan->layout->width->size->total,
            'brief.leaf.height' => $plan->heights->leaf->size->total,
        ];
        $again = $board->isPositive() ? $this->site->again($changes) : null;
        $redo = [
            StepKind::Order,
            StepKind::CutBoard,
            StepKind::MarkBoard,
            StepKind::BoreBoard,
            StepKind::CoatBoard,
            StepKind::BoardUp,
            StepKind::BoardFix,
            StepKind::RailUp,
            StepKind::RailTrue,
        ];
        $studs = $again === null ? [] : Anchoring::of($again)->header->at ?? [];
        $works =
            $again !== null &&
            count($studs) >= 2 &&
            ! $again->innerDepth()->clearance->total->isUnder(Length::mm(LeafDiffers::CLEAR_MM));

        return [
            new WayOut(
                'hole-missed',
                'header',
                $works,
                1,
                $redo,
                $again === null ? 0 : $this->site->minutes($redo, $again),
                $again === null ? 'no-room' : 'fits',
                $again === null
                    ? ['board_at_most' => $most]
                    : [
                        'board_at_most' => $most,
                        'board' => $board,
                        'foot' => $again->header?->foot->total,
                        'head_y' => $again->heights->head->total,
                        'studs' => $studs,
                        'board_thickness' => $again->header?->thickness,
                        'depth' => [
                            'rail_centre' => $again->innerDepth()->rail->total,
                            'leaf_back' => $again->innerDepth()->leafBack->total,
                            'clearance' => $again->innerDepth()->clearance->total,
                        ],
                    ],
                $this->site->written($changes),
                with: [
                    'board' => $board,
                    'thickness' => $again->header->thickness ?? Length::zero(),
                    'clearance' => $again?->innerDepth()->clearance->total ?? Length::zero(),
                ],
            ),
        ];
    }

    private function longer(): WayOut
    {
        $plan = $this->site->plan;
        $hits = [];
        $best = null;
        $why = new Message('recovery.longer', [], 'none');
        foreach (Alternatives::longer($plan) as [$length, $place]) {
            $hits[(string) $length->toMm()] = count($place->hitPlaces);
            $best ??= $place->holds ? $length : null;
            $gap = RailPlace::greatestGap($place->hitPlaces);
            $most = $plan->kit->rail->maxFixingSpacing;
            $why = new Message(
                'recovery.longer',
                [
                    'length' => $length,
                    'hits' => count($place->hitPlaces),
                    'gap' => $gap ?? Length::zero(),
                    'most' => $most,
                ],
                match (true) {
                    count($place->hitPlaces) < 2 => 'one',
                    $gap !== null && $gap->isOver($most) => 'apart',
                    default => 'ends',
                },
            );
        }
        $redo = $best === null ? [] : [StepKind::Order, StepKind::RailUp, StepKind::RailTrue];

        return new WayOut(
            'hole-missed',
            'longer-rail',
            $best !== null,
            1,
            $redo,
            $this->site->minutes($redo),
            $best === null ? 'none' : 'holds',
            ['hits' => $hits],
            with: $best === null ? ['why' => $why] : ['length' => $best],
        );
    }

    private function newHoles(RailPlace $place): WayOut
    {
        $plan = $this->site->plan;
        $inRail = array_filter(
            array_map(fn ($stud) => $stud->x, $plan->doorway->survey->studs),
            $plan->rail->span->contains(...),
        );
        usort($inRail, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $bodies = array_map(
            fn (Span $body) => $body->widened($plan->kit->standoffBase->half()->minus(Length::mm(1))),
            $plan->layout->stopsInTheWay($plan->kit->stop),
        );
        $foul = array_values(
            array_filter(
                $inRail,
                fn (Length $x) => array_filter($bodies, fn (Span $body) => $body->contains($x)) !== [],
            ),
        );
        $good = $place->drilled();
        $within = $plan->kit->rail->firstFixingWithin;
        $ends = $place->ends($good);
        $gap = RailPlace::greatestGap($good);
        $why = match (true) {
            $place->newHolds => 'holds',
            count($good) < 2 => 'few',
            $gap !== null && $gap->isOver($plan->kit->rail->maxFixingSpacing) => 'apart',
            $ends !== null && $ends[0]->isOver($within) => 'left-end',
            default => 'right-end',
        };
        $redo = $place->newHolds ? [StepKind::BoreRail] : [];
        $spans = [];
        for ($i = 1; $i < count($good); $i++) {
            $spans[] = $good[$i]->minus($good[$i - 1]);
        }

        return new WayOut(
            'hole-missed',
            'new-holes',
            $place->newHolds,
            1,
            $redo,
            $this->site->minutes($redo),
            $why,
            [
                'studs_in_rail' => $inRail,
                'foul_stop_body' => $foul,
                'good' => $good,
                'spans' => $spans,
                'from_ends' => $ends,
                'first_fixing_within' => $within,
            ],
            $this->site->written(['brief.backing' => 'site-drilled']),
            with: [
                'holes' => $place->new,
                'gap' => $gap ?? Length::zero(),
                'most' => $plan->kit->rail->maxFixingSpacing,
            ],
        );
    }
}
