<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Whether the kit is made to hang a door this way. */
final class KitHangs implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        if (! in_array($sight->brief->hang, $sight->kit->hangs, true)) {
            yield new Finding(
                FindingCode::KitCannotHang,
                Severity::Stop,
                'brief.kit',
                ['kit' => $sight->kit->name],
                $sight->otherKits(),
                how: $sight->brief->hang->value,
            );
        }
    }
}
