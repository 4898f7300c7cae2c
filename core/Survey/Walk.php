<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Catalog\Stretch;

/**
 * The walk along a wall: everything that is asked, in the order in which one comes to it. Stretch by stretch, and
 * within a stretch as the catalogue declares it.
 */
final class Walk
{
    /** @return list<Asked> */
    public static function all(): array
    {
        $walk = [];
        foreach (Stretch::cases() as $stretch) {
            foreach (Catalog::whole()->of('survey') as $field) {
                if ($field->stretch === $stretch && ! str_contains($field->path, '[]')) {
                    array_push($walk, ...self::asked($field, $stretch));
                }
            }
        }

        return $walk;
    }

    /** @return list<string> the places of all lengths that are asked, but those of things */
    public static function lengths(): array
    {
        return array_column(array_filter(self::all(), fn (Asked $asked) => $asked->isLength()), 'place');
    }

    /** @return list<Asked> */
    private static function asked(Field $field, Stretch $stretch): array
    {
        return match ($field->type) {
            FieldType::Items => [new Asked($field->path, $field, $stretch, self::parts($field, $stretch))],
            FieldType::Lengths => self::each($field, $stretch, $field->times),
            default => [new Asked($field->path, $field, $stretch, unless: self::unless($field))],
        };
    }

    /** @return list<Asked> */
    private static function parts(Field $list, Stretch $stretch): array
    {
        $parts = [];
        foreach (Catalog::whole()->of('survey') as $field) {
            if (str_starts_with($field->path, "{$list->path}[]") && $field->stretch !== null) {
                array_push(
                    $parts,
                    ...$field->type === FieldType::Span
                        ? self::each($field, $stretch, 2)
                        : [new Asked($field->path, $field, $stretch)],
                );
            }
        }

        return $parts;
    }

    /** @return list<Asked> */
    private static function each(Field $field, Stretch $stretch, int $times): array
    {
        return array_map(
            fn (int $i) => new Asked(
                "{$field->path}[{$i}]",
                $field,
                $stretch,
                after: $i === 0 ? null : $field->path.'['.($i - 1).']',
            ),
            range(0, $times - 1),
        );
    }

    /** @return list<string> the other sizes of the same thing, of one that tells how far it stands out */
    private static function unless(Field $out): array
    {
        if ($out->stretch !== Stretch::Out || $out->type !== FieldType::Length) {
            return [];
        }
        $thing = substr($out->path, 0, (int) strrpos($out->path, '.') + 1);

        return array_column(
            array_filter(
                Catalog::whole()->of('survey'),
                fn (Field $field) => str_starts_with($field->path, $thing) &&
                    $field->type === FieldType::Length &&
                    $field->stretch?->isFace() === true &&
                    $field->usualLength !== [],
            ),
            'path',
        );
    }
}
