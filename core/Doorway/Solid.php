<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Span;

/** Wood in the wall that is no stud: a lintel, blocking; y from the floor. */
final readonly class Solid
{
    public function __construct(public string $kind, public Span $x, public Span $y, public string $place = '') {}
}
