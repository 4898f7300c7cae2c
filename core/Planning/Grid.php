<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\RailKit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;

/**
 * Where things that are set out begin, on tapes that show fractions: sizes are clean, then starts, then ends follow
 * (the trade's rules page 7, section 2). In millimetres a place is what it comes to.
 */
final readonly class Grid
{
    private const RAIL_MM = 5;

    /**
     * @param  ?Length  $step  between its places, which go through the zeros of the axes; null in millimetres
     * @param  bool  $fromRight  the door opens left: it is worked as its mirror image, and its rail begins at the right
     */
    private function __construct(private ?Length $step, private bool $fromRight) {}

    public static function of(Doorway $doorway): self
    {
        $brief = $doorway->brief;

        return new self(
            $doorway->units === Unit::Inch ? $doorway->step() : null,
            $brief->hang->beginsAtRight($brief->opens),
        );
    }

    /** The same where the mirror image is worked. */
    public function worked(): self
    {
        return new self($this->step, false);
    }

    public function isFree(): bool
    {
        return $this->step === null;
    }

    /** Half a step goes the way the door opens. */
    public function nearest(Length $place): Length
    {
        return match (true) {
            $this->step === null => $place,
            $this->fromRight => $place->negated()->roundedTo($this->step)->negated(),
            default => $place->roundedTo($this->step),
        };
    }

    /** Up the wall half a step goes up. */
    public function nearestUp(Length $height): Length
    {
        return $this->step === null ? $height : $height->roundedTo($this->step);
    }

    public function down(Length $length): Length
    {
        return $this->step === null ? $length : $length->roundedDownTo($this->step);
    }

    public function up(Length $length): Length
    {
        return $this->step === null ? $length : $length->roundedUpTo($this->step);
    }

    /** Up to what any tape in inches reads: for what is taken off on site. */
    public function upToSixteenth(Length $length): Length
    {
        return $this->step === null ? $length : $length->roundedUpTo(Unit::Inch->step());
    }

    /** Down to what any tape in inches reads: for what is left of something that is cut on site. */
    public function downToSixteenth(Length $length): Length
    {
        return $this->step === null ? $length : $length->roundedDownTo(Unit::Inch->step());
    }

    /** A place that something starts at. */
    public function start(Sum $place): Sum
    {
        return $place->becomes($this->nearest($place->total), 'on-the-tape');
    }

    /** A height that something starts at. */
    public function startUp(Sum $height): Sum
    {
        return $height->becomes($this->nearestUp($height->total), 'on-the-tape');
    }

    /** What a leaf that is made to order is made up to. */
    public function leafStep(): Length
    {
        return $this->step === null
            ? Unit::Millimetre->step()
            : Length::greatest($this->step, Unit::Inch->step());
    }

    /** What a rail that is cut to measure is cut up to. */
    public function railStep(): Length
    {
        return $this->step === null ? Length::mm(self::RAIL_MM) : Length::sixteenths(2);
    }

    /** A board from its start, as long as its rail to the nearest and what it goes past it; inside the wall. */
    public function board(Length $left, Length $right, Rail $rail, Span $wall): Span
    {
        if ($this->step === null) {
            return (new Span($left, $right))->cutTo($wall);
        }
        $past = $rail->span->low->minus($left);
        $long = $this->nearest($rail->span->length())->plus($past->times(2));
        $span = $this->fromRight ? new Span($right->minus($long), $right) : new Span($left, $left->plus($long));

        return new Span(
            Length::greatest($span->low, $this->up($wall->low)),
            Length::least($span->high, $this->down($wall->high)),
        );
    }

    /**
     * Holes of a rail that is cut to measure, piece by piece: the outer ones `first` from its ends, the others on the
     * tape from the end it starts at.
     *
     * @param  list<Length>  $holes
     * @param  list<Length>  $pieces
     * @return list<Length>
     */
    public function holes(array $holes, Span $rail, array $pieces, RailKit $kit): array
    {
        $first = $this->nearest($kit->firstHole);
        $found = [];
        foreach (Rail::inRow($rail, $pieces) as $piece) {
            $inside = array_values(array_filter($holes, $piece->contains(...)));
            foreach ($inside as $i => $hole) {
                $found[] = match (true) {
                    count($inside) === 1 => $this->from($piece, $hole),
                    $i === 0 => $piece->low->plus($first),
                    $i === count($inside) - 1 => $piece->high->minus($first),
                    default => $this->from($piece, $hole),
                };
            }
        }

        return $found;
    }

    /** A place on a piece, to the nearest from the end that it starts at. */
    private function from(Span $piece, Length $place): Length
    {
        return $this->fromRight
            ? $piece->high->minus($this->nearestUp($piece->high->minus($place)))
            : $piece->low->plus($this->nearestUp($place->minus($piece->low)));
    }

    /**
     * Where the ends of a thing are marked: its start on the tape, its end as long from there as it is said to be.
     *
     * @param  bool  $fromRight  it starts at its right end
     * @return array{Length, Length}
     */
    public function ends(Span $thing, bool $fromRight): array
    {
        if ($this->step === null) {
            return [$thing->low, $thing->high];
        }
        $long = $thing->length()->roundedTo($this->step);
        if ($fromRight) {
            $start = $this->nearest($thing->high);

            return [$start->minus($long), $start];
        }
        $start = $this->nearest($thing->low);

        return [$start, $start->plus($long)];
    }

    /**
     * The same of what starts where the rail does.
     *
     * @return array{Length, Length}
     */
    public function endsAsRail(Span $thing): array
    {
        return $this->ends($thing, $this->fromRight);
    }

    /**
     * Left ends of a rail whose start is on the grid, from the left.
     *
     * @return list<Length>
     */
    public function lefts(Span $range, Length $length): array
    {
        if ($this->step === null || $range->high->isUnder($range->low)) {
            return [];
        }
        $off = $this->fromRight ? $length : Length::zero();
        $lefts = [];
        for (
            $start = $range->low->plus($off)->roundedUpTo($this->step);
            ! $start->minus($off)->isOver($range->high);
            $start = $start->plus($this->step)
        ) {
            $lefts[] = $start->minus($off);
        }

        return $lefts;
    }

    /** Of the left ends in a range the one nearest to where the rail is evenly shared; as it falls where none is. */
    public function nearestLeft(Span $range, Length $length, Length $shared): Length
    {
        $best = null;
        foreach ($this->lefts($range, $length) as $left) {
            $off = abs($left->nm - $shared->nm);
            // A tie goes the way the door opens.
            $isNearer = $best === null || $off < $best[1] || ($off === $best[1] && ! $this->fromRight);
            $best = $isNearer ? [$left, $off] : $best;
        }

        return $best === null ? $shared : $best[0];
    }
}
