<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Mutation;
use Pest\Mutate\Plugins\Mutate;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** The tests that run a line, in a process of their own, with a fault in it. */
final class Trial
{
    private readonly Process $process;

    private bool $isTooLong = false;

    /**
     * @param  list<string>  $tests  as they are covered
     * @param  string  $prepended  PHP that is run before
     */
    public function __construct(public readonly Mutation $mutation, array $tests, float $most, string $prepended)
    {
        $files = array_values(array_unique(array_map(fn (string $test) => explode('::', $test)[0], $tests)));
        $names = array_unique(array_map(self::pattern(...), $tests));
        $this->process = new Process(
            [
                PHP_BINARY, '-d', 'memory_limit=1G', '-d', 'opcache.enable_cli=0', '-d', "auto_prepend_file={$prepended}",
                'vendor/bin/pest', '--colors=never', '--compact', '--bail', ...$files,
                '--filter=/::(__pest_evaluable_)?('.implode('|', $names).')( with data|$|"|#)/',
            ],
            env: [
                Mutate::ENV_MUTATION_TESTING => (string) $mutation->file->getRealPath(),
                Mutate::ENV_MUTATION_FILE => $mutation->modifiedSourcePath,
            ],
            timeout: $most,
        );
        $this->process->start();
    }

    /** A test by what it says, whose method has a _ for each blank and mark. */
    private static function pattern(string $test): string
    {
        $method = (string) preg_replace('/^__pest_evaluable_/', '', explode('::', $test)[1]);

        return str_replace(['__', '_'], ['.{1,2}', '.'], preg_quote($method, '/'));
    }

    /**
     * Waits for whichever is over first, and takes it out of those that run.
     *
     * @param  non-empty-list<self>  $running
     */
    public static function firstOver(array &$running): self
    {
        while (true) {
            foreach ($running as $at => $trial) {
                if ($trial->isOver()) {
                    array_splice($running, $at, 1);

                    return $trial;
                }
            }
            usleep(5_000);
        }
    }

    private function isOver(): bool
    {
        try {
            $this->process->checkTimeout();
        } catch (ProcessTimedOutException) {
            $this->isTooLong = true;
        }

        return ! $this->process->isRunning();
    }

    /** What came of it: tests that never ran tell nothing, whatever the process ended with. */
    public function verdict(): Verdict
    {
        $said = $this->process->getOutput().$this->process->getErrorOutput();

        return match (true) {
            $this->isTooLong => Verdict::TooLong,
            preg_match('/Tests:\s+.*\d+ failed/', $said) === 1 => str_contains($said, 'Failed asserting') ||
                str_contains($said, 'Expecting ') || str_contains($said, 'not thrown') || str_contains($said, 'To contain')
                    ? Verdict::Asserted
                    : Verdict::Fault,
            preg_match('/Tests:\s+.*\d+ passed/', $said) === 1 => Verdict::Lived,
            default => Verdict::NotRun,
        };
    }

    public function said(): string
    {
        return $this->process->getOutput().$this->process->getErrorOutput();
    }
}
