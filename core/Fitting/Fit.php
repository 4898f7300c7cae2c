<?php

declare(strict_types=1);

namespace YokeLine\Fitting;

use YokeLine\Measure\Message;

/**
 * What one measure of a leaf in hand means: it fits, it is trimmed or packed, or it is rejected, with the numbers that
 * say so.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Fit
{
    /**
     * @param  'width'|'height'|'thickness'|'mass'|'solid'  $what
     * @param  'fits'|'trim'|'pack'|'reject'|'unknown'  $verdict
     * @param  string  $code  of the sentence that says why
     * @param  array<string, Value>  $with
     */
    public function __construct(
        public string $what,
        public string $verdict,
        private string $code,
        private array $with = [],
    ) {}

    public function called(): Message
    {
        return Message::word('leaf-measures', $this->what);
    }

    public function says(): Message
    {
        return new Message("fitting.{$this->code}", [...$this->with, 'what' => $this->called()]);
    }
}
