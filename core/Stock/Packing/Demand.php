<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/**
 * What is to be cut from what: every length that comes up, the longest first, how often it is wanted anyway, and the
 * boards that may be parted in
 * more ways than one. All in nm, a kerf added to each length: so a bar takes S - 2 end trims + kerf.
 */
final readonly class Demand
{
    /**
     * @param  list<int>  $sizes  descending
     * @param  array<int, int>  $counts  of each size, however boards are parted
     * @param  array<int, array{count: int, splits: non-empty-list<array<int, int>>}>  $boards  alike ones together,
     *   every way of parting one: count by size
     * @param  non-empty-list<int>  $stocks  ascending
     * @param  int  $lost  of every bar: both end trims less a kerf
     * @param  list<array{?int, list<int>}>  $places  of each board that was told: among which boards it is, and which
     *   of their splits each of its ways is
     */
    private function __construct(
        public array $sizes,
        public array $counts,
        public array $boards,
        public array $stocks,
        public int $lost,
        public array $places,
    ) {}

    /**
     * @param  non-empty-list<non-empty-list<non-empty-list<int>>>  $boards  every way of parting each, lengths without
     *   kerf
     * @param  non-empty-list<int>  $stocks
     */
    public static function of(array $boards, array $stocks, int $kerf, int $endTrim): self
    {
        $lengths = array_values(array_unique(array_merge(...array_merge(...$boards))));
        rsort($lengths);
        $size = array_flip($lengths);
        $counts = array_fill(0, count($lengths), 0);
        $parted = $places = [];
        foreach ($boards as $splits) {
            $ways = array_map(fn (array $split) => self::counted($split, $size), $splits);
            $differ = array_values(array_unique($ways, SORT_REGULAR));
            if (count($differ) === 1) {
                foreach ($differ[0] as $i => $count) {
                    $counts[$i] += $count;
                }
                $places[] = [null, []];

                continue;
            }
            $among = array_search($differ, array_column($parted, 'splits'), true);
            $among = $among === false ? count($parted) : $among;
            $parted[$among] = ['count' => ($parted[$among]['count'] ?? 0) + 1, 'splits' => $differ];
            $places[] = [$among, array_map(fn (array $way) => (int) array_search($way, $differ, true), $ways)];
        }
        $stocks = array_values(array_unique($stocks));
        sort($stocks);

        return new self(
            array_map(fn (int $length) => $length + $kerf, $lengths),
            $counts,
            $parted,
            $stocks,
            2 * $endTrim - $kerf,
            $places,
        );
    }

    /**
     * @param  list<int>  $split
     * @param  array<int, int>  $size  number of each length
     * @return array<int, int> how many of each size
     */
    private static function counted(array $split, array $size): array
    {
        $counts = array_count_values(array_map(fn (int $length) => $size[$length], $split));
        ksort($counts);

        return $counts;
    }

    /** The same from the longest bar only. */
    public function fromLongest(): self
    {
        return new self($this->sizes, $this->counts, $this->boards, [$this->longest()], $this->lost, $this->places);
    }

    /** The same and one rest more, so long, to be left in one bar. */
    public function leaving(int $rest): self
    {
        $before = $this->placeOf($rest);

        return new self(
            [...array_slice($this->sizes, 0, $before), $rest, ...array_slice($this->sizes, $before)],
            [...array_slice($this->counts, 0, $before), 1, ...array_slice($this->counts, $before)],
            array_map(
                fn (array $board) => [
                    'count' => $board['count'],
                    'splits' => array_map(fn (array $split) => self::moved($split, $before), $board['splits']),
                ],
                $this->boards,
            ),
            $this->stocks,
            $this->lost,
            $this->places,
        );
    }

    /** Where a rest so long stands among the sizes. */
    public function placeOf(int $rest): int
    {
        return count(array_filter($this->sizes, fn (int $size) => $size >= $rest));
    }

    /**
     * What bars of each stock take, ascending.
     *
     * @return non-empty-list<int>
     */
    public function takes(): array
    {
        return array_map(fn (int $stock) => $stock - $this->lost, $this->stocks);
    }

    public function longest(): int
    {
        return $this->stocks[count($this->stocks) - 1];
    }

    /**
     * The most that may be wanted of each size.
     *
     * @return list<int>
     */
    public function most(): array
    {
        $most = $this->counts;
        foreach ($this->boards as $board) {
            foreach ($most as $i => $count) {
                $most[$i] =
                    $count +
                    $board['count'] * max(0, ...array_map(fn (array $split) => $split[$i] ?? 0, $board['splits']));
            }
        }

        return array_values($most);
    }

    /**
     * What all of it is worth at the least, however boards are parted.
     *
     * @param  list<int>  $worth  of each size
     */
    public function worth(array $worth): int
    {
        $least = self::worthOf($this->counts, $worth);
        foreach ($this->boards as ['count' => $count, 'splits' => $splits]) {
            $least += $count * min(array_map(fn (array $split) => self::worthOf($split, $worth), $splits));
        }

        return $least;
    }

    /**
     * @param  array<int, int>  $split
     * @return array<int, int> with a size more, from one on
     */
    private static function moved(array $split, int $from): array
    {
        $moved = [];
        foreach ($split as $i => $count) {
            $moved[$i >= $from ? $i + 1 : $i] = $count;
        }

        return $moved;
    }

    /**
     * @param  array<int, int>  $counts
     * @param  list<int>  $worth
     */
    private static function worthOf(array $counts, array $worth): int
    {
        return array_sum(array_map(fn (int $i, int $count) => $worth[$i] * $count, array_keys($counts), $counts));
    }
}
