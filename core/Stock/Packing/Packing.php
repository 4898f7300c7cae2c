<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

use Closure;

/**
 * Whether so many bars, bought within so much, hold what is wanted: how, or that they do not, or that it was not found
 * out.
 */
final readonly class Packing
{
    /** Where there may be more patterns than so many they are not listed: bars are filled one by one. */
    private const FEW = 20_000;

    public const A_LOOK = 2_000_000;

    private const A_LONG_LOOK = 12_000_000;

    private const PATTERNS = 3_000_000;

    private const COVER_FIRST = 2_000_000;

    private const BRANCH = 14_000_000;

    private const COVER = 6_000_000;

    /**
     * @param  ?list<Pattern>  $bars  null where none was found
     * @param  array<int, list<int>>  $splits  of each kind of board: how its boards are parted
     */
    private function __construct(public ?array $bars, public array $splits, public bool $isSure) {}

    /** @param  list<Pattern>  $bars */
    public static function found(array $bars): self
    {
        return new self($bars, [], true);
    }

    public static function none(): self
    {
        return new self(null, [], true);
    }

    public static function unknown(): self
    {
        return new self(null, [], false);
    }

    /**
     * @param  int  $bars  no fewer would hold it
     * @param  int  $bought  nm at the most
     * @param  Closure(): Worth  $worth  asked for where it is needed
     */
    public static function of(Demand $demand, int $bars, int $bought, Closure $worth, Effort $effort): self
    {
        if (Worth::asLong($demand)->bound($demand, $bars) > $bought) {
            return self::none();
        }
        if (self::hasMany($demand, $bars)) {
            return self::filled($demand, $bars, $bought, $effort->part(self::A_LONG_LOOK));
        }
        $chosen = self::byPatterns($demand, $worth(), $bars, $bought, $effort);

        return $chosen->isSure ? $chosen : self::filled($demand, $bars, $bought, $effort->part(self::A_LOOK));
    }

    /** Bars filled one by one. Ways of parting a board are not told from each other so. */
    public static function filled(Demand $demand, int $bars, int $bought, Effort $effort): self
    {
        return $demand->boards === []
            ? Filling::of($demand, Worth::asLong($demand), $bars, $bought, $effort)
            : self::unknown();
    }

    /**
     * Whether patterns are many, by about how many ways there are to fill a bar: as many sizes to the power of how many
     * pieces share one, in any order.
     */
    public static function hasMany(Demand $demand, int $bars): bool
    {
        $shared = array_sum($demand->counts) / max(1, $bars);

        return $demand->boards === [] &&
            count($demand->sizes) ** $shared > self::FEW * ($shared / M_E) ** $shared * sqrt(2 * M_PI * $shared);
    }

    /** Of the patterns that lose so little that so little can be bought. */
    private static function byPatterns(Demand $demand, Worth $worth, int $bars, int $bought, Effort $effort): self
    {
        $budget = $bought - $worth->bound($demand, $bars);
        if ($budget < 0) {
            return self::none();
        }
        [$patterns, $isWhole] = Patterns::within($demand, $worth, $budget, $effort->part(self::PATTERNS));
        $sure = fn (self $found) => $found->isSure && ($isWhole || $found->bars !== null) ? $found : self::unknown();
        if ($demand->boards !== []) {
            return $sure(Branching::of($demand, $patterns, $bars, $bought, $effort->part(self::BRANCH)));
        }
        $found = $sure(ExactCover::of($demand, $patterns, $bars, $budget, $effort->part(self::COVER_FIRST)));
        $found = $found->isSure
            ? $found
            : $sure(Branching::of($demand, $patterns, $bars, $bought, $effort->part(self::BRANCH)));

        return $found->isSure
            ? $found
            : $sure(ExactCover::of($demand, $patterns, $bars, $budget, $effort->part(self::COVER)));
    }

    /**
     * The same pieces from other bars.
     *
     * @param  list<Pattern>  $bars
     */
    public function from(array $bars): self
    {
        return new self($bars, $this->splits, true);
    }

    /** With a bar more. */
    public function and(Pattern $bar): self
    {
        return new self([...$this->bars ?? [], $bar], $this->splits, true);
    }

    /**
     * Without the rest that was to be left.
     *
     * @param  int  $place  among the sizes
     */
    public function withoutRest(int $place): self
    {
        $bars = [];
        foreach ($this->bars ?? [] as $bar) {
            $counts = [];
            foreach ($bar->counts as $i => $count) {
                if ($i !== $place) {
                    $counts[$i > $place ? $i - 1 : $i] = $count;
                }
            }
            if ($counts !== []) {
                $bars[] = new Pattern($bar->loss, $bar->stock, $counts);
            }
        }

        return new self($bars, $this->splits, true);
    }

    /** With a board more of its kind parted so. */
    public function parted(int $board, int $split): self
    {
        return new self(
            $this->bars,
            array_replace($this->splits, [$board => [...$this->splits[$board] ?? [], $split]]),
            true,
        );
    }

    /** Without what its bars hold over what is wanted. */
    public function trimmed(Demand $demand): self
    {
        $left = $demand->counts;
        foreach ($this->splits as $kind => $splits) {
            foreach ($splits as $split) {
                foreach ($demand->boards[$kind]['splits'][$split] as $i => $count) {
                    $left[$i] += $count;
                }
            }
        }
        $bars = [];
        foreach ($this->bars ?? [] as $bar) {
            $in = array_filter(
                array_combine(
                    array_keys($bar->counts),
                    array_map(
                        fn (int $i, int $count) => min($count, $left[$i]),
                        array_keys($bar->counts),
                        $bar->counts,
                    ),
                ),
            );
            foreach ($in as $i => $count) {
                $left[$i] -= $count;
            }
            if ($in !== []) {
                $bars[] = new Pattern($bar->loss, $bar->stock, $in);
            }
        }

        return $this->from($bars);
    }

    /** What is bought, nm. */
    public function bought(): int
    {
        return array_sum(array_map(fn (Pattern $bar) => $bar->stock, $this->bars ?? []));
    }
}
