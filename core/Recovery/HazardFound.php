<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Holding\Holding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\RailPlace;
use YokeLine\Work\StepKind;

/** A cable or pipe runs where a screw or a bolt should go. */
final readonly class HazardFound
{
    private Span $zone;

    /** @param  Span  $at  where it runs along the wall */
    public function __construct(private OnSite $site, Span $at, private string $kind)
    {
        $this->zone = $at->widened(Length::mm(Holding::ZONE_MM));
    }

    /** @return array{zone: Span, rail_holes: list<Length>, studs: list<Length>} what lies within 50 of it */
    public function hit(): array
    {
        $plan = $this->site->plan;
        $inside = fn (Length $x) => $x->isOver($this->zone->low) && $x->isUnder($this->zone->high);

        return [
            'zone' => $this->zone,
            'rail_holes' => array_values(array_filter($plan->rail->holes, $inside)),
            'studs' => array_values(
                array_filter(array_map(fn ($stud) => $stud->x, $plan->doorway->survey->studs), $inside),
            ),
        ];
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        return WayOut::ranked([$this->shift(), $this->skip(), $this->move()]);
    }

    private function shift(): WayOut
    {
        $plan = $this->site->plan;
        $range = $this->site->slack();
        $held = $this->site->isDone(StepKind::RailUp);
        $best = null;
        foreach ($plan->rail->holes as $hole) {
            foreach ([$this->zone->low, $this->zone->high] as $edge) {
                $left = $plan->rail->span->low->plus($edge->minus($hole));
                $by = $left->minus($plan->rail->span->low);
                $clear =
                    array_filter(
                        $plan->rail->holes,
                        fn (Length $x) => $x->plus($by)->isOver($this->zone->low) &&
                            $x->plus($by)->isUnder($this->zone->high),
                    ) === [];
                if (
                    $clear &&
                    $range->contains($left) &&
                    ($best === null || $by->absolute()->isUnder($best->minus($plan->rail->span->low)->absolute()))
                ) {
                    $best = $left;
                }
            }
        }
        $by = $best?->minus($plan->rail->span->low);
        $works = $best !== null && ! $held && ! $this->site->isDone($this->site->boring());

        return new WayOut(
            'hazard',
            'shift',
            $works,
            0,
            [],
            0,
            match (true) {
                $by === null => 'nowhere',
                ! $works => 'bored',
                $by->isNegative() => 'left',
                default => 'right',
            },
            $best === null || $by === null
                ? ['range' => [$range->low, $range->high]]
                : [
                    'range' => [$range->low, $range->high],
                    'rail_left' => $best,
                    'by' => $by,
                    'rail_right' => $plan->rail->span->high->plus($by),
                    'holes' => array_map(fn (Length $hole) => $hole->plus($by), $plan->rail->holes),
                ],
            $best === null ? [] : $this->site->written(['brief.rules.rail_left' => $best]),
            with: $best === null || $by === null ? [] : ['to' => $best, 'by' => $by->absolute()],
        );
    }

    private function skip(): WayOut
    {
        $plan = $this->site->plan;
        $left = array_values(
            array_filter(
                $plan->rail->holes,
                fn (Length $x) => ! in_array(
                    $x->nm,
                    array_map(fn (Length $hit) => $hit->nm, $this->hit()['rail_holes']),
                    true,
                ),
            ),
        );
        $gap = RailPlace::greatestGap($left);
        $works = RailPlace::carries($left, $plan->rail->span, $plan->kit->rail, $plan->rail->pieces);

        return new WayOut(
            'hazard',
            'skip',
            $works,
            0,
            [],
            0,
            $works ? 'carries' : 'falls',
            ['spacing' => $gap, 'limit' => $plan->kit->rail->maxFixingSpacing],
            $this->site->written(['brief.rules.rail_left' => $plan->rail->span->low]),
            with: ['spacing' => $gap ?? Length::zero()],
        );
    }

    private function move(): WayOut
    {
        return new WayOut(
            'hazard',
            'move-hazard',
            true,
            3,
            [StepKind::MoveHazard],
            $this->site->minutes([StepKind::MoveHazard]),
            $this->kind === 'cable' ? 'cable' : 'pipe',
            [],
        );
    }
}
