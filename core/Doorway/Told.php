<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use LogicException;
use YokeLine\Measure\Length;

/**
 * What was told of a doorway that belongs to no larger thing: each by its path in the catalogue, or what is usual
 * there.
 */
final readonly class Told
{
    /**
     * @param  array<string, ?Length>  $lengths
     * @param  array<string, bool|float|string|null>  $others
     */
    public function __construct(private array $lengths, private array $others) {}

    /** @throws LogicException where no such length is declared, or nothing is usual there and nothing was told */
    public function length(string $path): Length
    {
        return $this->lengths[$path] ?? throw new LogicException("No length is told at {$path}.");
    }

    /** A length that need not be told. */
    public function lengthIfTold(string $path): ?Length
    {
        return $this->lengths[$path] ?? null;
    }

    /** An answer, or what is usual; '' where neither is text. */
    public function answer(string $path): string
    {
        $answer = $this->others[$path] ?? '';

        return is_string($answer) ? $answer : '';
    }

    public function flag(string $path): bool
    {
        return ($this->others[$path] ?? null) === true;
    }
}
