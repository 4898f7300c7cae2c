<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Making\Bought;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Part;
use YokeLine\Making\UsualSize;
use YokeLine\Measure\Length;

/** What a leaf that is made takes of bars of one section and wood. The trade's rules page 8. */
final readonly class MadeCut
{
    private const STRIPS = [
        'strip-bottom',
        'strip-top',
        'strip-side',
        'strip-middle',
        'strip-cross',
        'strip-upright',
        'block',
    ];

    /** What is not cut from bars. */
    private const OTHERWISE = ['back', 'lining', 'old-leaf', 'panel', 'spline', 'glass'];

    /** @param  ?Length  $tooLong  a piece that no bar gives; then nothing is cut */
    private function __construct(
        public Length $thickness,
        public Length $width,
        public string $wood,
        public int $pieces,
        public int $bars,
        public Length $bought,
        public Length $longestOffcut,
        public ?Length $tooLong,
    ) {}

    /**
     * @param  int  $leaves  that are alike
     * @return list<self>
     */
    public static function of(LeafMade $leaf, int $leaves): array
    {
        $sections = $slanted = [];
        foreach ($leaf->parts as $part) {
            if ($part->edges !== null) {
                $slanted[] = $part;
            } elseif ($part->thickness !== null && ! in_array($part->kind, self::OTHERWISE, true)) {
                $wide = self::wide($part, $leaf);
                $sections["{$part->thickness->nm} {$wide->nm} {$part->wood}"][] = $part;
            }
        }
        $cuts = array_map(fn (array $parts) => self::straight($parts, $leaves, $leaf), array_values($sections));

        return $slanted === [] ? $cuts : [...$cuts, self::slanted($slanted[0], $leaves, $leaf)];
    }

    /** @return non-empty-list<Length> what can be had */
    public static function stock(LeafMade $leaf): array
    {
        return $leaf->made->stock === [] ? (new Bought($leaf->wanted->unit))->bars() : $leaf->made->stock;
    }

    /** As wide as it is bought: strips and blocks are ripped from the widest of them. */
    private static function wide(Part $part, LeafMade $leaf): Length
    {
        $strips = in_array($part->kind, self::STRIPS, true)
            ? array_filter($leaf->parts, fn (Part $one) => in_array($one->kind, self::STRIPS, true))
            : [];

        return Length::greatest(
            $part->bought ?? $part->width ?? Length::zero(),
            ...array_map(fn (Part $strip) => $strip->width ?? Length::zero(), array_values($strips)),
        );
    }

    /** @param  non-empty-list<Part>  $parts */
    private static function straight(array $parts, int $leaves, LeafMade $leaf): self
    {
        $pieces = [];
        foreach ($parts as $part) {
            for ($i = 0; $i < $part->count * $leaves; $i++) {
                $pieces[] = new Piece($part->length, $part->kind);
            }
        }
        $of = fn (int $bars, Length $bought, Length $rest, ?Length $tooLong = null) => new self(
            $parts[0]->thickness ?? Length::zero(),
            self::wide($parts[0], $leaf),
            $parts[0]->wood,
            count($pieces),
            $bars,
            $bought,
            $rest,
            $tooLong,
        );
        try {
            $plan = Cutting::of(
                $pieces,
                self::stock($leaf),
                $leaf->wanted->size(UsualSize::Kerf),
                $leaf->wanted->size(UsualSize::EndTrim),
            );
        } catch (DoesNotFit $problem) {
            return $of(0, Length::zero(), Length::zero(), $problem->piece->length);
        }

        return $of(count($plan->bars), $plan->bought(), $plan->longestOffcut());
    }

    /**
     * Boards at 45 degrees by leaf, panel, half and course, one after another from the longest bar: after another a cut
     * is √2 of the kerf long, and two that are slanted alike share their slant.
     */
    private static function slanted(Part $part, int $leaves, LeafMade $leaf): self
    {
        $wide = $part->bought ?? Length::zero();
        $stock = Length::greatest(...self::stock($leaf));
        $room = $stock->minus($leaf->wanted->size(UsualSize::EndTrim)->times(2));
        $kerf = Length::nm((int) round($leaf->wanted->size(UsualSize::Kerf)->nm * M_SQRT2));
        $tongue = $leaf->tongue ?? Length::zero();
        $pieces = $bars = 0;
        $left = $rest = Length::zero();
        $tooLong = null;
        $before = false;
        foreach (array_merge(...array_fill(0, $leaves, array_merge(...$leaf->courses))) as $course) {
            $pieces++;
            $long = $course->long->plus($tongue);
            $tooLong = $long->isOver($room) ? Length::greatest($long, $tooLong ?? $long) : $tooLong;
            $after = $long->plus($kerf)->minus($before && $course->isSlanted ? $wide : Length::zero());
            if ($bars > 0 && ! $after->minus(Length::nm(1))->isOver($left)) {
                $left = $left->minus($after);
            } else {
                $rest = Length::greatest($rest, $left);
                $left = $room->minus($long);
                $bars++;
            }
            $before = $course->isSlanted;
        }

        return new self(
            $part->thickness ?? Length::zero(),
            $wide,
            $part->wood,
            $pieces,
            $tooLong === null ? $bars : 0,
            $tooLong === null ? $stock->times($bars) : Length::zero(),
            $tooLong === null ? Length::greatest($rest, $left) : Length::zero(),
            $tooLong,
        );
    }
}
