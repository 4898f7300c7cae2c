<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Making\Bought;
use YokeLine\Making\Course;
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

    /**
     * @param  Length  $width  as it is bought
     * @param  list<Piece>  $pieces  as they leave the saw
     * @param  list<Course>  $courses  of an infill at 45 degrees, in the order they are cut
     */
    private function __construct(
        public Length $thickness,
        public Length $width,
        public string $wood,
        public array $pieces,
        private array $courses,
        private LeafMade $leaf,
    ) {}

    /**
     * @param  int  $leaves  that are alike
     * @param  string  $for  whose pieces they are; the parts' own names where nobody says
     * @return list<self>
     */
    public static function of(LeafMade $leaf, int $leaves, string $for = ''): array
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
        $cuts = [];
        foreach ($sections as $parts) {
            $pieces = [];
            foreach ($parts as $part) {
                for ($i = 0; $i < $part->count * $leaves; $i++) {
                    $pieces[] = new Piece($part->length, $for === '' ? $part->kind : $for);
                }
            }
            $cuts[] = self::section($parts[0], $leaf, $pieces, []);
        }
        if ($slanted !== []) {
            $courses = array_merge(...array_fill(0, $leaves, array_merge(...$leaf->courses)));
            $long = fn (Course $course) => $course->long->plus($leaf->tongue ?? Length::zero());
            $pieces = array_map(
                fn (Course $course) => new Piece($long($course), $for === '' ? 'infill' : $for),
                $courses,
            );
            $cuts[] = self::section($slanted[0], $leaf, $pieces, $courses);
        }

        return $cuts;
    }

    /** @return non-empty-list<Length> what can be had */
    public static function stock(LeafMade $leaf): array
    {
        return $leaf->made->stock === [] ? (new Bought($leaf->wanted->sizes))->bars() : $leaf->made->stock;
    }

    /** Whether it is cut by a rule of its own, and shares no bar with others. */
    public function isSlanted(): bool
    {
        return $this->courses !== [];
    }

    /** The longest piece that no bar gives; null where each does. */
    public function tooLong(): ?Length
    {
        $most = $this->room(Length::greatest(...self::stock($this->leaf)));
        $long = array_column(
            array_filter($this->pieces, fn (Piece $piece) => $piece->length->isOver($most)),
            'length',
        );

        return $long === [] ? null : Length::greatest(...$long);
    }

    /**
     * @param  ?non-empty-list<Length>  $stock  other lengths than the leaf's own
     *
     * @throws DoesNotFit
     */
    public function plan(?array $stock = null): CuttingPlan
    {
        $stock ??= self::stock($this->leaf);

        return $this->isSlanted()
            ? $this->oneAfterAnother(Length::greatest(...$stock))
            : Cutting::of($this->pieces, $stock, $this->size(UsualSize::Kerf), $this->size(UsualSize::EndTrim));
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<Course>  $courses
     */
    private static function section(Part $part, LeafMade $leaf, array $pieces, array $courses): self
    {
        return new self(
            $part->thickness ?? Length::zero(),
            self::wide($part, $leaf),
            $part->wood,
            $pieces,
            $courses,
            $leaf,
        );
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

    private function size(UsualSize $size): Length
    {
        return $this->leaf->wanted->size($size);
    }

    private function room(Length $bar): Length
    {
        return $bar->minus($this->size(UsualSize::EndTrim)->times(2));
    }

    /**
     * By leaf, panel, half and course from the longest bar: after another a cut is √2 of the kerf long, and two that
     * are slanted alike share their slant.
     */
    private function oneAfterAnother(Length $stock): CuttingPlan
    {
        $room = $this->room($stock);
        $kerf = Length::nm((int) round($this->size(UsualSize::Kerf)->nm * M_SQRT2));
        $bars = [];
        $on = [];
        $left = Length::zero();
        $before = false;
        foreach ($this->pieces as $i => $piece) {
            $piece->length->isOver($room) && throw new DoesNotFit($piece);
            $isSlanted = $this->courses[$i]->isSlanted;
            $after = $piece->length->plus($kerf)->minus($before && $isSlanted ? $this->width : Length::zero());
            if ($on !== [] && ! $after->minus(Length::nm(1))->isOver($left)) {
                $left = $left->minus($after);
            } else {
                $on === [] || ($bars[] = new Bar($stock, $on, $left));
                $on = [];
                $left = $room->minus($piece->length);
            }
            $on[] = $piece;
            $before = $isSlanted;
        }
        $on === [] || ($bars[] = new Bar($stock, $on, $left));

        return new CuttingPlan($bars, 1, $stock, false, false);
    }
}
