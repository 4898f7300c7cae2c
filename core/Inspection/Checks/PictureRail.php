<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** A board that lies flat on the wall does not go over a picture rail: it ends below it, or is built out past it. */
final class PictureRail implements Check
{
    public function look(CheckContext $context): iterable
    {
        $told = $context->plan->doorway->told;
        [$height, $projection] = [
            $told->length('survey.wall.picture_rail.height'),
            $told->length('survey.wall.picture_rail.projection'),
        ];
        $header = $context->plan->header;
        if (
            $header === null ||
            $height->isZero() ||
            ! $projection->isOver($header->buildOut) ||
            ! $context->isShort($height, $header->top->total)
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
                $context->cure('built-out', [
                    'brief.header.build_out' => $context->up($projection),
                ]),
                ...LowerLine::cures($context, $over),
            ],
        );
    }
}
