<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use RuntimeException;

/** A step that no hours of this crew can take, and why. */
final class CannotStaff extends RuntimeException
{
    /** @param  'too-few'|'too-long'|'round'  $why */
    private function __construct(
        public readonly string $why,
        public readonly string $task,
        public readonly int $people = 0,
        public readonly int $minutes = 0,
        public readonly int $crew = 0,
    ) {
        parent::__construct("{$why} {$task}");
    }

    /** It takes more at once than the crew has, or than are ever there together. */
    public static function tooFew(Task $task, int $crew): self
    {
        return new self('too-few', $task->id, $task->people, $task->minutes, $crew);
    }

    public static function longerThanAnyStretch(Task $task): self
    {
        return new self('too-long', $task->id, $task->people, $task->minutes);
    }

    /** It comes, by way of others, after itself. */
    public static function goesRound(string $task): self
    {
        return new self('round', $task);
    }
}
