<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\Picture;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Shape;

/** @return list<array{string, float, float}> every box of a scene: its layer, its left and right, where it is put */
function boxesIn(Scene $scene): array
{
    $boxes = [];
    $walk = function (array $shapes, float $dx) use (&$walk, &$boxes): void {
        foreach ($shapes as $shape) {
            preg_match('/translate\(([-\d.]+) /', (string) ($shape->attributes['transform'] ?? ''), $moved);
            $walk($shape->inside, $dx + (float) ($moved[1] ?? 0));
            if ($shape->kind === 'rect') {
                $left = (float) $shape->attributes['x'] + $dx;
                $boxes[] = [$shape->layer, $left, $left + (float) $shape->attributes['width']];
            }
        }
    };
    $walk($scene->shapes, 0.0);

    return $boxes;
}

/** @return list<string> every layer of a scene */
function layersIn(array $shapes): array
{
    return array_merge(
        [],
        ...array_map(fn (Shape $shape) => [$shape->layer, ...layersIn($shape->inside)], $shapes),
    );
}

test('the picture for a customer has the door and nothing of the work', function (string $name, bool $isOpen) {
    $layers = layersIn(Picture::of(Doorways::plan($name), new Plain(), $isOpen)->shapes);

    expect($layers)
        ->toContain('leaf', 'rail', 'opening', 'wall')
        ->and(array_intersect($layers, ['tape', 'stud', 'yoke-line', 'hole', 'hazard', 'mark', 'reading', 'ghost']))
        ->toBe([]);
})
    ->with(['kiln-room', 'map-archive', 'reclaim-bay', 'in throwing-room'])
    ->with([false, true]);

test('each leaf of the picture stands where it is shut, and where it is open', function (string $name) {
    $plan = Doorways::plan($name);
    foreach ([false, true] as $isOpen) {
        $leaves = array_values(array_filter(
            boxesIn(Picture::of($plan, new Plain(), $isOpen)),
            fn (array $box) => $box[0] === 'leaf',
        ));
        foreach (array_values($plan->layout->runs) as $i => $run) {
            $where = $isOpen ? $run->open() : $run->closed();
            expect($leaves[$i][1])
                ->toEqualWithDelta($where->low->toMm(), 0.02)
                ->and($leaves[$i][2])
                ->toEqualWithDelta($where->high->toMm(), 0.02);
        }
    }
})->with(['kiln-room', 'map-archive', 'in throwing-room']);
