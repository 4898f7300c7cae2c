<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Mutate\Mutation;
use Pest\Mutate\Plugins\Mutate;
use Symfony\Component\Process\Process;

/** The tests that run a line, in a process of their own, with a fault in it. */
final class Trial
{
    /** As `timeout` says it. */
    private const GIVEN_UP = 124;

    /** What goes round and round until it breaks did run. */
    private const BROKE = '/Allowed memory size of|Maximum function nesting level|Maximum execution time/';

    private function __construct() {}

    /**
     * @param  list<string>  $tests  as they are covered
     * @param  int  $most  seconds, after which it is given up
     * @param  string  $prepended  PHP that is run before
     */
    public static function of(Mutation $mutation, array $tests, int $most, string $prepended): Process
    {
        $files = array_values(array_unique(array_map(fn (string $test) => explode('::', $test)[0], $tests)));
        $names = array_unique(array_map(self::pattern(...), $tests));

        return new Process(
            [
                'timeout', (string) $most, PHP_BINARY,
                '-d', 'memory_limit=1G', '-d', 'opcache.enable_cli=0', '-d', "auto_prepend_file={$prepended}",
                'vendor/bin/pest', '--colors=never', '--compact', '--bail', ...$files,
                '--filter=/::(__pest_evaluable_)?('.implode('|', $names).')( with data|$|"|#)/',
            ],
            env: [
                Mutate::ENV_MUTATION_TESTING => (string) $mutation->file->getRealPath(),
                Mutate::ENV_MUTATION_FILE => $mutation->modifiedSourcePath,
            ],
            timeout: null,
        );
    }

    /** A test by what it says, whose method has a _ for each blank and mark. */
    private static function pattern(string $test): string
    {
        $method = (string) preg_replace('/^__pest_evaluable_/', '', explode('::', $test)[1]);

        return str_replace(['__', '_'], ['.{1,2}', '.'], preg_quote($method, '/'));
    }

    /** What came of it: tests that never ran tell nothing, whatever the process ended with. */
    public static function verdict(Process $process): Verdict
    {
        $said = $process->getOutput().$process->getErrorOutput();

        return match (true) {
            $process->getExitCode() === self::GIVEN_UP => Verdict::TooLong,
            preg_match('/Tests:\s+.*\d+ failed/', $said) === 1 => str_contains($said, 'Failed asserting') ||
                str_contains($said, 'Expecting ') || str_contains($said, 'not thrown') || str_contains($said, 'To contain')
                    ? Verdict::Asserted
                    : Verdict::Fault,
            // What PHP warns of fails a run, and is told by itself.
            preg_match('/Tests:\s+.*\d+ (warning|notice)/', $said) === 1 => Verdict::Fault,
            preg_match('/Tests:\s+.*\d+ passed/', $said) === 1 => Verdict::Lived,
            preg_match(self::BROKE, $said) === 1, $process->getExitCode() === 128 + SIGSEGV => Verdict::Fault,
            default => Verdict::NotRun,
        };
    }
}
