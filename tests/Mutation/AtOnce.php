<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Closure;
use Symfony\Component\Process\Process;

/** Processes, so many at once: whichever is over first makes room for the next. */
final class AtOnce
{
    /** @var array<int, array{Process, Closure(): void}> those that run, each with what follows */
    private array $running = [];

    public function __construct(private readonly int $most) {}

    /**
     * Started as soon as there is room.
     *
     * @param  Closure(): Process  $start
     * @param  Closure(Process): void  $over  what is done with it then
     */
    public function add(Closure $start, Closure $over): void
    {
        while (count($this->running) >= $this->most) {
            $this->wait();
        }
        $process = $start();
        $process->start();
        $this->running[spl_object_id($process)] = [$process, fn () => $over($process)];
    }

    public function finish(): void
    {
        while ($this->running !== []) {
            $this->wait();
        }
    }

    private function wait(): void
    {
        foreach ($this->running as $id => [$process, $over]) {
            if (! $process->isRunning()) {
                unset($this->running[$id]);
                $over();

                return;
            }
        }
        usleep(5_000);
    }
}
