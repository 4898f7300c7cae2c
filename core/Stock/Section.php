<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** What is cut from bars of one section: boards of a width and thickness, or rails of a kit. */
final readonly class Section
{
    /** @param  CuttingPlan|Message  $cut  how; why not, where it cannot be cut */
    private function __construct(private MaterialId $id, private string $name, public CuttingPlan|Message $cut) {}

    public static function ofBoards(Length $width, Length $thickness, CuttingPlan|Message $cut): self
    {
        return new self(MaterialId::of(MaterialKind::Board, width: $width, thickness: $thickness), '', $cut);
    }

    public static function ofRails(string $kit, string $name, CuttingPlan|Message $cut): self
    {
        return new self(MaterialId::named(MaterialKind::Rail, $kit), $name, $cut);
    }

    public function says(): Message
    {
        return new Message('materials.sections', $this->with(), $this->id->kind->value);
    }

    /** A bar of it, as it is bought. */
    public function asMaterial(Length $long, int $count): Material
    {
        return new Material('boards', $this->bar($long), $count, '', new Message('materials.for', [], 'cut-below'), [
            ...$this->with(),
            'long' => $long,
        ]);
    }

    /** @return array<string, Length|string> */
    private function with(): array
    {
        return [...$this->id->sizes, 'kit' => $this->name];
    }

    public function bar(Length $long): MaterialId
    {
        return MaterialId::named($this->id->kind, $this->id->of, ...[...$this->id->sizes, 'length' => $long]);
    }

    /** @return array<int, int> how many bars by how long, nm */
    public function bars(): array
    {
        return $this->cut instanceof CuttingPlan
            ? array_count_values(array_map(fn (Bar $bar) => $bar->stock->nm, $this->cut->bars))
            : [];
    }
}
