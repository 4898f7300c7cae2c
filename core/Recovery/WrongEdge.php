<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Work\StepKind;

/** Holes were bored from the wrong mark. */
final readonly class WrongEdge
{
    /** @param  non-empty-list<array{Length, Length}>  $holes  where each was bored, and where it should be */
    public function __construct(private OnSite $site, private array $holes) {}

    /** How far off: all of them alike. */
    public function error(): Length
    {
        return $this->holes[0][0]->minus($this->holes[0][1]);
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        return WayOut::ranked([$this->slide(), $this->anew()]);
    }

    private function slide(): WayOut
    {
        $plan = $this->site->plan;
        $by = $this->error();
        $left = $plan->rail->span->low->plus($by);
        $range = $this->site->slack();
        $alike =
            array_filter(
                $this->holes,
                fn (array $hole) => $hole[0]->minus($hole[1])->minus($by)->absolute()->isOver(Length::mm(1)),
            ) === [];
        $works = $alike && $range->contains($left) && ! $this->site->isDone(StepKind::RailUp);

        return new WayOut(
            'wrong-edge',
            'slide-rail',
            $works,
            0,
            [],
            0,
            match (true) {
                ! $alike => 'unlike',
                $works => $by->isNegative() ? 'more' : 'less',
                default => 'no-slack',
            },
            ['rail_left' => $left, 'range' => [$range->low, $range->high]],
            $this->site->written(['brief.rules.rail_left' => $left]),
            with: ['by' => $by->absolute(), 'low' => $range->low, 'high' => $range->high],
        );
    }

    private function anew(): WayOut
    {
        $plan = $this->site->plan;
        $half = $plan->kit->boltDiameter->half();
        $apart = $this->error()->absolute();
        $least = $plan->kit->boltDiameter->times(4);
        $old = array_map(
            fn (array $hole) => [
                'x' => $hole[0],
                'covered_by' => match (true) {
                    ! $hole[0]
                        ->minus($hole[1])
                        ->absolute()
                        ->plus($half)
                        ->isOver($plan->kit->standoffBase->half()) => 'standoff',
                    $plan->rail->span->widened($half->negated())->contains($hole[0]) => 'rail',
                    default => null,
                },
                'plug' => true,
            ],
            $this->holes,
        );
        $shows = array_filter($old, fn (array $hole) => $hole['covered_by'] === null) !== [];

        return new WayOut(
            'wrong-edge',
            'bore-anew',
            true,
            $shows ? 1 : 0,
            [],
            0,
            ($apart->isUnder($least) ? 'near' : 'far').($shows ? '-shows' : ''),
            ['apart' => $apart, 'least_apart' => $least, 'old_holes' => $old],
        );
    }
}
