<?php

declare(strict_types=1);

namespace YokeLine\Stock;

/** Something to have: how much of what, and what for. */
final readonly class Material
{
    /** By which price list and orders know it. */
    public string $key;

    /**
     * @param  float  $count  pieces, litres, metres
     * @param  string  $unit  '' for pieces
     * @param  string  $note  what the order line says besides, '' where nothing
     * @param  bool  $isTool  lasts; it is had once for the whole job
     */
    public function __construct(
        public string $group,
        public MaterialId $id,
        public string $what,
        public float $count,
        public string $unit,
        public string $for,
        public string $note = '',
        public bool $isTool = false,
    ) {
        $this->key = $id->key;
    }
}
