<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\Stud;
use YokeLine\Doorway\Survey;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Floor;
use YokeLine\Planning\Heights;

/**
 * Where along a wall a bolt's centre holds, at one height: on studs, solids and thick plank, or in masonry, outside the
 * zones of what must not be hit.
 */
final readonly class Holding
{
    /** Kept from a cable or pipe on every side. */
    public const ZONE_MM = 50;

    /** Masonry breaks out near its edges: a hole keeps so much from the opening and from the ends of the wall. */
    public const MASONRY_EDGE_MM = 60;

    /** Over this a stud is two. */
    private const DOUBLED_MM = 65;

    private const JAMB_MM = 25;

    /** @param  list<Grip>  $grips  by place along the wall */
    private function __construct(public array $grips) {}

    /** What of plank holds a bolt by itself, and of a board or plank as well. */
    public static function leastWood(Length $bolt): Length
    {
        return Length::least($bolt->times(4), Length::mm(38));
    }

    /** Where bolts of a rail that is fixed straight to this wall hold. */
    public static function of(Survey $survey, Brief $brief, Kit $kit, Floor $floor, Heights $heights): self
    {
        $rows = $kit->boltHeights($heights->yokeLine->total);

        return self::isInMasonry($survey, $brief)
            ? self::inMasonry($survey, $floor, $heights->head->total, $rows)
            : self::at($survey, $floor, $kit->boltDiameter, $rows);
    }

    public static function isInMasonry(Survey $survey, Brief $brief): bool
    {
        return $survey->isMasonry() || $brief->backing->isMasonry();
    }

    /** @param  non-empty-list<Length>  $heights  of the bolts, in room y */
    public static function at(Survey $survey, Floor $floor, Length $bolt, array $heights): self
    {
        $inset = $bolt->scaled(3, 2);
        $grips = [];
        foreach (self::studs($survey) as [$centre, $width]) {
            $reach = $width->half()->minus($inset);
            if (! $reach->isNegative()) {
                $grips[] = new Grip(new Span($centre->minus($reach), $centre->plus($reach)), Member::Stud, $centre);
            }
        }
        foreach ($survey->solids as $solid) {
            $high = $solid->y->shifted($floor->at($solid->x->middle()))->widened($inset->negated());
            $long = $solid->x->widened($inset->negated());
            if (
                ! $long->length()->isNegative() &&
                array_filter($heights, fn (Length $y) => ! $high->contains($y)) === []
            ) {
                $grips[] = new Grip($long, Member::Solid);
            }
        }
        $lining = $survey->lining;
        $wall = $survey->wall();
        if (
            $lining !== null &&
            $wall !== null &&
            $lining->kind === LiningKind::Plank &&
            ! $lining->thickness->isUnder(self::leastWood($bolt))
        ) {
            $grips[] = new Grip($wall, Member::Plank);
        }

        return self::outside(self::zones($survey, $floor, $heights), $grips);
    }

    /**
     * Masonry holds everywhere but near its edges.
     *
     * @param  Length  $head  of the opening, room y
     * @param  non-empty-list<Length>  $heights  of the bolts, in room y
     */
    public static function inMasonry(Survey $survey, Floor $floor, Length $head, array $heights): self
    {
        $kept = Length::mm(self::MASONRY_EDGE_MM);
        $opening = $survey->opening?->span()->widened($kept);
        $besideOpening = array_filter($heights, fn (Length $y) => $y->isUnder($head->plus($kept))) !== [];
        $wall = $survey->wall()?->widened($kept->negated());
        $grips = $wall === null || $wall->length()->isNegative() ? [] : [new Grip($wall, Member::Masonry)];

        return self::outside(
            [...$opening !== null && $besideOpening ? [$opening] : [], ...self::zones($survey, $floor, $heights)],
            $grips,
        );
    }

    /**
     * @param  list<Span>  $zones
     * @param  list<Grip>  $grips
     */
    private static function outside(array $zones, array $grips): self
    {
        foreach ($zones as $zone) {
            $grips = array_merge(...array_map(fn (Grip $grip) => $grip->without($zone), $grips));
        }
        usort($grips, fn (Grip $a, Grip $b) => $a->span->low->nm <=> $b->span->low->nm);

        return new self($grips);
    }

    /**
     * Along the wall, where nothing may go in at any of these heights.
     *
     * @param  list<Length>  $heights
     * @return list<Span>
     */
    public static function zones(Survey $survey, Floor $floor, array $heights): array
    {
        $zones = [];
        $apart = Length::mm(self::ZONE_MM);
        foreach ($survey->hazardsThatStay() as $hazard) {
            $high = $hazard->y->shifted($floor->at($hazard->x->middle()))->widened($apart);
            if (array_filter($heights, $high->contains(...)) !== []) {
                $zones[] = $hazard->x->widened($apart);
            }
        }

        return $zones;
    }

    public function holds(Length $x): bool
    {
        return $this->holders($x) !== [];
    }

    /**
     * What a bolt at x is held by: one grip for each kind of member. Plank counts by itself only where nothing stands
     * behind it.
     *
     * @return list<Grip>
     */
    public function holders(Length $x): array
    {
        $found = [];
        foreach ($this->grips as $grip) {
            $best = $found[$grip->member->value] ?? null;
            if ($grip->span->contains($x) && ($best === null || $grip->margin($x)->isOver($best->margin($x)))) {
                $found[$grip->member->value] = $grip;
            }
        }
        $behind = array_filter($found, fn (Grip $grip) => $grip->member->isBehindLining());

        return array_values($behind === [] ? $found : $behind);
    }

    /** How far inside the limit of what it holds in best a bolt at x is; below 0 where it holds in nothing. */
    public function margin(Length $x): Length
    {
        return array_reduce(
            $this->holders($x),
            fn (Length $best, Grip $grip) => Length::greatest($best, $grip->margin($x)),
            Length::nm(-1),
        );
    }

    /**
     * Each upright a bolt may use: a doubled one as two, and of a pair at a jamb only the one away from the opening.
     *
     * @return list<array{Length, Length}> centre, width; ascending
     */
    public static function studs(Survey $survey): array
    {
        $jambs = $survey->opening?->span();
        $found = [];
        $studs = $survey->studs;
        usort($studs, fn (Stud $a, Stud $b) => $a->x->nm <=> $b->x->nm);
        foreach ($studs as $stud) {
            if (! $stud->width->isOver(Length::mm(self::DOUBLED_MM))) {
                $found[] = [$stud->x, $stud->width];

                continue;
            }
            $quarter = $stud->width->scaled(1, 4);
            $halves = ['left' => $stud->x->minus($quarter), 'right' => $stud->x->plus($quarter)];
            $near = Length::mm(self::JAMB_MM);
            if (
                $jambs !== null &&
                ! $stud->x->plus($stud->width->half())->minus($jambs->low)->absolute()->isOver($near)
            ) {
                unset($halves['right']);
            } elseif (
                $jambs !== null &&
                ! $stud->x->minus($stud->width->half())->minus($jambs->high)->absolute()->isOver($near)
            ) {
                unset($halves['left']);
            }
            foreach ($halves as $centre) {
                $found[] = [$centre, $stud->width->half()];
            }
        }

        return $found;
    }
}
