<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/** A task in its place: when, and with whom. */
final readonly class Placed
{
    /** @param  list<int>  $people  ids, ascending */
    public function __construct(public Task $task, public int $start, public array $people) {}

    public function end(): int
    {
        return $this->start + $this->task->minutes;
    }
}
