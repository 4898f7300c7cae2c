<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** Screws, nails, plates or dowels of one kind. */
final readonly class Fastener
{
    /**
     * @param  ?Length  $length  null of what has none of its own
     * @param  list<Length>  $at  v of plates and dowels at a joint
     */
    public function __construct(
        public string $kind,
        public int $count,
        public ?Length $length,
        public array $at = [],
    ) {}
}
