<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use LogicException;
use YokeLine\Measure\Unit;

/**
 * Every field of a doorway's document, and of a kit, in the order one meets them. Its parts are declared when they are
 * first asked for: most pages ask for one field.
 */
final class Catalog
{
    private const PARTS = ['', 'survey', 'brief', 'marking', 'kit', 'part'];

    /** Where kits stand: on a shelf, or one in the doorway that was planned with it. */
    private const KIT = '/^kits\[\]/';

    /** @var array<string, array<string, Field>> by part and path */
    private array $parts = [];

    /** @var ?array<string, Field> every plan asks for them */
    private ?array $alone = null;

    private function __construct() {}

    public static function whole(): self
    {
        /** @var ?self $whole */
        static $whole = null;

        return $whole ??= new self();
    }

    /** @return array<string, Field> by path */
    public function fields(): array
    {
        return array_merge(...array_map($this->part(...), self::PARTS));
    }

    /** @return array<string, Field> what belongs to no larger thing */
    public function alone(): array
    {
        return $this->alone ??= array_filter($this->fields(), fn (Field $field) => $field->isAlone);
    }

    /** @return array<string, Field> of what a path begins with; '' for what stands at the root */
    private function part(string $name): array
    {
        return $this->parts[$name] ??= array_column(match ($name) {
            '' => [Field::enum('units', Unit::Millimetre), Field::text('name', 'Doorway')],
            'survey' => SurveyFields::all(),
            'brief' => BriefFields::all(),
            'marking' => MarkingFields::all(),
            'kit' => KitFields::all(),
            'part' => PartFields::all(),
            default => [],
        }, null, 'path');
    }

    /** @return array<string, Field> those of one part: `survey`, `brief`, `brief.rules`, `marking`, `kit` */
    public function of(string $part): array
    {
        return array_filter(
            $this->part(explode('.', $part)[0]),
            fn (string $path) => str_starts_with($path, "{$part}."),
            ARRAY_FILTER_USE_KEY,
        );
    }

    /**
     * The field at a place of a document: `survey.studs[#k3].x` is `survey.studs[].x`, the second width is one of the
     * widths.
     *
     * @throws LogicException where nothing is declared
     */
    public function at(string $place): Field
    {
        return $this->find($place) ?? throw new LogicException("Nothing is declared at {$place}.");
    }

    public function find(string $place): ?Field
    {
        $path = self::path($place);
        $part = $this->part(strstr($path, '.', true) ?: '');

        return $part[$path] ?? ($part[rtrim($path, '[]')] ?? null);
    }

    /** A place without the numbers and ids of items. */
    public static function path(string $place): string
    {
        $path = str_contains($place, '[') ? (string) preg_replace('/\[[^\]]*\]/', '[]', $place) : $place;

        return str_starts_with($path, 'kits[]') ? (string) preg_replace(self::KIT, 'kit', $path) : $path;
    }

    /** @return array<string, Field> the rules of a house by their keys, in the order the work meets them */
    public function rules(): array
    {
        $rules = [];
        foreach (['door', 'line', 'rail', 'guide', 'work', 'making'] as $section) {
            foreach ($this->fields() as $field) {
                if ($field->rule !== '' && $field->section === $section) {
                    $rules[$field->rule] = $field;
                }
            }
        }

        return $rules;
    }

    /** @return list<string> the lists whose items have ids */
    public function lists(): array
    {
        return array_values(
            array_map(
                fn (Field $field) => $field->path,
                array_filter(
                    $this->fields(),
                    fn (Field $field) => $field->type === FieldType::Items && ! str_starts_with($field->path, 'kit.'),
                ),
            ),
        );
    }
}
