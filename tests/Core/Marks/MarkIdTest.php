<?php

declare(strict_types=1);

use YokeLine\Marks\MarkId;

test('a mark is read into its leaf, its kind and its number', function (string $id, string $leaf, string $kind, int $n) {
    $mark = MarkId::of($id);

    expect([$mark->leaf, $mark->kind, $mark->n])->toBe([$leaf, $kind, $n]);
})->with([
    'of no leaf' => ['yoke', '', 'yoke', 0],
    'the top of a leaf that is alone' => ['leaf-top', '', 'leaf-top', 0],
    'of the left leaf' => ['left-shut-l', 'left', 'shut-l', 0],
    'one of several' => ['stud-3', '', 'stud', 3],
    'one of several of a leaf' => ['rear-hole-2', 'rear', 'hole', 2],
]);
