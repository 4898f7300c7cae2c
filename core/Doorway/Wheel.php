<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What rides the rail; no material and no capacity where the kit's sheet is silent. */
final readonly class Wheel
{
    public function __construct(public string $material, public ?float $capacityKg, public ?float $price = null) {}

    public function tread(): Tread
    {
        return in_array($this->material, ['steel', 'stainless'], true) ? Tread::Steel : Tread::Quiet;
    }
}
