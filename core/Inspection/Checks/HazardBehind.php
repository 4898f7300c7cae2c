<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Holding;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\RailPlace;

/** Nothing goes in where a cable or pipe is. */
final class HazardBehind implements AnchorCheck
{
    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $survey = $plan->doorway->survey;
        $heights = $plan->boltHeights();
        $held = count($context->anchoring()->supports);
        foreach ($survey->hazardsThatStay() as $hazard) {
            $zones = Holding::zones($survey->only($hazard), $plan->floor, $heights);
            $hit = array_values(
                array_filter(
                    $plan->rail->holes,
                    fn (Length $x) => array_filter($zones, fn (Span $zone) => $zone->contains($x)) !== [],
                ),
            );
            if ($hit !== []) {
                $what = $hazard->called();
                $carries =
                    $held >= 2 &&
                    RailPlace::carries(
                        $context->anchoring()->supports,
                        $plan->rail->span,
                        $context->kit->rail,
                        $plan->rail->pieces,
                    );
                yield new Finding(
                    FindingCode::CableBehind,
                    $carries ? Severity::Settle : Severity::Stop,
                    "{$hazard->place}.x[0]",
                    [
                        'x' => $hit[0],
                        'what' => $what,
                        'count' => count($hit),
                        'zone' => Length::mm(Holding::ZONE_MM),
                    ],
                    [
                        ...$context->cures(fn () => $this->slides($context, $zones)),
                        $context->cure('hazard-moved', ["{$hazard->place}.moved" => true], ['what' => $what]),
                    ],
                    how: $carries ? 'carries' : 'falls',
                );
            }
        }
    }

    /**
     * The nearest places of the rail at which none of its holes is near it.
     *
     * @param  list<Span>  $zones
     * @return list<Cure>
     */
    private function slides(CheckContext $context, array $zones): array
    {
        $rail = $context->plan->rail;
        $range = $context->anchoring()->place()->range;
        $free = [];
        foreach ($rail->holes as $hole) {
            foreach ($zones as $zone) {
                foreach ([$zone->low->minus(Length::nm(1)), $zone->high->plus(Length::nm(1))] as $clear) {
                    $left = $rail->span->low->plus($clear->minus($hole));
                    $left = $clear->isUnder($zone->low) ? $context->down($left) : $context->up($left);
                    $by = $left->minus($rail->span->low);
                    $clearOfAll =
                        array_filter(
                            $rail->holes,
                            fn (Length $x) => array_filter(
                                $zones,
                                fn (Span $other) => $other->contains($x->plus($by)),
                            ) !== [],
                        ) === [];
                    if ($range->contains($left) && $clearOfAll) {
                        $free[abs($by->nm)] = $left;
                    }
                }
            }
        }
        ksort($free);

        return array_map(
            fn (Length $left) => $context->cure('rail-slid', [
                'brief.rules.rail_left' => $left,
            ]),
            array_slice(array_values($free), 0, 1),
        );
    }
}
