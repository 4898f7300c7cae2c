<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** How high the marks stand: read from the floor at each place, or as offsets from a laser's line. */
final readonly class Heights
{
    /**
     * @param  list<Reading>  $readings  from the floor there
     * @param  'tape'|'check'|'laser'  $how  a tape is hooked there, or checks there what is level, or a laser finds it
     */
    private function __construct(
        public string $place,
        public Length $x,
        public Length $floor,
        public array $readings,
        public string $how,
    ) {}

    /** The place under the sweep where the floor is highest, the one nearest its middle. */
    public static function highSpot(Plan $plan): Length
    {
        $middle = $plan->floor->sweep->middle();
        $best = $plan->floor->highSpot();
        foreach ($plan->floor->places() as $x) {
            if (
                $plan->floor->at($x)->isZero() &&
                $x
                    ->minus($middle)
                    ->absolute()
                    ->isUnder($best->minus($middle)->absolute())
            ) {
                $best = $x;
            }
        }

        return $best;
    }

    /** @return list<self> by place along the wall, ascending */
    public static function of(Plan $plan): array
    {
        $places = ['high-spot' => self::highSpot($plan)];
        if ($plan->header !== null) {
            $places += ['board-l' => $plan->header->span->low, 'board-r' => $plan->header->span->high];
            foreach (Tapes::of($plan)->studs() as $i => $stud) {
                $places['stud-'.($i + 1)] = $stud;
            }
        } else {
            foreach ($plan->rail->holes as $i => $hole) {
                $places['hole-'.($i + 1)] = $hole;
            }
        }
        $plate = $plan->doorway->survey->plate ?? Length::zero();
        $found = [];
        foreach ($places as $place => $x) {
            $floor = $plan->floor->at($x);
            $found[] = new self(
                $place,
                $x,
                $floor,
                array_map(
                    fn (TapeMark $mark) => Reading::of(
                        $mark,
                        $mark->place->minus($floor, $plate),
                        $plan->doorway->step(),
                    ),
                    self::marks($plan),
                ),
                match ($plan->doorway->marking->heights) {
                    'laser' => 'laser',
                    'level' => $place === 'high-spot' ? 'tape' : 'check',
                    default => 'tape',
                },
            );
        }
        usort($found, fn (self $a, self $b) => $a->x->nm <=> $b->x->nm);

        return $found;
    }

    /** @return list<TapeMark> up the wall, in room y, ascending */
    public static function marks(Plan $plan): array
    {
        return [
            ...$plan->header === null
                ? []
                : [new TapeMark('board-foot', 'up', $plan->header->foot->total, 'mark-line')],
            new TapeMark('yoke', 'up', $plan->yokeLine(), 'mark-line'),
        ];
    }

    /** Where a laser's line is, of which the tape read so much at x. */
    public static function laser(Plan $plan, Length $x, Length $reading): Length
    {
        return $reading->plus($plan->floor->at($x));
    }
}
