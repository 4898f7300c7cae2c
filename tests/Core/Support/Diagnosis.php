<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** All that is said of a faulty doorway, finding by finding, as it can be held against what was said before. */
final class Diagnosis
{
    /** @return list<array<string, mixed>> */
    public static function of(Setout $setout): array
    {
        return array_map(
            fn (Finding $finding) => array_filter([
                'code' => $finding->code->value,
                'how' => $finding->how,
                'severity' => $finding->severity->value,
                'where' => $finding->where,
                'with' => array_map(self::value(...), $finding->with),
                'cures' => array_map(
                    fn (Cure $cure) => [$cure->code => array_map(self::value(...), $cure->changes)],
                    $finding->cures,
                ),
            ], fn (mixed $one) => $one !== '' && $one !== []),
            $setout->findings,
        );
    }

    private static function value(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Length => (new LengthWriter(Unit::Millimetre))->exact($value),
            $value instanceof Quantity => round($value->value, 3),
            $value instanceof Message => trim("{$value->key} {$value->how}"),
            is_float($value) => round($value, 3),
            is_array($value) => array_map(self::value(...), $value),
            is_object($value) => json_decode((string) json_encode($value), true),
            default => $value,
        };
    }
}
