<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use ArrayObject;
use Closure;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\LeafInHand;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Making;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** What comes out: every number of the set-out, each with the sum it came from. */
final readonly class Plan
{
    /** @var ArrayObject<class-string, object> */
    private ArrayObject $worked;

    /**
     * @param  non-empty-array<string, Depth>  $depths  by leaf
     * @param  non-empty-array<string, GuidePlace>  $guides  by guide
     * @param  ?RailPlace  $place  how the rail was slid to what holds; null where it lies as it is shared
     * @param  ?Making  $making  how its leaf is built; null of one that is bought, or that cannot be built so
     * @param  ?string  $noRoomAt  what of `brief.leaf.made` leaves nothing between its parts; null where it is built or
     *   bought
     */
    public function __construct(
        public Doorway $doorway,
        public Kit $kit,
        public Room $room,
        public Layout $layout,
        public Floor $floor,
        public Heights $heights,
        public Rail $rail,
        public ?Header $header,
        public array $depths,
        public array $guides,
        public Mass $mass,
        public Length $thickness,
        public ?RailPlace $place = null,
        public ?Making $making = null,
        public ?string $noRoomAt = null,
    ) {
        /** @var ArrayObject<class-string, object> $worked */
        $worked = new ArrayObject();
        $this->worked = $worked;
    }

    /**
     * What is worked from this plan, worked when it is first asked for and kept as long as the plan.
     *
     * @template T of object
     *
     * @param  class-string<T>  $what
     * @param  Closure(): T  $work
     * @return T
     */
    public function worked(string $what, Closure $work): object
    {
        $known = $this->worked[$what] ?? null;
        if (! ($known instanceof $what)) {
            $this->worked[$what] = $known = $work();
        }

        return $known;
    }

    public function hang(): Hang
    {
        return $this->doorway->brief->hang;
    }

    /** @return non-empty-array<string, PlannedLeaf> by name, the one nearest the wall or furthest to the left first */
    public function leaves(): array
    {
        $leaves = [];
        foreach ($this->layout->runs as $name => $run) {
            $guide = isset($this->guides[$name]) ? $name : (string) array_key_first($this->guides);
            $leaves[$name] = new PlannedLeaf(
                $name,
                count($this->layout->runs) === 1,
                $run,
                $this->depths[$name],
                $guide,
                $this->guides[$guide],
                $this->softCloseFits($run),
            );
        }

        return $leaves;
    }

    /**
     * The leaves by name where something differs between them; one that speaks for all, named '', where nothing does.
     *
     * @param  callable(PlannedLeaf): mixed  $what
     * @return non-empty-array<string, PlannedLeaf>
     */
    public function leavesThatDiffer(callable $what): array
    {
        $leaves = $this->leaves();
        $first = $leaves[array_key_first($leaves)];

        return array_filter($leaves, fn (PlannedLeaf $leaf) => $what($leaf) != $what($first)) === []
            ? ['' => $first]
            : $leaves;
    }

    /** The leaf where there is but one; null for a pair. */
    public function onlyLeaf(): ?PlannedLeaf
    {
        $leaves = array_values($this->leaves());

        return count($leaves) === 1 ? $leaves[0] : null;
    }

    /** What one can walk through: of several passages the narrowest. */
    public function leastPassage(): Length
    {
        return Length::least(...array_map(fn (Sum $passage) => $passage->total, array_values($this->layout->passages)));
    }

    /** The guide that holds least, by name: what it holds is held everywhere. */
    public function leastHeld(): string
    {
        $holds = array_map(fn (GuidePlace $guide) => $guide->hold->total->nm, $this->guides);

        return (string) array_search(min($holds), $holds, true);
    }

    /** Of the leaf nearest the wall. */
    public function innerDepth(): Depth
    {
        return $this->depths[$this->byTrack()[0]];
    }

    /** Of the leaf furthest from the wall. */
    public function outerDepth(): Depth
    {
        return $this->depths[$this->byTrack()[1]];
    }

    /** @return array{string, string} the leaf nearest the wall and the one furthest from it */
    private function byTrack(): array
    {
        $tracks = array_map(fn (LeafRun $run) => $run->track, $this->layout->runs);

        return [(string) array_search(min($tracks), $tracks, true), (string) array_search(max($tracks), $tracks, true)];
    }

    /** What lies between the backs of two leaves that pass each other: the rear one's straps and bolts run there. */
    public function betweenLeaves(): ?Sum
    {
        $pitch = $this->hang()->rails() === 1 ? null : $this->kit->trackPitch;

        return $pitch === null
            ? null
            : Sum::of('between-leaves')
                ->plus('from-rail-to-rail', $pitch)
                ->minus('leaf-thickness', $this->thickness)
                ->minus('strap', $this->kit->hanger->strapThickness)
                ->minus('bolt-heads', $this->kit->hanger->boltHead);
    }

    /** @return list<Span> */
    public function stopBodies(): array
    {
        return $this->layout->stopBodies($this->kit->stop);
    }

    public function backing(): Backing
    {
        return $this->doorway->brief->backing;
    }

    /** @return list<Length> where the pieces of the rail meet */
    public function joints(): array
    {
        return $this->rail->joints();
    }

    public function yokeLine(): Length
    {
        return $this->heights->yokeLine->total;
    }

    /** The leaf that is there for this one; null where nobody has one. */
    public function inHand(PlannedLeaf $leaf): ?LeafInHand
    {
        return array_key_first($this->layout->runs) === $leaf->name
            ? $this->doorway->brief->inHand
            : $this->doorway->brief->inHand?->second;
    }

    /** Of the leaf, for the bolts of its hangers: with the kit's play, or without. */
    public function leafHole(): Length
    {
        return $this->doorway->brief->rules->schedule->leafHoles->of(
            $this->kit->hanger->holeDiameter,
            $this->doorway->units,
        );
    }

    /** @return non-empty-array<string, Sum> what rail height can mean, the one first that this house means */
    public function lineHeights(): array
    {
        $half = $this->kit->rail->height->half();
        $line = $this->heights->yokeLine;
        $of = fn (string $name) => Sum::of($name)->plus('yoke-line', $line);
        $heights = [
            'hole' => $line,
            'top' => $of('rail-top')->plus('half-rail', $half),
            'foot' => $of('rail-foot')->minus('half-rail', $half),
        ];
        $means = $this->doorway->brief->rules->heightMeans->value;

        return [$means => $heights[$means], ...$heights];
    }

    /** What the rule of thumb would have of rail: twice the opening with its casings. */
    public function railByThumb(): Length
    {
        $opening = $this->room->opening;

        return $opening->span()->length()->plus($opening->casing->left, $opening->casing->right)->times(2);
    }

    /** @return non-empty-list<Length> where bolts go in, in room y: the yoke line, or the rows of a bracket */
    public function boltHeights(): array
    {
        return $this->kit->boltHeights($this->yokeLine());
    }

    /** Whether anchors in masonry carry the rail itself. */
    public function isOnMasonry(): bool
    {
        return $this->header === null && ($this->backing()->isMasonry() || $this->doorway->survey->isMasonry());
    }

    /** What a tape shows from the floor at x up to the yoke line. */
    public function tapeUp(Length $x): Length
    {
        return $this->tapeUpFrom($x)->total;
    }

    public function tapeUpFrom(Length $x): Sum
    {
        $tape = Sum::of('tape-from-floor-up-to-yoke-line')
            ->plus('yoke-line', $this->heights->yokeLine)
            ->minus('floor-there', $this->floor->at($x));
        $plate = $this->doorway->survey->plate;

        return $plate === null ? $tape : $tape->minus('plate', $plate);
    }

    /**
     * @return list<Length> where a tape reading up to the yoke line is worth having: every floor reading and the high
     * spot, along the wall
     */
    public function readingPlaces(): array
    {
        $places = array_map(fn (FloorReading $at) => $at->x->nm, $this->doorway->survey->floor);
        $places[] = $this->floor->highSpot()->nm;
        $places = array_unique($places);
        sort($places);

        return array_map(Length::nm(...), $places);
    }

    /** Gap under the leaf's foot at x. */
    public function gapAt(Length $x): Length
    {
        return $this->heights->gap->low->minus($this->floor->at($x));
    }

    /** @return list<array{x: Length, up: Length}> one tape reading per floor reading, in the survey's order */
    public function pullsUp(): array
    {
        return array_map(
            fn (FloorReading $at) => ['x' => $at->x, 'up' => $this->tapeUp($at->x)],
            $this->doorway->survey->floor,
        );
    }

    /** What hangs on the rail: the leaf and what is screwed to it. */
    public function hungKg(): float
    {
        return $this->mass->kg + $this->doorway->brief->leaf->hardwareKg;
    }

    /** From the leaf's back to the middle of its groove or channel; to its own middle where it has none. */
    public function finFromBack(): Length
    {
        return $this->making->leaf->channel->fromBack ?? $this->thickness->half();
    }

    /** Whether a groove is cut: a fin also runs in a channel that was built. */
    public function cutsGroove(): bool
    {
        return $this->kit->guide->style->needsGroove() && $this->making?->leaf->channel?->isBuilt !== true;
    }

    /** How one leaf is built; null of one that is bought. */
    public function madeLeaf(string $leaf): ?LeafMade
    {
        return $this->making?->built($leaf === array_key_first($this->layout->runs));
    }

    /** What hangs of one leaf, where two that are built differ: of others only the heavier is known. */
    public function hungKgOf(string $leaf): float
    {
        $made = $this->mass->isKnown ? null : $this->madeLeaf($leaf);

        return $made === null ? $this->hungKg() : $made->kg + $this->doorway->brief->leaf->hardwareKg;
    }

    /** What each leaf hangs by. */
    public function hangers(): Hangers
    {
        return $this->worked(Hangers::class, fn () => Hangers::of(
            $this->doorway->brief,
            $this->kit,
            $this->layout->runs[array_key_first($this->layout->runs)],
            $this->doorway->units,
            $this->hungKg(),
        ));
    }

    /** Whether the kit's soft close is fitted to any leaf. */
    public function hasSoftClose(): bool
    {
        return array_filter($this->layout->runs, $this->softCloseFits(...)) !== [];
    }

    /** Whether it is fitted to one: wanted, and the leaf and its travel suffice. */
    private function softCloseFits(LeafRun $run): bool
    {
        $soft = $this->kit->softClose;

        return $soft !== null &&
            $this->doorway->brief->rules->softClose &&
            ! $run->travel->total->isUnder($soft->strokes()->minus(Tolerance::tape())) &&
            ! $run->width->isUnder($soft->minLeafWidth->minus(Tolerance::tape()));
    }

    /**
     * Where the trigger stands on the leaf's top edge, from either edge. The catch lies on the rail from the stop's
     * face inward
     * and takes the trigger at its inner end, `stroke` before the stop: inset - reach + catch length - stroke.
     */
    public function triggerInset(): ?Sum
    {
        $soft = $this->kit->softClose;

        return $soft === null
            ? null
            : Sum::of('trigger-from-edge-leaf')
                ->plus('hanger-inset', $this->layout->hangerInset())
                ->minus('stop-reach', $this->kit->stop->reach)
                ->plus('catch-length', $soft->catchLength)
                ->minus('stroke', $soft->stroke);
    }

    /**
     * Every number that can show where it came from, by the key it has in the plan's file.
     *
     * @return array<string, Sum>
     */
    public function sums(): array
    {
        $layout = $this->layout;

        $sums = [
            'yoke_line' => $this->heights->yokeLine,
            'line.top' => $this->lineHeights()['top'],
            'line.foot' => $this->lineHeights()['foot'],
            'head_y' => $this->heights->head,
            'top_gap' => $this->heights->topGap,
            'headroom_needed' => $this->heights->headroomNeeded,
            'leaf.width' => $layout->width->size,
            'leaf.need_width' => $layout->width->needed,
            'leaf.height' => $this->heights->leaf->size,
            'leaf.need_height' => $this->heights->leaf->needed,
            'leaf.top' => $this->heights->top(),
            'leaf.greatest_height' => $this->heights->greatest,
            'rail.length' => $this->rail->length,
            'rail.min_length' => $this->rail->least,
            'rail.left' => $this->rail->left,
            'rail.right' => $this->rail->right,
            'header.left' => $this->header?->left,
            'header.right' => $this->header?->right,
            'header.bottom' => $this->header?->foot,
            'header.top' => $this->header?->top,
            'mid_overlap' => $layout->midOverlap,
            'between_leaves' => $this->betweenLeaves(),
            'soft_close.trigger' => $this->triggerInset(),
        ];
        foreach ($layout->runs as $leaf => $run) {
            $sums += [
                "{$leaf}.left" => $run->left,
                "{$leaf}.right" => $run->right,
                "{$leaf}.open_left" => $run->openLeft(),
                "{$leaf}.open_right" => $run->openRight(),
                "{$leaf}.travel" => $run->travel,
                "{$leaf}.travel_wanted" => $run->wanted,
            ];
        }
        foreach ($layout->passages as $way => $passage) {
            $sums["passage.{$way}"] = $passage;
        }
        foreach ($layout->stops as $end => $face) {
            $sums["stops.{$end}"] = $face;
        }
        foreach ($this->depths as $leaf => $depth) {
            $sums += [
                "{$leaf}.rail_centre" => $depth->rail,
                "{$leaf}.front" => $depth->leafFront,
                "{$leaf}.back" => $depth->leafBack,
                "{$leaf}.clearance" => $depth->clearance,
            ];
        }
        foreach ($this->guides as $guide => $place) {
            $sums += ["{$guide}.at" => $place->middle, "{$guide}.hold" => $place->hold];
        }

        foreach ($this->readingPlaces() as $i => $x) {
            $sums["up.{$i}"] = $this->tapeUpFrom($x);
        }

        return array_filter($sums);
    }
}
