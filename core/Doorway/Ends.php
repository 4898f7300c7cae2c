<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What ends each leaf's travel, shut and open; of a pair each leaf may have its own. */
final readonly class Ends
{
    public const WAYS = ['shut', 'open'];

    /** A leaf of a pair that has no end of its own. */
    public const AS_BOTH = 'both';

    /**
     * @param  array<string, EndBy>  $by  by `shut` and `open`, and by `left.shut` and the like where one leaf differs
     * @param  array<string, Length>  $at  how high a buffer is fixed over the floor, likewise
     */
    public function __construct(private array $by, private array $at) {}

    /** @param  'shut'|'open'  $way */
    public function by(string $leaf, string $way): EndBy
    {
        return $this->by["{$leaf}.{$way}"] ?? $this->by[$way];
    }

    /**
     * Where the document has what ends it.
     *
     * @param  'shut'|'open'  $way
     */
    public function place(string $leaf, string $way): string
    {
        return isset($this->by["{$leaf}.{$way}"]) ? "brief.ends.{$leaf}.{$way}.by" : "brief.ends.{$way}.by";
    }

    /** @param  'shut'|'open'  $way */
    public function at(string $leaf, string $way): Length
    {
        return $this->at["{$leaf}.{$way}"] ?? $this->at[$way];
    }
}
