<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Opens;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;

/** A rail that carries wheels, stops and margins must fit the wall and be had. */
final class RailHasRoom implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $rail = $context->plan->rail;
        $least = $context->plan->layout->leastRail();
        $wall = $context->plan->room->wall;
        $past = Length::greatest(
            $wall->low->minus($least->low),
            $least->high->minus($wall->high),
            $least->length()->minus($wall->length()),
        );
        $other = $context->brief->opens === Opens::Left ? Opens::Right : Opens::Left;
        $overlap = $context->rules->sideOverlap->minus($context->up($past));
        $ways = [
            $context->cure('overlap', ['brief.rules.side_overlap' => $overlap]),
            $context->openTo($other),
            ...$context->buffers('shut', 'open'),
            ...$context->otherKits(),
        ];
        if ($context->isShort(Length::zero(), $past)) {
            yield new Finding(
                FindingCode::RailRoom,
                Severity::Stop,
                'survey.wall.to',
                ['short' => $past, 'needed' => $rail->least->total],
                $ways,
                how: 'wall',
            );
        } elseif (! $rail->canBeHad) {
            yield new Finding(
                FindingCode::RailRoom,
                Severity::Stop,
                'brief.kit',
                ['needed' => $rail->least->total],
                $ways,
                how: 'stock',
            );
        }
    }
}
