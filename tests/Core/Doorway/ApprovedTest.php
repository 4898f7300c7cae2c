<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/* A doorway as it is read. */

Approved::ofDoorways('Doorway', [
    'as read' => fn (Plan $plan) => get_object_vars($plan->doorway),
    'kit as read' => fn (Plan $plan) => get_object_vars($plan->kit),
    'kit as it is hung elsewhere' => fn (Plan $plan) => array_map(
        fn (Unit $unit) => array_diff_key(get_object_vars($plan->kit->hungIn($unit)), ['guides' => 1]),
        Unit::cases(),
    ),
]);

/** @return list<class-string<UnitEnum>> every list of answers in the core */
function everyEnum(): array
{
    $found = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../../core')) as $file) {
        $code = $file->isFile() ? (string) file_get_contents((string) $file) : '';
        if (preg_match('/^enum (\w+)/m', $code, $enum) === 1) {
            preg_match('/^namespace (.+);/m', $code, $in);
            $found[] = "{$in[1]}\\{$enum[1]}";
        }
    }
    sort($found);

    return array_values(array_filter($found, enum_exists(...)));
}

test('what each answer means is as it was approved', function (string $enum) {
    $told = [];
    foreach ($enum::cases() as $case) {
        foreach ((new ReflectionClass($enum))->getMethods(ReflectionMethod::IS_PUBLIC) as $asked) {
            $unit = ($asked->getParameters()[0] ?? null)?->getType();
            $takes = match (true) {
                $asked->isStatic() || $asked->getNumberOfRequiredParameters() > 1 => null,
                $asked->getNumberOfRequiredParameters() === 0 => [[]],
                $unit instanceof ReflectionNamedType && enum_exists($unit->getName()) => array_map(
                    fn (UnitEnum $one) => [$one],
                    $unit->getName()::cases(),
                ),
                default => null,
            };
            foreach ($takes ?? [] as $with) {
                $of = implode(' ', array_map(fn (UnitEnum $one) => $one->name, $with));
                $told[$case->name]["{$asked->name}({$of})"] = $asked->invoke($case, ...$with);
            }
        }
    }

    Approved::holds('Doorway/answers/'.strtr($enum, ['YokeLine\\' => '', '\\' => ' ']), [$enum::cases(), $told]);
})->with(everyEnum());
