<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\OldHole;
use YokeLine\Doorway\Made\OldLeaf;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** An old leaf as it comes into a new one: what is planed and ripped off its edges, what is cut off its foot. */
final readonly class Trimmed
{
    /**
     * @param  Length  $leading  off its leading edge, planed and ripped
     * @param  Length  $trailing  off the other
     * @param  Length  $short  what it is too short by; then nothing is cut off it
     */
    public function __construct(
        public OldLeaf $old,
        public Span $u,
        public Length $leading,
        public Length $trailing,
        public Length $cut,
        public Length $short,
        private Length $height,
        private Length $usualSolid,
    ) {}

    public function width(): Length
    {
        return $this->u->length();
    }

    /** As high as it is left. */
    public function high(): Length
    {
        return $this->height->minus($this->short);
    }

    /** How much of its solid edge is left; all of the leaf where it is solid throughout. */
    public function leadingStile(): Length
    {
        return $this->edge($this->old->stile, $this->leading);
    }

    public function trailingStile(): Length
    {
        return $this->edge($this->old->stile, $this->trailing);
    }

    public function foot(): Length
    {
        return $this->edge($this->old->bottom, $this->cut);
    }

    public function top(): Length
    {
        return $this->edge($this->old->top, Length::zero());
    }

    /** @return array{Length, Length, Length} solid before anything is cut: each long edge, the top, the foot */
    public function solidEdges(): array
    {
        $none = Length::zero();

        return [
            $this->edge($this->old->stile, $none),
            $this->edge($this->old->top, $none),
            $this->edge($this->old->bottom, $none),
        ];
    }

    /**
     * Of what is solid in the whole leaf, what lies in this one.
     *
     * @param  list<Zone>  $solid
     * @return list<Zone>
     */
    public function solidOf(array $solid): array
    {
        return array_values(array_filter(
            $solid,
            fn (Zone $zone) => ! $zone->u->low->isUnder($this->u->low) && ! $zone->u->high->isOver($this->u->high),
        ));
    }

    /** Where it stood before to where it stands now: its holes come with it. */
    public function filled(int $from, OldHole $hole): ?Fill
    {
        $v = $hole->v->shifted($this->short->minus($this->cut));
        $v = new Span(Length::greatest($v->low, $this->short), Length::least($v->high, $this->height));
        $u = match ($hole->in) {
            'leading' => Span::from($this->u->low, $hole->depth->minus($this->leading)),
            'trailing' => Span::from(
                $this->u->high->minus($hole->depth->minus($this->trailing)),
                $hole->depth->minus($this->trailing),
            ),
            'face' => $hole->u->shifted($this->u->low->minus($this->leading)),
        };
        $u = new Span(Length::greatest($u->low, $this->u->low), Length::least($u->high, $this->u->high));
        if (! $u->length()->isPositive() || ! $v->length()->isPositive()) {
            return null;
        }

        return new Fill(
            $from,
            new Zone($hole->kind, $u, $v),
            $hole->in === 'face' ? $this->old->thickness : $u->length(),
            $hole->width,
        );
    }

    private function edge(?Length $told, Length $off): Length
    {
        $solid = $told ?? ($this->old->isHollow() ? $this->usualSolid : Length::zero());

        return $solid->minus($off)->orZeroIfNegative();
    }
}
