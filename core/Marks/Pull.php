<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;

/** One hook, one direction, one tape: every mark on it as a running reading. */
final readonly class Pull
{
    /**
     * @param  1|-1  $way  right or left
     * @param  non-empty-list<Reading>  $readings  rising
     */
    public function __construct(public Hook $hook, public int $way, public array $readings) {}

    public function reach(): Length
    {
        return $this->readings[count($this->readings) - 1]->reading;
    }

    /** Where its farthest mark is, in room x. */
    public function end(): Length
    {
        return $this->hook->at->plus($this->reach()->times($this->way));
    }
}
