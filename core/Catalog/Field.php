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
 * Its path names an item of a list by `[]`: `survey.studs[].x`.
 */
final readonly class Field
{
    /**
     * @param  list<string>  $answers  of a choice, as written; those of old files that are still read stand last
     * @param  array<string, int|float|string>  $usualLength  by unit, as one writes it: what it is where nothing is written
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
     */
    public function __construct(
        public string $path,
        public FieldType $type,
        public Least $least = Least::Any,
        public array $answers = [],
        public array $usualLength = [],
        public bool|int|float|string|null $usual = null,
        public int $most = 0,
        public ?Unsure $unsure = null,
        public ?string $csv = null,
        public ?string $station = null,
        public bool $isNeeded = false,
        public bool $decidesOrder = false,
        public bool $mayBeAuto = false,
        public array $keys = [],
        public string $rule = '',
        public string $section = '',
        public bool $isAlone = false,
        public ?string $group = null,
    ) {}

    /** Any length, also below 0. */
    public static function length(string $path): FieldDraft
    {
        return new FieldDraft($path, FieldType::Length);
    }

    /** A length of 0 or more; 0 where nothing is written. */
    public static function sizeOrNone(string $path): FieldDraft
    {
        return self::size($path)->usually(0, '0');
    }

    /** A length of 0 or more. */
    public static function size(string $path): FieldDraft
    {
        return new FieldDraft($path, FieldType::Length, Least::Zero);
    }

    /** A length over 0. */
    public static function positive(string $path): FieldDraft
    {
        return new FieldDraft($path, FieldType::Length, Least::OverZero);
    }

    /** A length over 0, or left to be worked out. */
    public static function auto(string $path): FieldDraft
    {
        return new FieldDraft($path, FieldType::Length, Least::OverZero, mayBeAuto: true);
    }

    /** A list of lengths over 0. */
    public static function lengths(string $path, int $most = 500): FieldDraft
    {
        return new FieldDraft($path, FieldType::Lengths, Least::OverZero, most: $most);
    }

    /** A list of lengths of 0 or more. */
    public static function sizes(string $path, int $most = 500): FieldDraft
    {
        return new FieldDraft($path, FieldType::Lengths, Least::Zero, most: $most);
    }

    public static function span(string $path): FieldDraft
    {
        return new FieldDraft($path, FieldType::Span);
    }

    public static function spans(string $path, int $most): FieldDraft
    {
        return new FieldDraft($path, FieldType::Spans, most: $most);
    }

    public static function text(string $path, string $usual = ''): FieldDraft
    {
        return new FieldDraft($path, FieldType::Text, usual: $usual);
    }

    public static function texts(string $path, int $most = 500): FieldDraft
    {
        return new FieldDraft($path, FieldType::Texts, most: $most);
    }

    public static function flag(string $path, bool $usual = false): FieldDraft
    {
        return new FieldDraft($path, FieldType::Flag, usual: $usual);
    }

    /** A whole number of 0 or more. */
    public static function count(string $path, int $usual): FieldDraft
    {
        return new FieldDraft($path, FieldType::Count, Least::Zero, usual: $usual);
    }

    /** A plain number over 0, such as a mass in kg. */
    public static function amount(string $path, ?float $usual = null): FieldDraft
    {
        return new FieldDraft($path, FieldType::Amount, Least::OverZero, usual: $usual);
    }

    /** A plain number of 0 or more. */
    public static function amountOrNone(string $path, float $usual): FieldDraft
    {
        return new FieldDraft($path, FieldType::Amount, Least::Zero, usual: $usual);
    }

    /** One of a few words, the first where nothing is written. */
    public static function choice(string $path, string ...$answers): FieldDraft
    {
        return new FieldDraft($path, FieldType::Choice, answers: array_values($answers), usual: $answers[0] ?? '');
    }

    /** One of an enumeration's cases, that one where nothing is written. */
    public static function enum(string $path, BackedEnum $usual): FieldDraft
    {
        return new FieldDraft($path, FieldType::Choice, answers: self::casesOf($usual), usual: (string) $usual->value);
    }

    /** Several of an enumeration's cases. */
    public static function enums(string $path, BackedEnum $one): FieldDraft
    {
        return new FieldDraft(
            $path,
            FieldType::Choices,
            answers: self::casesOf($one),
            most: count($one::cases()),
        );
    }

    /** A list of things, each with fields of its own below `path[]`. */
    public static function items(string $path, int $most, string ...$keys): FieldDraft
    {
        return new FieldDraft($path, FieldType::Items, most: $most, keys: array_values($keys));
    }

    /** What it is where nothing is written, in a unit; null where nothing is usual. */
    public function usualIn(Unit $unit): ?Length
    {
        return isset($this->usualLength[$unit->value])
            ? LengthReader::read($this->usualLength[$unit->value], $unit)
            : null;
    }

    /** @return list<string> */
    private static function casesOf(BackedEnum $one): array
    {
        return array_map(fn (BackedEnum $case) => (string) $case->value, $one::cases());
    }
}
