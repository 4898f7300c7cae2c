<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** What would make the plan surer if it were measured too. */
final class MeasuresMissing implements Check
{
    public function look(Sight $sight): iterable
    {
        $survey = $sight->plan->doorway->survey;
        if ($survey->unfinished !== []) {
            yield new Finding(
                FindingCode::SurveyIncomplete,
                Severity::Settle,
                'A reading is half told',
                'It counts for nothing until both its place and its value are there.',
                $survey->unfinished[0],
            );
        } elseif ($survey->floor === []) {
            yield new Finding(
                FindingCode::SurveyIncomplete,
                Severity::Settle,
                'The floor is not measured',
                'It counts as level until you read it at both jambs and where the leaf stands open.',
                'survey.floor.readings[0].x',
            );
        } elseif (count($survey->opening->widths ?? []) < 2 || count($survey->opening->heights ?? []) < 2) {
            yield new Finding(
                FindingCode::SurveyIncomplete,
                Severity::Note,
                'The opening is measured once',
                'Measure the width at three heights and the height at both jambs: walls lean.',
                'survey.opening.width[1]',
            );
        }
    }
}
