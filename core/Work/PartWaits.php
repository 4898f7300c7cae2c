<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\KitPart;

/** What cannot be done before a part of the kit that was not in its box has come. */
final class PartWaits
{
    /** @return list<StepKind> */
    public static function of(KitPart $part): array
    {
        return match ($part) {
            KitPart::Rail => [
                StepKind::LayOut,
                StepKind::CutRail,
                StepKind::BoreRail,
                StepKind::JoinRail,
                StepKind::StopsOn,
                StepKind::CatchesOn,
                StepKind::RailHeld,
                StepKind::RailUp,
            ],
            KitPart::Standoffs => [StepKind::RailUp],
            KitPart::Hangers => [StepKind::Trial, StepKind::LayOut, StepKind::FitHangers],
            KitPart::Stops => [StepKind::StopsOn, StepKind::SetStops],
            KitPart::Guides => [StepKind::FixGuide],
            KitPart::Discs => [StepKind::FitDiscs],
            KitPart::Catches => [StepKind::FitTriggers, StepKind::CatchesOn, StepKind::SetCatches],
        };
    }
}
