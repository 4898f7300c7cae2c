<?php

declare(strict_types=1);

namespace YokeLine\Format;

use BackedEnum;
use LogicException;
use stdClass;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Catalog\Least;
use YokeLine\Doorway\Told;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/**
 * Reads values at places of a document, as the catalogue declares them, and gathers every problem by its place instead
 * of stopping at the first.
 *
 * @phpstan-import-type Value from Message
 */
final class Fields
{
    /** No mass, area, force or price here is more. */
    private const MOST = 10_000_000;

    private const MOST_COUNTED = 100_000;

    /** Kits of one shelf. */
    private const MOST_ITEMS = 500;

    /** @var array<string, Message> */
    private array $problems = [];

    private readonly Catalog $catalog;

    public function __construct(private readonly Document $document, private readonly Unit $unit)
    {
        $this->catalog = Catalog::whole();
    }

    /** @throws UnreadableFile where anything was wrong */
    public function settle(): void
    {
        if ($this->problems !== []) {
            throw new UnreadableFile($this->problems);
        }
    }

    /** @param  array<string, Value>  $with */
    public function problem(string $path, string $how, array $with = []): void
    {
        $this->problems[$path] ??= new Message('refusals', $with, $how);
    }

    /** In which lengths stand where none is written. */
    public function unit(): Unit
    {
        return $this->unit;
    }

    public function has(string $path): bool
    {
        return $this->document->get($path) !== null;
    }

    public function text(string $path): string
    {
        $usual = (string) $this->catalog->at($path)->usual;
        $value = $this->document->get($path) ?? $usual;
        if (! is_string($value)) {
            $this->problem($path, 'want-text');
        }

        return is_string($value) ? $value : $usual;
    }

    public function flag(string $path): bool
    {
        $usual = $this->catalog->at($path)->usual === true;
        $value = $this->document->get($path) ?? $usual;
        $value = ['yes' => true, 'no' => false][is_string($value) ? $value : ''] ?? $value;
        if (! is_bool($value)) {
            $this->problem($path, 'want-flag');
        }

        return is_bool($value) ? $value : $usual;
    }

    /** A plain number, such as a mass in kg; what is usual where nothing is written, null where nothing is. */
    public function amount(string $path): ?float
    {
        $field = $this->catalog->at($path);
        $usual = is_numeric($field->usual) ? (float) $field->usual : null;
        $number = $this->number($path);
        if ($number === null || $this->reaches($number <=> 0, $field->least)) {
            return $number ?? $usual;
        }
        $this->problem($path, $field->least === Least::Zero ? 'want-number-from-0' : 'want-number-over-0');

        return $usual;
    }

    /**
     * An amount that may be told in one of two units; what is usual of the first where neither is told.
     *
     * @param  float  $of  how many of the first one of the second is
     */
    public function amountOr(string $path, string $other, float $of): ?float
    {
        if (! $this->has($other)) {
            return $this->amount($path);
        }
        if ($this->has($path)) {
            $this->problem($other, 'told-twice');
        }
        $told = $this->amount($other);

        return $told === null ? null : $told * $of;
    }

    private function number(string $path): ?float
    {
        $value = $this->document->get($path);
        $number = is_string($value) && is_numeric(trim($value)) ? (float) $value : $value;
        if ($number !== null && ! is_int($number) && ! is_float($number)) {
            $this->problem($path, 'want-number');

            return null;
        }
        if ($number !== null && abs($number) > self::MOST) {
            $this->problem($path, 'number-too-much');

            return null;
        }

        return $number === null ? null : (float) $number;
    }

    /**
     * One of an enumeration's cases.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $path, string $enum): BackedEnum
    {
        return $enum::from($this->answer($path));
    }

    /** One of the answers that the catalogue has. */
    public function answer(string $path): string
    {
        $field = $this->catalog->at($path);
        $usual = (string) $field->usual;
        $value = $this->document->get($path) ?? $usual;
        // Of 2, 3 or 4 a file writes the number.
        $value = is_int($value) ? (string) $value : $value;
        if (is_string($value) && in_array($value, $field->answers, true)) {
            return $value;
        }
        $this->notAnswered($path, $field->answers, $value);

        return $usual;
    }

    /**
     * Several of an enumeration's cases.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     */
    public function choices(string $path, string $enum): array
    {
        $chosen = [];
        foreach ($this->places($path) as $place) {
            $value = $this->document->get($place);
            $one = is_string($value) ? $enum::tryFrom($value) : null;
            if ($one === null) {
                $this->notAnswered($place, $this->catalog->at($path)->answers, $value);
            } else {
                $chosen[] = $one;
            }
        }

        return $chosen;
    }

