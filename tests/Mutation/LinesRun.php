<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Event;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\PreparationStarted;
use PHPUnit\Event\TestRunner\ExecutionFinished;
use PHPUnit\Event\Tracer\Tracer;

/**
 * Writes down which lines each test runs, each set of data by itself, and how long it takes.
 *
 * @phpstan-type Told array{
 *     can: array<string, string>,
 *     run: array<string, array<string, string>>,
 *     seconds: array<string, float>,
 * }
 */
final class LinesRun implements Tracer
{
    /** A file that takes longer is not asked: what only it would notice is told as lived. */
    public const LONGEST_S = 240;

    /** @var array<string, array<string, string>> by test and path, packed */
    private array $run = [];

    /** @var array<string, string> the lines that can be run, by path, packed */
    private array $can = [];

    /** @var array<string, float> by test */
    private array $seconds = [];

    private float $from = 0.0;

    /** @param  list<string>  $files  whose lines are looked at */
    public function __construct(private readonly array $files, private readonly string $to) {}

    public function trace(Event $event): void
    {
        match (true) {
            $event instanceof PreparationStarted => $this->begins(),
            $event instanceof Finished => $this->ends($event),
            $event instanceof ExecutionFinished => file_put_contents(
                $this->to,
                serialize(['can' => $this->can, 'run' => $this->run, 'seconds' => $this->seconds]),
            ),
            default => null,
        };
    }

    private function begins(): void
    {
        \pcov\clear();
        $this->from = hrtime(true) / 1e9;
        \pcov\start();
    }

    private function ends(Finished $event): void
    {
        \pcov\stop();
        assert($event->test() instanceof TestMethod);
        $test = ChosenOnly::name($event->test());
        $this->seconds[$test] = hrtime(true) / 1e9 - $this->from;
        foreach (\pcov\collect(\pcov\inclusive, $this->files) as $path => $lines) {
            $this->can[$path] ??= Lines::packed(array_keys($lines));
            $run = array_keys($lines, 1, true);
            if ($run !== []) {
                $this->run[$test][$path] = Lines::packed($run);
            }
        }
    }
}
