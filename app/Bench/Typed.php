<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/**
 * Between what a field shows and what the document holds: typed in the screen's unit, kept exactly in the document's;
 * what was typed in the other unit is kept as it was typed.
 */
final readonly class Typed
{
    /** What is longer is no length that anybody wrote down. */
    private const LONGEST = 40;

    public function __construct(private Unit $shown, private Unit $kept) {}

    /**
     * What the document keeps for what was typed; null takes it out.
     *
     * @return bool|string|list<string>|null
     *
     * @throws UnreadableFile with the sentence at the field's place
     */
    public function toDocument(Field $field, string $typed): bool|string|array|null
    {
        $typed = trim($typed);
        if ($typed === '') {
            return null;
        }
        try {
            return match ($field->kind) {
                'length' => $this->keep($typed),
                'lengths' => array_map(
                    $this->keep(...),
                    array_values(
                        array_filter(
                            array_map(trim(...), preg_split('/[,;]/', $typed) ?: []),
                            fn (string $part) => $part !== '',
                        ),
                    ),
                ),
                'flag' => $typed === 'yes',
                'words' => array_map(trim(...), explode(',', $typed)),
                default => $typed,
            };
        } catch (UnreadableLength $problem) {
            throw new UnreadableFile([$field->place => $problem->why]);
        }
    }

    /** As the field shows what the document holds; '' where it holds nothing, or leaves it to be worked out. */
    public function toScreen(Field $field, mixed $kept): string
    {
        return match (true) {
            is_bool($kept) => $kept ? 'yes' : 'no',
            // A list is sent back whole.
            is_array($kept) => implode(', ', array_map($this->exact(...), $kept)),
            $kept === 'auto' && $field->kind === 'length', ! is_scalar($kept) => '',
            $field->kind === 'length' => $this->show($kept),
            $field->kind === 'amount' && is_string($kept) && ! is_numeric($kept) => EitherUnit::converted(
                $field->place,
                $kept,
            ),
            default => (string) $kept,
        };
    }

    /** What was typed in another unit than is shown, as it was typed; '' where nothing was. */
    public function beside(Field $field, mixed $kept): string
    {
        if (! is_string($kept)) {
            return '';
        }
        $in = $field->kind === 'length' ? LengthReader::unitOf($kept, $this->kept) : $this->kept;

        return match (true) {
            $field->kind === 'amount' => is_numeric($kept) ? '' : $kept,
            $in !== $this->kept && $in !== $this->shown => $kept,
            default => '',
        };
    }

    /** A length moved on by whole steps of the screen's unit, as typed. */
    public function nudged(mixed $kept, Length $grey, int $steps): string
    {
        $length = $kept === null || $kept === 'auto' ? $grey : LengthReader::read($kept, $this->kept);

        return (new LengthWriter($this->shown))->exact($length->plus($this->shown->step()->times($steps)));
    }

    private function keep(string $typed): string
    {
        $length = LengthReader::read($typed, $this->shown);
        $in = LengthReader::unitOf($typed, $this->shown);
        if ($in === $this->kept || strlen($typed) > self::LONGEST) {
            return (new LengthWriter($this->kept))->exact($length);
        }

        return LengthReader::unitOf($typed, $this->kept) === $in ? $typed : "{$typed} {$in->value}";
    }

    /** What was written in another unit is rounded where it is no clean number in this one. */
    private function show(mixed $kept): string
    {
        try {
            $length = LengthReader::read($kept, $this->kept);
            $write = new LengthWriter($this->shown);

            return LengthReader::unitOf($kept, $this->kept) === $this->shown || $write->fine($length)->equals($length)
                ? $write->exact($length)
                : $write->show($length);
        } catch (UnreadableLength) {
            return is_scalar($kept) ? (string) $kept : '';
        }
    }

    private function exact(mixed $kept): string
    {
        try {
            return (new LengthWriter($this->shown))->exact(LengthReader::read($kept, $this->kept));
        } catch (UnreadableLength) {
            return is_scalar($kept) ? (string) $kept : '';
        }
    }
}
