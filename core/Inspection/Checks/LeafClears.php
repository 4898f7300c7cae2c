<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Depth;

/** Room between the back of the leaf and what stands proud behind it. */
final class LeafClears implements Check
{
    public function look(CheckContext $context): iterable
    {
        $depth = $context->plan->innerDepth();
        $clearance = $depth->clearance->total;
        $wanted = Depth::wanted();
        if (! $context->isShort($clearance, $wanted)) {
            yield new Finding(FindingCode::LeafClears, Severity::Ok, '', [
                'clearance' => $clearance,
                'what' => $this->thing($depth->proudest),
                'leaf_back' => $depth->leafBack->total,
            ]);

            return;
        }
        $more = $context->up($wanted->minus($clearance));
        yield new Finding(
            FindingCode::LeafClearance,
            $clearance->isPositive() ? Severity::Settle : Severity::Stop,
            'brief.leaf.thickness',
            [
                'clearance' => $clearance,
                'spacer' => $more,
                'what' => $this->thing($depth->proudest),
                'proud' => $depth->proud->total,
                'leaf_back' => $depth->leafBack->total,
                'wanted' => $wanted,
            ],
            [
                $context->cure('spacer', [
                    'brief.rules.spacer' => $context->rules->spacer->plus($more),
                ]),
                ...$context->boardThick($context->brief->header->thickness->plus($more)),
                $context->cure('leaf-thick', [
                    'brief.leaf.thickness' => $context->plan->thickness->minus($more),
                ]),
                ...$this->pastObstacle($context, $depth->proudest, $more),
            ],
            how: $clearance->isPositive() ? 'near' : 'meets',
        );
    }

    /** @return list<Cure> where it is something on the wall that is in the way */
    private function pastObstacle(CheckContext $context, string $proudest, Length $more): array
    {
        $cures = [];
        foreach ($context->plan->room->obstacles as $obstacle) {
            if ("thing:{$obstacle->name}" === $proudest) {
                $cures[] = $context->moveAway($obstacle);
            }
        }
        if ($cures !== [] && $context->plan->header !== null) {
            $out = $context->brief->header->buildOut->plus($more);
            $cures[] = $context->cure('built-out', ['brief.header.build_out' => $out]);
        }

        return $cures;
    }

    private function thing(string $proudest): Message
    {
        return Sum::called($proudest === '' ? 'wall' : $proudest);
    }
}
