<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Header;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailPlace;

/** How a header board is held: two screws at every stud, or anchors in two rows on masonry, and what each takes. */
final readonly class HeaderAnchors
{
    private const END_MM = 30;

    /** Studs nearer than this work as one. */
    private const TOGETHER_MM = 150;

    /**
     * @param  list<Fixing>  $fixings
     * @param  list<Length>  $at  where the board is held: a stud, or the middle of some that work as one
     * @param  list<Peak>  $reactions  at each
     * @param  list<Length>  $rows  of screws, room y
     * @param  list<Length>  $leftOut  studs where no screw could be placed
     */
    private function __construct(
        public array $fixings,
        public array $at,
        public array $reactions,
        public array $rows,
        public ?Length $length,
        public array $leftOut,
    ) {}

    /**
     * @param  list<WheelRun>  $runs
     * @param  float  $hung  what hangs on a leaf's wheels, N
     */
    public static function of(Plan $plan, Header $header, array $runs, float $hung): self
    {
        $layers = Layers::of($plan);
        $fasteners = Fasteners::of($plan->doorway->units);
        $rows = [
            $header->foot->total->plus($fasteners->row()),
            $header->top->total->minus($fasteners->row()),
        ];
        [$places, $leftOut] = $layers->isMasonry
            ? [self::onMasonry($plan, $header, $rows), []]
            : self::onStuds($plan, $header, $rows);
        $groups = self::groups($places);
        $at = array_map(fn (array $group) => self::middle(array_column($group, 'stud')), $groups);
        $reactions = array_fill(0, count($at), Peak::none());
        // What pries the board off: each leaf by how far out its rail runs.
        $pulls = array_fill(0, count($at), 0.0);
        $out = array_map(fn (Depth $depth) => $depth->rail->total->toMm(), array_values($plan->depths));
        if (count($at) >= 2) {
            foreach (Influence::ofLever(array_map(fn (Length $x) => $x->toMm(), $at)) as $i => $influence) {
                foreach ($runs as $leaf => $run) {
                    $peak = Peak::of($influence, $run, $hung);
                    $reactions[$i] = $reactions[$i]->plus($peak);
                    $pulls[$i] += $peak->demand() * ($out[$leaf] ?? $out[0]);
                }
            }
        }
        $self = new self(
            [],
            $at,
            array_values($reactions),
            $rows,
            $layers->isMasonry ? $layers->headerAnchor($plan->doorway->brief->anchor?->embedment) : $layers->screw(),
            $leftOut,
        );
        $fixings = [];
        foreach ($groups as $i => $group) {
            array_push($fixings, ...$self->screws($plan, $header, $layers, $group, $reactions[$i], $pulls[$i]));
        }

        return new self($fixings, $at, $self->reactions, $rows, $self->length, $leftOut);
    }

    /** The same under so many times the load, so much higher. */
    public function carrying(float $by, Length $up): self
    {
        return new self(
            array_map(fn (Fixing $fixing) => $fixing->carrying($by, $up), $this->fixings),
            $this->at,
            array_map(fn (Peak $peak) => $peak->times($by), $this->reactions),
            array_map($up->plus(...), $this->rows),
            $this->length,
            $this->leftOut,
        );
    }

    /** The greatest distance that the board spans between two places where it is held. */
    public function greatestGap(): ?Length
    {
        return RailPlace::greatestGap($this->at);
    }

    /**
     * @param  list<array{stud: Length, screws: list<array{Length, Length}>}>  $group
     * @param  float  $pull  N mm, static
     * @return list<Fixing>
     */
    private function screws(
        Plan $plan,
        Header $header,
        Layers $layers,
        array $group,
        Peak $reaction,
        float $pull,
    ): array {
        $screws = array_merge(
            ...array_map(
                fn (array $stud) => array_map(fn (array $at) => [...$at, $stud['stud']], $stud['screws']),
                $group,
            ),
        );
        $count = count($screws);
        if ($count === 0) {
            return [];
        }
        $loadFactor = $plan->doorway->brief->rules->loadFactorTenths / 10;
        $upper = array_filter($screws, fn (array $screw) => $screw[1]->equals($this->rows[1]));
        $each = new Peak($reaction->max / $count, $reaction->min / $count, $reaction->leftWheelAt);
        $pull *= $loadFactor;
        $width = $header->top->total->minus($header->foot->total)->toMm();
        $row = Fasteners::of($plan->doorway->units)->row()->toMm();
        $lever = $width - $row;
        $fixings = [];
        foreach ($screws as [$x, $y, $stud]) {
            $isUpper = $y->equals($this->rows[1]);
            // With no upper screw the lower ones hold the board against its own foot.
            $tension = match (true) {
                $upper === [] => $pull / ($row * $count),
                $isUpper => $pull / ($lever * count($upper)),
                default => 0.0,
            };
            $load = new Load($each, ($reaction->demand() * $loadFactor) / $count, $tension);
            $fixings[] = $this->screw($plan, $layers, $x, $y, $stud, $load, $loadFactor);
        }

        return $fixings;
    }

    private function screw(
        Plan $plan,
        Layers $layers,
        Length $x,
        Length $y,
        Length $stud,
        Load $load,
        float $loadFactor,
    ): Fixing {
        $brief = $plan->doorway->brief;
        $fasteners = Fasteners::of($plan->doorway->units);
        $anchor = $brief->anchor;
        if ($layers->isMasonry) {
            $strength =
                $anchor === null
                    ? Strength::notChecked()
                    : Strength::ofAnchor($anchor->tensionN, $anchor->shearN, $load);

            return new Fixing(
                'anchor',
                Member::Masonry,
                $x,
                $y,
                null,
                $anchor->diameter ?? $fasteners->silentAnchor(),
                $this->length,
                $anchor?->embedment->toMm() ?? 0.0,
                $load,
                $strength,
            );
        }
        $screw = fn (float $thread, Strength $strength) => new Fixing(
            'header-screw',
            Member::Stud,
            $x,
            $y,
            $stud,
            $fasteners->screwDiameter(),
            $this->length,
            $thread,
            $load,
            $strength,
        );
        $dowel = $fasteners->screw();
        $board = Wood::of($brief->header->wood);
        $wood = Wood::of($plan->doorway->survey->wood);
        $plank = Wood::of($plan->doorway->survey->lining->wood ?? '');
        if (
            $this->length === null ||
            $board->gravity === null ||
            $wood->gravity === null ||
            ($layers->isPlank && $plank->gravity === null)
        ) {
            return $screw(0.0, Strength::notChecked());
        }
        $long = $this->length->toMm();
        $behind = $long - $layers->board->toMm() - ($layers->isPlank ? 0.0 : $layers->lining->toMm());
        $thread = min((2 * $long) / 3, $behind);
        $inPlank = $layers->isPlank
            ? max(0.0, $thread - ($long - $layers->board->toMm() - $layers->lining->toMm()))
            : 0.0;
        $withdrawal =
            ($thread - $inPlank) * $dowel->withdrawal($wood->gravity) +
            $inPlank * $dowel->withdrawal((float) $plank->gravity);
        $lateral = $dowel->lateral(
            $dowel->bearing($board, true),
            $layers->board->toMm(),
            $dowel->bearing($wood, false),
            $behind,
            $layers->isPlank ? 0.0 : $layers->lining->toMm(),
            0.0,
        );

        return $screw($thread, Strength::of($withdrawal, $lateral, $load, $loadFactor));
    }

    /**
     * @param  list<Length>  $rows
     * @return array{list<array{stud: Length, screws: list<array{Length, Length}>}>, list<Length>}
     */
    private static function onStuds(Plan $plan, Header $header, array $rows): array
    {
        $inside = $header->span->widened(Length::mm(-self::END_MM));
        $bolts = [];
        foreach ($plan->rail->holes as $x) {
            foreach ($plan->boltHeights() as $y) {
                $bolts[] = [$x, $y];
            }
        }
        $apart = $plan->kit->boltDiameter->times(4);
        $screw = Fasteners::of($plan->doorway->units)->screwDiameter();
        $found = $leftOut = [];
        foreach (Holding::studs($plan->doorway->survey) as [$centre, $width]) {
            // A screw keeps one and a half of itself inside a stud.
            $reach = $width->half()->minus($screw->scaled(3, 2));
            $band = (new Span($centre->minus($reach), $centre->plus($reach)))->cutTo($inside);
            if ($reach->isNegative() || $band->length()->isNegative()) {
                continue;
            }
            $screws = [];
            foreach ($rows as $y) {
                $x = self::freeOf(
                    $centre,
                    $band,
                    $y,
                    $bolts,
                    $apart,
                    Holding::zones($plan->doorway->survey, $plan->floor, [$y]),
                );
                if ($x !== null) {
                    $screws[] = [$x, $y];
                }
            }
            if ($screws === []) {
                $leftOut[] = $centre;
            } else {
                $found[] = ['stud' => $centre, 'screws' => $screws];
            }
        }

        return [$found, $leftOut];
    }

    /**
     * The place in the band nearest to the stud's centre that is clear of every bolt and zone; the lesser of two alike.
     *
     * @param  list<array{Length, Length}>  $bolts
     * @param  list<Span>  $zones
     */
    private static function freeOf(
        Length $centre,
        Span $band,
        Length $y,
        array $bolts,
        Length $apart,
        array $zones,
    ): ?Length {
        $taken = $zones;
        $candidates = [$centre, $band->low, $band->high];
        foreach ($bolts as [$x, $at]) {
            $up = $at->minus($y)->toMm();
            $room = $apart->toMm() ** 2 - $up ** 2;
            if ($room > 0) {
                // Up to the next nanometre: a screw at the edge of it is clear.
                $taken[] = new Span(
                    $x->minus(Length::nm((int) ceil(sqrt($room) * 1e6))),
                    $x->plus(Length::nm((int) ceil(sqrt($room) * 1e6))),
                );
            }
        }
        foreach ($taken as $span) {
            array_push($candidates, $span->low, $span->high);
        }
        $free = array_filter(
            $candidates,
            fn (Length $x) => $band->contains($x) &&
                array_filter($taken, fn (Span $span) => $x->isOver($span->low) && $x->isUnder($span->high)) === [],
        );
        usort(
            $free,
            fn (Length $a, Length $b) => [abs($a->nm - $centre->nm), $a->nm] <=> [abs($b->nm - $centre->nm), $b->nm],
        );

        return $free[0] ?? null;
    }

    /**
     * @param  list<Length>  $rows
     * @return list<array{stud: Length, screws: list<array{Length, Length}>}>
     */
    private static function onMasonry(Plan $plan, Header $header, array $rows): array
    {
        $fasteners = Fasteners::of($plan->doorway->units);
        $grid = Grid::of($plan->doorway);
        $span = $header->span->widened($fasteners->firstAnchor()->negated());
        $bays = max(1, $span->length()->orZeroIfNegative()->stepsOf($fasteners->anchorsApart()));
        $found = [];
        for ($i = 0; $i <= $bays; $i++) {
            $x = $span->low->plus($span->length()->scaled($i, $bays));
            $x = $i > 0 && $i < $bays ? $grid->nearest($x) : $x;
            $screws = array_map(
                fn (Length $y) => [$x, $y],
                array_values(
                    array_filter(
                        $rows,
                        fn (Length $y) => Holding::inMasonry(
                            $plan->doorway->survey,
                            $plan->floor,
                            $plan->heights->head->total,
                            [$y],
                        )->holds($x),
                    ),
                ),
            );
            if ($screws !== []) {
                $found[] = ['stud' => $x, 'screws' => $screws];
            }
        }

        return $found;
    }

    /**
     * @param  list<array{stud: Length, screws: list<array{Length, Length}>}>  $places  ascending
     * @return list<non-empty-list<array{stud: Length, screws: list<array{Length, Length}>}>>
     */
    private static function groups(array $places): array
    {
        $groups = [];
        foreach ($places as $place) {
            $last = count($groups) - 1;
            if (
                $last >= 0 &&
                $place['stud']
                    ->minus($groups[$last][count($groups[$last]) - 1]['stud'])
                    ->isUnder(Length::mm(self::TOGETHER_MM))
            ) {
                $groups[$last][] = $place;
            } else {
                $groups[] = [$place];
            }
        }

        return $groups;
    }

    /** @param  non-empty-list<Length>  $places */
    private static function middle(array $places): Length
    {
        return Length::zero()->plus(...$places)->scaled(1, count($places));
    }
}
