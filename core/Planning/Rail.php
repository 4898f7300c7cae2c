<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\RailKit;
use YokeLine\Doorway\RailReach;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** The rail: how long, in how many pieces, where it lies and where its holes are. */
final readonly class Rail
{
    /**
     * @param  non-empty-list<Length>  $pieces  how long each is, from the left
     * @param  list<Length>  $holes  room x, ascending
     * @param  'stock'|'cut'  $origin
     */
    private function __construct(
        public Span $span,
        public Sum $left,
        public Sum $right,
        public Sum $least,
        public Sum $length,
        public array $pieces,
        public array $holes,
        public string $origin,
        public bool $canBeHad,
    ) {}

    public static function of(Room $room, Layout $layout, RailKit $kit, Grid $grid, RailReach $reach): self
    {
        $least = Sum::of('least-rail')
            ->place('least-rail-to', $layout->railTo)
            ->fromPlace('least-rail-from', $layout->railFrom);
        $longest = Length::least(Length::greatest(...$kit->lengths), $room->wall->length());
        $enough = array_values(
            array_filter(
                $kit->lengths,
                fn (Length $stock) => ! $stock->isUnder($least->total) && ! $stock->isOver($longest),
            ),
        );
        $length =
            $reach === RailReach::Wall
                ? $least->becomes(
                    Length::greatest($least->total, $room->wall->length()->roundedDownTo($grid->railStep())),
                    'whole-wall',
                )
                : ($enough === []
                    ? $least->becomes(
                        self::madeUp($layout->leastRail(), $room->wall->length(), $kit, $grid),
                        'made-up',
                    )
                    : $least->becomes(Length::least(...$enough), 'least-stock'));
        $isStock = in_array($length->total->nm, array_map(fn (Length $stock) => $stock->nm, $kit->lengths), true);
        $slack = $length->total->minus($least->total);
        $length = $length->renamed('rail-length');
        $shared = Sum::of('rail-left-end')
            ->place('least-rail-from', $layout->railFrom)
            ->minus('half-what-it-is-longer', $slack->half());
        $span = Span::from($shared->total, $length->total)->heldInside($room->wall);
        $span = Span::from(
            $grid->nearestLeft(
                self::range($room->wall, $layout->leastRail(), $length->total),
                $length->total,
                $span->low,
            ),
            $length->total,
        );
        $left = $shared->becomes($span->low, 'held-inside');
        $right = Sum::of('rail-right-end')->place('rail-left-end', $left)->plus('rail-length', $length);
        $pieces = $kit->piecesOf($length->total);
        $isCut = ! $isStock && ! $grid->isFree();
        $holes = self::holes($span, $pieces, $kit);

        return new self(
            $span,
            $left,
            $right,
            $least,
            $length,
            $pieces,
            $isCut ? $grid->holes($holes, $span, $pieces, $kit) : $holes,
            $isStock ? 'stock' : 'cut',
            $isStock || $kit->cuttable,
        );
    }

    /** Where its left end may lie so that it covers what it must; between the wall's ends where it is too short. */
    public static function range(Span $wall, Span $least, Length $length): Span
    {
        $low = Length::greatest($wall->low, $least->high->minus($length));
        $high = Length::least($least->low, $wall->high->minus($length));

        return $high->isUnder($low) ? new Span($wall->low, $wall->high->minus($length)) : new Span($low, $high);
    }

    /** What no stock length serves: the least up to what rails are cut to, in the fewest pieces, inside the wall. */
    private static function madeUp(Span $least, Length $wall, RailKit $kit, Grid $grid): Length
    {
        if ($grid->isFree()) {
            return Length::least($least->length()->roundedUpTo($grid->railStep()), $wall);
        }
        $needed = $grid->up($least->high)->minus($grid->down($least->low));
        $longest = Length::greatest(...$kit->lengths);
        $count = $needed->isOver($kit->spliceOver) ? max(2, $needed->stepsOf($longest)) : 1;
        $piece = Length::nm(-intdiv(-$needed->nm, $count))->roundedUpTo($grid->railStep());
        $whole = Length::least($piece, $count > 1 ? $longest : $piece)->times($count);

        return $whole->isOver($wall) ? $grid->down(Length::nm(intdiv($wall->nm, $count)))->times($count) : $whole;
    }

    /** The same rail with its left end elsewhere in its slack, and its holes with it. */
    public function slidTo(Length $left): self
    {
        $by = $left->minus($this->span->low);

        return $by->isZero()
            ? $this
            : new self(
                $this->span->shifted($by),
                $this->left->becomes($left, 'slid-to-hold'),
                $this->right->becomes($this->right->total->plus($by), 'slid-by-hand'),
                $this->least,
                $this->length,
                $this->pieces,
                array_map(fn (Length $hole) => $hole->plus($by), $this->holes),
                $this->origin,
                $this->canBeHad,
            );
    }

    /** Another stock length of the same kit, in one piece or as many as it needs, with the holes it has. */
    public function ofLength(Length $left, Length $length, RailKit $kit): self
    {
        $pieces = $kit->piecesOf($length);
        $span = Span::from($left, $length);

        return new self(
            $span,
            $this->left,
            $this->right,
            $this->least,
            $this->length,
            $pieces,
            self::holes($span, $pieces, $kit),
            'stock',
            true,
        );
    }

    /** @param  list<Length>  $holes  room x, ascending */
    public function drilledAt(array $holes): self
    {
        return new self(
            $this->span,
            $this->left,
            $this->right,
            $this->least,
            $this->length,
            $this->pieces,
            $holes,
            $this->origin,
            $this->canBeHad,
        );
    }

    /** Whether it is of a length that nobody stocks. */
    public function isCut(): bool
    {
        return $this->origin === 'cut';
    }

    /** The two holes that a place on the rail lies between, counted from the left; null past the outer ones. */
    public function bayOf(Length $x): ?int
    {
        foreach ($this->holes as $i => $hole) {
            if ($i > 0 && $this->holes[$i - 1]->isUnder($x) && ! $hole->isUnder($x)) {
                return $i;
            }
        }

        return null;
    }

    /** @return list<Span> the pieces where they lie, from the left */
    public function lying(): array
    {
        return self::inRow($this->span, $this->pieces);
    }

    /** @return list<Length> where two pieces meet */
    public function joints(): array
    {
        return array_map(fn (Span $piece) => $piece->low, array_slice($this->lying(), 1));
    }

    /**
     * @param  list<Length>  $pieces
     * @return list<Span> the last one ends where the rail does
     */
    public static function inRow(Span $rail, array $pieces): array
    {
        $row = [];
        $at = $rail->low;
        foreach ($pieces as $piece) {
            $row[] = new Span($at, $at->plus($piece));
            $at = $at->plus($piece);
        }

        return $row;
    }

    /** @return list<Length> of one bar as it is sold, from its left end */
    public static function holesOfBar(Length $bar, RailKit $kit): array
    {
        return self::holes(Span::from(Length::zero(), $bar), [$bar], $kit);
    }

    /**
     * @param  list<Length>  $pieces
     * @return list<Length> first and last `firstHole` from the ends of each piece, the rest evenly between
     */
    private static function holes(Span $rail, array $pieces, RailKit $kit): array
    {
        $holes = [];
        foreach (self::inRow($rail, $pieces) as $piece) {
            if ($kit->holesAt !== []) {
                array_push(
                    $holes,
                    ...array_filter(
                        array_map($piece->low->plus(...), $kit->holesAt),
                        fn (Length $hole) => $hole->isUnder($piece->high),
                    ),
                );

                continue;
            }
            $from = $piece->low->plus($kit->firstHole);
            $run = $piece->high->minus($kit->firstHole, $from);
            if (! $run->isPositive()) {
                // No room for two: one in the middle.
                $holes[] = $piece->middle();

                continue;
            }
            $bays = max(1, $run->stepsOf($kit->maxSpacing));
            for ($i = 0; $i <= $bays; $i++) {
                $holes[] = $from->plus($run->scaled($i, $bays));
            }
        }

        return $holes;
    }
}
