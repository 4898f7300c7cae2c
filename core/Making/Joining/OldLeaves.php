<?php

declare(strict_types=1);

namespace YokeLine\Making\Joining;

use YokeLine\Doorway\Made\Joined;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\OldLeaf;
use YokeLine\Doorway\Made\Way;
use YokeLine\Making\CannotBeMade;
use YokeLine\Making\Trimmed;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Old leaves as they are planed, ripped and cut for the size that is wanted, and how much of each is solid. */
final readonly class OldLeaves
{
    /** Of the strip along each outer edge; 0 where they are wide enough. */
    public Length $lip;

    /** What is ripped off each outer edge. */
    public Length $ripped;

    /** @var non-empty-list<Trimmed> */
    public array $all;

    /**
     * @param  non-empty-list<OldLeaf>  $from  the leading one first
     *
     * @throws CannotBeMade where nothing is left of one
     */
    public function __construct(
        private Made $made,
        private Joined $build,
        private array $from,
        private Wanted $wanted,
    ) {
        [$this->lip, $this->ripped] = $this->lipAndRip();
        $this->all = $this->trimmed();
        foreach ($this->all as $leaf) {
            ($leaf->width()->isPositive() && $leaf->high()->isPositive()) || throw new CannotBeMade('from');
        }
    }

    private function size(UsualSize $size): Length
    {
        return $this->wanted->size($size);
    }

    /** Off every edge of a leaf that is joined; one that is only trimmed is not planed. */
    private function plane(): Length
    {
        return $this->made->way === Way::Hollow
            ? Length::zero()
            : $this->build->plane ?? $this->size(UsualSize::Plane);
    }

    /** What all of them are too narrow by, once they are planed; below 0 where they are too wide. */
    public function lack(): Length
    {
        return $this->wanted->width->minus(
            ...array_map(fn (OldLeaf $old) => $old->width->minus($this->plane()->times(2)), $this->from),
        );
    }

    /** @return array{Length, Length} of a lip, and what is ripped off an outer edge */
    private function lipAndRip(): array
    {
        $half = $this->lack()->half();
        $lip = $half->isPositive() ? Length::greatest($half, $this->size(UsualSize::LipLeast)) : Length::zero();

        return [$lip, $lip->minus($half)];
    }

    /** @return non-empty-list<Trimmed> */
    private function trimmed(): array
    {
        $leaves = [];
        $from = $this->lip;
        $last = count($this->from) - 1;
        foreach ($this->from as $i => $old) {
            $leading = $i === 0 ? $this->plane()->plus($this->ripped) : $this->plane();
            $trailing = $i === $last ? $this->plane()->plus($this->ripped) : $this->plane();
            // What halves lose is made good at the last edge.
            $wide = $i === $last
                ? $this->wanted->width->minus($this->lip, $from)
                : $old->width->minus($leading, $trailing);
            $over = $old->height->minus($this->wanted->height);
            $leaves[] = new Trimmed(
                $old,
                Span::from($from, $wide),
                $leading,
                $trailing,
                $over->orZeroIfNegative(),
                $over->negated()->orZeroIfNegative(),
                $this->wanted->height,
                $this->size(UsualSize::HollowSolid),
            );
            $from = $from->plus($wide);
        }

        return $leaves;
    }

    public function thinnest(): Length
    {
        return Length::least(...array_map(fn (Trimmed $leaf) => $leaf->old->thickness, $this->all));
    }

    /** Solid wood that a foot must keep. */
    public function leastFoot(): Length
    {
        $least = $this->size(UsualSize::FootLeast);

        return $this->wanted->fin === null
            ? $least
            : Length::greatest($least, $this->wanted->fin->grooveDepth->plus($this->size(UsualSize::FootKeep)));
    }

    public function leastStile(OldLeaf $old): Length
    {
        return $this->size($old->isHollow() ? UsualSize::HollowStileLeast : UsualSize::StileLeast);
    }

    private function skin(OldLeaf $old): Length
    {
        return $old->skin ?? $this->size(UsualSize::Skin);
    }

    /** What is solid beside the outer edge of a leaf, with the block that is put behind it where it is thin. */
    private function solidSide(Trimmed $leaf, bool $isOuter, Length $stile): Length
    {
        return $isOuter && $this->wantsBlock($leaf, $stile)
            ? $stile->plus($this->blockWide($leaf->old))
            : $stile;
    }

    public function wantsBlock(Trimmed $leaf, Length $stile): bool
    {
        return $leaf->old->isHollow() &&
            ($leaf->old->block !== null || $stile->isUnder($this->leastStile($leaf->old)));
    }

    public function blockWide(OldLeaf $old): Length
    {
        return $old->block ?? $this->size(UsualSize::HollowSolid);
    }

    /** @return array{Length, Length} solid beside the leading and the trailing edge of the nth leaf */
    public function sides(int $i): array
    {
        $leaf = $this->all[$i];

        return [
            $this->solidSide($leaf, $i === 0, $leaf->leadingStile()),
            $this->solidSide($leaf, $i === count($this->all) - 1, $leaf->trailingStile()),
        ];
    }

    /** @return array{array{Trimmed, Length}, array{Trimmed, Length}} */
    public function outerStiles(): array
    {
        $last = $this->all[count($this->all) - 1];

        return [[$this->all[0], $this->all[0]->leadingStile()], [$last, $last->trailingStile()]];
    }

    public function wantsFootBlock(Trimmed $leaf): bool
    {
        return $leaf->old->isHollow() && $leaf->foot()->isUnder($this->leastFoot());
    }

    /** @return array{Length, Length} what may come off each edge, and off the foot */
    public function trimLimit(): array
    {
        $old = $this->all[0]->old;
        $solid = $this->size(UsualSize::HollowSolid);
        $stile = $old->stile ?? $solid;
        $bottom = $old->bottom ?? $solid;

        return [
            $stile->minus($this->leastStile($old))->orZeroIfNegative(),
            $bottom->minus($this->leastFoot())->orZeroIfNegative(),
        ];
    }

    /** How thick the wood is that is left between the skins of a hollow leaf. */
    public function core(OldLeaf $old): Length
    {
        return $old->thickness->minus($this->skin($old)->times(2));
    }

    /** @return list<Length> from the leading edge */
    public function joints(): array
    {
        return array_map(fn (Trimmed $leaf) => $leaf->u->high, array_slice($this->all, 0, -1));
    }
}
