<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** A screw that is kept off the holes of the hangers. */
final readonly class Moved
{
    /**
     * @param  'pocket'|'frame'|'ledge'  $kind
     * @param  array{Length, Length}  $from  u and v
     * @param  ?array{Length, Length}  $to  null where it is left out
     */
    public function __construct(public string $kind, public array $from, public ?array $to) {}

    public function fault(): Fault
    {
        if ($this->to === null) {
            return Fault::settle('screw-left-out', 'way', ['u' => $this->from[0], 'v' => $this->from[1]]);
        }
        $by = $this->to[0]->minus($this->from[0])->plus($this->to[1]->minus($this->from[1]));

        return Fault::note('screw-moved', 'way', ['by' => $by->absolute()]);
    }
}
