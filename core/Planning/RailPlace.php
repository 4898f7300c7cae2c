<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\RailKit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Where a rail lies in its slack, which of its holes hold there, and how else it could be held. */
final readonly class RailPlace
{
    /**
     * @param  Span  $range  of the rail's left end
     * @param  list<Length>  $hitPlaces  holes that hold
     * @param  ?array{left: Length, hits: int}  $runnerUp
     * @param  list<Length>  $own  of its holes, those that hold
     * @param  list<Length>  $new  studs at which holes could be added
     * @param  list<Length>  $stopsOver  holes under a stop's body
     * @param  ?list<Length>  $brackets  where free brackets go, null where the rail has holes of its own
     */
    public function __construct(
        public Span $range,
        public Length $shared,
        public Length $left,
        public int $holes,
        public array $hitPlaces,
        public ?Length $margin,
        public bool $holds,
        public array $stopsOver,
        public ?array $runnerUp,
        public array $own,
        public array $new,
        public bool $newHolds,
        private Length $length,
        public ?array $brackets = null,
    ) {}

    /**
     * Every hole of a rail that is drilled on site: its own and the new ones.
     *
     * @param  list<Length>  $holes
     * @return list<Length>
     */
    public function withNew(array $holes): array
    {
        return self::ascending([...$holes, ...$this->new]);
    }

    /** @return list<Length> own holes and new ones together */
    public function drilled(): array
    {
        return self::ascending([...$this->own, ...$this->new]);
    }

    /**
     * The greatest distance between neighbouring ones, null where there is but one.
     *
     * @param  list<Length>  $places
     */
    public static function greatestGap(array $places): ?Length
    {
        $gaps = [];
        foreach ($places as $i => $place) {
            if ($i > 0) {
                $gaps[] = $place->minus($places[$i - 1]);
            }
        }

        return $gaps === [] ? null : Length::greatest(...$gaps);
    }

    /**
     * How far the first and the last are from the rail's ends, null where there is none.
     *
     * @param  list<Length>  $places
     * @return ?array{Length, Length}
     */
    public function ends(array $places): ?array
    {
        return $places === []
            ? null
            : [$places[0]->minus($this->left), $this->left->plus($this->length)->minus($places[count($places) - 1])];
    }

    /**
     * Whether fixings at these places carry the rail: two to a piece, none too far apart, and near both ends.
     *
     * @param  list<Length>  $places  ascending
     * @param  list<Length>  $pieces  how long each is, from the left
     */
    public static function carries(array $places, Span $rail, RailKit $kit, array $pieces): bool
    {
        foreach (Rail::inRow($rail, $pieces) as $piece) {
            if (count(array_filter($places, $piece->contains(...))) < 2) {
                return false;
            }
        }
        $gap = self::greatestGap($places);

        return $gap !== null &&
            ! $gap->isOver($kit->maxFixingSpacing) &&
            ! $places[0]->minus($rail->low)->isOver($kit->firstFixingWithin) &&
            ! $rail->high->minus($places[count($places) - 1])->isOver($kit->firstFixingWithin);
    }

    /**
     * @param  list<Length>  $places
     * @return list<Length>
     */
    public static function ascending(array $places): array
    {
        usort($places, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return $places;
    }
}
