<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Join;
use YokeLine\Doorway\Made\Joined;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\OldLeaf;
use YokeLine\Doorway\Made\Panel;
use YokeLine\Doorway\Made\Way;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * Old leaves beside each other, planed, ripped or lipped to the width, cut at the foot; or one hollow leaf that is
 * trimmed. The trade's rules page 8, 2 C and E.
 */
final readonly class Joining implements PlacesParts
{
    private const SCREWS_A_PLATE = 4;

    /** @var non-empty-list<Trimmed> */
    private array $leaves;

    private Length $lip;

    private Length $ripped;

    /** @param  non-empty-list<OldLeaf>  $from */
    private function __construct(
        private Made $made,
        private Joined $build,
        private array $from,
        private Wanted $wanted,
    ) {
        [$this->lip, $this->ripped] = $this->lipAndRip();
        $this->leaves = $this->trimmed();
        foreach ($this->leaves as $leaf) {
            ($leaf->width()->isPositive() && $leaf->high()->isPositive()) || throw new CannotBeMade('from');
        }
        foreach ([...$this->footBlocks(), ...$this->sideBlocks()] as $block) {
            $sizes = array_filter([$block->length, $block->width, $block->thickness]);
            Length::least(...$sizes)->isPositive() || throw new CannotBeMade('from');
        }
    }

    /** @param  non-empty-list<OldLeaf>  $from  the leading one first */
    public static function of(Made $made, Joined $build, array $from, Wanted $wanted): LeafMade
    {
        return (new self($made, $build, $from, $wanted))->leaf();
    }

    private function leaf(): LeafMade
    {
        $height = $this->wanted->height;
        $thinnest = $this->thinnest();
        $thickness = Length::greatest(...array_map(fn (Trimmed $leaf) => $leaf->old->thickness, $this->leaves));
        $feet = $this->footStrips();
        $blocks = [...$this->footBlocks(), ...$this->sideBlocks()];
        $lips = $this->lips();
        $panels = array_map(
            fn (Panel $panel) => new Part(
                'panel',
                $panel->count,
                $panel->height,
                $panel->width,
                $panel->thickness,
                $panel->of,
            ),
            $this->build->panels,
        );
        $old = array_map(
            fn (Trimmed $leaf) => new Part(
                'old-leaf',
                1,
                $leaf->high(),
                $leaf->width(),
                $leaf->old->thickness,
                $leaf->old->species !== '' ? $leaf->old->species : $leaf->old->kind,
                cutFoot: $leaf->cut,
            ),
            $this->leaves,
        );
        $fills = $this->fills();
        $joints = array_map(fn (Trimmed $leaf) => $leaf->u->high, array_slice($this->leaves, 0, -1));
        $fasteners = $this->fasteners(count($joints));
        $added = [...$lips, ...$feet, ...$blocks];
        $isHollow = $this->made->way === Way::Hollow;

        return new LeafMade(
            made: $this->made,
            wanted: $this->wanted,
            thickness: $thickness,
            parts: [
                ...$lips,
                ...$old,
                ...Part::alike(...$feet),
                ...Part::alike(...$blocks),
                ...$this->splines(),
                ...$panels,
            ],
            fasteners: $fasteners,
            kg: array_sum(array_map($this->oldKg(...), $this->leaves)) +
                array_sum(array_map(fn (Part $part) => $part->kg(), [...$added, ...$panels])),
            solid: $this->solid(),
            faults: [
                ...$this->widthFaults(),
                ...$this->heightFaults(),
                ...$this->footFaults(),
                ...$this->stileFaults(),
                ...$this->onJoints($joints),
            ],
            counts: [
                'old' => count($this->leaves),
                'edges' => 2 * count($this->leaves),
                'trimmed' => $isHollow && $this->ripped->isPositive() ? 2 : 0,
                'cut_feet' => count(array_filter($this->leaves, fn (Trimmed $leaf) => $leaf->cut->isPositive())),
                'blocks' => array_sum(array_map(fn (Part $block) => $block->count, $blocks)),
                'fills' => count($fills),
                'joiners' => count($joints) * max(1, count($this->placesAtAJoint())),
                'lips' => count($lips),
                'panels' => array_sum(array_map(fn (Part $panel) => $panel->count, $panels)),
                'pieces' => 0,
            ],
            channel: $this->wanted->fin === null
                ? null
                : Channel::grooved($this->wanted->fin, $thinnest, $thickness->minus($thinnest)),
            gluedM2: $this->gluedM2($lips, $feet, $blocks),
            backProud: $joints !== [] && $this->build->join === Join::Plates && ! $this->build->isLetIn
                ? $this->size(UsualSize::Plate)
                : null,
            thicknessAt: [
                $this->leaves[0]->old->thickness,
                $this->leaves[count($this->leaves) - 1]->old->thickness,
            ],
            joints: $joints,
            old: $this->leaves,
            fills: $fills,
            trimLimit: $isHollow ? $this->trimLimit() : null,
            placing: $this,
        );
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        $height = $this->wanted->height;
        $whole = new Span(Length::zero(), $height);
        $placed = [];
        foreach ($this->leaves as $i => $leaf) {
            $up = new Span($leaf->short, $height);
            [$leading, $trailing] = $this->sides($i);
            $placed[] = Placed::box('old-leaf', $leaf->high(), 0, $leaf->u, $up);
            if ($leaf->short->isPositive()) {
                $foot = new Span(Length::zero(), $leaf->short);
                $placed[] = Placed::box('foot-strip', $leaf->width(), 0, $leaf->u, $foot);
            }
            if ($this->wantsFootBlock($leaf)) {
                $between = new Span($leaf->u->low->plus($leading), $leaf->u->high->minus($trailing));
                $block = Span::from($leaf->short, $this->leastFoot());
                $placed[] = Placed::box('foot-block', $between->length(), 1, $between, $block);
            }
        }
        [$first, $last] = $this->outerStiles();
        foreach ([[$first, true], [$last, false]] as [[$leaf, $stile], $isLeading]) {
            if ($this->wantsBlock($leaf, $stile)) {
                $solid = $this->blockWide($leaf->old);
                $from = $isLeading ? $leaf->u->low->plus($stile) : $leaf->u->high->minus($stile, $solid);
                $up = new Span($leaf->short, $height);
                $placed[] = Placed::box('side-block', $leaf->high(), 1, Span::from($from, $solid), $up);
            }
        }
        if ($this->lip->isPositive()) {
            $right = $this->wanted->width->minus($this->lip);
            $placed[] = Placed::box('lip-leading', $height, 0, Span::from(Length::zero(), $this->lip), $whole);
            $placed[] = Placed::box('lip-trailing', $height, 0, Span::from($right, $this->lip), $whole);
        }

        return $placed;
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
    private function lack(): Length
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

    private function thinnest(): Length
    {
        return Length::least(...array_map(fn (Trimmed $leaf) => $leaf->old->thickness, $this->leaves));
    }

    /** Solid wood that a foot must keep. */
    private function leastFoot(): Length
    {
        $least = $this->size(UsualSize::FootLeast);

        return $this->wanted->fin === null
            ? $least
            : Length::greatest($least, $this->wanted->fin->grooveDepth->plus($this->size(UsualSize::FootKeep)));
    }

    private function leastStile(OldLeaf $old): Length
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

    private function wantsBlock(Trimmed $leaf, Length $stile): bool
    {
        return $leaf->old->isHollow() &&
            ($leaf->old->block !== null || $stile->isUnder($this->leastStile($leaf->old)));
    }

    private function blockWide(OldLeaf $old): Length
    {
        return $old->block ?? $this->size(UsualSize::HollowSolid);
    }

    /** @return array{Length, Length} solid beside the leading and the trailing edge of the nth leaf */
    private function sides(int $i): array
    {
        $leaf = $this->leaves[$i];

        return [
            $this->solidSide($leaf, $i === 0, $leaf->leadingStile()),
            $this->solidSide($leaf, $i === count($this->leaves) - 1, $leaf->trailingStile()),
        ];
    }

    /** @return list<Part> */
    private function lips(): array
    {
        $lips = [];
        foreach (['leading' => 0, 'trailing' => count($this->leaves) - 1] as $edge => $i) {
            if ($this->lip->isPositive()) {
                $lips[] = new Part(
                    "lip-{$edge}",
                    1,
                    $this->wanted->height,
                    $this->lip,
                    $this->leaves[$i]->old->thickness,
                    $this->made->species,
                );
            }
        }

        return $lips;
    }

    /** @return list<Part> */
    private function footStrips(): array
    {
        $strips = [];
        foreach ($this->leaves as $leaf) {
            if ($leaf->short->isPositive()) {
                $strips[] = new Part(
                    'foot-strip',
                    1,
                    $leaf->width(),
                    $leaf->short,
                    $leaf->old->thickness,
                    $this->made->species,
                );
            }
        }

        return $strips;
    }

    private function wantsFootBlock(Trimmed $leaf): bool
    {
        return $leaf->old->isHollow() && $leaf->foot()->isUnder($this->leastFoot());
    }

    /** @return list<Part> */
    private function footBlocks(): array
    {
        $blocks = [];
        foreach ($this->leaves as $i => $leaf) {
            if ($this->wantsFootBlock($leaf)) {
                $blocks[] = new Part(
                    'foot-block',
                    1,
                    $leaf->width()->minus(...$this->sides($i)),
                    $this->leastFoot(),
                    $leaf->old->thickness->minus($this->skin($leaf->old)->times(2)),
                    $this->made->species,
                );
            }
        }

        return $blocks;
    }

    /** @return list<Part> */
    private function sideBlocks(): array
    {
        $blocks = [];
        foreach ($this->outerStiles() as [$leaf, $stile]) {
            if ($this->wantsBlock($leaf, $stile)) {
                $blocks[] = new Part(
                    'side-block',
                    1,
                    $leaf->high(),
                    $this->blockWide($leaf->old),
                    $leaf->old->thickness->minus($this->skin($leaf->old)->times(2)),
                    $this->made->species,
                );
            }
        }

        return $blocks;
    }

    /** @return array{array{Trimmed, Length}, array{Trimmed, Length}} */
    private function outerStiles(): array
    {
        $last = $this->leaves[count($this->leaves) - 1];

        return [[$this->leaves[0], $this->leaves[0]->leadingStile()], [$last, $last->trailingStile()]];
    }

    /** @return list<Part> */
    private function splines(): array
    {
        $joints = count($this->leaves) - 1;
        $long = $this->wanted->height->minus($this->size(UsualSize::SplineStop)->times(2));

        return $joints > 0 && $this->build->join === Join::Spline
            ? [new Part('spline', $joints, $long, null, null, $this->made->species)]
            : [];
    }

    /** @return list<Length> up a joint */
    private function placesAtAJoint(): array
    {
        $height = $this->wanted->height;

        return match ($this->build->join) {
            Join::Plates => Evenly::along(
                $height,
                $this->size(UsualSize::PlatesFirst),
                $this->size(UsualSize::PlatesApart),
            ),
            Join::Dowels => Evenly::along(
                $height,
                $this->size(UsualSize::DowelsFirst),
                $this->size(UsualSize::DowelsApart),
            ),
            Join::Spline => [],
        };
    }

    /** @return list<Fastener> */
    private function fasteners(int $joints): array
    {
        $at = $this->placesAtAJoint();
        if ($joints === 0 || $at === []) {
            return [];
        }
        $count = $joints * count($at);
        if ($this->build->join === Join::Dowels) {
            return [new Fastener('dowel', $count, null, $at)];
        }
        $into = $this->size(UsualSize::Plate)->plus($this->thinnest());

        return [
            new Fastener('plate', $count, null, $at),
            new Fastener(
                'plate-screw',
                self::SCREWS_A_PLATE * $count,
                (new Bought($this->wanted->sizes))->screw($into),
            ),
        ];
    }

    private function oldKg(Trimmed $leaf): float
    {
        $old = $leaf->old;
        $area = ($leaf->width()->toMm() * $leaf->high()->toMm()) / 1e6;
        if ($old->massKg !== null) {
            return ($old->massKg * $area * 1e6) / ($old->width->toMm() * $old->height->toMm());
        }
        $density = Timber::of($old->species !== '' ? $old->species : $old->kind)->density;

        return $old->isHollow()
            ? $area * Timber::HOLLOW_KG_PER_M2
            : ($area * $old->thickness->toMm() * $density) / 1e3;
    }

    /** @return list<Zone> */
    private function solid(): array
    {
        $height = $this->wanted->height;
        $zones = [];
        foreach ($this->leaves as $i => $leaf) {
            $up = new Span($leaf->short, $height);
            if ($leaf->old->isSolidThroughout()) {
                $zones[] = new Zone('old-leaf', $leaf->u, $up);
            } else {
                [$leading, $trailing] = $this->sides($i);
                $foot = $this->wantsFootBlock($leaf) ? $this->leastFoot() : $leaf->foot();
                $zones[] = new Zone('stile', Span::from($leaf->u->low, $leading), $up);
                $zones[] = new Zone('stile', Span::from($leaf->u->high->minus($trailing), $trailing), $up);
                $zones[] = new Zone('top', $leaf->u, new Span($height->minus($leaf->top()), $height));
                $zones[] = new Zone('foot', $leaf->u, Span::from($leaf->short, $foot));
            }
            if ($leaf->short->isPositive()) {
                $zones[] = new Zone('foot-strip', $leaf->u, new Span(Length::zero(), $leaf->short));
            }
        }
        $whole = new Span(Length::zero(), $height);
        if ($this->lip->isPositive()) {
            $zones[] = new Zone('lip', Span::from(Length::zero(), $this->lip), $whole);
            $zones[] = new Zone('lip', Span::from($this->wanted->width->minus($this->lip), $this->lip), $whole);
        }

        return array_values(
            array_filter(
                $zones,
                fn (Zone $zone) => $zone->u->length()->isPositive() && $zone->v->length()->isPositive(),
            ),
        );
    }

    /** @return list<Fill> */
    private function fills(): array
    {
        $fills = [];
        foreach ($this->leaves as $i => $leaf) {
            foreach ($leaf->old->holes as $hole) {
                $fills[] = $leaf->filled($i, $hole);
            }
        }

        return array_values(array_filter($fills));
    }

    /**
     * @param  list<Part>  $lips
     * @param  list<Part>  $feet
     * @param  list<Part>  $blocks
     */
    private function gluedM2(array $lips, array $feet, array $blocks): float
    {
        $height = $this->wanted->height->toMm();
        $mm2 = 0.0;
        foreach (array_slice($this->leaves, 1) as $i => $leaf) {
            $mm2 += $height * Length::least($leaf->old->thickness, $this->leaves[$i]->old->thickness)->toMm();
        }
        foreach ([...$lips, ...$feet] as $strip) {
            $mm2 += $strip->length->toMm() * ($strip->thickness?->toMm() ?? 0.0);
        }

        return $mm2 / 1e6 + 2 * array_sum(array_map(fn (Part $block) => $block->area(), $blocks));
    }

    /** @return list<Fault> */
    private function widthFaults(): array
    {
        $most = $this->size(UsualSize::LipMost);

        return $this->lip->minus(Length::nm(1))->isOver($most)
            ? [
                Fault::settle('lipping-wide', 'from', [
                    'strip' => $this->lip,
                    'most' => $most,
                    'between' => $this->lack(),
                ]),
            ]
            : [];
    }

    /** @return list<Fault> of the shortest */
    private function heightFaults(): array
    {
        $most = $this->size(UsualSize::LipMost);
        $short = Length::greatest(...array_map(fn (Trimmed $leaf) => $leaf->short, $this->leaves));
        $numbers = ['short' => $short, 'most' => $most];

        return match (true) {
            ! $short->isPositive() => [],
            $short->isOver($most) => [Fault::stop('old-leaf-short', 'from', $numbers)],
            default => [Fault::settle('old-leaf-short', 'from', $numbers)],
        };
    }

    /** @return list<Fault> of the one that keeps least */
    private function footFaults(): array
    {
        $least = $this->leastFoot();
        $deep = array_values(
            array_filter(
                $this->leaves,
                fn (Trimmed $leaf) => ! $leaf->old->isSolidThroughout() &&
                    ! $leaf->old->isHollow() &&
                    $leaf->cut->isPositive() &&
                    $leaf->foot()->isUnder($least),
            ),
        );
        usort($deep, fn (Trimmed $a, Trimmed $b) => $a->foot()->nm <=> $b->foot()->nm);
        if ($deep === []) {
            return [];
        }
        $numbers = ['cut' => $deep[0]->cut, 'rest' => $deep[0]->foot(), 'least' => $least];

        return [
            $deep[0]->foot()->isPositive()
                ? Fault::settle('foot-cut-deep', 'from', $numbers)
                : Fault::stop('foot-cut-deep', 'from', $numbers),
        ];
    }

    /** @return list<Fault> */
    private function stileFaults(): array
    {
        $faults = [];
        foreach ($this->outerStiles() as [$leaf, $stile]) {
            $least = $this->leastStile($leaf->old);
            if (! $leaf->old->isSolidThroughout() && $stile->isUnder($least)) {
                $faults[] = Fault::settle('stile-thin', 'from', ['rest' => $stile, 'least' => $least]);
            }
        }

        return $faults;
    }

    /**
     * @param  list<Length>  $joints
     * @return list<Fault>
     */
    private function onJoints(array $joints): array
    {
        $faults = [];
        foreach ($this->wanted->inner() as $u) {
            $near = array_filter(
                $joints,
                fn (Length $joint) => $joint->minus($u)->absolute()->isUnder($this->wanted->around()),
            );
            if ($near !== []) {
                $faults[] = Fault::settle('hanger-on-joint', 'from', ['at' => $u]);
            }
        }

        return $faults;
    }

    /** @return array{Length, Length} what may come off each edge, and off the foot */
    private function trimLimit(): array
    {
        $old = $this->leaves[0]->old;
        $solid = $this->size(UsualSize::HollowSolid);
        $stile = $old->stile ?? $solid;
        $bottom = $old->bottom ?? $solid;

        return [
            $stile->minus($this->leastStile($old))->orZeroIfNegative(),
            $bottom->minus($this->leastFoot())->orZeroIfNegative(),
        ];
    }
}
