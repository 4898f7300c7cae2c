<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use BackedEnum;
use YokeLine\Doorway\Unsure;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Unit;

/**
 * One field of a document, declared once: schema, reading, forms, import, plus-minus and labels come from it.
 *
 * Its path names an item of a list by `[]`: `survey.studs[].x`. What is said of it gives a field with that said; none
 * is changed.
 */
final class Field
{
    /**
     * @param  list<string>  $answers  of a choice, as written; those of old files that are still read stand last
     * @param  array<string, int|float|string>  $usualLength  by unit, as one writes it, where nothing is written
     * @param  bool|int|float|string|null  $usual  what it is where nothing is written, of what is no length
     * @param  int  $most  so many of a list are taken
     * @param  ?string  $csv  its name in the column `place` of a table of readings
     * @param  bool  $isNeeded  nothing can be planned without it
     * @param  bool  $decidesOrder  what is ordered goes wrong where it was never answered
     * @param  bool  $mayBeAuto  `auto` leaves it to be worked out
     * @param  string  $rule  the key of the house's rule that it is: a question on which good installers differ; '' for
     *   none
     * @param  string  $section  of the rule: door, line, rail, guide or work
     * @param  bool  $isAlone  it belongs to no larger thing, and is asked for by its path
     * @param  list<string>  $keys  that must be there in every item, of a list
     * @param  ?Stretch  $stretch  on which stretch of the walk along the wall it is asked; null where it is not
     * @param  int  $times  how often it is asked there, of a list of lengths
     */
    private function __construct(
        public readonly string $path,
        public readonly FieldType $type,
        public readonly Least $least = Least::Any,
        public readonly array $answers = [],
        /** @phpstan-readonly-allow-private-mutation */
        public array $usualLength = [],
        public readonly bool|int|float|string|null $usual = null,
        public readonly int $most = 0,
        /** @phpstan-readonly-allow-private-mutation */
        public ?Unsure $unsure = null,
        /** @phpstan-readonly-allow-private-mutation */
        public ?string $csv = null,
        /** @phpstan-readonly-allow-private-mutation */
        public ?string $station = null,
        /** @phpstan-readonly-allow-private-mutation */
        public bool $isNeeded = false,
        /** @phpstan-readonly-allow-private-mutation */
        public bool $decidesOrder = false,
        public readonly bool $mayBeAuto = false,
        public readonly array $keys = [],
        /** @phpstan-readonly-allow-private-mutation */
        public string $rule = '',
        /** @phpstan-readonly-allow-private-mutation */
        public string $section = '',
        /** @phpstan-readonly-allow-private-mutation */
        public bool $isAlone = false,
        /** @phpstan-readonly-allow-private-mutation */
        public ?string $group = null,
        /** @phpstan-readonly-allow-private-mutation */
        public ?Stretch $stretch = null,
        /** @phpstan-readonly-allow-private-mutation */
        public int $times = 1,
    ) {}

    /** Any length, also below 0. */
    public static function length(string $path): self
    {
        return new self($path, FieldType::Length);
    }

    /** A length of 0 or more; 0 where nothing is written. */
    public static function sizeOrNone(string $path): self
    {
        return self::size($path)->usually(0, '0');
    }

    /** A length of 0 or more. */
    public static function size(string $path): self
    {
        return new self($path, FieldType::Length, Least::Zero);
    }

    /** A length over 0. */
    public static function positive(string $path): self
    {
        return new self($path, FieldType::Length, Least::OverZero);
    }

    /** A length over 0, or left to be worked out. */
    public static function auto(string $path): self
    {
        return new self($path, FieldType::Length, Least::OverZero, mayBeAuto: true);
    }

    /** A list of lengths over 0. */
    public static function lengths(string $path, int $most = 500): self
    {
        return new self($path, FieldType::Lengths, Least::OverZero, most: $most);
    }

    /** A list of lengths of 0 or more. */
    public static function sizes(string $path, int $most = 500): self
    {
        return new self($path, FieldType::Lengths, Least::Zero, most: $most);
    }

    public static function span(string $path): self
    {
        return new self($path, FieldType::Span);
    }

    public static function spans(string $path, int $most): self
    {
        return new self($path, FieldType::Spans, most: $most);
    }

    public static function text(string $path, string $usual = ''): self
    {
        return new self($path, FieldType::Text, usual: $usual);
    }

    public static function texts(string $path, int $most = 500): self
    {
        return new self($path, FieldType::Texts, most: $most);
    }

