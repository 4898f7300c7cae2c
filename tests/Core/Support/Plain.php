<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;

/** Says what is to be said by its codes, as nobody speaks. */
final readonly class Plain implements Wording
{
    public function __construct(private Unit $unit = Unit::Millimetre) {}

    public function say(Message $message): string
    {
        $with = array_filter($message->with, fn (mixed $value) => ! is_array($value));

        return implode(' ', [
            $message->key,
            $message->how,
            ...array_map(
                fn (mixed $value) => match (true) {
                    $value instanceof Message => $this->say($value),
                    $value instanceof \YokeLine\Measure\Length => $this->lengths()->show($value),
                    is_scalar($value) => (string) $value,
                    default => '',
                },
                $with,
            ),
        ]);
    }

    public function lengths(): LengthWriter
    {
        return new LengthWriter($this->unit);
    }
}
