<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;

/** A finding as the plan's file has it. */
final class FindingWriter
{
    /** @return array<string, mixed> */
    public static function write(Finding $finding): array
    {
        return [
            'code' => $finding->code->value,
            'severity' => $finding->severity->value,
            'says' => trim("{$finding->says}. {$finding->more}"),
            'where' => $finding->where,
            'numbers' => (object) array_map(
                fn (Length|float|int|string $number) => $number instanceof Length ? $number->toMm() : $number,
                $finding->numbers,
            ),
            'cures' => array_map(
                fn (Cure $cure) => [
                    'says' => $cure->says,
                    'changes' => (object) $cure->changes,
                    'effect' => $cure->effect,
                ],
                $finding->cures,
            ),
        ];
    }
}
