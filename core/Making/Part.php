<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** A part of a leaf that is made, and how many alike. */
final readonly class Part
{
    /**
     * @param  ?Length  $width  null of a spline
     * @param  ?Length  $bought  how wide it is bought, with its tongue and not ripped, where that differs
     * @param  ?float  $angle  of a brace from level, degrees
     * @param  ?array{Length, Length}  $edges  of a course at 45°, the shorter first
     * @param  ?Length  $cutFoot  what comes off the foot of an old leaf
     */
    public function __construct(
        public string $kind,
        public int $count,
        public Length $length,
        public ?Length $width,
        public ?Length $thickness,
        public string $wood,
        public ?Length $bought = null,
        public ?float $angle = null,
        public ?array $edges = null,
        public ?Length $cutFoot = null,
    ) {}

    /** m² of all of them, as rectangles. */
    public function area(): float
    {
        return ($this->count * $this->length->toMm() * ($this->width?->toMm() ?? 0.0)) / 1e6;
    }

    /** kg of all of them, as boxes. */
    public function kg(): float
    {
        return ($this->area() * ($this->thickness?->toMm() ?? 0.0) * Timber::of($this->wood)->density) / 1e3;
    }

    /** @return list<self> those that are alike together */
    public static function alike(self ...$parts): array
    {
        $alike = [];
        foreach ($parts as $part) {
            $key = serialize([$part->kind, $part->length, $part->width, $part->thickness, $part->wood, $part->edges]);
            $alike[$key] = isset($alike[$key]) ? $alike[$key]->andMore($part->count) : $part;
        }

        return array_values($alike);
    }

    private function andMore(int $count): self
    {
        return new self(
            $this->kind,
            $this->count + $count,
            $this->length,
            $this->width,
            $this->thickness,
            $this->wood,
            $this->bought,
            $this->angle,
            $this->edges,
            $this->cutFoot,
        );
    }
}
