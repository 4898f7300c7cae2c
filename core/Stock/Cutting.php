<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;
use YokeLine\Stock\Packing\Demand;
use YokeLine\Stock\Packing\Effort;
use YokeLine\Stock\Packing\Packing;
use YokeLine\Stock\Packing\Pattern;
use YokeLine\Stock\Packing\Worth;

/**
 * Pieces of one section cut from stock: the fewest bars, then the least length bought, then the longest single off-cut.
 * A bar takes
 * sum(l + kerf)
 * <= stock - 2 end trims + kerf. Each of the three is sought between what no plan can do better and what is found;
 * the search is given so many steps, and says what it proved.
 */
final class Cutting
{
    private const EFFORT = 32_000_000;

    private const FOR_WORTH = 18_000_000;

    private const FOR_A_LOOK = 9_000_000;

    private const FOR_OFFCUT = 8_000_000;

    private readonly Effort $effort;

    private ?Worth $worth = null;

    private function __construct(private readonly Demand $demand, private readonly int $kerf)
    {
        $this->effort = new Effort(self::EFFORT);
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  non-empty-list<Length>  $stock  lengths that can be bought
     *
     * @throws DoesNotFit where a piece is longer than any bar gives
     */
    public static function of(array $pieces, array $stock, Length $kerf, Length $endTrim): CuttingPlan
    {
        return self::parting(array_map(fn (Piece $piece) => [[$piece]], $pieces), $stock, $kerf, $endTrim);
    }

    /**
     * Each board parted one of its ways, whichever serves all best.
     *
     * @param  list<non-empty-list<non-empty-list<Piece>>>  $boards
     * @param  non-empty-list<Length>  $stock
     *
     * @throws DoesNotFit where a piece is longer than any bar gives
     */
    public static function parting(array $boards, array $stock, Length $kerf, Length $endTrim): CuttingPlan
    {
        if ($boards === []) {
            return new CuttingPlan([], 0, Length::zero(), true, true);
        }
        $longest = Length::greatest(...$stock)->minus($endTrim, $endTrim);
        foreach (array_merge(...array_merge(...$boards)) as $piece) {
            if ($piece->length->isOver($longest)) {
                throw new DoesNotFit($piece);
            }
        }
        $lengths = array_map(
            fn (array $splits) => array_map(
                fn (array $split) => array_map(fn (Piece $piece) => $piece->length->nm, $split),
                $splits,
            ),
            $boards,
        );
        $demand = Demand::of($lengths, array_map(fn (Length $length) => $length->nm, $stock), $kerf->nm, $endTrim->nm);

        return (new self($demand, $kerf->nm))->plan($boards);
    }

    /** @param  non-empty-list<non-empty-list<non-empty-list<Piece>>>  $boards */
    private function plan(array $boards): CuttingPlan
    {
        $bound = $this->bound();
        [$packed, $fewest] = $this->fewestBars($bound);
        [$packed, $least] = $this->leastBought($packed);
        [$packed, $longest] = $this->longestRest($packed);
        $isProved = $fewest === count($packed->bars ?? []) && $least === $packed->bought();

        return new CuttingPlan(
            $this->bars($packed, $boards),
            $bound,
            Length::nm($least),
            $isProved,
            $isProved && $longest === $this->rest($packed),
        );
    }

    /**
     * No plan has fewer bars: over every limit t, those too long to share, those that fill more than half, and what is
     * left over.
     */
    private function bound(): int
    {
        $c = $this->demand->longest() - $this->demand->lost;
        $sizes = array_combine($this->demand->sizes, $this->demand->counts);
        $sum = fn (callable $has) => array_sum(array_filter($sizes, $has, ARRAY_FILTER_USE_KEY));
        $best = max(1, intdiv($this->demand->worth($this->demand->sizes) + $c - 1, $c));
        foreach ([0, ...array_filter($this->demand->sizes, fn (int $a) => 2 * $a <= $c)] as $t) {
            $alone = $sum(fn (int $a) => $a > $c - $t);
            $half = $sum(fn (int $a) => 2 * $a > $c && $a <= $c - $t);
            $long = array_sum(
                array_map(
                    fn (int $a, int $count) => $a >= $t && $a <= $c - $t ? $a * $count : 0,
                    array_keys($sizes),
                    $sizes,
                ),
            );
            $best = max($best, $alone + $half + max(0, intdiv($long - $half * $c + $c - 1, $c)));
        }

        return $best;
    }

    /** @return array{Packing, int} from the longest bars, and how many bars at the least there must be */
    private function fewestBars(int $bound): array
    {
        $demand = $this->demand->fromLongest();
        $packed = $this->longestFirst();
        $proved = $bound;
        for ($bars = $bound; $bars < count($packed->bars ?? []); $bars++) {
            $most = $bars * $demand->longest();
            $found = Packing::filled($demand, $bars, $most, $this->effort->part(Packing::A_LOOK));
            $found = $found->isSure
                ? $found
                : Packing::of(
                    $demand,
                    $bars,
                    $most,
                    fn () => Worth::byPatterns($demand, $bars, $this->effort->part(self::FOR_WORTH)),
                    $this->effort,
                );
            if ($found->bars !== null) {
                return [$found, $proved];
            }
            $proved = $found->isSure ? $bars + 1 : $proved;
        }

        return [$packed, $proved];
    }

    /** @return array{Packing, int} in as many bars, and what is bought at the least, nm */
    private function leastBought(Packing $packed): array
    {
        $bars = count($packed->bars ?? []);
        $step = array_reduce($this->demand->stocks, self::commonDivisor(...), 0);
        $up = fn (int $bought) => intdiv($bought + $step - 1, $step) * $step;
        $from = max($up(Worth::asLong($this->demand)->bound($this->demand, $bars)), $bars * $this->demand->stocks[0]);
        $packed = $this->quicklyBought($this->inShortest($packed), $from, $step);
        // From the least on in strides that double while nothing is found, then half way.
        for (
            $least = $try = $from, $stride = 0;
            $from < $packed->bought();
            $try = $from + min($stride, intdiv(intdiv($packed->bought() - $from, $step), 2) * $step)
        ) {
            $found = Packing::of($this->demand, $bars, $try, fn () => $this->worth($bars), $this->effort);
            if ($found->bars !== null) {
                [$packed, $stride] = [$found, PHP_INT_MAX];

                continue;
            }
            $from = $try + $step;
            $least = $found->isSure ? $from : $least;
            $stride = min(intdiv(PHP_INT_MAX, 2), $stride + intdiv($stride, 2)) + $step;
            $bound = $this->worth === null ? 0 : $up($this->worth->bound($this->demand, $bars));
            if ($bound >= $from) {
                [$from, $least, $stride] = [$bound, max($least, $bound), 0];
            }
        }

        return [$packed, $least];
    }

    /** Where patterns are many, what one look finds. */
    private function quicklyBought(Packing $packed, int $from, int $step): Packing
    {
        $bars = count($packed->bars ?? []);
        for (
            $try = $from, $stride = $step;
            $try < $packed->bought() && Packing::hasMany($this->demand, $bars);
            $try += $stride, $stride *= 2
        ) {
            $found = Packing::filled($this->demand, $bars, $try, $this->effort->part(self::FOR_A_LOOK));
            $packed = $found->bars === null ? $packed : $found;
        }

        return $packed;
    }

    private function worth(int $bars): Worth
    {
        return $this->worth ??= Worth::byPatterns($this->demand, $bars, $this->effort->part(self::FOR_WORTH));
    }

    /** @return array{Packing, int} bought alike, and how long at the most the longest off-cut may be, nm */
    private function longestRest(Packing $packed): array
    {
        $bars = count($packed->bars ?? []);
        $bought = $packed->bought();
        // All that is left over in one bar.
        $longest = $most = min(
            $bought - Worth::asLong($this->demand)->bound($this->demand, $bars),
            $this->demand->longest() - $this->demand->lost,
        );
        $effort = $this->effort->part(self::FOR_OFFCUT);
        for (
            $try = $this->rest($packed) + 1;
            $this->rest($packed) < $most && ! $effort->isSpent();
            $try = intdiv($this->rest($packed) + $most + 1, 2)
        ) {
            $found = Packing::of(
                $this->demand->leaving($try),
                $bars,
                $bought,
                fn () => $this->worth($bars)->leaving($this->demand, $try, $effort),
                $effort,
            );
            if ($found->bars !== null) {
                $packed = $found->withoutRest($this->demand->placeOf($try));
            } else {
                $most = $try - 1;
                $longest = $found->isSure ? $most : $longest;
            }
        }

        return [$packed, $longest];
    }

    /**
     * Each piece into the bar that it fills best, the longest first, boards parted their first way: quick, and rarely
     * the fewest.
     */
    private function longestFirst(): Packing
    {
        $counts = $this->demand->counts;
        $packed = Packing::found([]);
        foreach ($this->demand->boards as $kind => $board) {
            for ($nth = 0; $nth < $board['count']; $nth++) {
                $packed = $packed->parted($kind, 0);
                foreach ($board['splits'][0] as $i => $count) {
                    $counts[$i] += $count;
                }
            }
        }
        $rooms = $bars = [];
        foreach ($counts as $i => $count) {
            for ($size = $this->demand->sizes[$i]; $count > 0; $count--) {
                $fits = array_filter($rooms, fn (int $room) => $room >= $size);
                $in = $fits === [] ? count($rooms) : (int) array_search(min($fits), $fits, true);
                $rooms[$in] = ($rooms[$in] ?? $this->demand->longest() - $this->demand->lost) - $size;
                $bars[$in][$i] = ($bars[$in][$i] ?? 0) + 1;
            }
        }

        return array_reduce(
            $bars,
            fn (Packing $all, array $in) => $all->and(new Pattern(0, $this->demand->longest(), $in)),
            $packed,
        );
    }

    /** Every bar as short as takes what is cut from it. */
    private function inShortest(Packing $packed): Packing
    {
        $shortest = fn (Pattern $bar) => array_values(
            array_filter($this->demand->stocks, fn (int $stock) => $stock - $this->demand->lost >= $this->sum($bar)),
        )[0];

        return $packed->from(
            array_map(fn (Pattern $bar) => new Pattern($bar->loss, $shortest($bar), $bar->counts), $packed->bars ?? []),
        );
    }

    private function sum(Pattern $bar): int
    {
        return array_sum(
            array_map(
                fn (int $i, int $count) => $this->demand->sizes[$i] * $count,
                array_keys($bar->counts),
                $bar->counts,
            ),
        );
    }

    /** The longest off-cut. */
    private function rest(Packing $packed): int
    {
        return max(
            0,
            ...array_map(
                fn (Pattern $bar) => $bar->stock - $this->demand->lost - $this->sum($bar),
                $packed->bars ?? [],
            ),
        );
    }

    private static function commonDivisor(int $a, int $b): int
    {
        return $b === 0 ? $a : self::commonDivisor($b, $a % $b);
    }

    /**
     * @param  non-empty-list<non-empty-list<non-empty-list<Piece>>>  $boards
     * @return list<Bar> the longest first
     */
    private function bars(Packing $packed, array $boards): array
    {
        $pieces = [];
        $splits = $packed->splits;
        foreach ($boards as $nth => $ways) {
            [$kind, $splitOf] = $this->demand->places[$nth];
            $way = $kind === null ? 0 : (int) array_search(array_pop($splits[$kind]), $splitOf, true);
            foreach ($ways[$way] as $piece) {
                $pieces[$piece->length->nm + $this->kerf][] = $piece;
            }
        }
        $bars = [];
        foreach ($packed->bars ?? [] as $bar) {
            $in = [];
            $counts = $bar->counts;
            ksort($counts);
            foreach ($counts as $i => $count) {
                array_push($in, ...array_splice($pieces[$this->demand->sizes[$i]], 0, $count));
            }
            $bars[] = new Bar(
                Length::nm($bar->stock),
                $in,
                Length::nm($bar->stock - $this->demand->lost - $this->sum($bar)),
            );
        }
        usort(
            $bars,
            fn (Bar $a, Bar $b) => [$b->stock->nm, $b->pieces[0]->length->nm] <=> [
                $a->stock->nm,
                $a->pieces[0]->length->nm,
            ],
        );

        return $bars;
    }
}
