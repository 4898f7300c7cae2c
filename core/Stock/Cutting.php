<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;

/**
 * Pieces of one section cut from stock: the fewest bars, then the least length bought, then the longest single off-cut.
 *
 * A bar takes sum(l + kerf) <= stock - 2 end trims + kerf. The search goes bar by bar, each filled round the longest piece left so that
 * nothing more would fit; it is given so many steps, and says whether it came to its end.
 */
final class Cutting
{
    private const STEPS = 400_000;

    /** Every choice of what shares the bar with the longest off-cut is tried up to so many pieces. */
    private const ALL_CHOICES_OF = 14;

    private int $steps = 0;

    /** @var array<string, true> what is left to pack and into what, that was tried in vain */
    private array $inVain = [];

    /**
     * @param  list<int>  $sizes  with the kerf, nm, descending
     * @param  non-empty-list<int>  $stocks  nm, ascending
     */
    private function __construct(private readonly array $sizes, private readonly array $stocks, private readonly int $kerf, private readonly int $trim) {}

    /**
     * @param  list<Piece>  $pieces
     * @param  non-empty-list<Length>  $stock  lengths that can be bought
     *
     * @throws DoesNotFit where a piece is longer than any bar gives
     */
    public static function of(array $pieces, array $stock, Length $kerf, Length $endTrim): CuttingPlan
    {
        usort($pieces, fn (Piece $a, Piece $b) => $b->length->nm <=> $a->length->nm);
        $stocks = array_values(array_unique(array_map(fn (Length $length) => $length->nm, $stock)));
        sort($stocks);
        $cutting = new self(array_map(fn (Piece $piece) => $piece->length->nm + $kerf->nm, $pieces), $stocks, $kerf->nm, $endTrim->nm);
        if ($pieces !== [] && $cutting->sizes[0] > $cutting->takes(max($stocks))) {
            throw DoesNotFit::longerThanAnyBar($pieces[0]->for);
        }

        return $cutting->plan($pieces);
    }

    /** @param  list<Piece>  $pieces  the longest first */
    private function plan(array $pieces): CuttingPlan
    {
        if ($pieces === []) {
            return new CuttingPlan([], 0, Length::zero(), true);
        }
        $bound = $this->bound();
        $boughtBound = null;
        $isProved = true;
        for ($bars = $bound; ; $bars++) {
            $most = array_fill(0, $bars, max($this->stocks));
            $packed = $this->pack($this->sizes, $most);
            $isProved = $isProved && $this->stepsLeft() > 0;
            if ($packed === null) {
                // Where the search was cut short, longest first always comes to an end.
                $packed = $this->stepsLeft() === 0 && $bars >= count($this->longestFirst()) ? $this->longestFirst() : null;
                if ($packed === null) {
                    continue;
                }
            }
            foreach ($this->choices($bars) as $choice) {
                $boughtBound ??= array_sum($choice);
                $cheaper = $this->pack($this->sizes, $choice);
                $isProved = $isProved && $this->stepsLeft() > 0;
                if ($cheaper !== null && $cheaper !== []) {
                    $packed = $this->withLongOffcut($choice, $cheaper, $isProved);
                    break;
                }
            }

            return new CuttingPlan($this->bars($packed, $pieces), $bound, Length::nm($boughtBound ?? $bars * max($this->stocks)), $isProved);
        }
    }

    /** How much, kerfs counted in, a bar takes. */
    private function takes(int $stock): int
    {
        return $stock - 2 * $this->trim + $this->kerf;
    }

    /** No plan has fewer bars: over every limit t, those too long to share, those that fill more than half, and what is left over. */
    private function bound(): int
    {
        $c = $this->takes(max($this->stocks));
        $best = 1;
        foreach (array_unique([0, ...array_filter($this->sizes, fn (int $a) => 2 * $a <= $c)]) as $t) {
            $alone = count(array_filter($this->sizes, fn (int $a) => $a > $c - $t));
            $half = count(array_filter($this->sizes, fn (int $a) => 2 * $a > $c && $a <= $c - $t));
            $sum = array_sum(array_filter($this->sizes, fn (int $a) => $a >= $t && $a <= $c - $t));
            $best = max($best, $alone + $half + max(0, intdiv($sum - $half * $c + $c - 1, $c)));
        }

        return $best;
    }

