<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use YokeLine\Measure\Dimension;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Unit;

/**
 * A message as a row keeps it: codes and exact values, so that it is read later in any language; with the unit that it
 * is said in. What rows kept as plain text, before or because a person typed it, is said as it stands.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class StoredMessage
{
    /** What a message begins with, as a row keeps it. */
    private const MARK = '{"say"';

    private function __construct(private string $typed, private ?Message $message, private Unit $unit) {}

    public static function of(Message $message, Unit $unit): self
    {
        return new self('', $message, $unit);
    }

    public static function typed(string $text): self
    {
        return new self($text, null, Unit::Millimetre);
    }

    /** As it is, or what a person typed, as far as a row takes it. */
    public static function kept(self|string $what): self
    {
        return $what instanceof self ? $what : self::typed(mb_substr($what, 0, 250));
    }

    /**
     * A change of a doorway, as its history tells it.
     *
     * @param  array<string, Value>  $with
     */
    public static function change(string $how, array $with = []): self
    {
        return self::of(new Message('changes', $with, $how), Unit::Millimetre);
    }

    public static function read(string $kept): self
    {
        $row = str_starts_with($kept, self::MARK) ? json_decode($kept, true) : null;

        if (! is_array($row)) {
            return self::typed($kept);
        }
        $unit = Unit::tryFrom(is_string($row['in'] ?? null) ? $row['in'] : '');

        return self::of(self::fromRow($row), $unit ?? Unit::Millimetre);
    }

    /** Taken back, or laid on again; of what was taken back before, the change itself. */
    public function undone(string $how): self
    {
        $message = $this->message();
        $of =
            $message->key === 'changes' && in_array($message->how, ['undid', 'redid'], true)
                ? $message->with['what']
                : $message;

        return self::of(new Message('changes', ['what' => $of], $how), $this->unit);
    }

    public function message(): Message
    {
        return $this->message ?? self::saying($this->typed);
    }

    /** What is typed stands as it is; only what would be read as a message is kept as one that says it. */
    public function write(): string
    {
        if ($this->message === null && ! str_starts_with($this->typed, self::MARK)) {
            return $this->typed;
        }

        return (string) json_encode(
            [...self::row($this->message()), 'in' => $this->unit->value],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }

    public function says(): string
    {
        return $this->message === null ? $this->typed : Speaker::in($this->unit)->say($this->message);
    }

    /** The same, every length with its unit. */
    public function saysWithUnits(): string
    {
        return $this->message === null ? $this->typed : Speaker::in($this->unit)->withUnits()->say($this->message);
    }

    private static function saying(string $typed): Message
    {
        return new Message('changes', ['what' => $typed], 'typed');
    }

    /** @return array<string, mixed> */
    private static function row(Message $message): array
    {
        return [
            'say' => $message->key,
            ...$message->with === [] ? [] : ['with' => array_map(self::encoded(...), $message->with)],
            ...$message->how === '' ? [] : ['how' => $message->how],
        ];
    }

    private static function encoded(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Message => self::row($value),
            $value instanceof Length => ['nm' => $value->nm],
            $value instanceof Quantity => [$value->of->value => $value->value],
            $value instanceof BackedEnum => self::row(Speaker::word($value)),
            is_array($value) => array_map(self::encoded(...), $value),
            default => $value,
        };
    }

    /** @param  array<mixed>  $row */
    private static function fromRow(array $row): Message
    {
        /** @var array<string, Value> $with */
        $with = array_map(self::value(...), is_array($row['with'] ?? null) ? $row['with'] : []);

        return new Message(
            is_string($row['say'] ?? null) ? $row['say'] : '',
            $with,
            is_string($row['how'] ?? null) ? $row['how'] : '',
        );
    }

    private static function value(mixed $kept): mixed
    {
        if (! is_array($kept)) {
            return $kept;
        }
        $dimension = Dimension::tryFrom((string) array_key_first($kept));
        $number = $kept[$dimension->value ?? 'nm'] ?? null;

        return match (true) {
            array_is_list($kept) => array_map(self::value(...), $kept),
            isset($kept['say']) => self::fromRow($kept),
            $dimension !== null && is_numeric($number) => Quantity::of((float) $number, $dimension),
            is_int($number) => Length::nm($number),
            default => '',
        };
    }
}
