<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Closure;

/** Runs, so many at once: whichever is over first makes room for the next. */
final class AtOnce
{
    /** @var array<int, array{Run, Closure(Run): void}> those under way by their processes, each with what follows */
    private array $running = [];

    public function __construct(private readonly int $most) {}

    /**
     * Begun as soon as there is room.
     *
     * @param  Closure(): Run  $begin
     * @param  Closure(Run): void  $over  what is done with it then
     */
    public function add(Closure $begin, Closure $over): void
    {
        while (count($this->running) >= $this->most) {
            $this->wait();
        }
        $run = $begin();
        $this->running[$run->process] = [$run, $over];
    }

    public function finish(): void
    {
        while ($this->running !== []) {
            $this->wait();
        }
    }

    private function wait(): void
    {
        $run = Run::firstOver(array_map(fn (array $one) => $one[0], $this->running));
        [, $over] = $this->running[$run->process];
        unset($this->running[$run->process]);
        $over($run);
    }
}