    /**
     * Every choice of so many bars that could hold it all, the least bought first.
     *
     * @return list<list<int>> stock lengths, descending
     */
    private function choices(int $bars): array
    {
        /** @var list<list<int>> $found */
        $found = [];
        $choose = function (int $left, int $from, array $chosen) use (&$choose, &$found): void {
            if ($left === 0) {
                if (array_sum(array_map($this->takes(...), $chosen)) >= array_sum($this->sizes)) {
                    $found[] = array_map(intval(...), array_values(array_reverse($chosen)));
                }

                return;
            }
            for ($i = $from; $i < count($this->stocks); $i++) {
                $choose($left - 1, $i, [...$chosen, $this->stocks[$i]]);
            }
        };
        // Too many to tell one by one: then only bars of one length are weighed.
        if (count($this->stocks) > 1 && $bars > 12) {
            foreach ($this->stocks as $stock) {
                if ($bars * $this->takes($stock) >= array_sum($this->sizes)) {
                    $found[] = array_fill(0, $bars, $stock);
                }
            }
        } else {
            $choose($bars, 0, []);
        }
        usort($found, fn (array $a, array $b) => array_sum($a) <=> array_sum($b));

        return $found;
    }

    /**
     * @param  list<int>  $sizes  descending
     * @param  list<int>  $stocks
     * @return ?list<array{int, list<int>}> bars: stock and sizes; null where it cannot be, or was not found in time
     *
     * @phpstan-impure
     */
    private function pack(array $sizes, array $stocks): ?array
    {
        $this->steps = 0;
        $this->inVain = [];

        return $this->fill($sizes, $stocks, array_sum(array_map($this->takes(...), $stocks)) - array_sum($sizes));
    }

    private function stepsLeft(): int
    {
        return max(0, self::STEPS - $this->steps);
    }

    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $stocks
     * @return ?list<array{int, list<int>}>
     *
     * @phpstan-impure
     */
    private function fill(array $sizes, array $stocks, int $slack): ?array
    {
        if ($sizes === []) {
            return array_map(fn (int $stock) => [$stock, []], $stocks);
        }
        if ($slack < 0 || $stocks === [] || $this->stepsLeft() === 0) {
            return null;
        }
        $key = implode(',', $sizes).'|'.implode(',', $stocks);
        if (isset($this->inVain[$key])) {
            return null;
        }
        foreach (array_unique($stocks) as $at => $stock) {
            $room = $this->takes($stock) - $sizes[0];
            if ($room < 0) {
                continue;
            }
            $others = $stocks;
            array_splice($others, $at, 1);
            foreach ($this->fillings(array_slice($sizes, 1), $room, $slack) as $taken) {
                $left = [];
                foreach (array_slice($sizes, 1, preserve_keys: false) as $i => $size) {
                    if (! in_array($i, $taken, true)) {
                        $left[] = $size;
                    }
                }
                $rest = array_slice($sizes, 1);
                $in = array_map(fn (int $i) => $rest[$i], $taken);
                $packed = $this->fill($left, $others, $slack - ($room - array_sum($in)));
                if ($packed !== null) {
                    return [[$stock, [$sizes[0], ...$in]], ...$packed];
                }
                if ($this->stepsLeft() === 0) {
                    return null;
                }
            }
        }
        $this->inVain[$key] = true;

        return null;
    }

