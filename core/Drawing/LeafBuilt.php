<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Making\Fill;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Part;
use YokeLine\Making\Placed;
use YokeLine\Measure\Length;
use YokeLine\Measure\Wording;

/**
 * A leaf as it is built, seen from the front: all of it, and beside it each layer by itself from the front to the back,
 * every part with its number in the list of parts.
 */
final readonly class LeafBuilt
{
    /** Between two layers, as a part of the leaf's width. */
    private const APART = 0.16;

    private float $wide;

    private float $high;

    private function __construct(private LeafMade $leaf, private Wording $wording)
    {
        $this->wide = $leaf->wanted->width->toMm();
        $this->high = $leaf->wanted->height->toMm();
    }

    public static function of(LeafMade $leaf, Wording $wording): Scene
    {
        return (new self($leaf, $wording))->scene();
    }

    private function scene(): Scene
    {
        $layers = $this->layers();
        $step = $this->wide * (1 + self::APART);
        $shapes = $this->front($layers, 0.0);
        if (count($layers) > 1) {
            foreach (array_values(array_reverse($layers, true)) as $i => $placed) {
                array_push($shapes, ...$this->layer($placed, ($i + 1) * $step));
            }
        }
        $views = count($layers) > 1 ? count($layers) + 1 : 1;
        $margin = $this->wide * self::APART / 2;

        return new Scene(
            'leaf-built',
            $this->wording->say(Caption::of('leaf-built', [
                'wide' => $this->leaf->wanted->width,
                'high' => $this->leaf->wanted->height,
            ])),
            -$margin,
            -$this->high - $margin,
            $views * $step + 2 * $margin - $this->wide * self::APART,
            $this->high + 2 * $margin,
            $shapes,
        );
    }

    /** @return array<int, list<Placed>> from the back */
    private function layers(): array
    {
        $layers = [];
        foreach ($this->leaf->placed() as $placed) {
            $layers[$placed->layer][] = $placed;
        }
        ksort($layers);

        return $layers;
    }

    /**
     * As one sees it from the front: what lies further back shows where nothing is before it.
     *
     * @param  array<int, list<Placed>>  $layers
     * @return list<Shape>
     */
    private function front(array $layers, float $left): array
    {
        $shapes = [];
        foreach ($layers as $placed) {
            array_push($shapes, ...array_map(fn (Placed $one) => $this->drawn($one, $left), $placed));
        }
        foreach ($this->leaf->fills as $fill) {
            $shapes[] = $this->filled($fill, $left);
        }
        foreach ($this->leaf->wanted->holePlaces() as [$u, $v]) {
            $shapes[] = Shape::circle(
                'made-hole',
                $left + $u->toMm(),
                -$v->toMm(),
                $this->leaf->wanted->hanger->holeDiameter->toMm() / 2 + 6,
            );
        }

        return count($layers) > 1
            ? $shapes
            : [...$shapes, ...$this->numbers($this->leaf->placed(), $left)];
    }

    /**
     * @param  list<Placed>  $placed
     * @return list<Shape>
     */
    private function layer(array $placed, float $left): array
    {
        $outline = Shape::box('made-outline', $left, -$this->high, $this->wide, $this->high);

        return [
            $outline,
            ...array_map(fn (Placed $one) => $this->drawn($one, $left), $placed),
            ...$this->numbers($placed, $left),
        ];
    }

    private function drawn(Placed $placed, float $left): Shape
    {
        return Shape::area(
            "made-part made-{$placed->layer}".($placed->kind === 'glass' ? ' made-glass' : ''),
            array_map(fn (array $point) => [$left + $point[0], -$point[1]], $placed->points),
        );
    }

    private function filled(Fill $fill, float $left): Shape
    {
        return Shape::box(
            'made-fill',
            $left + $fill->zone->u->low->toMm(),
            -$fill->zone->v->high->toMm(),
            $fill->zone->u->length()->toMm(),
            $fill->zone->v->length()->toMm(),
        );
    }

    /**
     * Each part's number once in a layer: of those alike on the one that is furthest from other numbers.
     *
     * @param  list<Placed>  $placed
     * @return list<Shape>
     */
    private function numbers(array $placed, float $left): array
    {
        $size = $this->high / 34;
        $alike = $taken = $shapes = [];
        foreach ($placed as $one) {
            $number = $this->numberOf($one);
            if ($number !== null) {
                $alike[$number][] = $one->middle();
            }
        }
        // What there is one of has no choice.
        uasort($alike, fn (array $a, array $b) => count($a) <=> count($b));
        foreach ($alike as $number => $middles) {
            usort($middles, fn (array $a, array $b) => self::free($b, $taken) <=> self::free($a, $taken));
            [$u, $v] = $taken[] = $middles[0];
            $shapes[] = Shape::circle('made-number-disc', $left + $u, -$v, $size * 0.8);
            $shapes[] = Shape::text('made-number', $left + $u, -$v + $size * 0.36, $size, (string) $number, 'middle');
        }

        return $shapes;
    }

    /**
     * How far it is to the nearest of others.
     *
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $others
     */
    private static function free(array $at, array $others): float
    {
        $far = INF;
        foreach ($others as [$u, $v]) {
            $far = min($far, hypot($at[0] - $u, $at[1] - $v));
        }

        return $far;
    }

    private function numberOf(Placed $placed): ?int
    {
        foreach ($this->leaf->parts as $i => $part) {
            if ($this->isOf($placed, $part)) {
                return $i + 1;
            }
        }

        return null;
    }

    private function isOf(Placed $placed, Part $part): bool
    {
        $isLike = fn (?Length $a, ?Length $b) => $a === null || $b === null || abs($a->nm - $b->nm) <= 2;
        $isWide = $part->kind === 'glass' || $isLike($part->width, $placed->wide);

        return $part->kind === $placed->kind && $isLike($part->length, $placed->long) && $isWide;
    }
}
