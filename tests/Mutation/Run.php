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
    private ?int $status = null;

    private bool $isGivenUp = false;

    private function __construct(private readonly int $process, private readonly float $until) {}

    /**
     * @param  list<string>  $arguments  as Pest takes them
     * @param  Closure(): void  $before  what is done in the copy before tests are looked for
     * @param  float  $most  seconds, after which it is given up
     */
    public static function begin(array $arguments, Closure $before, float $most): self
    {
        $process = pcntl_fork();
        if ($process !== 0) {
            return $process > 0
                ? new self($process, microtime(true) + $most)
                : throw new RuntimeException('The machine lets no process begin.');
        }
        // What a test starts ends with it.
        posix_setsid();
        if (getenv('TELL') === false) {
            ini_set('display_errors', '0');
            ob_start(fn (): string => '');
        }
        $_SERVER['argv'] = ['pest', '--do-not-cache-result', ...$arguments];
        $before();
        require dirname(__DIR__, 2).'/vendor/pestphp/pest/bin/pest';
        exit(1);
    }

    public function isOver(): bool
    {
        if ($this->status === null && pcntl_waitpid($this->process, $status, WNOHANG) === $this->process) {
            $this->status = $status;
        } elseif ($this->status === null && microtime(true) > $this->until) {
            posix_kill(-$this->process, SIGKILL);
            pcntl_waitpid($this->process, $this->status);
            $this->isGivenUp = true;
        }

        return $this->status !== null;
    }

    public function isGivenUp(): bool
    {
        return $this->isGivenUp;
    }

    /** What it ended with; null where it was ended from outside. */
    public function code(): ?int
    {
        return $this->status !== null && pcntl_wifexited($this->status) ? (int) pcntl_wexitstatus($this->status) : null;
    }
}
