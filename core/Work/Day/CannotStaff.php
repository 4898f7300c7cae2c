<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use RuntimeException;

final class CannotStaff extends RuntimeException
{
    public static function tooFew(Task $task, int $crew): self
    {
        return new self(
            "{$task->id} takes {$task->people} people at once; the crew is {$crew}, or they are never there together for {$task->minutes} minutes.",
        );
    }

    public static function longerThanAnyStretch(Task $task): self
    {
        return new self(
            "{$task->id} takes {$task->minutes} minutes in one go, longer than any stretch of a working day; split it.",
        );
    }

    public static function goesRound(string $task): self
    {
        return new self("{$task} comes, by way of others, after itself.");
    }
}
