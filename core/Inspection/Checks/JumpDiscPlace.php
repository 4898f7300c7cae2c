<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Planning\PlannedLeaf;

/** Jump discs keep out of the way of trigger and hanger plate on the top edge of the leaf. */
final class JumpDiscPlace implements AlongCheck
{
    /** Half of what a trigger and its screws take up along the leaf. */
    private const TRIGGER_HALF_MM = 10;

    public function look(CheckContext $context): iterable
    {
        return $context->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($context, $leaf));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(CheckContext $context, PlannedLeaf $leaf): iterable
    {
        $disc = $context->kit->jumpDisc;
        // One disc alone sits at the trailing end, where no trigger of the shut side is.
        if ($disc === null || $context->rules->oneDisc) {
            return;
        }
        $half = $disc->diameter->half();
        $inset = $leaf->run->hangerInset;
        $trigger = $leaf->softClose ? $context->plan->triggerInset()?->total : null;
        if (
            $trigger !== null &&
            $context->isShort($trigger->minus($disc->inset)->absolute(), $half->plus(Length::mm(self::TRIGGER_HALF_MM)))
        ) {
            yield $this->fouls($context, 'trigger', $disc->inset, $trigger, [
                $context->cure('no-soft-close', ['brief.rules.soft_close' => 'off']),
            ]);

            return;
        }
        $plate = $context->kit->hanger->plateLength;
        $apart = $inset->minus($disc->inset)->absolute();
        if ($plate !== null && $context->isShort($apart, $half->plus($plate->half()))) {
            $clear = $context->up($disc->inset->plus($half, $plate->half()));
            yield $this->fouls($context, 'plate', $disc->inset, $inset, [
                $context->cure('hangers-in', ['brief.rules.hanger_inset' => $clear]),
            ]);
        }
    }

    /** @param  list<Cure>  $cures */
    private function fouls(CheckContext $context, string $what, Length $disc, Length $other, array $cures): Finding
    {
        $cures =
            $context->kit->guide->style === GuideStyle::WallRoller
                ? [...$cures, $context->cure('one-disc', ['brief.rules.jump_discs' => 'one'])]
                : $cures;

        return new Finding(
            FindingCode::JumpDiscFouls,
            Severity::Settle,
            'brief.rules.hanger_inset',
            ['disc' => $disc, 'other' => $other, 'what' => Message::word('on-top-edge', $what)],
            [...$cures, ...$context->otherKits()],
        );
    }
}
