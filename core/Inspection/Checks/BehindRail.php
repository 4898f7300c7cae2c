<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Span;

/** What stands on the wall where board, rail, standoffs or hangers go. */
final class BehindRail implements Check
{
    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $header = $plan->header;
        $high =
            $header !== null
                ? new Span($header->foot->total, $header->top->total)
                : new Span(
                    $plan->yokeLine()->minus($context->kit->rail->height->half()),
                    $plan->heights->headroomNeeded->total,
                );
        $along = $header->span ?? $plan->rail->span;
        $behind = $plan
            ->innerDepth()
            ->rail->total->minus($context->kit->rail->thickness->half(), $context->kit->standoff);
        foreach ($plan->room->obstacles as $obstacle) {
            $meets =
                $obstacle->isOnWall() &&
                $obstacle->x->overlaps($along) &&
                ($header !== null || $obstacle->projection->isOver($behind));
            if ($meets && $obstacle->y->shifted($plan->floor->at($obstacle->x->middle()))->overlaps($high)) {
                yield new Finding(
                    FindingCode::ObstacleBehindRail,
                    Severity::Stop,
                    "{$obstacle->place}.x[0]",
                    ['what' => $obstacle->called(), 'low' => $obstacle->x->low, 'high' => $obstacle->x->high],
                    [$context->moveAway($obstacle)],
                    how: $header === null ? 'rail' : 'header',
                );
            }
        }
    }
}
