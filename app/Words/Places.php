<?php

declare(strict_types=1);

namespace App\Words;

use stdClass;
use YokeLine\Catalog\Catalog;
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

    public static function value(mixed $value, string $place = ''): string
    {
        return Speaker::in(Unit::Millimetre)->say(self::valued($value, $place));
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
                    'to' => self::valued($value, (string) $place),
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

    /** A value as it stands in a document; an answer by what it is called. */
    public static function valued(mixed $value, string $place = ''): Message
    {
        return match (true) {
            $value === null => new Message('changes', [], 'nothing'),
            is_bool($value) => new Message('changes', [], $value ? 'yes' : 'no'),
            is_string($value) && in_array($value, Catalog::whole()->find($place)->answers ?? [], true) => new Message(
                'answer',
                ['of' => $place],
                $value,
            ),
            is_scalar($value) => new Message('changes', ['value' => (string) $value], 'value'),
            is_array($value) && array_is_list($value) => array_filter($value, is_scalar(...)) === $value
                ? new Message('changes', ['value' => implode(', ', $value)], 'value')
                : new Message('changes', ['count' => count($value)], 'many'),
            $value instanceof stdClass && is_string($value->name ?? ($value->kind ?? null)) => Message::word(
                'things',
                (string) ($value->name ?? $value->kind),
            ),
            default => new Message('changes', [], 'something'),
        };
    }
}
