<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Holding\Alternatives;
use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
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
        $place = Anchoring::of($this->site->plan)->place;

        return WayOut::ranked([
            $this->slide($place),
            ...$this->header(),
            $this->longer(),
            $this->newHoles($place),
            $this->way(
                'blocking',
                true,
                3,
                'Blocking behind it',
                'The wall is opened, a block screwed between the studs, the wall made good.',
            ),
            $this->way(
                'toggle',
                false,
                1,
                'A toggle in it',
                'A help only: it carries nothing, and the rest must hold by itself.',
            ),
        ]);
    }

    private function slide(RailPlace $place): WayOut
    {
        $held = $this->site->isDone(StepKind::RailUp);
        $hits = count($place->hitPlaces);

        return new WayOut(
            'slide',
            $place->holds && ! $held,
            0,
            [],
            0,
            "Slide the rail to {$this->site->say($place->left)}",
            $held
                ? 'What is bolted holds the rail: it has no slack left.'
                : "{$hits} of {$place->holes} holes hold there.".($place->holds ? '' : ' That does not carry it.'),
            ['range' => [$place->range->low, $place->range->high], 'best_hits' => $hits, 'of' => $place->holes],
            $this->site->written(['brief.rules.rail_left' => $place->left]),
        );
    }

    /** @return list<WayOut> a board over every stud, where there is none yet */
    private function header(): array
    {
        $plan = $this->site->plan;
        if ($plan->header !== null) {
            return [];
        }
        $most = $plan->yokeLine()->minus($plan->heights->casingTop->total)->times(2);
        $board = $most->roundedDownTo(Length::mm(self::BOARD_STEP_MM));
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
                'header',
                $works,
                1,
                $redo,
                $again === null ? 0 : $this->site->minutes($redo, $again),
                "A board of {$this->site->say($board)} on every stud",
                $again === null
                    ? 'There is no room for one over the casing.'
                    : "At most {$this->site->say($most)} goes in over the casing. Everything stands {$this->site->say($again->header->thickness ?? Length::zero())} further out: {$this->site->say($again->innerDepth()->clearance->total)} behind the leaf.",
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
            ),
        ];
    }

    private function longer(): WayOut
    {
        $plan = $this->site->plan;
        $hits = [];
        $best = null;
        $why = 'No longer rail is in stock that the wall takes.';
        foreach (Alternatives::longer($plan) as [$length, $place]) {
            $hits[(string) $length->toMm()] = count($place->hitPlaces);
            $best ??= $place->holds ? $length : null;
            $gap = RailPlace::greatestGap($place->hitPlaces);
            $why =
                "{$this->site->say($length)}: ".
                match (true) {
                    count($place->hitPlaces) < 2 => 'one hole holds',
                    $gap !== null && $gap->isOver($plan->kit->rail->maxFixingSpacing) => count($place->hitPlaces).
                        " hold, {$this->site->say($gap)} apart, more than {$this->site->say($plan->kit->rail->maxFixingSpacing)}",
                    default => count($place->hitPlaces).' hold, too far from an end',
                };
        }
        $redo = $best === null ? [] : [StepKind::Order, StepKind::RailUp, StepKind::RailTrue];

        return new WayOut(
            'longer-rail',
            $best !== null,
            1,
            $redo,
            $this->site->minutes($redo),
            $best === null ? 'A longer rail' : "A rail of {$this->site->say($best)}",
            $best === null ? $why.'.' : 'Its holes meet what holds.',
            ['hits' => $hits, 'why' => $why],
        );
    }

    private function newHoles(RailPlace $place): WayOut
    {
        $plan = $this->site->plan;
        $inRail = array_values(
            array_filter(
                array_map(fn ($stud) => $stud->x, $plan->doorway->survey->studs),
                $plan->rail->span->widened(Length::mm(-40))->contains(...),
            ),
        );
        usort($inRail, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $bodies = array_map(
            fn (Span $body) => $body->widened($plan->kit->standoffBase->half()->minus(Length::mm(1))),
            $plan->layout->stopsInTheWay($plan->kit->stop),
        );
        $foul = array_values(
            array_filter($inRail, fn (Length $x) => array_filter($bodies, fn (Span $body) => $body->contains($x)) !== []),
        );
        $good = $place->drilled();
        $within = $plan->kit->rail->firstFixingWithin;
        $ends = $place->ends($good);
        $gap = RailPlace::greatestGap($good);
        $why = match (true) {
            $place->newHolds => '',
            count($good) < 2 => 'fewer than two holes would hold',
            $gap !== null && $gap->isOver($plan->kit->rail->maxFixingSpacing) => "two are {$this->site->say($gap)} apart, more than {$this->site->say($plan->kit->rail->maxFixingSpacing)}",
            $ends !== null && $ends[0]->isOver($within) => "from the left end to the first good fixing is more than {$this->site->say($within)}",
            default => "from the right end to the first good fixing is more than {$this->site->say($within)}",
        };
        $redo = $place->newHolds ? [StepKind::BoreRail] : [];
        $spans = [];
        for ($i = 1; $i < count($good); $i++) {
            $spans[] = $good[$i]->minus($good[$i - 1]);
        }

        return new WayOut(
            'new-holes',
            $place->newHolds,
            1,
            $redo,
            $this->site->minutes($redo),
            'New holes in the rail at the studs',
            $why === ''
                ? 'At '.
                    WayOut::list($place->new, $this->site->say(...)).
                    ', each with its bolt, spacer, washer and sleeve.'
                : ucfirst($why).'.',
            [
                'studs_in_rail' => $inRail,
                'foul_stop_body' => $foul,
                'good' => $good,
                'spans' => $spans,
                'from_ends' => $ends,
                'first_fixing_within' => $within,
                'why' => $why,
            ],
            $this->site->written(['brief.backing' => 'site-drilled']),
        );
    }

    /** @param  int<0, 3>  $harm */
    private function way(string $id, bool $works, int $harm, string $title, string $says): WayOut
    {
        return new WayOut($id, $works, $harm, [], 0, $title, $says, []);
    }
}
