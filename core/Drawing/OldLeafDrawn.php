<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Made\OldHole;
use YokeLine\Making\Fill;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Placed;
use YokeLine\Making\Trimmed;
use YokeLine\Making\Zone;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;

/**
 * One old leaf of a new one: as it is, with what is cut off it and its holes; beside it as it goes in, what stays of it
 * at the same height, with what is solid, what is added and what is filled.
 */
final readonly class OldLeafDrawn
{
    /** Room around and between, as parts of the leaf's width. */
    private const APART = 0.55;

    private const MARGIN = 0.3;

    /** What is written is so small a part of its height. */
    private const TEXTS_HIGH = 26;

    private Trimmed $old;

    private float $wide;

    private float $high;

    private function __construct(private LeafMade $leaf, private int $nth, private Wording $wording)
    {
        $this->old = $leaf->old[$nth];
        $this->wide = $this->old->old->width->toMm();
        $this->high = $this->old->old->height->toMm();
    }

    /** @param  int  $nth  of the leaf's old ones, from 0 */
    public static function of(LeafMade $leaf, int $nth, Wording $wording): Scene
    {
        return (new self($leaf, $nth, $wording))->scene();
    }

    private function scene(): Scene
    {
        $margin = $this->wide * self::MARGIN;
        $top = max($this->leaf->wanted->height->toMm(), $this->high - $this->shift()->negated()->toMm());
        $low = max(0.0, $this->old->cut->toMm());
        $apart = $this->wide * (1 + self::APART);

        return new Scene(
            'old-leaf',
            $this->wording->say(Caption::of('old-leaf', [
                'n' => $this->nth + 1,
                'wide' => $this->old->old->width,
                'high' => $this->old->old->height,
            ])),
            -$margin,
            -$top - $margin / 2,
            $apart + $this->wide + 2 * $margin,
            $top + $low + $margin / 2 + 2 * $this->high / self::TEXTS_HIGH,
            [Shape::group('as-it-is', $this->before()), Shape::group('as-it-goes-in', $this->after(), [
                'transform' => 'translate('.round($apart - $this->old->u->low->toMm(), 2).' 0)',
            ])],
        );
    }

    /** What its foot lies higher in the new leaf than in itself; below 0 where it is cut. */
    private function shift(): Length
    {
        return $this->old->short->minus($this->old->cut);
    }

    /** @return list<Shape> */
    private function before(): array
    {
        $old = $this->old->old;
        $whole = Span::from(Length::zero(), $old->width);
        $up = Span::from($this->shift(), $old->height);
        [$leading, $trailing, $cut] = [$this->old->leading, $this->old->trailing, $this->old->cut];
        $off = array_values(array_filter([
            $leading->isPositive() ? Shape::spanned('made-off', Span::from(Length::zero(), $leading), $up) : null,
            $trailing->isPositive()
                ? Shape::spanned('made-off', new Span($old->width->minus($trailing), $old->width), $up)
                : null,
            $cut->isPositive() ? Shape::spanned('made-off', $whole, new Span($cut->negated(), Length::zero())) : null,
        ]));

        return [
            Shape::spanned('made-part made-2', $whole, $up),
            ...$this->solidBefore($whole, $up),
            ...array_map($this->hole(...), $old->holes),
            ...$off,
            ...$this->sizesOff(),
        ];
    }

    /** @return list<Shape> */
    private function solidBefore(Span $whole, Span $up): array
    {
        $old = $this->old->old;
        if ($old->isSolidThroughout()) {
            return [Shape::spanned('made-solid', $whole, $up)];
        }
        [$stile, $top, $bottom] = $this->old->solidEdges();

        return [
            Shape::spanned('made-solid', Span::from(Length::zero(), $stile), $up),
            Shape::spanned('made-solid', new Span($old->width->minus($stile), $old->width), $up),
            Shape::spanned('made-solid', $whole, new Span($up->high->minus($top), $up->high)),
            Shape::spanned('made-solid', $whole, Span::from($up->low, $bottom)),
        ];
    }

    private function hole(OldHole $hole): Shape
    {
        $v = $hole->v->shifted($this->shift());
        $wide = $this->old->old->width;

        return match ($hole->in) {
            'leading' => Shape::spanned('made-bore', Span::from(Length::zero(), $hole->depth), $v),
            'trailing' => Shape::spanned('made-bore', new Span($wide->minus($hole->depth), $wide), $v),
            'face' => Shape::circle(
                'made-bore',
                $hole->u->middle()->toMm(),
                -$v->middle()->toMm(),
                $hole->width->toMm() / 2,
            ),
        };
    }

    /** @return list<Shape> how much goes, beside where it goes */
    private function sizesOff(): array
    {
        $size = $this->high / self::TEXTS_HIGH;
        $middle = -$this->high * 0.55;
        $says = fn (Length $off) => $this->wording->say(Caption::of('off', ['size' => $off]));
        $shapes = [];
        if ($this->old->leading->isPositive()) {
            $text = $says($this->old->leading);
            $shapes[] = Shape::text('made-off-size', -$size * 0.3, $middle, $size, $text, 'end');
        }
        if ($this->old->trailing->isPositive()) {
            $text = $says($this->old->trailing);
            $shapes[] = Shape::text('made-off-size', $this->wide + $size * 0.3, $middle, $size, $text);
        }
        if ($this->old->cut->isPositive()) {
            $under = $this->old->cut->toMm() + $size;
            $shapes[] = Shape::text('made-off-size', $this->wide / 2, $under, $size, $says($this->old->cut), 'middle');
        }

        return $shapes;
    }

    /** @return list<Shape> where it stands in the new leaf */
    private function after(): array
    {
        $added = array_filter(
            $this->leaf->placed(),
            fn (Placed $part) => $part->kind !== 'old-leaf' && $this->isAt($part),
        );
        $fills = array_filter($this->leaf->fills, fn (Fill $fill) => $fill->from === $this->nth);

        return [
            Shape::spanned('made-part made-2', $this->old->u, new Span($this->old->short, $this->leaf->wanted->height)),
            ...array_map(
                fn (Zone $zone) => Shape::spanned('made-solid', $zone->u, $zone->v),
                $this->old->solidOf($this->leaf->solid),
            ),
            ...array_map(
                fn (Placed $part) => Shape::area(
                    'made-part made-1',
                    array_map(fn (array $point) => [$point[0], -$point[1]], $part->points),
                ),
                array_values($added),
            ),
            ...array_map(
                fn (Fill $fill) => Shape::spanned('made-fill', $fill->zone->u, $fill->zone->v),
                array_values($fills),
            ),
        ];
    }

    /** Whether a part that is added lies in this leaf, or along its outer edge. */
    private function isAt(Placed $part): bool
    {
        $at = $part->middle()[0];
        $isIn = $at > $this->old->u->low->toMm() && $at < $this->old->u->high->toMm();

        return $isIn ||
            ($part->kind === 'lip-leading' && $this->nth === 0) ||
            ($part->kind === 'lip-trailing' && $this->nth === count($this->leaf->old) - 1);
    }
}
