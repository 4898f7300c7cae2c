<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Backing;
use YokeLine\Measure\Message;

/**
 * One thing that could carry the rail.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Alternative
{
    /**
     * @param  ?Backing  $backing  what the brief would say, null where it has no word for it
     * @param  array<string, Value>  $with
     */
    public function __construct(
        public ?Backing $backing,
        private string $code,
        public bool $holds,
        private array $with = [],
    ) {}

    public function says(): Message
    {
        return new Message('fixings.alternatives', $this->with, $this->code);
    }

    /** What it costs in work and wall. */
    public function costs(): Message
    {
        return new Message('fixings.costs', [], explode('.', $this->code)[0]);
    }
}
