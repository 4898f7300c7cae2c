<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Quantity;
use YokeLine\Planning\Mass;

/** A header built out from the wall, over something deep, pries at its fixings. */
final class BuiltOut implements Check
{
    public function look(CheckContext $context): iterable
    {
        $header = $context->plan->header;
        if ($header === null || ! $header->buildOut->isPositive()) {
            return;
        }
        $arm = $context->plan->innerDepth()->rail->total;
        $moment = ($context->plan->hungKg() * Mass::GRAVITY * $arm->toMm()) / 1000;
        yield new Finding(FindingCode::BuiltOut, Severity::Note, 'brief.header.build_out', [
            'moment_Nm' => Quantity::newtonMetres($moment),
            'arm' => $arm,
            'build_out' => $header->buildOut,
        ]);
    }
}
