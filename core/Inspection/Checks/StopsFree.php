<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** No stop sits where a standoff or a joint of the rail is. */
final class StopsFree implements AnchorCheck
{
    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $bodies = $plan->stopBodies();
        $reach = $context->kit->standoffBase->half()->minus(Length::mm(1));
        foreach ($context->kit->stop->passesStandoffs ? [] : $bodies as $body) {
            $over = array_values(
                array_filter(
                    $plan->rail->holes,
                    fn (Length $x) => $x->isOver($body->low->minus($reach)) && $x->isUnder($body->high->plus($reach)),
                ),
            );
            if ($over !== []) {
                $inset = $context->brief->rules->hangerInset ?? $context->kit->hanger->inset;
                $slides = $context->cures(
                    fn () => array_map(
                        fn (Length $left) => $context->cure('rail-slid', [
                            'brief.rules.rail_left' => $left,
                        ]),
                        $this->clear($context, $bodies, $reach),
                    ),
                );
                yield new Finding(
                    FindingCode::StopMeetsStandoff,
                    Severity::Settle,
                    'brief.rules.rail_left',
                    ['x' => $over[0]],
                    [
                        ...$slides,
                        $context->cure('hangers-in', [
                            'brief.rules.hanger_inset' => $inset->plus(Length::mm(20)),
                        ]),
                    ],
                );

                return;
            }
        }
        foreach ($plan->joints() as $joint) {
            foreach ($bodies as $body) {
                if ($joint->isOver($body->low) && $joint->isUnder($body->high)) {
                    yield new Finding(
                        FindingCode::StopOnJoint,
                        Severity::Settle,
                        'brief.rules.rail_left',
                        ['x' => $joint],
                        array_map(
                            fn (Length $by) => $context->cure('rail-slid', [
                                'brief.rules.rail_left' => $plan->rail->span->low->plus($by),
                            ]),
                            [Length::mm(60), Length::mm(-60)],
                        ),
                    );
                }
            }
        }
    }

    /**
     * The nearest place of the rail with no stop on a standoff.
     *
     * @param  list<Span>  $bodies
     * @return list<Length>
     */
    private function clear(CheckContext $context, array $bodies, Length $reach): array
    {
        $rail = $context->plan->rail;
        $range = $context->anchoring()->place()->range;
        $free = [];
        foreach ($rail->holes as $hole) {
            foreach ($bodies as $body) {
                foreach (
                    [
                        $context->down($rail->span->low->plus($body->low->minus($reach, $hole))),
                        $context->up($rail->span->low->plus($body->high->plus($reach)->minus($hole))),
                    ] as $left
                ) {
                    $by = $left->minus($rail->span->low);
                    $fouls = array_filter(
                        $rail->holes,
                        fn (Length $x) => array_filter(
                            $bodies,
                            fn (Span $other) => $x->plus($by)->isOver($other->low->minus($reach)) &&
                                $x->plus($by)->isUnder($other->high->plus($reach)),
                        ) !== [],
                    );
                    if ($range->contains($left) && $fouls === []) {
                        $free[abs($by->nm)] = $left;
                    }
                }
            }
        }
        ksort($free);

        return array_slice(array_values($free), 0, 1);
    }
}