    /** A whole number of 0 or more. */
    public function count(string $path): int
    {
        $usual = (int) $this->catalog->at($path)->usual;
        $value = $this->document->get($path) ?? $usual;
        $number = is_string($value) && ctype_digit(trim($value)) ? (int) $value : $value;
        if (! is_int($number) || $number < 0 || $number > self::MOST_COUNTED) {
            $this->problem($path, 'want-count');

            return $usual;
        }

        return $number;
    }

    /** A length as far as it is told; null where nothing is written, or where it is left to be worked out. */
    public function length(string $path): ?Length
    {
        $field = $this->catalog->at($path);
        $value = $this->document->get($path);
        if ($value === null || ($field->mayBeAuto && is_string($value) && strtolower(trim($value)) === 'auto')) {
            return null;
        }
        try {
            $length = LengthReader::read($value, $this->unit);
        } catch (UnreadableLength $problem) {
            $this->problems[$path] ??= $problem->why;

            return null;
        }
        if ($this->reaches($length->nm <=> 0, $field->least)) {
            return $length;
        }
        $this->problem($path, $field->least === Least::Zero ? 'length-under-0' : 'length-not-over-0');

        return null;
    }

    /** A length, what is usual in the document's unit where nothing is written. */
    public function lengthOrUsual(string $path): Length
    {
        return $this->length($path) ?? $this->usual($path);
    }

    /** What is usual in the document's unit, whatever is written. */
    public function usual(string $path): Length
    {
        return $this->catalog->at($path)->usualIn($this->unit) ??
            throw new LogicException("Nothing is usual at {$path}.");
    }

    /** What must be there, for files that have no half-measured state. */
    public function required(string $path): Length
    {
        $read = $this->length($path);
        if ($read === null) {
            $this->problem($path, 'want-length');
        }

        return $read ?? Length::zero();
    }

    /** @return list<Length> */
    public function lengths(string $path): array
    {
        return array_values(array_filter(array_map($this->length(...), $this->places($path))));
    }

    /** Two places that must be there. */
    public function span(string $path): ?Span
    {
        $span = $this->spanIfTold($path);
        if ($span === null) {
            $this->problem($path, 'want-span');
        }

        return $span;
    }

    /** A span of which one end is not told yet counts for nothing. */
    public function spanIfTold(string $path): ?Span
    {
        $low = $this->length("{$path}[0]");
        $high = $this->length("{$path}[1]");

        return $low === null || $high === null ? null : Span::between($low, $high);
    }

    /** @return list<string> the places of a list's items */
    public function places(string $path): array
    {
        $list = $this->document->get($path) ?? [];
        if (! is_array($list)) {
            $this->problem($path, 'want-list');

            return [];
        }
        $field = $this->catalog->find($path);
        $most = $field->most ?? self::MOST_ITEMS;
        if (count($list) > $most) {
            $this->problem($path, 'too-many', ['most' => $most, 'found' => count($list)]);

            return [];
        }
        $places = [];
        foreach (array_values($list) as $i => $item) {
            $id = $field?->type === FieldType::Items && $item instanceof stdClass ? $item->id ?? null : null;
            $places[] = is_string($id) ? "{$path}[#{$id}]" : "{$path}[{$i}]";
        }

        return $places;
    }

    /** What belongs to no larger thing, each as it was told or as is usual. */
    public function told(): Told
    {
        $lengths = $others = [];
        foreach ($this->catalog->alone() as $path => $field) {
            match ($field->type) {
                FieldType::Length => ($lengths[$path] = $this->length($path) ?? $field->usualIn($this->unit)),
                FieldType::Choice => ($others[$path] = $this->answer($path)),
                FieldType::Flag => ($others[$path] = $this->flag($path)),
                FieldType::Text => ($others[$path] = $this->text($path)),
                default => ($others[$path] = $this->amount($path)),
            };
        }

        return new Told($lengths, $others);
    }

    /** @param  list<string>  $answers */
    private function notAnswered(string $place, array $answers, mixed $value): void
    {
        $this->problem($place, 'want-one-of', [
            'answers' => implode(', ', $answers),
            'found' => (string) json_encode($value),
        ]);
    }

    private function reaches(int $sign, Least $least): bool
    {
        return match ($least) {
            Least::Any => true,
            Least::Zero => $sign >= 0,
            Least::OverZero => $sign > 0,
        };
    }
}
