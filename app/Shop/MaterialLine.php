<?php

declare(strict_types=1);

namespace App\Shop;

use App\Words\Speaker;
use YokeLine\Measure\Message;
use YokeLine\Stock\Material;

/** One line of what is to be bought, for as many doorways as want it. */
final readonly class MaterialLine
{
    /**
     * @param  float  $count  exact; what is bought is a tenth at least
     * @param  array<int, Message>  $for  by doorway, what for
     */
    public function __construct(
        public Material $material,
        public float $count,
        public array $for,
        public ?Rate $rate,
    ) {}

    public function and(Material $more, int $doorway): self
    {
        // A bit or a blade serves every doorway.
        return new self(
            $this->material,
            $this->material->isTool ? $this->count : $this->count + $more->count,
            $this->for + [$doorway => $more->for],
            $this->rate,
        );
    }

    public function bought(): float
    {
        return Material::tenths($this->count);
    }

    /** As orders keep it: litres and kilograms, in whichever unit the list speaks. */
    public function metric(): float
    {
        return round($this->count * $this->material->by->metric(), 4);
    }

    /** Cents for all of it; null where it has no price. */
    public function cents(): ?int
    {
        return $this->rate?->for($this->material, $this->bought());
    }

    /** @param  array<int, string>  $names  of the doorways */
    public function says(array $names, Speaker $speak): string
    {
        $for = array_map($speak->say(...), $this->for);
        $alike = array_unique(array_values($for));
        $whose = array_map(fn (int $doorway) => $names[$doorway] ?? '', array_keys($for));

        return match (count($alike)) {
            0 => $speak->say($this->material->for),
            1 => implode(': ', array_filter([implode(', ', $whose), $alike[0]])),
            default => implode('; ', array_map(fn (string $name, string $what) => "{$name}: {$what}", $whose, $for)),
        };
    }
}
