<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;

/** What is cut from bars of one section: boards of a width and thickness, or rails of a kit. */
final readonly class Section
{
    /**
     * @param  CuttingPlan|string  $cut  how; a sentence where it cannot be cut
     */
    private function __construct(private MaterialId $id, public string $says, public CuttingPlan|string $cut) {}

    public static function ofBoards(
        Length $width,
        Length $thickness,
        LengthWriter $write,
        CuttingPlan|string $cut,
    ): self {
        return new self(
            MaterialId::of(MaterialKind::Board, width: $width, thickness: $thickness),
            "Board {$write->show($width)} × {$write->show($thickness)}",
            $cut,
        );
    }

    public static function ofRails(string $kit, string $name, CuttingPlan|string $cut): self
    {
        return new self(MaterialId::named(MaterialKind::Rail, $kit), "Rail, {$name}", $cut);
    }

    /** A bar of it, as it is bought. */
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
