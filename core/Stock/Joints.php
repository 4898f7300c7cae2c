<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Holding\BoardPieces;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * Where a board that is longer than any bar may be jointed: on studs, clear of the rail's bolts, in as few pieces as
 * may be.
 */
final class Joints
{
    /** Of a wall with studs beyond number not every way is weighed. */
    public const MOST = 500;

    /**
     * @param  list<Length>  $studs  centres
     * @param  list<Length>  $bolts
     * @param  Length  $longest  piece that a bar gives
     * @return list<non-empty-list<Length>> the lengths of its pieces, left to right: every choice with the fewest, up
     *   to MOST; [] where none is
     */
    public static function splits(Span $board, array $studs, array $bolts, Length $longest): array
    {
        if (! $board->length()->isOver($longest)) {
            return [[$board->length()]];
        }
        $places = BoardPieces::places($board, $studs, $bolts);
        $count = self::fewest($board, $places, $longest);
        $found = [];
        foreach (
            $count === null ? [] : self::choices($board->low, $board->high, $places, $count, $longest) as $pieces
        ) {
            $found[] = $pieces;
            if (count($found) === self::MOST) {
                break;
            }
        }

        return $found;
    }

    /**
     * How many joints there must be: each as far on as a whole bar reaches.
     *
     * @param  list<Length>  $places  ascending
     */
    private static function fewest(Span $board, array $places, Length $longest): ?int
    {
        $from = $board->low;
        for ($count = 0; $board->high->minus($from)->isOver($longest); $count++) {
            $reach = array_filter($places, fn (Length $x) => $x->isOver($from) && ! $x->minus($from)->isOver($longest));
            if ($reach === []) {
                return null;
            }
            $from = $reach[array_key_last($reach)];
        }

        return $count;
    }

    /**
     * @param  list<Length>  $places  ascending
     * @return iterable<non-empty-list<Length>>
     */
    private static function choices(Length $from, Length $to, array $places, int $count, Length $longest): iterable
    {
        if ($to->minus($from)->nm > ($count + 1) * $longest->nm) {
            return;
        }
        if ($count === 0) {
            yield [$to->minus($from)];

            return;
        }
        foreach ($places as $i => $place) {
            if ($place->minus($from)->isOver($longest)) {
                return;
            }
            foreach (self::choices($place, $to, array_slice($places, $i + 1), $count - 1, $longest) as $rest) {
                yield [$place->minus($from), ...$rest];
            }
        }
    }
}
