<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Making\OddEnd;
use YokeLine\Making\Part;
use YokeLine\Making\Placed;

/** mm² inside a polygon. @param  list<array{float, float}>  $points */
function areaInside(array $points): float
{
    $area = 0.0;
    foreach ($points as $i => [$x, $y]) {
        [$nextX, $nextY] = $points[($i + 1) % count($points)];
        $area += $x * $nextY - $nextX * $y;
    }

    return abs($area) / 2;
}

/** @param  array<string, mixed>  $made @return list<Placed> */
function placedOf(array $made, string $kind): array
{
    $leaf = Doorways::plan('kiln-room', [
        'brief.leaf.thickness' => null,
        'brief.leaf.made' => Doorways::plain($made),
    ])->making->leaf ?? throw new RuntimeException('It is not built.');

    return array_values(array_filter($leaf->placed(), fn (Placed $one) => $one->kind === $kind));
}

test('a brace is drawn as large as it is: its width by its bay over the sine of its angle', function () {
    $made = ['way' => 'planked', 'brace' => 'z', 'ledge' => ['width' => 120]];
    $plan = Doorways::plan('kiln-room', ['brief.leaf.thickness' => null, 'brief.leaf.made' => Doorways::plain($made)]);
    $brace = array_values(array_filter($plan->making->leaf->parts ?? [], fn (Part $part) => $part->kind === 'brace'))[0];
    $drawn = placedOf($made, 'brace')[0];
    $v = array_column($drawn->points, 1);
    $bay = max($v) - min($v);

    expect(areaInside($drawn->points))->toEqualWithDelta((120 * $bay) / sin(deg2rad((float) $brace->angle)), 1.0);
});

test('an infill at 45 degrees fills its opening, but for joints and gaps', function (string $pattern) {
    $drawn = placedOf(['way' => 'framed', 'infill' => ['pattern' => $pattern]], 'infill');
    $u = array_merge(...array_map(fn (Placed $one) => array_column($one->points, 0), $drawn));
    $v = array_merge(...array_map(fn (Placed $one) => array_column($one->points, 1), $drawn));
    $opening = (max($u) - min($u)) * (max($v) - min($v));
    $filled = array_sum(array_map(fn (Placed $one) => areaInside($one->points), $drawn));

    expect($filled / $opening)->toBeGreaterThan(0.97)->toBeLessThanOrEqual(1.0);
})->with(['diagonal', 'chevron']);

test('the end of a brace is drawn at the angle that it is cut at', function (float $angle) {
    $brace = placedOf(['way' => 'planked', 'brace' => 'z'], 'brace')[0];
    $part = new Part('brace', 1, $brace->long, YokeLine\Measure\Length::mm(120), null, 'larch', angle: $angle);
    [[$x1, $y1], [$x2, $y2]] = OddEnd::of($part) ?? [];

    expect(rad2deg(atan2($x2 - $x1, $y2 - $y1)))->toEqualWithDelta($angle, 1e-6);
})->with([65.0, 45.1, 22.0]);
