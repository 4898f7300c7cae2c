<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use YokeLine\Measure\Dimension;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Size;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;

/**
 * Says what the core gives out as codes and values, in the reader's language and the job's units.
 *
 * A sentence of the book names its values: `:short` is rounded as it is shown, `:short_up` never says too little,
 * `:short_down` never too much, `:short_unit` names its unit. `:What` begins a sentence, `:what_within` stands
 * within one. One with a `:count` is chosen by it.
 */
final readonly class Speaker implements Wording
{
    private function __construct(private LengthWriter $write, private bool $withUnits = false) {}

    public static function in(LengthWriter|Unit $unit): self
    {
        return new self($unit instanceof Unit ? new LengthWriter($unit) : $unit);
    }

    /** The same, every length with its unit: for what is read away from the page that says it once. */
    public function withUnits(): self
    {
        return new self($this->write, true);
    }

    public function lengths(): LengthWriter
    {
        return $this->write;
    }

    /**
     * A sentence of a page, without lengths.
     *
     * @param  array<string, string|int>  $with
     */
    public static function words(string $key, array $with = []): string
    {
        $line = is_int($with['count'] ?? null) ? trans_choice($key, $with['count'], $with) : Lang::get($key, $with);

        return is_string($line) ? $line : $key;
    }

    /** '' where the book has nothing to say. */
    public function say(Message $message): string
    {
        if ($message->key === 'place') {
            return FieldWords::label($message->how, is_int($message->with['n'] ?? null) ? $message->with['n'] : 0);
        }
        if ($message->key === 'step') {
            return StepWords::named($message->how);
        }
        if ($message->key === 'answer') {
            $of = is_string($message->with['of'] ?? null) ? $message->with['of'] : '';

            return FieldWords::answers($of)[$message->how] ?? $message->how;
        }
        $line = Lang::get($message->key);
        if (is_array($line)) {
            $line =
                $line[$message->how] ??
                (preg_match('/^(words|sums|marks)\./', $message->key) === 1 ? $message->how : '');
        }
        if (! is_string($line) || $line === $message->key) {
            return $message->how;
        }
        $with = $this->values($message->with);
        if (is_int($message->with['count'] ?? null)) {
            $line = self::counted($line, $message->with['count']);
        }

        return strtr($line, $with);
    }

    private static function counted(string $line, int $count): string
    {
        $chosen = trans()->getSelector()->choose($line, $count, app()->getLocale());

        return is_string($chosen) ? $chosen : $line;
    }

    /** A case of an enum is said by the list of its name: `spanned`, `guide-style`. */
    public static function word(BackedEnum $value): Message
    {
        $list = strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', '-', class_basename($value)));

        return Message::word($list, (string) $value->value);
    }

    /** As the beginning of a sentence. */
    public function sentence(Message $message): string
    {
        $says = $this->say($message);

        return $says === '' || str_ends_with($says, '?') || str_ends_with($says, '.') ? $says : "{$says}.";
    }

    /**
     * Several in one sentence: a, b and c.
     *
     * @param  list<Message|Length|string>  $several
     */
    public function list(array $several): string
    {
        return self::joined(array_map($this->value(...), $several));
    }

    /** @param  list<string>  $says */
    private static function joined(array $says): string
    {
        $last = array_pop($says);

        return $says === [] ? (string) $last : implode(', ', $says).' '.Lang::get('words.and').' '.$last;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string>
     */
    private function values(array $values): array
    {
        $with = [];
        foreach ($values as $name => $value) {
            $says = $this->value($value);
            $with[":{$name}"] = $says;
            $with[':'.ucfirst($name)] = Str::ucfirst($says);
            $with[":{$name}_within"] = Str::lcfirst($says);
            if ($value instanceof Length) {
                $with[":{$name}_up"] = $this->write->showUp($value);
                $with[":{$name}_down"] = $this->write->showDown($value);
                $with[":{$name}_fine"] = $this->write->showFine($value);
                $with[":{$name}_unit"] = $this->write->showWithUnit($value);
            }
        }

        return $with;
    }

    private function value(mixed $value): string
    {
        return match (true) {
            $value instanceof Message => $this->say($value),
            $value instanceof Length => $this->withUnits
                ? $this->write->showWithUnit($value)
                : $this->write->show($value),
            $value instanceof Size => $this->withUnits ? $value->withUnit() : $value->called,
            $value instanceof Quantity => $this->quantity($value),
            $value instanceof BackedEnum => $this->say(self::word($value)),
            is_array($value) => self::joined(array_map($this->value(...), array_values($value))),
            is_float($value) => self::number($value, 1),
            is_scalar($value) => (string) $value,
            default => '',
        };
    }

    /** A mass, a force and the like, by itself. */
    public function amount(Quantity $quantity): string
    {
        return $this->quantity($quantity);
    }

    /** In pounds and feet where lengths are in inches; only what is shown is rounded. */
    private function quantity(Quantity $quantity): string
    {
        if ($quantity->of === Dimension::Slope) {
            return $this->slope($quantity->value);
        }
        $isInch = $this->write->unit === Unit::Inch;
        [$value, $decimals, $symbol] = match ($quantity->of) {
            Dimension::Mass => $isInch ? [$quantity->value / Pounds::KG, 0, 'lb'] : [$quantity->value, 1, 'kg'],
            Dimension::Force => $isInch ? [$quantity->value / Pounds::N, 0, 'lbf'] : [$quantity->value, 0, 'N'],
            Dimension::Moment => $isInch
                ? [$quantity->value / Pounds::NM_A_POUND_FOOT, 0, 'lbf·ft']
                : [$quantity->value, 0, 'N·m'],
            Dimension::Pressure => $isInch
                ? [$quantity->value / Pounds::MPA_A_PSI, 0, 'psi']
                : [$quantity->value, 1, 'MPa'],
            Dimension::Area => $isInch
                ? [$quantity->value / Pounds::M2_A_SQUARE_FOOT, 1, 'sq ft']
                : [$quantity->value, 1, 'm²'],
            Dimension::Share => [ceil($quantity->value * 100), 0, '%'],
            Dimension::Bend => $isInch ? [$quantity->value / 25.4, 2, 'in'] : [$quantity->value, 1, 'mm'],
        };

        return self::number($value, $decimals)."\u{a0}{$symbol}";
    }

    /** In millimetres a metre, or inches in 8 ft to 1/32. */
    private function slope(float $mmPerMetre): string
    {
        $in8Feet = Length::nm((int) round($mmPerMetre * 96 * (Length::NM_PER_INCH / 1000)));

        return $this->write->unit === Unit::Inch
            ? Lang::get('words.slope.in', [
                'slope' => (new LengthWriter(Unit::Inch, Length::nm(intdiv(Length::NM_PER_INCH, 32))))->show($in8Feet),
            ])
            : Lang::get('words.slope.mm', ['slope' => self::number($mmPerMetre, 1)]);
    }

    private static function number(float $value, int $decimals): string
    {
        $says = number_format($value, $decimals, '.', '');

        return str_contains($says, '.') ? rtrim(rtrim($says, '0'), '.') : $says;
    }
}
