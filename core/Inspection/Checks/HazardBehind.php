<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Holding;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\RailPlace;

/** Nothing goes in where a cable or pipe is. */
final class HazardBehind implements AnchorCheck
{
    public function look(Sight $sight): iterable
    {
        $plan = $sight->plan;
        $survey = $plan->doorway->survey;
        $heights = $plan->boltHeights();
        $held = count($sight->anchoring()->supports);
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
                        $sight->anchoring()->supports,
                        $plan->rail->span,
                        $sight->kit->rail,
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
                        ...$sight->cures(fn () => $this->slides($sight, $zones)),
                        $sight->cure('hazard-moved', ["{$hazard->place}.moved" => true], ['what' => $what]),
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
    private function slides(Sight $sight, array $zones): array
    {
        $rail = $sight->plan->rail;
        $range = $sight->anchoring()->place->range;
        $free = [];
        foreach ($rail->holes as $hole) {
            foreach ($zones as $zone) {
                foreach ([$zone->low->minus(Length::nm(1)), $zone->high->plus(Length::nm(1))] as $clear) {
                    $left = $rail->span->low->plus($clear->minus($hole));
                    $left = $clear->isUnder($zone->low) ? $sight->down($left) : $sight->up($left);
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
            fn (Length $left) => $sight->cure('rail-slid', [
                'brief.rules.rail_left' => $left,
            ]),
            array_slice(array_values($free), 0, 1),
        );
    }
}
