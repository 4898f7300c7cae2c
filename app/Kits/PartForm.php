<?php

declare(strict_types=1);

namespace App\Kits;

use App\Bench\Field;
use App\Bench\Form;
use App\Bench\Group;
use App\Bench\Row;
use App\Bench\Typed;
use App\Models\ShelfPart;
use App\Words\Refusals;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field as CatalogField;
use YokeLine\Format\Document;
use YokeLine\Format\PartReader;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/** A part of the shelf that belongs to no kit, with its numbers. */
final readonly class PartForm implements Form
{
    public Unit $kept;

    private Typed $typed;

    private LengthWriter $write;

    /** @var array<string, Message> */
    private array $unreadable;

    /** @param  array<string, array{typed: string, says: string}>  $refused */
    public function __construct(public ShelfPart $row, ?Unit $shown, private array $refused = [])
    {
        $units = $row->document->get('units');
        $this->kept = Unit::tryFrom(is_string($units) ? $units : '') ?? Unit::Millimetre;
        $this->write = new LengthWriter($shown ?? $this->kept);
        $this->typed = new Typed($this->write->unit, $this->kept);
        $this->unreadable = PartReader::of($row->document)->problems();
    }

    /** @return list<Group> */
    public function groups(): array
    {
        $kind = $this->row->kind->value;
        $own = array_map(
            fn (CatalogField $field) => Row::of(Field::ofPart(substr($field->path, strlen('part.')))),
            array_values(Catalog::whole()->of("part.{$kind}")),
        );

        return [
            Group::named('part', [Row::of(Field::ofPart('name')), Row::of(Field::ofPart('price'))]),
            Group::named("part-{$kind}", $own),
        ];
    }

    public function changesUrl(): string
    {
        return "/shelf/parts/{$this->row->key}/changes";
    }

    public function value(Field $field): string
    {
        return $this->refused[$field->place]['typed'] ??
            $this->typed->toScreen($field, $this->row->document->get($field->place));
    }

    public function beside(Field $field): string
    {
        return $this->typed->beside($field, $this->row->document->get($field->place));
    }

    public function grey(Field $field): string
    {
        $grey = $field->greyIn($this->kept);

        return $grey instanceof Length ? $this->write->show($grey) : (string) $grey;
    }

    public function isOverruled(Field $field): bool
    {
        return false;
    }

    public function refusal(Field $field): ?string
    {
        $unreadable = $this->unreadable["part.{$field->place}"] ?? null;

        return $this->refused[$field->place]['says'] ?? ($unreadable === null ? null : Refusals::say($unreadable));
    }

    public function unit(): Unit
    {
        return $this->write->unit;
    }

    /**
     * The sheet with one number changed.
     *
     * @throws UnreadableFile
     */
    public function with(string $place, string $said): Document
    {
        $field = Group::field($place, ...$this->groups()) ?? throw UnreadableFile::at($place, 'no-kit-number');
        $value = $this->typed->toDocument($field, $said);
        $document =
            $value === null ? $this->row->document->without($place) : $this->row->document->with($place, $value);
        $problem = PartReader::of($document)->problems()["part.{$place}"] ?? null;
        if ($problem !== null) {
            throw new UnreadableFile([$place => $problem]);
        }

        return $document;
    }
}
