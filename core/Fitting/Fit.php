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

    /**
     * What all of them come to: the gravest, where what is not known yet weighs more than work at the bench.
     *
     * @param  non-empty-list<self>  $fits
     * @return 'fits'|'trim'|'pack'|'reject'|'unknown'
     */
    public static function together(array $fits): string
    {
        $verdicts = array_column($fits, 'verdict');
        foreach (['reject', 'unknown', 'trim', 'pack'] as $verdict) {
            if (in_array($verdict, $verdicts, true)) {
                return $verdict;
            }
        }

        return 'fits';
    }

    public function called(): Message
    {
        return Message::word('leaf-measures', $this->what);
    }

    public function says(): Message
    {
        return new Message("fitting.{$this->code}", [...$this->with, 'what' => $this->called()]);
    }
}
