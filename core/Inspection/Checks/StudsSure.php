<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Stud;
use YokeLine\Holding\Fixing;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Quantity;

/** A stud that a scan is not sure of is proved by a pilot hole before anything hangs on it. */
final class StudsSure implements AnchorCheck
{
    /** What a scan that saw it at every height, in both directions, is over. */
    private const SURE = 0.75;

    public function look(CheckContext $context): iterable
    {
        foreach ($context->plan->doorway->survey->studs as $stud) {
            $carried = array_filter(
                $context->anchoring()->fixings,
                fn (Fixing $fixing) => $fixing->stud?->equals($stud->x) === true,
            );
            if ($carried !== [] && self::isUnsure($stud)) {
                yield new Finding(
                    FindingCode::StudUnsure,
                    Severity::Settle,
                    "{$stud->place}.x",
                    [
                        'x' => $stud->x,
                        'count' => count($carried),
                        'sure' => Quantity::share($stud->confidence),
                    ],
                    [$context->cure('stud-proved', ["{$stud->place}.confidence" => '1'], ['x' => $stud->x])],
                );
            }
        }
    }

    private static function isUnsure(Stud $stud): bool
    {
        return $stud->confidence > 0 && $stud->confidence < self::SURE;
    }
}
