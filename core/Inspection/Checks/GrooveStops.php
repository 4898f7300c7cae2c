<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planning\PlannedLeaf;

/** Whether the guide stays in a groove that stops short of the leading edge, with the leaf open. */
final class GrooveStops implements AlongCheck
{
    /** So much groove is wanted past the guide. */
    private const PAST_MM = 5;

    public function look(CheckContext $context): iterable
    {
        yield from $context->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($context, $leaf));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(CheckContext $context, PlannedLeaf $leaf): iterable
    {
        $guide = $leaf->guide;
        if ($guide->grooveFrom === null || $guide->at === null) {
            return;
        }
        $run = $leaf->run;
        $near = $guide->at
            ->minus($run->leading($run->open()))
            ->times($run->direction)
            ->minus($context->kit->guide->length->half());
        $wanted = $guide->grooveFrom->plus(Length::mm(self::PAST_MM));
        if ($near->isUnder($wanted)) {
            // The guide stays in the middle of its window, so that it moves but half as far as the leaf.
            $short = $context->up($wanted->minus($near))->times(2);
            yield new Finding(
                FindingCode::GrooveStoppedShort,
                Severity::Stop,
                'brief.rules.groove',
                ['near' => $near->orZeroIfNegative(), 'from' => $guide->grooveFrom, 'wanted' => $wanted],
                [
                    $context->cure('groove-full', ['brief.rules.groove' => 'full']),
                    $context->park($context->rules->park->minus($short)),
                ],
            );
        }
    }
}
