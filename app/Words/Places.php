<?php

declare(strict_types=1);

namespace App\Words;

use stdClass;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\Document;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/** Places of a document, and changes to them, in words. */
final class Places
{
    /** @param  ?Document  $document  in which items are counted */
    public static function name(string $place, ?Document $document = null): string
    {
        return Speaker::in(Unit::Millimetre)->say(self::called($place, $document));
    }

    public static function value(mixed $value, string $place, ?Document $document): string
    {
        return Speaker::in(Unit::Millimetre)->say(self::valued($value, $place, $document));
    }

    /**
     * What a change is called in the history.
     *
     * @param  array<string, mixed>  $changes
     */
    public static function summary(array $changes, ?Document $document = null): StoredMessage
    {
        $each = array_map(
            fn (int|string $place, mixed $value) => new Message(
                'changes',
                [
                    'what' => self::called((string) $place, $document),
                    'to' => self::valued($value, (string) $place, $document),
                ],
                $value === null ? 'taken-out' : 'set',
            ),
            array_keys($changes),
            $changes,
        );

        return StoredMessage::of(
            count($each) === 1 ? $each[0] : new Message('changes', ['all' => $each], 'several'),
            Unit::Millimetre,
        );
    }

    public static function called(string $place, ?Document $document = null): Message
    {
        $counted = $document?->counted($place) ?? $place;
        $n = preg_match('/\[(\d+)\]/', $counted, $found) === 1 ? (int) $found[1] + 1 : 0;

        return new Message('place', ['n' => $n], $counted);
    }

    /**
     * A value as it stands in a document; an answer by what it is called.
     *
     * @param  ?Document  $document  whose unit a length has that says none
     */
    public static function valued(mixed $value, string $place = '', ?Document $document = null): Message
    {
        return match (true) {
            $value === null => new Message('changes', [], 'nothing'),
            is_bool($value) => new Message('changes', [], $value ? 'yes' : 'no'),
            is_string($value) && in_array($value, Catalog::whole()->find($place)->answers ?? [], true) => new Message(
                'answer',
                ['of' => $place],
                $value,
            ),
            is_scalar($value) => new Message(
                'changes',
                ['value' => (string) $value.self::unit((string) $value, $place, $document)],
                'value',
            ),
            is_array($value) && array_is_list($value) => array_filter($value, is_scalar(...)) === $value
                ? new Message('changes', ['value' => implode(', ', $value)], 'value')
                : new Message('changes', ['count' => count($value)], 'many'),
            $value instanceof stdClass && is_string($called = $value->name ?? $value->kind ?? null) => Message::word(
                'things',
                $called,
            ),
            default => new Message('changes', [], 'something'),
        };
    }

    /** What a bare length is in; '' of all else. */
    private static function unit(string $value, string $place, ?Document $document): string
    {
        $isBare = preg_match('~^[-\d\s.,/]*\d$~', $value) === 1;
        $type = $isBare ? Catalog::whole()->find($place)?->type : null;

        return match (true) {
            $document === null || ! in_array($type, [FieldType::Length, FieldType::Span, FieldType::Spans], true) => '',
            $document->get('units') === Unit::Inch->value => '"',
            default => "\u{a0}mm",
        };
    }
}
