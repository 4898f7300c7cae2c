<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Measure\Length;

/** A number that is asked for on site: what was really measured, beside what was planned. */
final readonly class Ask
{
    /**
     * @param  string  $id  as the log keeps it: `line-1`, `leaf-width`
     * @param  Length  $slack  how far it may differ before something is worked again
     * @param  string  $row  what to look at when it differs: a key of Problems
     */
    public function __construct(
        public string $id,
        public string $label,
        public Length $planned,
        public Length $slack,
        public string $row,
    ) {}

    public function differs(Length $read): bool
    {
        return $read->minus($this->planned)->absolute()->isOver($this->slack);
    }
}
