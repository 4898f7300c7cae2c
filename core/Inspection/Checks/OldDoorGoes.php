<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\OldDoor;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Quantity;

/** The door that goes: the floor its swing gives back, and the places it leaves to be made good. */
final class OldDoorGoes implements Check
{
    public function look(CheckContext $context): iterable
    {
        $was = $context->plan->room->opening->was;
        if ($was === OldDoor::None) {
            return;
        }
        $width = $context->plan->room->opening->span()->length()->toMm() / 1000;
        // A hinged leaf sweeps a quarter circle; a folding one half of it on either side of its fold.
        $area = (M_PI / 4) * ($was === OldDoor::Folding ? $width ** 2 / 4 : $width ** 2);
        yield new Finding(
            FindingCode::OldDoor,
            Severity::Note,
            'survey.opening.was',
            ['floor_m2' => Quantity::squareMetres($area)],
            how: $was->value,
        );
    }
}
