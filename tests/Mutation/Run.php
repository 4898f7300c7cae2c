<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Closure;
use RuntimeException;

/**
 * Tests, run in a copy of this process: all that is not ours is loaded in it already (`Warm`), which takes longer than
 * most of these runs. Nothing is printed, unless TELL is set.
 */
final class Run
{
    private function __construct(public readonly int $process, private ?int $status = null) {}

    /**
     * @param  list<string>  $arguments  as Pest takes them
     * @param  Closure(): void  $before  what is done in the copy before tests are looked for
     * @param  int  $most  seconds, after which it ends itself
     */
    public static function begin(array $arguments, Closure $before, int $most): self
    {
        $process = pcntl_fork();
        if ($process !== 0) {
            return $process > 0
                ? new self($process)
                : throw new RuntimeException('The machine lets no process begin.');
        }
        // What a test starts ends with it.
        posix_setsid();
        pcntl_alarm($most);
        $isTold = getenv('TELL') !== false;
        if (! $isTold) {
            ini_set('display_errors', '0');
            ini_set('log_errors', '0');
            ob_start(fn (): string => '');
        }
        $_SERVER['argv'] = ['pest', '--do-not-cache-result', ...($isTold ? [] : ['--no-output']), ...$arguments];
        $before();
        require dirname(__DIR__, 2).'/vendor/pestphp/pest/bin/pest';
        exit(1);
    }

    /** Waits for whichever is over first. @param  non-empty-array<int, self>  $running  by their processes */
    public static function firstOver(array $running): self
    {
        do {
            $process = pcntl_waitpid(-1, $status);
            $process > 0 || throw new RuntimeException('What runs was waited for elsewhere.');
        } while (! isset($running[$process]));
        posix_kill(-$process, SIGKILL);
        $running[$process]->status = $status;

        return $running[$process];
    }

    /** It took longer than it may. */
    public function isGivenUp(): bool
    {
        return $this->status !== null && pcntl_wifsignaled($this->status) && pcntl_wtermsig($this->status) === SIGALRM;
    }

    /** What it ended with; null where it was ended from outside. */
    public function code(): ?int
    {
        return $this->status !== null && pcntl_wifexited($this->status) ? (int) pcntl_wexitstatus($this->status) : null;
    }
}
