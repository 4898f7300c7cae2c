<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Marks\Drilling;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** Where it is told what is solid in the leaf, every hole is in it. */
final class HolesInSolid implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $outside = Drilling::outsideSolid($context->plan);
        if ($outside !== []) {
            $marks = array_map(
                fn ($mark) => new Message('findings.mark-at', ['mark' => $mark->id->says(), 'at' => $mark->place]),
                $outside,
            );
            yield new Finding(
                FindingCode::HoleNotSolid,
                Severity::Settle,
                'brief.leaf.solid',
                ['at' => $outside[0]->place, 'count' => count($outside), 'marks' => $marks],
                $this->insets($context),
                how: 'told',
            );
        }
    }

    /** @return list<Cure> hangers moved as little as takes their bolts into a member */
    private function insets(CheckContext $context): array
    {
        $hanger = $context->kit->hanger;
        if ($hanger->style !== HangerStyle::FaceStrap) {
            return [];
        }
        $now = $context->plan->layout->hangerInset();
        $insets = [];
        foreach ($context->brief->leaf->solid as $member) {
            foreach (
                [
                    $context->up($member->low->plus($hanger->solidAround())),
                    $context->down($member->high->minus($hanger->solidAround())),
                ] as $inset
            ) {
                if (
                    ! $inset->isUnder($hanger->length()->half()) &&
                    $inset->isUnder($context->plan->layout->width->size->total->half())
                ) {
                    $insets[$inset->minus($now)->absolute()->nm] = $inset;
                }
            }
        }
        ksort($insets);

        return array_map(
            fn (Length $inset) => $context->cure('hangers-in', [
                'brief.rules.hanger_inset' => $inset,
            ]),
            array_values($insets),
        );
    }
}
