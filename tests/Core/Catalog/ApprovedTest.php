<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\MaterialKind;

/* Every field as it is declared. */

foreach (['survey', 'brief', 'marking', 'kit', 'part'] as $part) {
    test("what is declared of {$part} is as it was approved", function () use ($part) {
        $told = fn (Field $field) => array_filter(
            get_object_vars($field),
            fn (mixed $value) => ! in_array($value, [null, [], '', false, 0], true),
        );
        Approved::holds("Catalog/{$part}", array_map($told, Catalog::whole()->of($part)));
    });
}

test('the rules of a house, and the lists, are as they were approved', function () {
    Approved::holds('Catalog/rules', array_map(fn (Field $field) => $field->path, Catalog::whole()->rules()));
    Approved::holds('Catalog/lists', Catalog::whole()->lists());
});

test('what is bought is told of as it was approved', function () {
    $told = [];
    foreach (MaterialKind::cases() as $kind) {
        foreach ((new ReflectionClass($kind))->getMethods(ReflectionMethod::IS_PUBLIC) as $asked) {
            if (! $asked->isStatic() && $asked->getNumberOfParameters() === 0) {
                $told[$kind->name][$asked->name] = $asked->invoke($kind);
            }
        }
    }
    Approved::holds('Catalog/materials', $told);
});
