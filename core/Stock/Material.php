<?php

declare(strict_types=1);

namespace YokeLine\Stock;

/** Something to have: how much of what, and what for. */
final readonly class Material
{
    /**
     * @param  string  $key  by which the price list knows it: two doorways that want the same have it the same
     * @param  float  $count  pieces, litres, metres
     * @param  string  $unit  '' for pieces
     * @param  string  $note  what the order line says besides, '' where nothing
     * @param  bool  $isTool  lasts; it is had once for the whole job
     */
    public function __construct(public string $group, public string $key, public string $what, public float $count, public string $unit, public string $for, public string $note = '', public bool $isTool = false) {}
}
