<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Joined;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\OldLeaf;
use YokeLine\Doorway\Made\Panel;
use YokeLine\Doorway\Made\Way;
use YokeLine\Making\Joining\Added;
use YokeLine\Making\Joining\Joints;
use YokeLine\Making\Joining\Misfits;
use YokeLine\Making\Joining\OldLeaves;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * Old leaves beside each other, planed, ripped or lipped to the width, cut at the foot; or one hollow leaf that is
 * trimmed. The trade's rules page 8, 2 C and E.
 */
final readonly class Joining implements PlacesParts
{
    private OldLeaves $leaves;

    private Added $added;

    private Joints $joints;

    /**
     * @param  non-empty-list<OldLeaf>  $from
     *
     * @throws CannotBeMade
     */
    private function __construct(private Made $made, private Joined $build, array $from, private Wanted $wanted)
    {
        $this->leaves = new OldLeaves($made, $build, $from, $wanted);
        $this->added = new Added($made, $wanted, $this->leaves);
        $this->joints = new Joints($made, $build, $wanted, $this->leaves->joints(), $this->leaves->thinnest());
    }

    /** @param  non-empty-list<OldLeaf>  $from  the leading one first */
    public static function of(Made $made, Joined $build, array $from, Wanted $wanted): LeafMade
    {
        return (new self($made, $build, $from, $wanted))->leaf();
    }

    private function leaf(): LeafMade
    {
        $old = $this->leaves->all;
        $thinnest = $this->leaves->thinnest();
        $thickness = Length::greatest(...array_map(fn (Trimmed $leaf) => $leaf->old->thickness, $old));
        $added = $this->added;
        $panels = $this->panels();
        $fills = $this->fills();
        $isHollow = $this->made->way === Way::Hollow;

        return new LeafMade(
            made: $this->made,
            wanted: $this->wanted,
            thickness: $thickness,
            parts: [
                ...$added->lips,
                ...$this->oldParts(),
                ...Part::alike(...$added->feet),
                ...Part::alike(...$added->blocks),
                ...$this->joints->splines(),
                ...$panels,
            ],
            fasteners: $this->joints->fasteners(),
            kg: array_sum(array_map($this->oldKg(...), $old)) +
                array_sum(array_map(fn (Part $part) => $part->kg(), [...$added->parts(), ...$panels])),
            solid: $this->solid(),
            faults: [...(new Misfits($this->wanted, $this->leaves))->faults(), ...$this->joints->faults()],
            counts: [
                'old' => count($old),
                'edges' => 2 * count($old),
                'trimmed' => $isHollow && $this->leaves->ripped->isPositive() ? 2 : 0,
                'cut_feet' => count(array_filter($old, fn (Trimmed $leaf) => $leaf->cut->isPositive())),
                'blocks' => array_sum(array_map(fn (Part $block) => $block->count, $added->blocks)),
                'fills' => count($fills),
                'joiners' => $this->joints->joiners(),
                'lips' => count($added->lips),
                'panels' => array_sum(array_map(fn (Part $panel) => $panel->count, $panels)),
                'pieces' => 0,
            ],
            channel: $this->wanted->fin === null
                ? null
                : Channel::grooved($this->wanted->fin, $thinnest, $thickness->minus($thinnest)),
            gluedM2: $added->gluedM2(),
            backProud: $this->joints->proud(),
            thicknessAt: [$old[0]->old->thickness, $old[count($old) - 1]->old->thickness],
            joints: $this->joints->at,
            old: $old,
            fills: $fills,
            trimLimit: $isHollow ? $this->leaves->trimLimit() : null,
            placing: $this,
        );
    }

    /** @return list<Part> */
    private function panels(): array
    {
        return array_map(
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
    }

    /** @return list<Part> */
    private function oldParts(): array
    {
        return array_map(
            fn (Trimmed $leaf) => new Part(
                'old-leaf',
                1,
                $leaf->high(),
                $leaf->width(),
                $leaf->old->thickness,
                $leaf->old->species !== '' ? $leaf->old->species : $leaf->old->kind,
                cutFoot: $leaf->cut,
            ),
            $this->leaves->all,
        );
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        $height = $this->wanted->height;
        $whole = new Span(Length::zero(), $height);
        $placed = [];
        foreach ($this->leaves->all as $i => $leaf) {
            $up = new Span($leaf->short, $height);
            [$leading, $trailing] = $this->leaves->sides($i);
            $placed[] = Placed::box('old-leaf', $leaf->high(), 0, $leaf->u, $up);
            if ($leaf->short->isPositive()) {
                $foot = new Span(Length::zero(), $leaf->short);
                $placed[] = Placed::box('foot-strip', $leaf->width(), 0, $leaf->u, $foot);
            }
            if ($this->leaves->wantsFootBlock($leaf)) {
                $between = new Span($leaf->u->low->plus($leading), $leaf->u->high->minus($trailing));
                $block = Span::from($leaf->short, $this->leaves->leastFoot());
                $placed[] = Placed::box('foot-block', $between->length(), 1, $between, $block);
            }
        }
        [$first, $last] = $this->leaves->outerStiles();
        foreach ([[$first, true], [$last, false]] as [[$leaf, $stile], $isLeading]) {
            if ($this->leaves->wantsBlock($leaf, $stile)) {
                $solid = $this->leaves->blockWide($leaf->old);
                $from = $isLeading ? $leaf->u->low->plus($stile) : $leaf->u->high->minus($stile, $solid);
                $up = new Span($leaf->short, $height);
                $placed[] = Placed::box('side-block', $leaf->high(), 1, Span::from($from, $solid), $up);
            }
        }
        $lip = $this->leaves->lip;
        if ($lip->isPositive()) {
            $right = $this->wanted->width->minus($lip);
            $placed[] = Placed::box('lip-leading', $height, 0, Span::from(Length::zero(), $lip), $whole);
            $placed[] = Placed::box('lip-trailing', $height, 0, Span::from($right, $lip), $whole);
        }

        return $placed;
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
        foreach ($this->leaves->all as $i => $leaf) {
            $up = new Span($leaf->short, $height);
            if ($leaf->old->isSolidThroughout()) {
                $zones[] = new Zone('old-leaf', $leaf->u, $up);
            } else {
                [$leading, $trailing] = $this->leaves->sides($i);
                $foot = $this->leaves->wantsFootBlock($leaf) ? $this->leaves->leastFoot() : $leaf->foot();
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
        $lip = $this->leaves->lip;
        if ($lip->isPositive()) {
            $zones[] = new Zone('lip', Span::from(Length::zero(), $lip), $whole);
            $zones[] = new Zone('lip', Span::from($this->wanted->width->minus($lip), $lip), $whole);
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
        foreach ($this->leaves->all as $i => $leaf) {
            foreach ($leaf->old->holes as $hole) {
                $fills[] = $leaf->filled($i, $hole);
            }
        }

        return array_values(array_filter($fills));
    }
}
