<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** A board that lies flat on the wall does not go over a picture rail: it ends below it, or is built out past it. */
final class PictureRail implements Check
{
    public function look(Sight $sight): iterable
    {
        $told = $sight->plan->doorway->told;
        [$height, $projection] = [
            $told->length('survey.wall.picture_rail.height'),
            $told->length('survey.wall.picture_rail.projection'),
        ];
        $header = $sight->plan->header;
        if (
            $header === null ||
            $height->isZero() ||
            ! $projection->isOver($header->buildOut) ||
            ! $sight->isShort($height, $header->top->total)
        ) {
            return;
        }
        $over = $header->top->total->minus($height);
        yield new Finding(
            FindingCode::PictureRail,
            Severity::Stop,
            'survey.wall.picture_rail.height',
            ['over' => $over, 'projection' => $projection, 'top' => $header->top->total, 'height' => $height],
            [
                $sight->cure('built-out', [
                    'brief.header.build_out' => $sight->up($projection),
                ]),
                ...LowerLine::cures($sight, $over),
            ],
        );
    }
}
