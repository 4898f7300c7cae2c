<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** What would make the plan surer if it were measured too. */
final class MeasuresMissing implements Check
{
    public function look(CheckContext $context): iterable
    {
        $survey = $context->plan->doorway->survey;
        if ($survey->unfinished !== []) {
            yield new Finding(FindingCode::SurveyIncomplete, Severity::Settle, $survey->unfinished[0], how: 'half');
        } elseif ($survey->floor === []) {
            yield new Finding(
                FindingCode::SurveyIncomplete,
                Severity::Settle,
                'survey.floor.readings[0].x',
                how: 'floor',
            );
        } elseif (count($survey->opening->widths ?? []) < 2 || count($survey->opening->heights ?? []) < 2) {
            yield new Finding(FindingCode::SurveyIncomplete, Severity::Note, 'survey.opening.width[1]', how: 'once');
        }
    }
}
