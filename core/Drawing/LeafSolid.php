<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Making\LeafMade;
use YokeLine\Making\Zone;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;

/** Where a leaf that is built is solid, and where hangers, discs and the pull want it to be. */
final readonly class LeafSolid
{
    private const MARGIN = 0.08;

    /** The line round a hole that is drilled. */
    private const ROUND_MM = 6.0;

    public static function of(LeafMade $leaf, Wording $wording): Scene
    {
        [$wide, $high] = [$leaf->wanted->width->toMm(), $leaf->wanted->height->toMm()];
        $margin = $wide * self::MARGIN;

        return new Scene(
            'leaf-solid',
            $wording->say(Caption::of('leaf-solid')),
            -$margin,
            -$high - $margin,
            $wide + 2 * $margin,
            $high + 2 * $margin,
            [
                Shape::box('made-outline', 0, -$high, $wide, $high),
                ...self::zones('made-solid', $leaf->holds()),
                ...self::zones('made-no-drill', $leaf->noDrill),
                ...self::zones('made-fill', array_map(fn ($fill) => $fill->zone, $leaf->fills)),
                ...self::joints($leaf),
                ...array_map(fn (Zone $zone) => self::wanted($leaf, $zone), $leaf->wanted->solid()),
                ...self::holes($leaf),
            ],
        );
    }

    /**
     * @param  list<Zone>  $zones
     * @return list<Shape>
     */
    private static function zones(string $layer, array $zones): array
    {
        return array_map(fn (Zone $zone) => Shape::spanned($layer, $zone->u, $zone->v), $zones);
    }

    private static function wanted(LeafMade $leaf, Zone $zone): Shape
    {
        return Shape::spanned($leaf->isSolidFor($zone) ? 'made-wants' : 'made-wants-more', $zone->u, $zone->v);
    }

    /** @return list<Shape> */
    private static function joints(LeafMade $leaf): array
    {
        $up = new Span(Length::zero(), $leaf->wanted->height);

        return array_map(
            fn (Length $u) => Shape::line('made-joint', $u->toMm(), 0, $u->toMm(), -$up->high->toMm()),
            $leaf->joints,
        );
    }

    /** @return list<Shape> */
    private static function holes(LeafMade $leaf): array
    {
        $radius = $leaf->wanted->hanger->holeDiameter->toMm() / 2 + self::ROUND_MM;

        return array_map(
            fn (array $place) => Shape::circle('made-hole', $place[0]->toMm(), -$place[1]->toMm(), $radius),
            $leaf->wanted->holePlaces(),
        );
    }
}
