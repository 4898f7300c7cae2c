<?php

declare(strict_types=1);

namespace YokeLine\Methods;

use YokeLine\Measure\Length;

/** One question on which good installers differ, with its schools and what this house does where nothing is set. */
final readonly class Method
{
    /**
     * @param  string  $key  stable, kebab-case
     * @param  string  $place  where the answer stands in a doorway's document
     * @param  array<string, string>  $schools  answer as written => what it says; [] where the answer is a length
     * @param  string|Length  $default  what it is where nothing is set
     * @param  string  $why  the reason for the default
     */
    private function __construct(public string $key, public string $about, public string $question, public string $place, public array $schools, public string|Length $default, public string $why) {}

    /** @param  array<string, string>  $schools  the first is the default */
    public static function choice(string $key, string $about, string $question, string $place, array $schools, string $why): self
    {
        return new self($key, $about, $question, $place, $schools, (string) array_key_first($schools), $why);
    }

    public static function length(string $key, string $about, string $question, string $place, Length $default, string $why): self
    {
        return new self($key, $about, $question, $place, [], $default, $why);
    }

    public function isLength(): bool
    {
        return $this->default instanceof Length;
    }
}
