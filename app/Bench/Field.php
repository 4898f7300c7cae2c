<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Measure\Length;

/** One thing that can be set, at its place in the document. */
final readonly class Field
{
    /**
     * @param  'length'|'lengths'|'text'|'amount'|'choice'|'select'|'flag'|'words'  $kind
     * @param  array<string, string>  $options  value => what it says, of a choice
     * @param  Length|string|null  $grey  what it is where nothing is set
     */
    private function __construct(public string $place, public string $label, public string $kind, public array $options = [], public Length|string|null $grey = null, public string $caption = '') {}

    public static function length(string $place, string $label, ?Length $grey = null, string $caption = ''): self
    {
        return new self($place, $label, 'length', [], $grey, $caption);
    }

    /** Several lengths in one line, such as the sizes a yard stocks. */
    public static function lengths(string $place, string $label): self
    {
        return new self($place, $label, 'lengths');
    }

    public static function text(string $place, string $label): self
    {
        return new self($place, $label, 'text');
    }

    public static function amount(string $place, string $label, ?string $grey = null): self
    {
        return new self($place, $label, 'amount', [], $grey);
    }

    /** @param  array<string, string>  $options */
    public static function choice(string $place, string $label, array $options, string $default): self
    {
        return new self($place, $label, count($options) > 3 ? 'select' : 'choice', $options, $default);
    }

    /** @param  array<string, string>  $options */
    public static function select(string $place, string $label, array $options, string $default): self
    {
        return new self($place, $label, 'select', $options, $default);
    }

    public static function flag(string $place, string $label, string $yes = 'yes', string $no = 'no', bool $default = false): self
    {
        return new self($place, $label, 'flag', ['no' => $no, 'yes' => $yes], $default ? 'yes' : 'no');
    }

    /**
     * Several words that are kept as a list.
     *
     * @param  array<string, string>  $options  the words as written, comma between => what it says
     */
    public static function words(string $place, string $label, array $options): self
    {
        return new self($place, $label, 'words', $options);
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
