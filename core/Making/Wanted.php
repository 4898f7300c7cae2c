<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Hanger;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\JumpDisc;
use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** What the plan wants of a leaf that is made: its size, what holds it, where it must be solid. */
final readonly class Wanted
{
    /**
     * @param  non-empty-list<Length>  $hangersAt  from the leading edge, the leading one first
     * @param  list<Length>  $holes  of each strap, from the top edge down
     * @param  Length  $thickest  that the kit takes
     * @param  ?Fin  $fin  null where the guide is none
     * @param  list<Span>  $toldSolid  where the brief says that it is solid, along the leaf
     * @param  ?Zone  $pull  what it holds on to
     */
    private function __construct(
        public Sizes $sizes,
        public Length $width,
        public Length $height,
        public Hanger $hanger,
        public Length $thickest,
        public array $hangersAt,
        public array $holes,
        public ?Fin $fin,
        private ?JumpDisc $disc,
        private array $toldSolid,
        private ?Zone $pull,
    ) {}

    /**
     * @param  non-empty-list<Length>  $hangersAt
     * @param  list<Length>  $holes
     * @param  Length  $gap  under the foot at its least
     */
    public static function of(
        Sizes $sizes,
        Brief $brief,
        Kit $kit,
        Length $width,
        Length $height,
        array $hangersAt,
        array $holes,
        ?Fin $fin,
        Length $gap,
    ): self {
        return new self(
            $sizes,
            $width,
            $height,
            $kit->hanger,
            $kit->leafThickness->high,
            $hangersAt,
            $kit->hanger->style === HangerStyle::FaceStrap ? $holes : [],
            $fin,
            $kit->jumpDisc,
            $brief->leaf->solid,
            self::pull($sizes, $brief, $gap),
        );
    }

    public function size(UsualSize $size): Length
    {
        return $this->sizes->size($size);
    }

    public function hasStraps(): bool
    {
        return $this->hanger->style === HangerStyle::FaceStrap;
    }

    /** How far from a hole's middle wood is wanted. */
    public function around(): Length
    {
        return $this->hanger->solidAround();
    }

    public function inset(): Length
    {
        return $this->hangersAt[0];
    }

    /** @return list<Length> of the hangers between the outer two */
    public function inner(): array
    {
        return array_slice($this->hangersAt, 1, -1);
    }

    /** @return list<array{Length, Length}> u and v of every hole for a strap's bolt */
    public function holePlaces(): array
    {
        $places = [];
        foreach ($this->hangersAt as $u) {
            foreach ($this->holes as $down) {
                $places[] = [$u, $this->height->minus($down)];
            }
        }

        return $places;
    }

    /** Up the leaf, from below the lowest hole of a strap to above its highest; null where there are none. */
    public function strapUp(): ?Span
    {
        if ($this->holes === []) {
            return null;
        }
        $around = $this->around();
        $low = $this->height->minus(Length::greatest(...$this->holes))->minus($around);
        $high = $this->height->minus(Length::least(...$this->holes))->plus($around);

        return new Span($low, Length::least($high, $this->height));
    }

    /** @return list<Zone> where solid wood is wanted: at each hanger, each disc, the pull */
    public function solid(): array
    {
        $top = new Span($this->height->minus($this->size(UsualSize::EdgeScrew)), $this->height);
        $up = $this->strapUp();
        $half = $up === null ? $this->hanger->length()->half() : $this->around();
        $zones = array_map(fn (Length $u) => new Zone('hanger', self::about($u, $half), $up ?? $top), $this->hangersAt);
        if ($this->disc !== null) {
            $half = $this->disc->diameter->half();
            $zones[] = new Zone('disc', self::about($this->disc->inset, $half), $top);
            $zones[] = new Zone('disc', self::about($this->width->minus($this->disc->inset), $half), $top);
        }

        return $this->pull === null ? $zones : [...$zones, $this->pull];
    }

    /** @return list<Zone> where the brief says that it is solid, over the whole height; none where it is silent */
    public function told(): array
    {
        $up = new Span(Length::zero(), $this->height);

        return array_map(fn (Span $u) => new Zone('told', $u, $up), $this->toldSolid);
    }

    private static function pull(Sizes $sizes, Brief $brief, Length $gap): ?Zone
    {
        if ($brief->hasNoPull) {
            return null;
        }
        $high = $brief->frontPull->height ?? Length::zero();
        $high = $high->isPositive() ? $high : $sizes->size(UsualSize::PullHeight);

        return new Zone(
            'pull',
            self::about($brief->leaf->stile->half(), $sizes->size(UsualSize::PullHalf)),
            self::about(
                $brief->rules->pullHeight->minus($gap),
                $high->half()->plus($sizes->size(UsualSize::PullEnd)),
            ),
        );
    }

    private static function about(Length $middle, Length $half): Span
    {
        return new Span($middle->minus($half), $middle->plus($half));
    }
}
