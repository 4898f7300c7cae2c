<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\FieldWords;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field as CatalogField;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/**
 * One thing that can be set, at its place in the document: what it is comes from the catalogue, what it is called from
 * the words of its language.
 */
final readonly class Field
{
    /**
     * @param  'length'|'lengths'|'text'|'amount'|'choice'|'select'|'flag'|'words'  $kind
     * @param  array<string, string>  $options  value => what it says, of a choice
     * @param  Length|string|null  $grey  what it is where nothing is set
     * @param  CatalogField  $declared  what is usual where nothing is set and nothing else is worked out
     */
    private function __construct(
        public string $place,
        public string $label,
        public string $kind,
        public array $options,
        public Length|string|null $grey,
        public string $caption,
        private CatalogField $declared,
    ) {}

    /**
     * @param  int  $n  which of a list it is of, from 1
     * @param  Length|string|null  $grey  what it is where nothing is set, where that is worked out
     * @param  bool  $isShort  it has its caption beside it
     * @param  array<string, string>  $options  where they are not those of the catalogue
     */
    public static function of(
        string $place,
        int $n = 0,
        Length|string|null $grey = null,
        bool $isShort = false,
        array $options = [],
    ): self {
        return self::declared($place, $place, $n, $grey, $isShort, $options);
    }

    /**
     * A field of the survey or of what is wanted, at whichever place it is asked for.
     *
     * @throws UnreadableFile where there is none
     */
    public static function declaredAt(string $place): self
    {
        $field = preg_match('/^(survey|brief)\./', $place) === 1 ? Catalog::whole()->find($place) : null;
        if ($field === null || $field->type === FieldType::Items) {
            throw UnreadableFile::at($place, 'no-field');
        }

        return self::of($place);
    }

    /** Of the sheet of a kit, on which places begin at the kit. */
    public static function ofKit(string $place, int $n = 0, bool $isShort = false): self
    {
        return self::declared($place, "kit.{$place}", $n, null, $isShort, []);
    }

    /** Of a part that belongs to no kit, on which places begin at the part. */
    public static function ofPart(string $place): self
    {
        return self::declared($place, "part.{$place}", 0, null, false, []);
    }

    /** @param  array<string, string>  $options */
    private static function declared(
        string $place,
        string $at,
        int $n,
        Length|string|null $grey,
        bool $isShort,
        array $options,
    ): self {
        $field = Catalog::whole()->at($at);
        $options = $options === [] ? FieldWords::answers($at) : $options;

        return new self(
            $place,
            FieldWords::label($at, $n),
            self::kind($field, $at, $options),
            $options,
            $grey ??
                ($field->type === FieldType::Flag
                    ? ($field->usual === true
                        ? 'yes'
                        : 'no')
                    : (is_scalar($field->usual)
                        ? (string) $field->usual
                        : null)),
            $isShort ? FieldWords::caption($at) : '',
            $field,
        );
    }

    /**
     * @param  array<string, string>  $options
     * @return 'length'|'lengths'|'text'|'amount'|'choice'|'select'|'flag'|'words'
     */
    private static function kind(CatalogField $field, string $at, array $options): string
    {
        return match ($field->type) {
            FieldType::Length, FieldType::Span, FieldType::Spans => 'length',
            FieldType::Lengths => str_ends_with($at, ']') ? 'length' : 'lengths',
            FieldType::Flag => 'flag',
            FieldType::Count, FieldType::Amount => 'amount',
            FieldType::Choices => 'words',
            default => match (count($options)) {
                0 => 'text',
                1, 2, 3 => 'choice',
                default => 'select',
            },
        };
    }

    /** As a list to open, however few its answers are. */
    public function asList(): self
    {
        return new self(
            $this->place,
            $this->label,
            'select',
            $this->options,
            $this->grey,
            $this->caption,
            $this->declared,
        );
    }

    /** What it is where nothing is set; in a document's unit, where that decides what is usual. */
    public function greyIn(Unit $kept): Length|string|null
    {
        return $this->grey ?? $this->declared->usualIn($kept);
    }

    /** Whether its values are pressed, not typed. */
    public function isPressed(): bool
    {
        return $this->kind === 'choice' || $this->kind === 'flag';
    }

    public function isSelected(): bool
    {
        return $this->kind === 'select' || $this->kind === 'words';
    }

    public function id(): string
    {
        return 'f-'.trim((string) preg_replace('/[^a-z0-9]+/i', '-', $this->place), '-');
    }
}
