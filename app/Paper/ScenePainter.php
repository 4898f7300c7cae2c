<?php

declare(strict_types=1);

namespace App\Paper;

use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Shape;

/**
 * Paints a drawing into a place on a page, in black, white and greys: line and weight say what colour says on the
 * screen.
 */
final class ScenePainter
{
    /** What a layer is filled with, 0 black to 255 white, its line, how thick in mm, and its dashes. */
    private const LAYERS = [
        'wall' => [255, 0, 0.15],
        'opening' => [235, 0, 0.15],
        'stud' => [228, null, 0],
        'floor' => [190, 0, 0.2],
        'baseboard' => [255, 0, 0.1],
        'casing' => [250, 0, 0.12],
        'obstacle' => [240, 0, 0.2],
        'solid' => [225, 0, 0.1],
        'hazard' => [null, 0, 0.25, [1.2, 0.8]],
        'header' => [212, 0, 0.2],
        'rail' => [40, null, 0],
        'joint' => [null, 255, 0.3],
        'hole' => [255, 0, 0.1],
        'screw' => [255, 0, 0.1],
        'stop-block' => [90, 0, 0.1],
        'guide' => [0, 0, 0.1],
        'ghost' => [null, 0, 0.18, [1.4, 1]],
        'leaf' => [248, 0, 0.3],
        'leaf-panel' => [null, 120, 0.1],
        'strap' => [30, null, 0],
        'wheel' => [30, null, 0],
        'hub' => [255, null, 0],
        'pull' => [0, null, 0],
        'bolt' => [null, 0, 0.15, [0.8, 0.5]],
        'groove' => [255, 0, 0.1],
        'standoff' => [150, 0, 0.1],
        'wall-cut' => [200, 0, 0.1],
        'lining' => [240, 0, 0.1],
        'wall-face' => [null, 0, 0.12, [0.5, 0.7]],
        'yoke-line' => [null, 0, 0.45],
        'pull-up' => [null, 0, 0.12, [0.5, 0.7]],
        'pull-up-end' => [0, null, 0],
        'pull-up-flag' => [255, 0, 0.12],
        'tape' => [255, 0, 0.15],
        'tape-tick' => [null, 0, 0.1],
        'mark' => [0, null, 0],
        'leader' => [null, 90, 0.1],
        'dimension' => [null, 0, 0.12],
        'jamb' => [null, 0, 0.1, [0.8, 0.6]],
        'leaf-outline' => [255, 0, 0.3],
        'leaf-member' => [null, 0, 0.1, [1, 0.8]],
        'bore' => [255, 0, 0.25],
        'plate' => [200, 0, 0.1],
        'centre' => [null, 0, 0.12, [2, 0.6, 0.4, 0.6]],
        'groove-cut' => [205, 0, 0.1],
        'solid-member' => [225, null, 0],
        'behind' => [null, 0, 0.15, [0.9, 0.6]],
        'catch' => [170, 0, 0.1],
        'trigger' => [0, null, 0],
        'disc' => [0, null, 0],
        'buffer' => [120, null, 0],
        'step' => [255, 0, 0.2],
        'edge' => [null, 120, 0.15],
        'made-part' => [240, 0, 0.15],
        'made-outline' => [null, 120, 0.1, [1, 0.8]],
        'made-fill' => [255, 0, 0.2, [1, 0.8]],
        'made-solid' => [205, 0, 0.12],
        'made-off' => [null, 0, 0.15, [0.6, 0.6]],
        'made-bore' => [255, 0, 0.2],
        'made-no-drill' => [null, 0, 0.15, [2, 0.6, 0.4, 0.6]],
        'made-wants' => [null, 0, 0.3],
        'made-wants-more' => [null, 0, 0.4, [1.2, 0.8]],
        'made-hole' => [0, null, 0],
        'made-number-disc' => [255, 0, 0.15],
    ];

    private const POINTS_A_MM = 72 / 25.4;

    private function __construct(
        private readonly TruePage $page,
        private readonly float $scale,
        private readonly float $left,
        private readonly float $top,
    ) {}

    /** As large as the place takes it, in its middle. */
    public static function paint(TruePage $page, Scene $scene, float $x, float $y, float $width, float $height): void
    {
        $scale = min($width / $scene->width, $height / $scene->height);
        $painter = new self(
            $page,
            $scale,
            $x + ($width - $scene->width * $scale) / 2 - $scene->left * $scale,
            $y + ($height - $scene->height * $scale) / 2 - $scene->top * $scale,
        );
        $painter->shapes($scene->shapes, 0.0, 0.0, false);
        $page->plain();
    }

    /** How high a drawing of that width is. */
    public static function height(Scene $scene, float $width): float
    {
        return ($width * $scene->height) / $scene->width;
    }

