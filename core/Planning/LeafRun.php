<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** One leaf on its way from shut to open. */
final readonly class LeafRun
{
    /**
     * @param  Sum  $left  left edge when shut
     * @param  Sum  $right  right edge when shut
     * @param  Sum  $wanted  travel wanted, not bent by what there is room for
     * @param  Sum  $travel  travel there is room for, never below 0
     * @param  string  $shutStop  the stop that it comes to rest at when shut, by its name in the layout
     * @param  string  $openStop  the one when open
     * @param  1|-1  $direction  of opening along x
     * @param  int  $track  rails between this leaf's and the one nearest the wall
     */
    public function __construct(
        public Sum $left,
        public Sum $right,
        public Length $width,
        public Length $hangerInset,
        public Sum $wanted,
        public Sum $travel,
        public string $shutStop,
        public string $openStop,
        public int $direction = 1,
        public int $track = 0,
    ) {}

    public function closed(): Span
    {
        return new Span($this->left->total, $this->right->total);
    }

    public function openLeft(): Sum
    {
        return $this->moved('leaf-open-left-edge', 'left-edge-shut', $this->left);
    }

    public function openRight(): Sum
    {
        return $this->moved('leaf-open-right-edge', 'right-edge-shut', $this->right);
    }

    public function open(): Span
    {
        return $this->opened($this->travel->total);
    }

    /** Where the leaf stands after it has gone $by of its travel. */
    public function opened(Length $by): Span
    {
        return $this->closed()->shifted($by->times($this->direction));
    }

    public function sweep(): Span
    {
        return $this->closed()->joined($this->open());
    }

    /** The wheels of a leaf that stands at $leaf. */
    public function hangers(Span $leaf): Span
    {
        return $leaf->widened($this->hangerInset->negated());
    }

    /** The edge that moves first when the door closes. */
    public function leading(Span $leaf): Length
    {
        return $this->direction === 1 ? $leaf->low : $leaf->high;
    }

    public function trailing(Span $leaf): Length
    {
        return $this->direction === 1 ? $leaf->high : $leaf->low;
    }

    /** A place on the leaf, measured from its leading edge, in room x. */
    public function fromLeading(Span $leaf, Length $distance): Length
    {
        return $this->leading($leaf)->plus($distance->times($this->direction));
    }

    private function moved(string $name, string $from, Sum $edge): Sum
    {
        $place = Sum::of($name)->place($from, $edge);

        return $this->direction === 1 ? $place->plus('travel', $this->travel) : $place->minus('travel', $this->travel);
    }

    public function mirrored(): self
    {
        return new self(
            $this->right->mirrored(),
            $this->left->mirrored(),
            $this->width,
            $this->hangerInset,
            $this->wanted->mirrored(),
            $this->travel->mirrored(),
            $this->shutStop,
            $this->openStop,
            $this->direction === 1 ? -1 : 1,
            $this->track,
        );
    }
}