    public static function flag(string $path, bool $usual = false): self
    {
        return new self($path, FieldType::Flag, answers: ['no', 'yes'], usual: $usual);
    }

    /** A whole number of 0 or more. */
    public static function count(string $path, int $usual): self
    {
        return new self($path, FieldType::Count, Least::Zero, usual: $usual);
    }

    /** A plain number over 0, such as a mass in kg. */
    public static function amount(string $path, ?float $usual = null): self
    {
        return new self($path, FieldType::Amount, Least::OverZero, usual: $usual);
    }

    /** A plain number of 0 or more. */
    public static function amountOrNone(string $path, float $usual): self
    {
        return new self($path, FieldType::Amount, Least::Zero, usual: $usual);
    }

    /** One of a few words, the first where nothing is written. */
    public static function choice(string $path, string ...$answers): self
    {
        return new self($path, FieldType::Choice, answers: array_values($answers), usual: $answers[0] ?? '');
    }

    /** One of an enumeration's cases, that one where nothing is written. */
    public static function enum(string $path, BackedEnum $usual): self
    {
        return new self($path, FieldType::Choice, answers: self::casesOf($usual), usual: (string) $usual->value);
    }

    /** Several of an enumeration's cases. */
    public static function enums(string $path, BackedEnum $one): self
    {
        return new self(
            $path,
            FieldType::Choices,
            answers: self::casesOf($one),
            most: count($one::cases()),
        );
    }

    /** A list of things, each with fields of its own below `path[]`. */
    public static function items(string $path, int $most, string ...$keys): self
    {
        return new self($path, FieldType::Items, most: $most, keys: array_values($keys));
    }

    /**
     * What it is where nothing is written.
     *
     * @param  int|float  $mm  in doorways worked in millimetres
     * @param  string  $inches  in those worked in inches, as one writes them: `5 1/2`
     */
    public function usually(int|float $mm, string $inches): self
    {
        $changed = clone $this;
        $changed->usualLength = ['mm' => $mm, 'in' => $inches];

        return $changed;
    }

    public function unsure(Unsure $by): self
    {
        $changed = clone $this;
        $changed->unsure = $by;

        return $changed;
    }

    public function csv(string $name): self
    {
        $changed = clone $this;
        $changed->csv = $name;

        return $changed;
    }

    /** The station at which it is set, where a page arranges its fields by hand. */
    public function at(string $station): self
    {
        $changed = clone $this;
        $changed->station = $station;

        return $changed;
    }

    /** The station and the group of fields to which it is added, after those that are arranged by hand. */
    public function in(string $station, string $group): self
    {
        $changed = clone $this;
        $changed->station = $station;
        $changed->group = $group;

        return $changed;
    }

    /**
     * Asked on the walk along the wall: within a stretch in the order in which fields are declared.
     *
     * @param  int  $times  how often, of a list of lengths
     */
    public function walked(Stretch $stretch, int $times = 1): self
    {
        $changed = clone $this;
        $changed->stretch = $stretch;
        $changed->times = $times;

        return $changed;
    }

    /** A question on which good installers differ: the house has its answer, and a doorway may have another. */
    public function rule(string $section, string $key): self
    {
        $changed = clone $this;
        $changed->rule = $key;
        $changed->section = $section;

        return $changed;
    }

    /** It belongs to no larger thing: it is read by its path (`Told`). */
    public function alone(): self
    {
        $changed = clone $this;
        $changed->isAlone = true;

        return $changed;
    }

    public function needed(): self
    {
        $changed = clone $this;
        $changed->isNeeded = true;

        return $changed;
    }

    public function decidesOrder(): self
    {
        $changed = clone $this;
        $changed->decidesOrder = true;

        return $changed;
    }

    /** What it is where nothing is written, in a unit; null where nothing is usual. */
    public function usualIn(Unit $unit): ?Length
    {
        return isset($this->usualLength[$unit->value])
            ? LengthReader::read($this->usualLength[$unit->value], $unit)
            : null;
    }

    /** Whether there may be none of it: a wall without a casing. */
    public function mayBeNone(): bool
    {
        return $this->type === FieldType::Length && ($this->usualLength['mm'] ?? null) === 0;
    }

    /** What is kept as one of its answers: a flag may be kept as true or false too. */
    public static function answered(mixed $kept): mixed
    {
        return is_bool($kept) ? ($kept ? 'yes' : 'no') : $kept;
    }

    /** @return list<string> */
    private static function casesOf(BackedEnum $one): array
    {
        return array_map(fn (BackedEnum $case) => (string) $case->value, $one::cases());
    }
}
