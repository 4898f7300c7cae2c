<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/**
 * What is asked of something that was found: a length, or one of a few.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Question
{
    /**
     * @param  ?Length  $planned  shown grey
     * @param  array<string, Message>  $options  where one of a few is chosen
     */
    private function __construct(public Message $label, public ?Length $planned, public array $options) {}

    /** @param  array<string, Value>  $with */
    public static function length(string $code, ?Length $planned = null, array $with = []): self
    {
        return new self(new Message('recovery.asks', $with, $code), $planned, []);
    }

    /** @param  array<string, Message>  $options */
    public static function choice(string $code, array $options): self
    {
        return new self(new Message('recovery.asks', [], $code), null, $options);
    }

    /** @param  'leaves'|'rails'  $list  what it is one of two of */
    public function of(string $list, string $which): self
    {
        return new self(
            new Message('recovery.of', ['which' => Message::word($list, $which), 'what' => $this->label]),
            $this->planned,
            $this->options,
        );
    }
}
