<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Whether the bolts of the kit’s box reach. */
final class BoltLong implements AnchorCheck
{
    public function look(CheckContext $context): iterable
    {
        $longest = null;
        foreach ($context->anchoring()->railBolts() as $bolt) {
            $longest =
                $bolt->length !== null && ($longest === null || $bolt->length->isOver($longest))
                    ? $bolt->length
                    : $longest;
        }
        if ($longest !== null && $longest->isOver($context->kit->boltLength)) {
            yield new Finding(FindingCode::BoltShort, Severity::Note, 'brief.kit', [
                'length' => $longest,
                'kit' => $context->kit->boltLength,
            ]);
        }
    }
}
