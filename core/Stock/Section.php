<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Doorway\Yard;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/** What is cut from bars of one section: boards of a width and thickness, or rails of a kit. */
final readonly class Section
{
    /**
     * @param  CuttingPlan|Message  $cut  how; why not, where it cannot be cut
     * @param  Unit  $units  that it is sold in, and cut in
     */
    private function __construct(
        private MaterialId $id,
        private string $name,
        public CuttingPlan|Message $cut,
        public Unit $units,
    ) {}

    public static function ofBoards(Length $width, Length $thickness, CuttingPlan|Message $cut, Unit $units): self
    {
        return new self(MaterialId::of(MaterialKind::Board, width: $width, thickness: $thickness), '', $cut, $units);
    }

    /** Of a wood that matters: what a leaf is built of. */
    public static function ofWood(
        Length $width,
        Length $thickness,
        string $wood,
        CuttingPlan|Message $cut,
        Unit $units,
    ): self {
        return new self(
            MaterialId::named(MaterialKind::Board, $wood, width: $width, thickness: $thickness),
            $wood,
            $cut,
            $units,
        );
    }

    public static function ofRails(string $kit, string $name, CuttingPlan|Message $cut, Unit $units): self
    {
        return new self(MaterialId::named(MaterialKind::Rail, $kit), $name, $cut, $units);
    }

    public function says(): Message
    {
        return new Message('materials.sections', $this->with(), $this->how());
    }

    /** A bar of it, as it is bought. */
    public function asMaterial(Length $long, int $count): Material
    {
        return new Material(
            'boards',
            $this->bar($long),
            $count,
            SoldBy::Piece,
            new Message('materials.for', [], 'cut-below'),
            [...$this->with(), 'long' => $this->longAs($long)],
            units: $this->units,
            how: $this->how(),
        );
    }

    /** @return array<string, Length|Message|string> */
    private function with(): array
    {
        return [
            ...$this->id->sizes,
            'kit' => $this->name,
            'name' => $this->called() ?? '',
            'wood' => Message::word('made-of', $this->name),
        ];
    }

    /** A yard that sells by the inch has names for its boards. */
    private function called(): ?string
    {
        [$width, $thickness] = [$this->id->sizes['width'] ?? null, $this->id->sizes['thickness'] ?? null];

        return $this->units === Unit::Inch && $width !== null && $thickness !== null
            ? Yard::nameOf($thickness, $width)
            : null;
    }

    private function how(): string
    {
        return match (true) {
            $this->isOfWood() => 'board-of',
            $this->called() === null => $this->id->kind->value,
            default => 'board-named',
        };
    }

    private function isOfWood(): bool
    {
        return $this->id->kind === MaterialKind::Board && $this->id->of !== '';
    }

    /** Boards of whole feet are asked for in feet. */
    private function longAs(Length $long): Length|Message
    {
        $foot = 12 * Length::NM_PER_INCH;

        return $this->units === Unit::Inch && $long->nm % $foot === 0
            ? new Message('materials.feet', ['feet' => intdiv($long->nm, $foot)])
            : $long;
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
