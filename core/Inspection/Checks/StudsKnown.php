<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\LiningKind;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Nothing can be said of what holds before the studs are found. */
final class StudsKnown implements AnchorCheck
{
    public function look(CheckContext $context): iterable
    {
        if (! self::isKnown($context)) {
            yield new Finding(FindingCode::StudsUnknown, Severity::Settle, 'survey.studs[0].x');
        }
    }

    /** Whether enough of the wall is recorded to say what holds. */
    public static function isKnown(CheckContext $context): bool
    {
        $survey = $context->plan->doorway->survey;

        return $survey->studs !== [] ||
            $survey->solids !== [] ||
            $survey->lining?->kind === LiningKind::Masonry ||
            $context->plan->backing()->isMasonry();
    }
}
