<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Span;

/**
 * One shape of a scene, in drawing millimetres with y down, on a named layer.
 *
 * @phpstan-type Attributes array<string, float|string>
 */
final readonly class Shape
{
    /**
     * @param  'rect'|'line'|'polyline'|'polygon'|'path'|'circle'|'text'|'g'  $kind
     * @param  Attributes  $attributes
     * @param  list<Shape>  $inside
     */
    private function __construct(
        public string $kind,
        public string $layer,
        public array $attributes,
        public string $text = '',
        public array $inside = [],
    ) {}

    public static function box(string $layer, float $x, float $y, float $width, float $height): self
    {
        return new self('rect', $layer, [
            'x' => $x,
            'y' => $y,
            'width' => max(0.0, $width),
            'height' => max(0.0, $height),
        ]);
    }

    /** A box on the wall, by its places along it and its heights. */
    public static function spanned(string $layer, Span $x, Span $y): self
    {
        return self::box($layer, $x->low->toMm(), -$y->high->toMm(), $x->length()->toMm(), $y->length()->toMm());
    }

    public static function line(string $layer, float $x1, float $y1, float $x2, float $y2): self
    {
        return new self('line', $layer, ['x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2]);
    }

    /** @param  list<array{float, float}>  $points */
    public static function path(string $layer, array $points): self
    {
        return new self('polyline', $layer, ['points' => self::points($points)]);
    }

    /** @param  list<array{float, float}>  $points */
    public static function area(string $layer, array $points): self
    {
        return new self('polygon', $layer, ['points' => self::points($points)]);
    }

    /**
     * Many strokes as one shape, such as the divisions of a tape.
     *
     * @param  list<array{float, float, float, float}>  $lines  x1, y1, x2, y2
     */
    public static function lines(string $layer, array $lines): self
    {
        return new self('path', $layer, [
            'd' => implode(
                '',
                array_map(
                    fn (array $at) => 'M'.
                        round($at[0], 2).
                        ' '.
                        round($at[1], 2).
                        'L'.
                        round($at[2], 2).
                        ' '.
                        round($at[3], 2),
                    $lines,
                ),
            ),
        ]);
    }

    public static function circle(string $layer, float $x, float $y, float $radius): self
    {
        return new self('circle', $layer, ['cx' => $x, 'cy' => $y, 'r' => $radius]);
    }

    /** @param  'start'|'middle'|'end'  $anchor */
    public static function text(
        string $layer,
        float $x,
        float $y,
        float $size,
        string $text,
        string $anchor = 'start',
    ): self {
        return new self('text', $layer, ['x' => $x, 'y' => $y, 'font-size' => $size, 'text-anchor' => $anchor], $text);
    }

    /** The same shape, telling which sum of the plan it shows. */
    public function telling(string $sum): self
    {
        return new self(
            $this->kind,
            $this->layer,
            [...$this->attributes, 'data-sum' => $sum],
            $this->text,
            $this->inside,
        );
    }

    /**
     * @param  list<Shape>  $inside
     * @param  Attributes  $attributes
     */
    public static function group(string $layer, array $inside, array $attributes = []): self
    {
        return new self('g', $layer, $attributes, '', $inside);
    }

    /**
     * The same shape, standing out where it is of one of the layers.
     *
     * @param  list<string>  $layers
     */
    public function naming(array $layers): self
    {
        return new self(
            $this->kind,
            in_array(strtok($this->layer, ' '), $layers, true) ? "{$this->layer} is-named" : $this->layer,
            $this->attributes,
            $this->text,
            array_map(fn (self $shape) => $shape->naming($layers), $this->inside),
        );
    }

    /** @return list<array{float, float, float, float}> left, top, right and bottom of what stands out in it */
    public function namedBoxes(): array
    {
        $at = fn (string $name): float => is_float($this->attributes[$name] ?? null) ? $this->attributes[$name] : 0.0;
        $own = match (true) {
            ! str_contains($this->layer, 'is-named') => [],
            $this->kind === 'rect' => [
                [$at('x'), $at('y'), $at('x') + $at('width'), $at('y') + $at('height')],
            ],
            $this->kind === 'line' => [[$at('x1'), $at('y1'), $at('x2'), $at('y2')]],
            $this->kind === 'circle' => [
                [$at('cx') - $at('r'), $at('cy') - $at('r'), $at('cx') + $at('r'), $at('cy') + $at('r')],
            ],
            default => [],
        };

        return array_merge($own, ...array_map(fn (self $shape) => $shape->namedBoxes(), $this->inside));
    }

    /** @param  list<array{float, float}>  $points */
    private static function points(array $points): string
    {
        return implode(' ', array_map(fn (array $point) => round($point[0], 2).','.round($point[1], 2), $points));
    }
}
