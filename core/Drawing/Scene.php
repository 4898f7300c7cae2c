<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

/** A drawing: shapes in millimetres with y down, and the part of the plane that they fill. */
final readonly class Scene
{
    /**
     * @param  string  $title  what a screen reader is told
     * @param  list<Shape>  $shapes
     */
    public function __construct(
        public string $name,
        public string $title,
        public float $left,
        public float $top,
        public float $width,
        public float $height,
        public array $shapes,
    ) {}
}
