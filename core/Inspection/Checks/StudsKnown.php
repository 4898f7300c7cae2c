<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\LiningKind;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Nothing can be said of what holds before the studs are found. */
final class StudsKnown implements AnchorCheck
{
    public function look(Sight $sight): iterable
    {
        if (! self::isKnown($sight)) {
            yield new Finding(FindingCode::StudsUnknown, Severity::Settle, 'survey.studs[0].x');
        }
    }

    /** Whether enough of the wall is recorded to say what holds. */
    public static function isKnown(Sight $sight): bool
    {
        $survey = $sight->plan->doorway->survey;

        return $survey->studs !== [] ||
            $survey->solids !== [] ||
            $survey->lining?->kind === LiningKind::Masonry ||
            $sight->plan->backing()->isMasonry();
    }
}
