<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** What happens on the wall by a number that was answered. */
final readonly class Consequence
{
    /** @param  array<string, Length>  $with */
    private function __construct(public Ask $ask, public string $code, public array $with) {}

    /** @param  array<string, Length>  $with */
    public static function of(Ask $ask, string $code, array $with): self
    {
        return new self($ask, $code, $with);
    }

    public function says(): Message
    {
        return new Message('practice.happens', $this->with, $this->code);
    }
}
