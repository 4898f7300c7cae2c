<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\TrimmedFrom;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Tolerance;

/** What is bored and cut in one leaf: with which bits in steps, from which side, and whether it lands in solid wood. */
final readonly class Drilling
{
    /**
     * @param  string  $kind  hanger, disc, trigger, pull or groove
     * @param  list<Length>  $bits  in steps; [] where the part's own sheet says it
     * @param  array<string, Length>  $with
     * @param  ?Length  $depth  from the face it is bored from, null right through
     */
    private function __construct(
        public string $kind,
        public int $count,
        public array $bits,
        private string $from,
        public ?Length $depth,
        private array $with = [],
    ) {}

    /** Which holes, and how many. */
    public function says(): Message
    {
        return new Message('marks.drilled', ['count' => $this->count], $this->kind);
    }

    /** From which side, and how. */
    public function from(): Message
    {
        return new Message('marks.drilled-from', $this->with, $this->from);
    }

    /** @return list<self> */
    public static function of(Plan $plan, PlannedLeaf $leaf): array
    {
        $hanger = $plan->kit->hanger;
        $hangers = $plan->hangers()->count;
        $unit = $plan->doorway->units;
        $pilot = [self::first($unit)];
        $onEdge = 'top-edge';
        $down = fn (int $mm, int $sixteenths) => $unit->usual(Length::mm($mm), Length::sixteenths($sixteenths));
        $rows = [
            $hanger->style === HangerStyle::FaceStrap
                ? new self(
                    'hanger',
                    $hangers * count($plan->heights->hangerHoles),
                    self::steps($plan->leafHole(), $unit),
                    'face',
                    null,
                )
                : new self('plate', 4 * $hangers, $pilot, $onEdge, $down(35, 22)),
        ];
        if ($plan->kit->jumpDisc !== null) {
            $rows[] = new self('disc', $plan->doorway->brief->rules->oneDisc ? 1 : 2, $pilot, $onEdge, $down(30, 20));
        }
        if ($leaf->softClose) {
            $count = $plan->kit->softClose?->sides->count() ?? 2;
            $rows[] = new self('trigger', $count, $pilot, $onEdge, $down(25, 16));
        }
        $rows[] = new self('pull', 2, [], 'face-by-sheet', null);
        if ($plan->cutsGroove()) {
            $rows[] = new self(
                'groove',
                1,
                [],
                $leaf->guide->grooveFrom === null ? 'foot' : 'foot-stopped',
                $leaf->guide->grooveDepth,
                ['from' => $leaf->guide->grooveFrom ?? Length::zero()],
            );
        }

        return $rows;
    }

    /**
     * A pilot, then larger bits in even steps up to the full size.
     *
     * @return non-empty-list<Length>
     */
    public static function steps(Length $full, Unit $unit): array
    {
        $pilot = self::first($unit);
        $over = $full->minus($pilot);
        if (! $over->isPositive()) {
            return [$full];
        }
        // A bit is followed by one at most so much larger, so that it runs true.
        $finest = $unit->usual(Length::mm(1), Length::nm(intdiv(Length::NM_PER_INCH, 64)));
        $count = $over->stepsOf($unit->usual(Length::mm(4), Length::sixteenths(2)));

        return [
            $pilot,
            ...array_map(
                fn (int $i) => $i === $count
                    ? $full
                    : $pilot->plus($over->scaled($i, $count))->roundedTo($finest),
                range(1, $count),
            ),
        ];
    }

    private static function first(Unit $unit): Length
    {
        return $unit->usual(Length::mm(3), Length::sixteenths(2));
    }

    /** @return list<TapeMark> holes that miss every solid member, as far as it is told where those are */
    public static function outsideSolid(Plan $plan): array
    {
        $leaf = $plan->doorway->brief->leaf;
        if ($leaf->solid === []) {
            return [];
        }
        $around = fn (TapeMark $mark) => str_starts_with($mark->id->kind, 'hanger') &&
        $plan->kit->hanger->style === HangerStyle::FaceStrap
            ? $plan->kit->hanger->solidAround()
            : Length::zero();

        return array_values(
            array_filter(
                Tapes::acrossAll($plan),
                fn (TapeMark $mark) => $leaf->holds($mark->place, $around($mark)) === false,
            ),
        );
    }

    /**
     * What is cut off the edges of the leaf that is there, so that it is as planned: half of it off either edge, what
     * is odd of a step off the trailing edge or the foot; or all of it there.
     *
     * @return list<array{'leading'|'trailing'|'top'|'foot', Length}>
     */
    public static function trims(Plan $plan, PlannedLeaf $of): array
    {
        $leaf = $plan->inHand($of);
        $shared = $plan->doorway->brief->rules->schedule->trimmed === TrimmedFrom::Shared;
        $over = [
            [$leaf?->width?->minus($plan->layout->width->size->total), 'leading', 'trailing'],
            [$leaf?->height?->minus($plan->heights->leaf->size->total), 'top', 'foot'],
        ];
        $step = $plan->doorway->units->step();
        $grid = Grid::of($plan->doorway);
        $trims = [];
        foreach ($over as [$much, $first, $second]) {
            if ($much?->isOver(Tolerance::tape()) === true) {
                $half = Length::nm(intdiv($much->half()->nm, $step->nm) * $step->nm);
                $trims = $shared
                    ? [...$trims, [$first, $half], [$second, $grid->upToSixteenth($much->minus($half))]]
                    : [...$trims, [$second, $grid->upToSixteenth($much)]];
            }
        }

        return $trims;
    }
}
