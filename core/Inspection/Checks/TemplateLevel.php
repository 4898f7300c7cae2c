<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\LineFound;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;

/** Whether a template stood on the head casing gives the line: there must be one, and the head level within 2. */
final class TemplateLevel implements Check
{
    private const LEVEL_MM = 2;

    public function look(CheckContext $context): iterable
    {
        if ($context->rules->schedule->lineFound !== LineFound::Template) {
            return;
        }
        $opening = $context->plan->room->opening;
        $heads = array_map(
            fn (array $at) => $opening->heights[$at[1]]->plus($context->plan->floor->at($at[0])),
            $opening->heightPlaces(),
        );
        $out = Length::greatest(...$heads)->minus(Length::least(...$heads));
        $has = $opening->casing->head->isPositive();
        if (! $has || $out->isOver(Length::mm(self::LEVEL_MM))) {
            yield new Finding(
                FindingCode::TemplateNotLevel,
                Severity::Settle,
                'brief.rules.line_found',
                ['out' => $out, 'most' => Length::mm(self::LEVEL_MM)],
                [$context->cure('line-worked-out', ['brief.rules.line_found' => 'worked-out'])],
                how: $has ? 'out' : 'none',
            );
        }
    }
}
