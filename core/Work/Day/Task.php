<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/** A step of one doorway, to be put into a day. */
final readonly class Task
{
    /**
     * @param  array<string, int>  $after  minutes that are waited after each task that goes before
     * @param  int  $earliest  minutes from the first midnight
     * @param  ?int  $standsAt  where it was set by hand or has begun; null where it is still to be placed
     * @param  list<int>  $standsWith  the people of one that stands
     */
    public function __construct(
        public string $id,
        public int $minutes,
        public int $people,
        public string $doorway,
        public string $site,
        public bool $isAtWall,
        public array $after,
        public int $earliest = 0,
        public ?int $standsAt = null,
        public array $standsWith = [],
    ) {}
}
