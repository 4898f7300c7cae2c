<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Anchoring\BoardPieces;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Where a board that is longer than any bar may be jointed: on studs, clear of the rail's bolts, in as few pieces as may be. */
final class Joints
{
    /**
     * @param  list<Length>  $studs  centres
     * @param  list<Length>  $bolts
     * @param  Length  $longest  piece that a bar gives
     * @return list<list<Length>> the lengths of its pieces, left to right: every choice with the fewest; [] where none is
     */
    public static function splits(Span $board, array $studs, array $bolts, Length $longest): array
    {
        if (! $board->length()->isOver($longest)) {
            return [[$board->length()]];
        }
        $places = BoardPieces::places($board, $studs, $bolts);
        for ($count = 1; $count <= count($places); $count++) {
            $found = [];
            foreach (self::choices($places, $count) as $joints) {
                $ends = [$board->low, ...$joints, $board->high];
                $pieces = array_map(fn (int $i) => $ends[$i + 1]->minus($ends[$i]), range(0, $count));
                if (array_filter($pieces, fn (Length $piece) => $piece->isOver($longest)) === []) {
                    $found[] = $pieces;
                }
            }
            if ($found !== []) {
                return $found;
            }
        }

        return [];
    }

    /**
     * @param  list<Length>  $places
     * @return iterable<list<Length>>
     */
    private static function choices(array $places, int $count, int $from = 0): iterable
    {
        if ($count === 0) {
            yield [];

            return;
        }
        for ($i = $from; $i <= count($places) - $count; $i++) {
            foreach (self::choices($places, $count - 1, $i + 1) as $rest) {
                yield [$places[$i], ...$rest];
            }
        }
    }
}
