<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Message;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Heights;
use YokeLine\Planning\PlannedLeaf;

/** How far the guide holds the foot of the leaf. */
final class GuideHolds implements Check
{
    public function look(CheckContext $context): iterable
    {
        $kit = $context->kit->guide;
        $isShort = fn (GuidePlace $guide) => $context->isShort($guide->hold->total, $kit->minEngagement);
        yield from $context->ofEachLeaf(
            fn (PlannedLeaf $leaf) => $isShort($leaf->guide) ? [$this->bite($context, $leaf->guide)] : [],
        );
        // Where all hold, the one that holds least speaks for them.
        $guides = $context->plan->guides;
        if (array_filter($guides, $isShort) === []) {
            usort($guides, fn (GuidePlace $a, GuidePlace $b) => $a->hold->total->nm <=> $b->hold->total->nm);
            $hold = $guides[0]->hold->total;
            $height = $kit->style->needsGroove() ? $kit->bladeHeight : $kit->cheek;
            $deep = array_map(fn (GuidePlace $guide) => $context->up($guide->grooveDepth ?? $hold), $guides);
            yield new Finding(
                FindingCode::GuideHolds,
                Severity::Ok,
                '',
                [
                    'hold' => $hold,
                    'part' => $this->part($kit),
                    'height' => $height,
                    'deep' => array_values(array_unique($deep, SORT_REGULAR)),
                ],
                how: $kit->style->needsGroove() ? 'groove' : 'plain',
            );
        }
    }

    private function part(GuideKit $kit): Message
    {
        return Message::word(
            'guide-parts',
            $kit->style->needsGroove() ? 'fin' : ($kit->style === GuideStyle::WallRoller ? 'roller' : 'shoe'),
        );
    }

    private function bite(CheckContext $context, GuidePlace $guide): Finding
    {
        $kit = $context->kit->guide;
        $part = $this->part($kit);
        $hold = $guide->hold->total;
        $gap = $context->rules->gap->minus($context->up($kit->minEngagement->minus($hold)));

        return new Finding(
            FindingCode::GuideBite,
            Severity::Stop,
            'brief.rules.gap',
            [
                'hold' => $hold,
                'least' => $kit->minEngagement,
                'part' => $part,
                'gap_at' => $context->plan->gapAt($guide->window->middle()),
            ],
            [
                ...$gap->isUnder(Heights::leastGap($context->plan->doorway->units))
                    ? []
                    : [$context->cure('floor-gap', ['brief.rules.gap' => $gap])],
                ...$context->otherKits(),
            ],
            how: $hold->isPositive() ? 'little' : 'none',
        );
    }
}
