<?php

declare(strict_types=1);

namespace YokeLine\Measure;

use BackedEnum;

/**
 * Something to be said, in nobody's language yet: which sentence it is, and the values it is said with.
 * Lengths and quantities stay exact; whoever says it knows units and language.
 *
 * @phpstan-type Value Length|Size|Quantity|Message|BackedEnum|int|float|string|list<Length|Message|string>
 */
final readonly class Message
{
    /**
     * @param  string  $key  of the sentence in the book of words
     * @param  array<string, Value>  $with
     * @param  string  $how  which of several sentences of that key
     */
    public function __construct(public string $key, public array $with = [], public string $how = '') {}

    /** A word of a list, `things` or `parts`; what stands in none is said as it was typed. */
    public static function word(string $list, string $word): self
    {
        return new self("words.{$list}", [], $word);
    }
}
