<?php

declare(strict_types=1);

namespace YokeLine\Format;

use BackedEnum;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;

/** A finding as the plan's file has it: its values, and its words where a speaker is given. */
final class FindingWriter
{
    /**
     * @param  callable(Message): string  $say
     * @return array<string, mixed>
     */
    public static function write(Finding $finding, callable $say): array
    {
        $numbers = array_filter(
            [...$finding->with, ...$finding->leaf === '' ? [] : ['leaf' => $finding->leaf]],
            fn (mixed $value) => ! ($value instanceof Message),
        );

        return [
            'code' => $finding->code->value,
            'severity' => $finding->severity->value,
            'says' => trim("{$say($finding->says())}. {$say($finding->more())}"),
            'where' => $finding->where,
            'numbers' => (object) array_filter(
                array_map(self::number(...), $numbers),
                fn (mixed $value) => $value !== [],
            ),
            'cures' => array_map(
                fn (Cure $cure) => [
                    'says' => $say($cure->says()),
                    'changes' => (object) $cure->changes,
                    'effect' => implode(', ', array_map($say, $cure->effects())),
                ],
                $finding->cures,
            ),
        ];
    }

    private static function number(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Length => $value->toMm(),
            $value instanceof Quantity => $value->value,
            $value instanceof BackedEnum => $value->value,
            is_array($value) => array_map(
                fn (Length $one) => $one->toMm(),
                array_values(array_filter($value, fn (mixed $one) => $one instanceof Length)),
            ),
            default => $value,
        };
    }
}
