<?php

declare(strict_types=1);

namespace YokeLine\Format;

use BackedEnum;
use stdClass;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/** Reads values at places of a document and gathers every problem by its place instead of stopping at the first. */
final class Fields
{
    /** No mass, area, force or price here is more. */
    private const MOST = 10_000_000;

    /** @var array<string, string> */
    private array $problems = [];

    public function __construct(private readonly Document $document, private readonly Unit $unit) {}

    /** @throws UnreadableFile where anything was wrong */
    public function settle(): void
    {
        if ($this->problems !== []) {
            throw new UnreadableFile($this->problems);
        }
    }

    public function problem(string $path, string $says): void
    {
        $this->problems[$path] ??= $says;
    }

    public function has(string $path): bool
    {
        return $this->document->get($path) !== null;
    }

    public function text(string $path, string $default = ''): string
    {
        $value = $this->document->get($path) ?? $default;
        if (! is_string($value)) {
            $this->problem($path, 'Text is wanted here.');
        }

        return is_string($value) ? $value : $default;
    }

    public function flag(string $path, bool $default): bool
    {
        $value = $this->document->get($path) ?? $default;
        $value = ['yes' => true, 'no' => false][is_string($value) ? $value : ''] ?? $value;
        if (! is_bool($value)) {
            $this->problem($path, 'true or false is wanted here.');
        }

        return is_bool($value) ? $value : $default;
    }

    /** A plain number above 0, such as a mass in kg; null where nothing is written. */
    public function amount(string $path): ?float
    {
        $number = $this->number($path);
        if ($number !== null && ! ($number > 0)) {
            $this->problem($path, 'A number above 0 is wanted here.');

            return null;
        }

        return $number;
    }

    /** A plain number of 0 or more; null where nothing is written. */
    public function amountOrNone(string $path): ?float
    {
        $number = $this->number($path);
        if ($number !== null && ! ($number >= 0)) {
            $this->problem($path, 'A number of 0 or more is wanted here.');

            return null;
        }

        return $number;
    }

    private function number(string $path): ?float
    {
        $value = $this->document->get($path);
        $number = is_string($value) && is_numeric(trim($value)) ? (float) $value : $value;
        if ($number !== null && ! is_int($number) && ! is_float($number)) {
            $this->problem($path, 'A number is wanted here.');

            return null;
        }
        if ($number !== null && abs($number) > self::MOST) {
            $this->problem($path, 'This is too much to be a number of this kind.');

            return null;
        }

        return $number === null ? null : (float) $number;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  T  $default  what it is where nothing is written
     * @return T
     */
    public function choice(string $path, BackedEnum $default): BackedEnum
    {
        $value = $this->document->get($path);
        if ($value === null) {
            return $default;
        }
        $chosen = is_string($value) ? $default::tryFrom($value) : null;
        if ($chosen === null) {
            $names = implode(', ', array_map(fn (BackedEnum $case) => (string) $case->value, $default::cases()));
            $this->problem($path, 'One of '.$names.' is wanted here, not '.json_encode($value).'.');
        }

        return $chosen ?? $default;
    }

    /** A whole number of 0 or more. */
    public function count(string $path, int $default): int
    {
        $value = $this->document->get($path) ?? $default;
        $number = is_string($value) && ctype_digit(trim($value)) ? (int) $value : $value;
        if (! is_int($number) || $number < 0 || $number > 100_000) {
            $this->problem($path, 'A whole number of 0 or more is wanted here.');

            return $default;
        }

        return $number;
    }

    /**
     * One of a few words; the first where nothing is written.
     *
     * @param  non-empty-list<string>  $words
     */
    public function oneOf(string $path, array $words): string
    {
        $said = $this->text($path, $words[0]);
        if (! in_array($said, $words, true)) {
            $this->problem($path, 'One of '.implode(', ', $words).' is wanted here.');
        }

        return $said;
    }

    /** Any length, also below 0; null where nothing is written. */
    public function length(string $path): ?Length
    {
        $value = $this->document->get($path);
        if ($value === null) {
            return null;
        }
        try {
            return LengthReader::read($value, $this->unit);
        } catch (UnreadableLength $problem) {
            $this->problem($path, $problem->getMessage());

            return null;
        }
    }

    /** A length of 0 or more. */
    public function size(string $path): ?Length
    {
        $length = $this->length($path);
        if ($length?->isNegative()) {
            $this->problem($path, 'This cannot be less than 0.');

            return null;
        }

        return $length;
    }

    /** A length over 0. */
    public function positive(string $path): ?Length
    {
        $length = $this->length($path);
        if ($length !== null && ! $length->isPositive()) {
            $this->problem($path, 'This must be more than 0.');

            return null;
        }

        return $length;
    }

    /** A size that may be left to be worked out: null for `auto` or nothing. */
    public function sizeOrAuto(string $path): ?Length
    {
        $value = $this->document->get($path);

        return is_string($value) && strtolower(trim($value)) === 'auto' ? null : $this->positive($path);
    }

    /** What must be there, for files that have no half-measured state. */
    public function required(string $path, ?Length $read): Length
    {
        if ($read === null) {
            $this->problem($path, 'A length is wanted here.');
        }

        return $read ?? Length::zero();
    }

    /** @return list<Length> lengths over 0 */
    public function sizes(string $path): array
    {
        return array_values(array_filter(array_map($this->positive(...), $this->places($path))));
    }

    public function span(string $path): ?Span
    {
        $low = $this->length("{$path}[0]");
        $high = $this->length("{$path}[1]");
        if ($low === null || $high === null) {
            $this->problem($path, 'Two places are wanted here, [from, to].');

            return null;
        }

        return Span::between($low, $high);
    }

    /** @return list<string> the places of a list's items */
    public function places(string $path): array
    {
        $list = $this->document->get($path) ?? [];
        if (! is_array($list)) {
            $this->problem($path, 'A list is wanted here, [ … ].');

            return [];
        }
        if (count($list) > Bounds::of($path)) {
            $this->problem($path, Bounds::says(Bounds::of($path), count($list)));

            return [];
        }

        $places = [];
        foreach (array_values($list) as $i => $item) {
            $id = $item instanceof stdClass && in_array($path, ItemIds::LISTS, true) ? $item->id ?? null : null;
            $places[] = is_string($id) ? "{$path}[#{$id}]" : "{$path}[{$i}]";
        }

        return $places;
    }
}
