<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** What in a survey can be true, but rarely is. */
final class SurveyOdd implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $survey = $context->plan->doorway->survey;
        $wall = $context->plan->room->wall;
        foreach ($survey->hazardsThatStay() as $i => $hazard) {
            foreach (array_slice($survey->hazardsThatStay(), 0, $i) as $other) {
                if ($hazard->x->overlaps($other->x) && $hazard->y->overlaps($other->y)) {
                    yield new Finding(FindingCode::HazardsOverlap, Severity::Note, "{$hazard->place}.x[0]", [
                        'what' => $hazard->called(),
                        'other' => $other->called(),
                        'low' => $hazard->x->low,
                    ]);
                }
            }
        }
        foreach ($survey->obstacles as $obstacle) {
            if (! $obstacle->x->overlaps($wall)) {
                yield new Finding(
                    FindingCode::OffTheWall,
                    Severity::Note,
                    "{$obstacle->place}.x[0]",
                    [
                        'what' => $obstacle->called(),
                        'low' => $obstacle->x->low,
                        'from' => $wall->low,
                        'to' => $wall->high,
                    ],
                    how: 'thing',
                );
            }
        }
        foreach ($survey->studs as $i => $stud) {
            if (! $wall->contains($stud->x)) {
                yield new Finding(
                    FindingCode::OffTheWall,
                    Severity::Note,
                    "{$stud->place}.x",
                    [
                        'n' => $i + 1,
                        'low' => $stud->x,
                        'from' => $wall->low,
                        'to' => $wall->high,
                    ],
                    how: 'stud',
                );
            }
        }
        if ($survey->floorFinish === 'carpet' && $survey->pile === null) {
            yield new Finding(FindingCode::Carpet, Severity::Note, 'survey.floor.pile');
        }
    }
}