    /**
     * What else goes into a bar so that nothing more does, the fullest first.
     *
     * @param  list<int>  $sizes  descending
     * @return list<list<int>> places in the list
     */
    private function fillings(array $sizes, int $room, int $slack): array
    {
        $count = count($sizes);
        $after = array_fill(0, $count + 1, 0);
        for ($i = $count - 1; $i >= 0; $i--) {
            $after[$i] = $after[$i + 1] + $sizes[$i];
        }
        /** @var list<array{int, list<int>}> $found */
        $found = [];
        $walk = function (int $i, int $left, array $taken, int $leastLeftOut) use (&$walk, &$found, $sizes, $count, $after, $slack): void {
            if (++$this->steps >= self::STEPS || $left - $after[$i] > $slack) {
                return;
            }
            if ($i === $count) {
                // Full: the least of those left out does not fit either.
                if ($left < $leastLeftOut) {
                    $found[] = [$left, array_map(intval(...), array_values($taken))];
                }

                return;
            }
            if ($sizes[$i] <= $left) {
                $walk($i + 1, $left - $sizes[$i], [...$taken, $i], $leastLeftOut);
            }
            // Of alike pieces the first are taken: leaving one out leaves out all.
            $next = $i + 1;
            while ($next < $count && $sizes[$next] === $sizes[$i]) {
                $next++;
            }
            $walk($next, $left, $taken, $sizes[$i]);
        };
        $walk(0, $room, [], PHP_INT_MAX);
        usort($found, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return array_column($found, 1);
    }

    /**
     * The same bars, packed so that one off-cut is as long as may be.
     *
     * @param  list<int>  $stocks
     * @param  non-empty-list<array{int, list<int>}>  $packed
     * @return list<array{int, list<int>}>
     */
    private function withLongOffcut(array $stocks, array $packed, bool &$isProved): array
    {
        $slack = array_sum(array_map($this->takes(...), $stocks)) - array_sum($this->sizes);
        $best = max(0, ...array_map(fn (array $bar) => $this->takes($bar[0]) - array_sum($bar[1]), $packed));
        if ($slack === $best) {
            return $packed;
        }
        $tried = [];
        foreach ($this->shares() as [$sum, $share]) {
            foreach (array_unique($stocks) as $at => $stock) {
                $offcut = $this->takes($stock) - $sum;
                if ($offcut <= $best || $offcut > $slack) {
                    continue;
                }
                $tried[] = [$offcut, $at, $stock, $share];
            }
        }
        usort($tried, fn (array $a, array $b) => $b[0] <=> $a[0]);
        foreach ($tried as [, $at, $stock, $share]) {
            $others = $stocks;
            array_splice($others, $at, 1);
            $left = array_values(array_diff_key($this->sizes, array_flip($share)));
            $rest = $this->pack($left, $others);
            if ($rest !== null) {
                return [[$stock, array_map(fn (int $i) => $this->sizes[$i], $share)], ...$rest];
            }
            $isProved = $isProved && $this->stepsLeft() > 0;
        }
        $isProved = $isProved && count($this->sizes) <= self::ALL_CHOICES_OF;

        return $packed;
    }

    /** @return list<array{int, list<int>}> what could share a bar with a long off-cut: sum, places */
    private function shares(): array
    {
        $count = count($this->sizes);
        $found = [];
        if ($count <= self::ALL_CHOICES_OF) {
            for ($set = 1; $set < 1 << $count; $set++) {
                $share = array_values(array_filter(range(0, $count - 1), fn (int $i) => ($set >> $i & 1) === 1));
                $found[implode(',', array_map(fn (int $i) => $this->sizes[$i], $share))] = [array_sum(array_map(fn (int $i) => $this->sizes[$i], $share)), $share];
            }

            return array_values($found);
        }
        for ($i = 0; $i < $count; $i++) {
            $found["{$this->sizes[$i]}"] = [$this->sizes[$i], [$i]];
            for ($j = $i + 1; $j < $count; $j++) {
                $found["{$this->sizes[$i]},{$this->sizes[$j]}"] = [$this->sizes[$i] + $this->sizes[$j], [$i, $j]];
            }
        }

        return array_values($found);
    }

    /** @return list<array{int, list<int>}> each piece into the first bar that takes it: quick, and rarely the fewest */
    private function longestFirst(): array
    {
        $stock = max($this->stocks);
        $filled = [];
        foreach ($this->sizes as $size) {
            foreach ($filled as $i => $sizes) {
                if (array_sum($sizes) + $size <= $this->takes($stock)) {
                    $filled[$i][] = $size;

                    continue 2;
                }
            }
            $filled[] = [$size];
        }

        return array_values(array_map(fn (array $sizes) => [$stock, $sizes], $filled));
    }

    /**
     * @param  list<array{int, list<int>}>  $packed
     * @param  list<Piece>  $pieces
     * @return list<Bar>
     */
    private function bars(array $packed, array $pieces): array
    {
        $bars = [];
        foreach ($packed as [$stock, $sizes]) {
            $in = [];
            foreach ($sizes as $size) {
                foreach ($pieces as $i => $piece) {
                    if ($piece->length->nm + $this->kerf === $size) {
                        $in[] = $piece;
                        unset($pieces[$i]);
                        break;
                    }
                }
            }
            if ($in !== []) {
                $bars[] = new Bar(Length::nm($stock), $in, Length::nm($this->takes($stock) - array_sum($sizes)));
            }
        }
        usort($bars, fn (Bar $a, Bar $b) => [$b->stock->nm, $b->pieces[0]->length->nm] <=> [$a->stock->nm, $a->pieces[0]->length->nm]);

        return $bars;
    }
}
