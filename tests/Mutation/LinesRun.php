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
 * Writes down which lines each test runs, and how long it takes with all its sets of data. Lines are packed: a test
 * runs thousands.
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

    /** @var array<string, array<string, array<int, int>>> by test and path, lines as keys */
    private array $run = [];

    /** @var array<string, list<int>> the lines that can be run, by path */
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
            $event instanceof Finished => $this->ends(self::named($event)),
            $event instanceof ExecutionFinished => file_put_contents($this->to, serialize($this->told())),
            default => null,
        };
    }

    private function begins(): void
    {
        \pcov\clear();
        $this->from = hrtime(true) / 1e9;
        \pcov\start();
    }

    private function ends(string $test): void
    {
        \pcov\stop();
        $this->seconds[$test] = ($this->seconds[$test] ?? 0.0) + hrtime(true) / 1e9 - $this->from;
        foreach (\pcov\collect(\pcov\inclusive, $this->files) as $path => $lines) {
            $this->can[$path] ??= array_keys($lines);
            $run = array_keys($lines, 1, true);
            if ($run !== []) {
                $this->run[$test][$path] = ($this->run[$test][$path] ?? []) + array_flip($run);
            }
        }
    }

    /** @return Told */
    private function told(): array
    {
        $pack = fn (array $lines): string => pack('n*', ...$lines);

        return [
            'can' => array_map($pack, $this->can),
            'run' => array_map(
                fn (array $paths) => array_map(fn (array $lines) => $pack(array_keys($lines)), $paths),
                $this->run,
            ),
            'seconds' => $this->seconds,
        ];
    }

    /** `P\Tests\Core\GapTest::__pest_evaluable_it_is` as `tests/Core/GapTest.php::__pest_evaluable_it_is`. */
    private static function named(Finished $event): string
    {
        $test = $event->test();
        assert($test instanceof TestMethod);
        $path = strtr((string) preg_replace('/^P?\\\\?Tests\\\\/', '', $test->className()), '\\', '/');

        return "tests/{$path}.php::{$test->methodName()}";
    }
}
