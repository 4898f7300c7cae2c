<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** What in a survey can be true, but rarely is. */
final class SurveyOdd implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $survey = $sight->plan->doorway->survey;
        $wall = $sight->plan->room->wall;
        foreach ($survey->hazardsThatStay() as $i => $hazard) {
            foreach (array_slice($survey->hazardsThatStay(), 0, $i) as $other) {
                if ($hazard->x->overlaps($other->x) && $hazard->y->overlaps($other->y)) {
                    yield new Finding(
                        FindingCode::HazardsOverlap,
                        Severity::Note,
                        ucfirst($hazard->kind ?: 'hazard').
                            ' and '.
                            ($other->kind ?: 'hazard').
                            ' are marked at one place',
                        "Both from {$sight->say($hazard->x->low)}; both count, nothing is drilled near either.",
                        "{$hazard->place}.x[0]",
                    );
                }
            }
        }
        foreach ($survey->obstacles as $obstacle) {
            if (! $obstacle->x->overlaps($wall)) {
                yield new Finding(
                    FindingCode::OffTheWall,
                    Severity::Note,
                    ucfirst($obstacle->name).' is not on this wall',
                    "It is marked from {$sight->say($obstacle->x->low)}, the wall runs from {$sight->say($wall->low)} to {$sight->say($wall->high)}.",
                    "{$obstacle->place}.x[0]",
                );
            }
        }
        foreach ($survey->studs as $i => $stud) {
            if (! $wall->contains($stud->x)) {
                yield new Finding(
                    FindingCode::OffTheWall,
                    Severity::Note,
                    'Stud '.($i + 1).' is not in this wall',
                    "It is marked at {$sight->say($stud->x)}, the wall runs from {$sight->say($wall->low)} to {$sight->say($wall->high)}.",
                    "{$stud->place}.x",
                );
            }
        }
        if ($survey->floorFinish === 'carpet' && $survey->pile === null) {
            yield new Finding(
                FindingCode::Carpet,
                Severity::Note,
                'How high is the pile of the carpet?',
                'A tape on pile reads short: stand it on a rigid plate, enter plate and pile once, and every reading allows for them.',
                'survey.floor.pile',
            );
        }
    }
}
