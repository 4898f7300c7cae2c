<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;

/** Rail, hangers, stops and guide made to go together, with their geometry. */
final readonly class Kit
{
    /**
     * @param  list<Hang>  $hangs  what it is made for
     * @param  list<Part>  $contents  what its box holds, [] where the sheet is silent
     * @param  list<Wheel>  $wheels  to choose from
     * @param  list<GuideKit>  $guides  to choose from, beside its usual one
     * @param  ?GuideKit  $ownGuide  its usual one, where another was chosen
     * @param  Unit  $units  that it is sold in
     * @param  ?Length  $soldBolt  the diameter of its own bolts, where another one is planned with
     * @param  list<string>  $usual  keys of numbers that its sheet leaves out, taken as is usual
     * @param  int  $hangers  to a leaf, in its box
     * @param  ?Length  $catchDepth  what a catch of the soft close takes up, from the rail
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $hangs,
        public float $capacityKg,
        public Span $leafThickness,
        public Length $rise,
        public Length $standoff,
        public Length $standoffBase,
        public Length $boltDiameter,
        public Length $boltLength,
        public RailKit $rail,
        public Hanger $hanger,
        public Stop $stop,
        public GuideKit $guide,
        public ?JumpDisc $jumpDisc,
        public ?SoftClose $softClose,
        public Span $topGap,
        public ?Bracket $bracket = null,
        public ?Length $trackPitch = null,
        public ?Wheel $wheel = null,
        public array $contents = [],
        public ?Length $catchDepth = null,
        public ?float $price = null,
        public array $wheels = [],
        public array $guides = [],
        private ?GuideKit $ownGuide = null,
        public int $hangers = 2,
        public array $usual = [],
        public Unit $units = Unit::Millimetre,
        public ?Length $soldBolt = null,
    ) {}

    /** With guides that a shelf keeps by themselves, beside its own. */
    public function besides(GuideKit ...$guides): self
    {
        return $this->remade([...$this->guides, ...array_values($guides)]);
    }

    /**
     * Those that are sold where a doorway is worked, and the one it has; all where none is.
     *
     * @param  array<string, self>  $kits  by id
     * @return array<string, self>
     */
    public static function soldIn(Unit $units, array $kits, string $has): array
    {
        $sold = array_filter($kits, fn (self $kit) => $kit->units === $units);

        return $sold === []
            ? $kits
            : array_filter($kits, fn (self $kit) => $kit->units === $units || $kit->id === $has);
    }

    /**
     * @param  array<string, self>  $kits  of one shelf
     * @return list<GuideKit> those that it keeps by themselves
     */
    public static function looseGuides(array $kits): array
    {
        $any = $kits[array_key_first($kits) ?? ''] ?? null;

        return array_values(array_filter($any->guides ?? [], fn (GuideKit $guide) => $guide->isBought));
    }

    /** Where it is hung: a kit that is sold in the other unit takes the nearest bolt that is sold here. */
    public function hungIn(Unit $units): self
    {
        if ($units === $this->units) {
            return $this;
        }
        $here = Yard::bolts($units);
        $off = fn (Length $bolt) => [$bolt->minus($this->boltDiameter)->absolute()->nm, $bolt->nm];
        usort($here, fn (Length $a, Length $b) => $off($a) <=> $off($b));

        return $here[0]->equals($this->boltDiameter)
            ? $this
            : $this->remade($this->guides, boltDiameter: $here[0], soldBolt: $this->boltDiameter);
    }

    /** Whether it comes with wheels to choose from. */
    public function choosesWheel(): bool
    {
        return count($this->wheels) > 1;
    }

    /** With wheels, guide and catches as this house takes them; what it has no choice of stays as it is. */
    public function chosen(Tread $tread, GuideChoice $guide, CatchSides $catches = CatchSides::Both): self
    {
        $wheels = array_filter($this->wheels, fn (Wheel $wheel) => $wheel->tread() === $tread);
        $wheel = array_values($wheels)[0] ?? ($this->wheel ?? ($this->wheels[0] ?? null));
        $styles = $guide->styles();
        $own = array_filter(
            [$this->ownGuide ?? $this->guide, ...$this->guides],
            fn (GuideKit $one) => $styles === [] || in_array($one->style, $styles, true),
        );
        $guide = array_values($own)[0] ?? GuideKit::bought($styles[0]);

        $softClose = $this->softClose?->only($catches);

        return $wheel === $this->wheel && $guide === $this->guide && $softClose === $this->softClose
            ? $this
            : $this->remade($this->guides, $wheel, $guide, $softClose);
    }

    /** @param  list<GuideKit>  $guides */
    private function remade(
        array $guides,
        ?Wheel $wheel = null,
        ?GuideKit $guide = null,
        ?SoftClose $softClose = null,
        ?Length $boltDiameter = null,
        ?Length $soldBolt = null,
    ): self {
        return new self(
            $this->id,
            $this->name,
            $this->hangs,
            $this->capacityKg,
            $this->leafThickness,
            $this->rise,
            $this->standoff,
            $this->standoffBase,
            $boltDiameter ?? $this->boltDiameter,
            $this->boltLength,
            $this->rail,
            $this->hanger,
            $this->stop,
            $guide ?? $this->guide,
            $this->jumpDisc,
            $guide === null ? $this->softClose : $softClose,
            $this->topGap,
            $this->bracket,
            $this->trackPitch,
            $guide === null ? $this->wheel : $wheel,
            $this->contents,
            $this->catchDepth,
            $this->price,
            $this->wheels,
            $guides,
            $guide === null ? $this->ownGuide : $this->ownGuide ?? $this->guide,
            $this->hangers,
            $this->usual,
            $this->units,
            $soldBolt ?? $this->soldBolt,
        );
    }

    /**
     * How high bolts go in along a rail line: on it, or on the rows of a bracket.
     *
     * @return non-empty-list<Length>
     */
    public function boltHeights(Length $line): array
    {
        return $this->bracket === null ? [$line] : array_map($line->plus(...), $this->bracket->rows);
    }

    /** From the top edge of the leaf to the foot of the rail. */
    public function topGapAsMade(): Length
    {
        return $this->rise->minus($this->rail->height->half());
    }
}
