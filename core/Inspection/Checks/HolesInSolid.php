<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Marks\Drilling;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** Where it is told what is solid in the leaf, every hole is in it. */
final class HolesInSolid implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $outside = Drilling::outsideSolid($sight->plan);
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
                $this->insets($sight),
            );
        }
    }

    /** @return list<Cure> hangers moved as little as takes their bolts into a member */
    private function insets(Sight $sight): array
    {
        $hanger = $sight->kit->hanger;
        if ($hanger->style !== HangerStyle::FaceStrap) {
            return [];
        }
        $now = $sight->plan->layout->hangerInset();
        $insets = [];
        foreach ($sight->brief->leaf->solid as $member) {
            foreach (
                [
                    $sight->up($member->low->plus($hanger->solidAround())),
                    $sight->down($member->high->minus($hanger->solidAround())),
                ] as $inset
            ) {
                if (
                    ! $inset->isUnder($hanger->length()->half()) &&
                    $inset->isUnder($sight->plan->layout->width->size->total->half())
                ) {
                    $insets[$inset->minus($now)->absolute()->nm] = $inset;
                }
            }
        }
        ksort($insets);

        return array_map(
            fn (Length $inset) => $sight->cure('hangers-in', [
                'brief.rules.hanger_inset' => $inset,
            ]),
            array_values($insets),
        );
    }
}
