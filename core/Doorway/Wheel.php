<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What rides the rail; no material and no capacity where the kit's sheet is silent. */
final readonly class Wheel
{
    public function __construct(public string $material, public ?float $capacityKg) {}
}
