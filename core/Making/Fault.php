<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** What is found of a leaf as it is made: which code, how grave, at which place of the document, with which numbers. */
final readonly class Fault
{
    /**
     * @param  'note'|'settle'|'stop'  $severity
     * @param  string  $where  below `brief.leaf.made`
     * @param  array<string, Length|Span|float|int|string>  $numbers
     */
    private function __construct(
        public string $code,
        public string $severity,
        public string $where,
        public array $numbers,
    ) {}

    /** @param  array<string, Length|Span|float|int|string>  $numbers */
    public static function note(string $code, string $where, array $numbers = []): self
    {
        return new self($code, 'note', $where, $numbers);
    }

    /** @param  array<string, Length|Span|float|int|string>  $numbers */
    public static function settle(string $code, string $where, array $numbers = []): self
    {
        return new self($code, 'settle', $where, $numbers);
    }

    /** @param  array<string, Length|Span|float|int|string>  $numbers */
    public static function stop(string $code, string $where, array $numbers = []): self
    {
        return new self($code, 'stop', $where, $numbers);
    }
}
