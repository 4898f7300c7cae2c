<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Event;
use PHPUnit\Event\Test\Errored;
use PHPUnit\Event\Test\Failed;
use PHPUnit\Event\Test\NoticeTriggered;
use PHPUnit\Event\Test\Passed;
use PHPUnit\Event\Test\PhpNoticeTriggered;
use PHPUnit\Event\Test\PhpWarningTriggered;
use PHPUnit\Event\Test\WarningTriggered;
use PHPUnit\Event\TestRunner\ExecutionFinished;
use PHPUnit\Event\Tracer\Tracer;

/** Ends a run with the first that is noticed, and says by what it ends with what that was. */
final class Judge implements Tracer
{
    private bool $hasPassed = false;

    public function trace(Event $event): void
    {
        match (true) {
            $event instanceof Passed => $this->hasPassed = true,
            $event instanceof Failed => exit(Verdict::Asserted->code()),
            $event instanceof Errored => exit(Verdict::Fault->code()),
            $event instanceof ExecutionFinished => exit(($this->hasPassed ? Verdict::Lived : Verdict::NotRun)->code()),
            // What PHP warns of fails a run.
            $event instanceof PhpWarningTriggered, $event instanceof PhpNoticeTriggered,
            $event instanceof WarningTriggered, $event instanceof NoticeTriggered => $event->wasSuppressed()
                || exit(Verdict::Fault->code()),
            default => null,
        };
    }
}
