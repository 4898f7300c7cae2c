<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Header;
use YokeLine\Planning\Plan;

/**
 * A board that is longer than what can be had: in as few pieces as may be, jointed on the centres of studs, clear of
 * the rail's bolts.
 */
final readonly class BoardPieces
{
    private const CLEAR_MM = 30;

    /**
     * @param  list<Length>  $joints
     * @param  bool  $canBeHad  whether stock takes it at all, jointed where studs are
     */
    private function __construct(public array $joints, public bool $canBeHad) {}

    public static function of(Plan $plan, Header $header): self
    {
        $stock = $plan->doorway->brief->header->lengths;
        if ($stock === []) {
            return new self([], true);
        }
        $longest = Length::greatest(...$stock);
        $places = self::places(
            $header->span,
            array_map(fn (array $stud) => $stud[0], Holding::studs($plan->doorway->survey)),
            $plan->rail->holes,
        );
        $joints = [];
        $from = $header->span->low;
        while ($header->span->high->minus($from)->isOver($longest)) {
            // As far as a whole board reaches: no other way needs fewer pieces.
            $within = array_values(
                array_filter($places, fn (Length $x) => $x->isOver($from) && ! $x->minus($from)->isOver($longest)),
            );
            if ($within === []) {
                return new self($joints, false);
            }
            $from = $within[count($within) - 1];
            $joints[] = $from;
        }

        return new self($joints, true);
    }

    /**
     * Where a board may be jointed: on the studs behind it, clear of the rail's bolts.
     *
     * @param  list<Length>  $studs  centres
     * @param  list<Length>  $bolts
     * @return list<Length> ascending
     */
    public static function places(Span $board, array $studs, array $bolts): array
    {
        $places = array_values(
            array_filter(
                $studs,
                fn (Length $x) => $x->isOver($board->low) &&
                    $x->isUnder($board->high) &&
                    array_filter(
                        $bolts,
                        fn (Length $bolt) => $bolt->minus($x)->absolute()->isUnder(Length::mm(self::CLEAR_MM)),
                    ) === [],
            ),
        );
        usort($places, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return $places;
    }

    /** @return list<Length> how long each piece is, for the cut list */
    public function lengths(Header $header): array
    {
        $ends = [$header->span->low, ...$this->joints, $header->span->high];

        return array_map(fn (int $i) => (new Span($ends[$i], $ends[$i + 1]))->length(), range(0, count($ends) - 2));
    }
}
