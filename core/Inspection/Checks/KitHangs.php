<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Whether the kit is made to hang a door this way. */
final class KitHangs implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        if (! in_array($context->brief->hang, $context->kit->hangs, true)) {
            yield new Finding(
                FindingCode::KitCannotHang,
                Severity::Stop,
                'brief.kit',
                ['kit' => $context->kit->name],
                $context->otherKits(),
                how: $context->brief->hang->value,
            );
        }
    }
}
