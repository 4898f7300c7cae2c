<?php

declare(strict_types=1);

use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Stretch;
use YokeLine\Survey\Asked;
use YokeLine\Survey\Walk;

/** @return list<string> */
function walked(Stretch $stretch): array
{
    return array_column(array_filter(Walk::all(), fn (Asked $asked) => $asked->stretch === $stretch), 'place');
}

test('along the wall one is asked from left to right', function () {
    expect(walked(Stretch::Along))->toBe([
        'survey.wall.ends.left',
        'survey.wall.from',
        'survey.opening.casing.left',
        'survey.opening.left',
        'survey.opening.width[0]',
        'survey.opening.width[1]',
        'survey.opening.width[2]',
        'survey.opening.casing.right',
        'survey.wall.to',
        'survey.wall.ends.right',
    ]);
});

test('heights come after what is along the wall, and what stands out after them', function () {
    $stretches = array_values(array_unique(array_map(fn (Asked $asked) => $asked->stretch, Walk::all()), SORT_REGULAR));

    expect($stretches)->toBe(Stretch::cases());
});

test('nothing that a plan needs or an order hangs on is left out of the walk', function () {
    $asked = array_map(Catalog::path(...), array_column(Walk::all(), 'place'));
    foreach (Catalog::whole()->of('survey') as $field) {
        if ($field->isNeeded || $field->decidesOrder) {
            expect(array_filter($asked, fn (string $place) => rtrim($place, '[]') === $field->path))
                ->not->toBe([], $field->path);
        }
    }
});

test('how far a thing stands out is asked unless there is none of it', function (string $place, array $unless) {
    expect(array_column(Walk::all(), null, 'place')[$place]->unless)->toBe($unless);
})->with([
    'casing' => [
        'survey.opening.casing.thickness',
        ['survey.opening.casing.left', 'survey.opening.casing.right', 'survey.opening.casing.head'],
    ],
    'baseboard' => ['survey.baseboard.thickness', ['survey.baseboard.height']],
    'crown' => ['survey.wall.crown.projection', ['survey.wall.crown.drop']],
    'lining, which is always there' => ['survey.wall.lining.thickness', []],
]);

test('a list of widths is filled from its beginning', function () {
    $walk = array_column(Walk::all(), null, 'place');

    expect($walk['survey.opening.width[0]']->after)
        ->toBeNull()
        ->and($walk['survey.opening.width[2]']->after)
        ->toBe('survey.opening.width[1]');
});

test('of a thing on the wall it is asked what it is, where its edges are and how far it stands out', function () {
    $things = array_column(Walk::all(), 'parts', 'place')['survey.obstacles'];

    expect(array_column($things, 'place'))->toBe([
        'survey.obstacles[].kind',
        'survey.obstacles[].x[0]',
        'survey.obstacles[].x[1]',
        'survey.obstacles[].y[0]',
        'survey.obstacles[].y[1]',
        'survey.obstacles[].projection',
    ]);
});
