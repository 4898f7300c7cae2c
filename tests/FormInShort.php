<?php

declare(strict_types=1);

namespace Tests;

use App\Bench\Field;
use App\Bench\Form;
use App\Bench\Offer;
use App\Bench\Row;

/** What a form shows, field by field, so that it can be held against what was approved. */
final class FormInShort
{
    /** @return array<string, mixed> by group and row */
    public static function of(Form $form): array
    {
        $groups = [];
        foreach ($form->groups() as $group) {
            $groups[$group->key] = array_filter([
                'title' => $group->title,
                'note' => $group->note,
                'links' => preg_replace('#(doorways?[/=])\d+#', '$1N', $group->links),
                'offers' => array_map(fn (Offer $offer) => $offer->says, $group->offers),
                'rows' => array_map(fn (Row $row) => self::row($form, $row), $group->rows),
            ]);
        }

        return $groups;
    }

    /** @return list<Field> of all groups, in their order */
    public static function fields(Form $form): array
    {
        $rows = array_merge(...array_map(fn ($group) => $group->rows, $form->groups()));

        return array_merge(...array_map(fn (Row $row) => $row->fields, $rows));
    }

    /** How long something is, and a mark that hangs on all of it. */
    public static function mark(string $long): string
    {
        return strlen($long).' '.substr(sha1($long), 0, 8);
    }

    /** @return array<array-key, mixed> */
    private static function row(Form $form, Row $row): array
    {
        return [
            $row->label,
            ...array_combine(
                array_map(fn (Field $field) => self::place($field->place), $row->fields),
                array_map(fn (Field $field) => self::field($form, $field), $row->fields),
            ),
            ...$row->remove === null ? [] : ['remove' => self::place($row->remove)],
        ];
    }

    /** A new item of a list is called otherwise each time. */
    public static function place(string $place): string
    {
        return (string) preg_replace('/\[#[^\]]*\]/', '[]', $place);
    }

    /** @return array<string, string> */
    private static function field(Form $form, Field $field): array
    {
        $options = (string) json_encode($field->options);

        return array_filter([
            'label' => $field->label,
            'kind' => $field->kind,
            'caption' => $field->caption,
            'options' => $field->options === [] ? '' : count($field->options).' '.self::mark($options),
            'value' => $form->value($field),
            'beside' => $form->beside($field),
            'grey' => $form->grey($field),
            'overruled' => $form->isOverruled($field) ? 'yes' : '',
            'refused' => (string) $form->refusal($field),
        ], fn (string $says) => $says !== '');
    }
}
