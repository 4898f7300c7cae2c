<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** What is left to walk in before the leaf: to furniture, to the wall across, and round the end of a wall that ends. */
final class Aisle implements Check
{
    /** Under this a person with something in the hands squeezes by; the house's own rule stands over it. */
    private const NARROW_MM = 700;

    private const NEAR_END_MM = 150;

    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $front = $plan->outerDepth()->leafFront->total->plus($context->brief->frontPull->projection ?? Length::zero());
        $survey = $plan->doorway->survey;
        $across =
            $survey->walkway === null
                ? []
                : [[Message::word('things', 'wall-across'), $survey->walkway, 'survey.wall.walkway', null]];
        $sweep = $plan->layout->sweep();
        foreach ($plan->room->obstacles as $obstacle) {
            if ($obstacle->standsOff->isOver($front) && $obstacle->x->overlaps($sweep)) {
                $across[] = [$obstacle->called(), $obstacle->standsOff, "{$obstacle->place}.stands_off", $obstacle];
            }
        }
        $wanted = $context->rules->aisle ?? Length::mm(self::NARROW_MM);
        foreach ($across as [$what, $at, $where, $obstacle]) {
            $left = $at->minus($front);
            if ($context->isShort($left, $wanted)) {
                yield new Finding(
                    FindingCode::Aisle,
                    $context->rules->aisle === null ? Severity::Note : Severity::Settle,
                    $where,
                    [
                        'left' => $left,
                        'wanted' => $wanted,
                        'free' => $left->orZeroIfNegative(),
                        'what' => $what,
                        'front' => $front,
                    ],
                    $obstacle === null ? [] : [$context->moveAway($obstacle)],
                );
            }
        }
        yield from $this->roundTheEnd($context, $front);
    }

    /** @return iterable<Finding> */
    private function roundTheEnd(CheckContext $context, Length $front): iterable
    {
        $plan = $context->plan;
        $open = $plan->layout->open();
        foreach (
            [
                'left' => [$plan->doorway->survey->leftEnd, $open->low->minus($plan->room->wall->low)],
                'right' => [$plan->doorway->survey->rightEnd, $plan->room->wall->high->minus($open->high)],
            ] as $side => [$end, $room]
        ) {
            if ($end->isOpen() && $room->isUnder(Length::mm(self::NEAR_END_MM))) {
                yield new Finding(FindingCode::OpenEnd, Severity::Note, 'brief.rules.park', [
                    'room' => $room,
                    'out' => $front,
                    'side' => Message::word('sides', $side),
                ]);
            }
        }
    }
}
