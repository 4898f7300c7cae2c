<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/**
 * The least cost of columns x >= 0 with A x >= b: the revised simplex method with its inverse at hand. Columns come
 * while it goes on; a clone goes
 * its own way. Floats steer here; what is bought is counted in whole numbers elsewhere.
 */
final class Simplex
{
    private const ZERO = 1e-9;

    /** Steps that it takes to look at a column. */
    private const A_COLUMN = 5;

    private const WORKED_AGAIN_AFTER = 40;

    /** @var array<int, float> */
    private array $costs = [];

    /** @var list<array<int, float>> */
    private array $columns = [];

    /** @var array<int, int> the column of each row */
    private array $basis = [];

    /** @var array<int, int> the row of each column that has one */
    private array $rowOf = [];

    /** @var array<int, array<int, float>> */
    private array $inverse = [];

    /** @var array<int, float> */
    private array $values = [];

    /** @var array<int, float> what one more of each row would cost */
    private array $duals = [];

    /** So many exchanges since the duals were worked from the basis: rounding adds up. */
    private int $exchanges = 0;

    /**
     * @param  list<float>  $wanted  b
     * @param  float  $dear  what it costs to leave a unit of a row wanting
     */
    public function __construct(private array $wanted, private readonly float $dear, private readonly Effort $effort)
    {
        foreach ($wanted as $row => $amount) {
            $over = $this->add(0.0, [$row => -1.0]);
            $in = $amount > 0 ? $this->add($dear, [$row => 1.0]) : $over;
            $this->basis[$row] = $in;
            $this->rowOf[$in] = $row;
            $this->inverse[$row] = array_fill(0, count($wanted), 0.0);
            $this->inverse[$row][$row] = $amount > 0 ? 1.0 : -1.0;
            $this->values[$row] = abs($amount);
        }
        $this->workDuals();
    }

    /** @param  array<int, float>  $column  by row */
    public function add(float $cost, array $column): int
    {
        $this->costs[] = $cost;
        $this->columns[] = $column;

        return count($this->costs) - 1;
    }

    /** Takes a column out of use. */
    public function bar(int $column): void
    {
        $this->costs[$column] = $this->dear;
        $this->workDuals();
    }

    /** @return array<int, float> what each column comes to that is used at all */
    public function used(): array
    {
        return array_filter(array_combine($this->basis, $this->values), fn (float $value) => $value > 1e-6);
    }

    /** @return array<int, float> what one more of each row would cost */
    public function duals(): array
    {
        return $this->duals;
    }

    /** What it costs by its duals: no less can do. */
    public function cost(): float
    {
        return array_sum(array_map(fn (float $dual, float $amount) => $dual * $amount, $this->duals, $this->wanted));
    }

    /** From any values that do to the best. */
    public function improve(): void
    {
        do {
            $in = null;
            $least = -self::ZERO;
            $duals = $this->duals;
            foreach ($this->columns as $column => $of) {
                $cost = $this->costs[$column];
                foreach ($of as $row => $value) {
                    $cost -= $duals[$row] * $value;
                }
                if ($cost < $least && ! isset($this->rowOf[$column])) {
                    [$least, $in] = [$cost, $column];
                }
            }
            if ($in === null) {
                return;
            }
            $along = $this->along($in);
            $out = null;
            $step = INF;
            foreach ($along as $row => $value) {
                if ($value > self::ZERO) {
                    $reach = max(0.0, $this->values[$row]) / $value;
                    // Of rows that end it alike the one that divides best.
                    if ($out === null || $reach < $step - 1e-12 || ($reach < $step + 1e-12 && $value > $along[$out])) {
                        [$step, $out] = [min($step, $reach), $row];
                    }
                }
            }
        } while ($out !== null && $this->exchange($in, $out, $along));
    }

    /**
     * Goes on with another b, from the best of the one before.
     *
     * @param  list<float>  $wanted
     * @return bool whether it can be met
     */
    public function want(array $wanted): bool
    {
        $this->wanted = $wanted;
        foreach ($this->inverse as $row => $of) {
            $this->values[$row] = array_sum(
                array_map(fn (float $value, float $amount) => $value * $amount, $of, $wanted),
            );
        }
        while (true) {
            $out = null;
            $least = -1e-7;
            foreach ($this->values as $row => $value) {
                if ($value < $least) {
                    [$least, $out] = [$value, $row];
                }
            }
            if ($out === null) {
                return true;
            }
            $in = $this->entersFor($out);
            if ($in === null) {
                return false;
            }
            if (! $this->exchange($in, $out, $this->along($in))) {
                return true;
            }
        }
    }

    /** The column that takes a row out at the least cost. */
    private function entersFor(int $out): ?int
    {
        $duals = $this->duals;
        $inverse = $this->inverse[$out];
        $in = null;
        [$best, $steepest] = [INF, 0.0];
        foreach ($this->columns as $column => $of) {
            if (isset($this->rowOf[$column])) {
                continue;
            }
            $slope = 0.0;
            $cost = $this->costs[$column];
            foreach ($of as $row => $value) {
                $slope += $inverse[$row] * $value;
                $cost -= $duals[$row] * $value;
            }
            if ($slope < -self::ZERO) {
                $ratio = max(0.0, $cost) / -$slope;
                if ($ratio < $best - 1e-12 || ($ratio < $best + 1e-12 && $slope < $steepest)) {
                    [$best, $steepest, $in] = [$ratio, $slope, $column];
                }
            }
        }

        return $in;
    }

    /** @return array<int, float> how each row's value falls as a column comes in */
    private function along(int $column): array
    {
        $along = [];
        foreach ($this->inverse as $row => $of) {
            $sum = 0.0;
            foreach ($this->columns[$column] as $k => $value) {
                $sum += $of[$k] * $value;
            }
            $along[$row] = $sum;
        }

        return $along;
    }

    /**
     * @param  array<int, float>  $along
     * @return bool whether there is effort left to go on
     *
     * @phpstan-impure
     */
    private function exchange(int $in, int $out, array $along): bool
    {
        $cost = $this->costs[$in];
        foreach ($this->columns[$in] as $row => $value) {
            $cost -= $this->duals[$row] * $value;
        }
        $pivot = [];
        foreach ($this->inverse[$out] as $k => $value) {
            if ($value !== 0.0) {
                $this->inverse[$out][$k] = $pivot[$k] = $value / $along[$out];
                $this->duals[$k] += $cost * $pivot[$k];
            }
        }
        $step = $this->values[$out] / $along[$out];
        $steps = self::A_COLUMN * count($this->columns);
        foreach ($along as $row => $factor) {
            if ($row !== $out && $factor !== 0.0) {
                $line = &$this->inverse[$row];
                foreach ($pivot as $k => $value) {
                    $line[$k] -= $factor * $value;
                }
                unset($line);
                $this->values[$row] -= $factor * $step;
                $steps += count($pivot);
            }
        }
        $this->values[$out] = $step;
        unset($this->rowOf[$this->basis[$out]]);
        $this->basis[$out] = $in;
        $this->rowOf[$in] = $out;
        if (++$this->exchanges % self::WORKED_AGAIN_AFTER === 0) {
            $this->workDuals();
        }

        return $this->effort->spend(2 * $steps);
    }

    private function workDuals(): void
    {
        $this->duals = array_fill(0, count($this->wanted), 0.0);
        foreach ($this->basis as $row => $column) {
            $cost = $this->costs[$column];
            if ($cost !== 0.0) {
                foreach ($this->inverse[$row] as $k => $value) {
                    $this->duals[$k] += $cost * $value;
                }
            }
        }
    }
}
