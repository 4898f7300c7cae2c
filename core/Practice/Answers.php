<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Message;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/** What a learner answered; what they left empty is not there. */
final readonly class Answers
{
    /** More marks than any wall has studs. */
    private const MOST_MARKS = 40;

    /**
     * @param  array<string, Length>  $lengths  by ask
     * @param  array<string, string>  $choices  by ask
     * @param  list<Length>  $studs
     */
    private function __construct(
        private array $lengths,
        private array $choices,
        public array $studs,
        public ?float $loadKg,
    ) {}

    /**
     * @param  array<string, mixed>  $typed  by ask: as it was typed, studs as a list
     *
     * @throws UnreadableFile with a sentence at each ask that cannot be read
     */
    public static function read(array $typed, Unit $unit): self
    {
        $lengths = $choices = $studs = $problems = [];
        $loadKg = null;
        foreach (Ask::toAnswer() as $ask) {
            $said = $typed[$ask->value] ?? '';
            try {
                if ($ask === Ask::Studs) {
                    $studs = self::marks($said, $unit);
                } elseif (! is_string($said) || trim($said) === '') {
                    continue;
                } elseif ($ask === Ask::Load) {
                    $loadKg = self::mass(trim($said), $unit) ?? $problems[$ask->value] = self::refused('not-a-mass');
                } elseif ($ask->isChoice()) {
                    $choices[$ask->value] = $said;
                } else {
                    $lengths[$ask->value] = LengthReader::read($said, $unit);
                }
            } catch (UnreadableLength $problem) {
                $problems[$ask->value] = $problem->why;
            }
        }

        return $problems === []
            ? new self($lengths, $choices, $studs, is_float($loadKg) ? $loadKg : null)
            : throw new UnreadableFile($problems);
    }

    public function length(Ask $ask): ?Length
    {
        return $this->lengths[$ask->value] ?? null;
    }

    public function choice(Ask $ask): ?string
    {
        return $this->choices[$ask->value] ?? null;
    }

    /**
     * @return list<Length>
     *
     * @throws UnreadableLength
     */
    private static function marks(mixed $said, Unit $unit): array
    {
        $marks = array_filter(
            is_array($said) ? $said : [],
            fn (mixed $one) => is_string($one) && trim($one) !== '',
        );

        return array_values(array_map(
            fn (string $one) => LengthReader::read($one, $unit),
            array_slice($marks, 0, self::MOST_MARKS),
        ));
    }

    /** In the unit that masses are told in beside such lengths. */
    private static function mass(string $said, Unit $unit): ?float
    {
        $number = strtr(rtrim($said, 'kgKGlb '), [',' => '.']);

        return is_numeric($number) && (float) $number > 0
            ? (float) $number * ($unit === Unit::Inch ? Pounds::KG : 1)
            : null;
    }

    private static function refused(string $how): Message
    {
        return new Message('refusals', [], $how);
    }
}
