<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Opens;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** A rail that carries wheels, stops and margins must fit the wall and be had. */
final class RailHasRoom implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $rail = $sight->plan->rail;
        $least = $sight->plan->layout->leastRail();
        $wall = $sight->plan->room->wall;
        $past = Length::greatest(
            $wall->low->minus($least->low),
            $least->high->minus($wall->high),
            $least->length()->minus($wall->length()),
        );
        $other = $sight->brief->opens === Opens::Left ? 'right' : 'left';
        $overlap = $sight->rules->sideOverlap->minus($sight->up($past));
        $ways = [
            $sight->cure("Overlap {$sight->say($overlap)} past the jambs", ['brief.rules.side_overlap' => $overlap]),
            $sight->cure("Open it to the {$other}", ['brief.opens' => $other]),
            ...$sight->otherKits(),
        ];
        if ($sight->isShort(Length::zero(), $past)) {
            yield new Finding(
                FindingCode::RailRoom,
                Severity::Stop,
                "The rail lacks {$sight->sayShort($past)} of wall",
                "Wheels, stops and margins need {$sight->sayShort($rail->least->total)} of rail.",
                'survey.wall.to',
                ['short' => $past, 'needed' => $rail->least->total],
                $ways,
            );
        } elseif (! $rail->canBeHad) {
            yield new Finding(
                FindingCode::RailRoom,
                Severity::Stop,
                'No rail of this kit serves',
                "It needs {$sight->sayShort($rail->least->total)}, no stock length is that long and fits the wall, and this rail may not be cut.",
                'brief.kit',
                ['needed' => $rail->least->total],
                $ways,
            );
        }
    }
}
