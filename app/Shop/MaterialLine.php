<?php

declare(strict_types=1);

namespace App\Shop;

use YokeLine\Stock\Material;

/** One line of what is to be bought, for as many doorways as want it. */
final readonly class MaterialLine
{
    /** @param  array<string, string>  $for  by doorway, what for */
    public function __construct(public Material $material, public float $count, public array $for, public ?int $each) {}

    public function and(Material $more, string $doorway): self
    {
        // A bit or a blade serves every doorway.
        return new self($this->material, $this->material->isTool ? $this->count : $this->count + $more->count, [...$this->for, $doorway => $more->for], $this->each);
    }

    /** Cents for all of it; null where it has no price. */
    public function cents(): ?int
    {
        return $this->each === null ? null : (int) round($this->each * $this->count);
    }

    public function says(): string
    {
        $alike = array_unique(array_values($this->for));

        return count($alike) === 1 ? implode(': ', array_filter([implode(', ', array_keys($this->for)), $alike[0]])) : implode('; ', array_map(fn (string $doorway, string $for) => "{$doorway}: {$for}", array_keys($this->for), $this->for));
    }
}
