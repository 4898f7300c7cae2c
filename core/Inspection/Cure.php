<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/**
 * One change to survey or brief that takes a finding away.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Cure
{
    /**
     * @param  string  $code  what is done
     * @param  array<string, mixed>  $changes  place => value as the document has it, null to take it out
     * @param  array<string, Value>  $with  what it is said with
     * @param  array<string, Length>  $effect  what else changes with it, by the key of its sum
     */
    public function __construct(
        public string $code,
        public array $changes,
        public array $with = [],
        public array $effect = [],
    ) {}

    /** @param  array<string, Length>  $effect */
    public function withEffect(array $effect): self
    {
        return new self($this->code, $this->changes, $this->with, $effect);
    }

    public function says(): Message
    {
        return new Message("cures.{$this->code}", $this->with);
    }

    /** @return list<Message> */
    public function effects(): array
    {
        return array_map(
            fn (string $key, Length $to) => new Message('cures.effects', ['to' => $to], $key),
            array_keys($this->effect),
            $this->effect,
        );
    }
}
