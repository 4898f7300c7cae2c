<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/**
 * A number that is asked for on site: what was really measured, beside what was planned.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class SiteMeasurement
{
    /**
     * @param  string  $id  as the log keeps it: `line-1`, `leaf-width`
     * @param  string  $code  of what is asked
     * @param  Length  $slack  how far it may differ before something is worked again
     * @param  string  $row  what to look at when it differs: one of Problems
     * @param  array<string, Value>  $with
     */
    public function __construct(
        public string $id,
        private string $code,
        public Length $planned,
        public Length $slack,
        public string $row,
        private array $with = [],
    ) {}

    public function called(): Message
    {
        return new Message('site.asks', $this->with, $this->code);
    }

    public function differs(Length $read): bool
    {
        return $read->minus($this->planned)->absolute()->isOver($this->slack);
    }
}
