<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\Ends;
use YokeLine\Doorway\Obstacle;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;

/**
 * Rubber that ends a leaf's travel at its edge, on what stands beside it: a return of the wall, a half wall, a casing.
 */
final readonly class Buffer
{
    /** Further from the leaf's edge than this nothing carries one. */
    private const REACH_MM = 60;

    /** A leaf higher than this knocks on a second one, so far under its top. */
    private const SECOND_OVER_MM = 2200;

    /**
     * @param  Span  $span  what it takes up along the wall
     * @param  non-empty-list<Length>  $heights  over the floor, ascending
     */
    private function __construct(
        public string $leaf,
        /** @var 'shut'|'open' */
        public string $way,
        public Length $edge,
        public Length $thickness,
        public Span $span,
        public array $heights,
        public ?Length $carrier,
        public ?Obstacle $on,
    ) {}

    /** As thick as the leaf wants it. */
    public static function thickness(Unit $unit): Length
    {
        return $unit === Unit::Inch ? Length::sixteenths(10) : Length::mm(15);
    }

    /** How far off a thing may stand that carries one. */
    public static function reach(): Length
    {
        return Length::mm(self::REACH_MM);
    }

    /** @return list<self> leaf by leaf */
    public static function of(Plan $plan): array
    {
        $found = [];
        foreach ($plan->layout->runs as $leaf => $run) {
            foreach (Ends::WAYS as $way) {
                if ($plan->layout->endedBy($leaf, $way) === EndBy::WallBuffer) {
                    $found[] = self::at($plan, $leaf, $run, $way);
                }
            }
        }

        return $found;
    }

    /** What fills the space between what carries it and the buffer; nothing where it is as thick as the space. */
    public function packing(): Length
    {
        return $this->carrier === null
            ? Length::zero()
            : $this->carrier->minus($this->edge)->absolute()->minus($this->thickness)->orZeroIfNegative();
    }

    /** @param  'shut'|'open'  $way */
    private static function at(Plan $plan, string $leaf, LeafRun $run, string $way): self
    {
        $stands = $way === 'shut' ? $run->closed() : $run->open();
        $goesRight = ($way === 'open') === ($run->direction === 1);
        $edge = $goesRight ? $stands->high : $stands->low;
        $low = $plan->doorway->brief->ends->at($leaf, $way);
        $leafHeight = $plan->heights->leaf->size->total;
        $heights = $leafHeight->isOver(Length::mm(self::SECOND_OVER_MM))
            ? [$low, $plan->heights->leafTop()->minus($low)]
            : [$low];
        [$carrier, $on] = self::carrier($plan, $leaf, $edge, $goesRight, $heights);

        $thick = self::thickness($plan->doorway->units);
        $span = $goesRight ? new Span($edge, $edge->plus($thick)) : new Span($edge->minus($thick), $edge);

        return new self($leaf, $way, $edge, $thick, $span, $heights, $carrier, $on);
    }

    /**
     * The nearest thing past the edge that reaches out as far as the leaf hangs, at every height.
     *
     * @param  non-empty-list<Length>  $heights
     * @return array{?Length, ?Obstacle}
     */
    private static function carrier(Plan $plan, string $leaf, Length $edge, bool $goesRight, array $heights): array
    {
        $wall = $plan->room->wall;
        $survey = $plan->doorway->survey;
        $end = $goesRight ? $survey->rightEnd : $survey->leftEnd;
        $things = $end->isOpen() ? [] : [[$goesRight ? $wall->high : $wall->low, null]];
        $depth = new Span($plan->depths[$leaf]->leafBack->total, $plan->depths[$leaf]->leafFront->total);
        foreach ($plan->room->obstacles as $obstacle) {
            $misses = array_filter($heights, fn (Length $height) => ! $obstacle->y->contains($height));
            if ($misses === [] && $obstacle->z()->overlaps($depth)) {
                $things[] = [$goesRight ? $obstacle->x->low : $obstacle->x->high, $obstacle];
            }
        }
        $near = array_filter($things, function (array $thing) use ($edge, $goesRight): bool {
            $off = $goesRight ? $thing[0]->minus($edge) : $edge->minus($thing[0]);

            return ! $off->isUnder(Tolerance::tape()->negated()) && ! $off->isOver(self::reach());
        });
        $off = fn (Length $at) => $at->minus($edge)->absolute()->nm;
        usort($near, fn (array $a, array $b) => $off($a[0]) <=> $off($b[0]));

        return $near[0] ?? [null, null];
    }
}
