<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Planning\PlannedLeaf;

/** Jump discs keep out of the way of trigger and hanger plate on the top edge of the leaf. */
final class JumpDiscPlace implements AlongCheck
{
    /** Half of what a trigger and its screws take up along the leaf. */
    private const TRIGGER_HALF_MM = 10;

    public function look(Sight $sight): iterable
    {
        return $sight->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($sight, $leaf));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(Sight $sight, PlannedLeaf $leaf): iterable
    {
        $disc = $sight->kit->jumpDisc;
        // One disc alone sits at the trailing end, where no trigger of the shut side is.
        if ($disc === null || $sight->rules->oneDisc) {
            return;
        }
        $half = $disc->diameter->half();
        $inset = $leaf->run->hangerInset;
        $trigger = $leaf->softClose ? $sight->plan->triggerInset()?->total : null;
        if (
            $trigger !== null &&
            $sight->isShort($trigger->minus($disc->inset)->absolute(), $half->plus(Length::mm(self::TRIGGER_HALF_MM)))
        ) {
            yield $this->fouls($sight, 'trigger', $disc->inset, $trigger, [
                $sight->cure('no-soft-close', ['brief.rules.soft_close' => 'off']),
            ]);

            return;
        }
        $plate = $sight->kit->hanger->plateLength;
        if ($plate !== null && $sight->isShort($inset->minus($disc->inset)->absolute(), $half->plus($plate->half()))) {
            $clear = $sight->up($disc->inset->plus($half, $plate->half()));
            yield $this->fouls($sight, 'plate', $disc->inset, $inset, [
                $sight->cure('hangers-in', ['brief.rules.hanger_inset' => $clear]),
            ]);
        }
    }

    /** @param  list<Cure>  $cures */
    private function fouls(Sight $sight, string $what, Length $disc, Length $other, array $cures): Finding
    {
        $cures =
            $sight->kit->guide->style === GuideStyle::WallRoller
                ? [...$cures, $sight->cure('one-disc', ['brief.rules.jump_discs' => 'one'])]
                : $cures;

        return new Finding(
            FindingCode::JumpDiscFouls,
            Severity::Settle,
            'brief.rules.hanger_inset',
            ['disc' => $disc, 'other' => $other, 'what' => Message::word('on-top-edge', $what)],
            [...$cures, ...$sight->otherKits()],
        );
    }
}
