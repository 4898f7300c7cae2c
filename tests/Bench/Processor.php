<?php

declare(strict_types=1);

namespace Tests\Bench;

/** The processor time that a server and all its workers have taken. */
final readonly class Processor
{
    /** @param  int  $group  the process group of the server */
    public function __construct(private int $group) {}

    /** Milliseconds since they began. */
    public function ms(): float
    {
        $ns = 0;
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            // After the name in brackets: state, parent, group.
            $of = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));
            if ((int) ($of[2] ?? 0) === $this->group) {
                $ns += (int) strtok((string) @file_get_contents(dirname($file).'/schedstat'), ' ');
            }
        }

        return $ns / 1e6;
    }
}
