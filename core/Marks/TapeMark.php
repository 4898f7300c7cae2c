<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;

/** One mark on one tape: where it is on it, the step that wants it, and how far it may move before it matters. */
final readonly class TapeMark
{
    public MarkId $id;

    /** Where it is marked: a thing's start on the tape's grid, its end as long from there as it is said to be. */
    public Length $marked;

    /** @param  ?Length  $spare  null where nothing is known to say it by */
    public function __construct(
        string|MarkId $id,
        public string $tape,
        public Length $place,
        public string $step,
        public ?Length $spare = null,
        ?Length $marked = null,
    ) {
        $this->marked = $marked ?? $place;
        $this->id = MarkId::of($id);
    }
}
