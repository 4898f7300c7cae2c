<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\FieldType;
use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\LooseKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/** A part of a shelf that belongs to no kit: document to values. */
final readonly class PartReader
{
    private Fields $at;

    private function __construct(private Document $document)
    {
        $this->at = new Fields($document, (new Fields($document, Unit::Millimetre))->choice('part.units', Unit::class));
    }

    public static function of(Document $sheet): self
    {
        return new self(Document::of(['part' => $sheet->root]));
    }

    public function kind(): LooseKind
    {
        return $this->at->choice('part.kind', LooseKind::class);
    }

    /**
     * A guide, as one that is bought by itself.
     *
     * @throws UnreadableFile
     */
    public function guide(): GuideKit
    {
        $length = fn (string $key) => $this->at->lengthOrUsual("part.guide.{$key}");
        $guide = new GuideKit(
            $this->at->choice('part.guide.style', GuideStyle::class),
            $length('length'),
            $length('blade_height'),
            $length('blade_thickness'),
            $length('min_engagement'),
            $length('cheek'),
            isBought: true,
        );
        $this->at->settle();

        return $guide;
    }

    /**
     * What a doorway takes of it, by the names it has for it: lengths as they are, the rest as it is written.
     *
     * @return array<string, Length|string|float>
     */
    public function told(): array
    {
        $of = "part.{$this->kind()->value}";
        $told = [];
        foreach (Catalog::whole()->of($of) as $path => $field) {
            $told[substr($path, strlen($of) + 1)] = match ($field->type) {
                FieldType::Length => $this->at->has($path) ? $this->at->length($path) : null,
                FieldType::Amount => $this->at->amount($path),
                FieldType::Choice => $this->at->answer($path),
                default => $this->at->text($path) ?: null,
            };
        }

        return array_filter($told, fn ($value) => $value !== null);
    }

    /** @return array<string, Message> what does not read, by place */
    public function problems(): array
    {
        try {
            $this->at->amount('part.price');
            $this->kind() === LooseKind::Guide ? $this->guide() : $this->told();
            $this->at->settle();
        } catch (UnreadableFile $refused) {
            return $refused->problems;
        }

        return [];
    }
}