    /** @param  list<Shape>  $shapes */
    private function shapes(array $shapes, float $dx, float $dy, bool $turned): void
    {
        foreach ($shapes as $shape) {
            $at = $shape->attributes;
            if ($shape->kind === 'g') {
                preg_match('/translate\(([-\d.]+) ([-\d.]+)\)/', (string) ($at['transform'] ?? ''), $moved);
                $this->shapes(
                    $shape->inside,
                    $dx + (float) ($moved[1] ?? 0),
                    $dy + (float) ($moved[2] ?? 0),
                    str_contains((string) ($at['transform'] ?? ''), 'rotate(-90)'),
                );
            } elseif ($shape->kind === 'text') {
                $this->text($shape, $dx, $dy, $turned);
            } else {
                $style = $this->style($shape->layer);
                match ($shape->kind) {
                    'rect' => $style === ''
                        ? null
                        : $this->page->box(
                            $this->x((float) $at['x'] + $dx),
                            $this->y((float) $at['y'] + $dy),
                            (float) $at['width'] * $this->scale,
                            (float) $at['height'] * $this->scale,
                            $style,
                        ),
                    'line' => $this->page->stroke(
                        $this->x((float) $at['x1'] + $dx),
                        $this->y((float) $at['y1'] + $dy),
                        $this->x((float) $at['x2'] + $dx),
                        $this->y((float) $at['y2'] + $dy),
                    ),
                    'circle' => $style === ''
                        ? null
                        : $this->page->ring(
                            $this->x((float) $at['cx'] + $dx),
                            $this->y((float) $at['cy'] + $dy),
                            (float) $at['r'] * $this->scale,
                            $style,
                        ),
                    'polyline' => $this->page->outline($this->points((string) $at['points'], $dx, $dy), 'D', false),
                    'polygon' => $style === ''
                        ? null
                        : $this->page->outline($this->points((string) $at['points'], $dx, $dy), $style, true),
                    default => $this->strokes((string) $at['d'], $dx, $dy),
                };
            }
        }
    }

    private function text(Shape $shape, float $dx, float $dy, bool $turned): void
    {
        $at = $shape->attributes;
        $points = (float) $at['font-size'] * $this->scale * self::POINTS_A_MM;
        $isBold = str_contains($shape->layer, 'reading') || str_contains($shape->layer, 'tape-number');
        $align = ['start' => 'L', 'middle' => 'C', 'end' => 'R'][(string) $at['text-anchor']] ?? 'L';
        $this->page->plain();
        $turned
            ? $this->page->sayUp(
                $this->x((float) $at['x'] + $dx),
                $this->y((float) $at['y'] + $dy),
                $points,
                $shape->text,
            )
            : $this->page->say(
                $this->x((float) $at['x'] + $dx),
                $this->y((float) $at['y'] + $dy),
                $points,
                $shape->text,
                $align,
                $isBold,
            );
    }

    private function strokes(string $path, float $dx, float $dy): void
    {
        preg_match_all('/M([-\d.]+) ([-\d.]+)L([-\d.]+) ([-\d.]+)/', $path, $lines, PREG_SET_ORDER);
        foreach ($lines as $line) {
            $this->page->stroke(
                $this->x((float) $line[1] + $dx),
                $this->y((float) $line[2] + $dy),
                $this->x((float) $line[3] + $dx),
                $this->y((float) $line[4] + $dy),
            );
        }
    }

    /** @return list<array{float, float}> */
    private function points(string $written, float $dx, float $dy): array
    {
        return array_map(function (string $point) use ($dx, $dy) {
            [$x, $y] = explode(',', $point);

            return [$this->x((float) $x + $dx), $this->y((float) $y + $dy)];
        }, explode(' ', $written));
    }

    /** Sets pen and fill; what is drawn of a layer: D its line, F its fill. */
    private function style(string $layers): string
    {
        $layer = explode(' ', $layers)[0];
        [$fill, $line, $thick, $dashes] = [...self::LAYERS[$layer] ?? [null, 0, 0.15], []];
        if (str_contains($layers, 'unmeasured')) {
            [$fill, $dashes] = [null, [1.2, 1]];
        }
        if ($fill !== null) {
            $this->page->setFillColor($fill);
        }
        if ($line !== null) {
            $this->page->setDrawColor($line);
            $this->page->setLineWidth($thick);
        }
        $this->page->dash($dashes);

        return ($line === null ? '' : 'D').($fill === null ? '' : 'F');
    }

    private function x(float $x): float
    {
        return $this->left + $x * $this->scale;
    }

    private function y(float $y): float
    {
        return $this->top + $y * $this->scale;
    }
}
