<?php

namespace App\Shop;

use App\Files\Table;
use App\Models\Doorway;
use App\Models\Job;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Stock\Bar;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\CuttingPlan;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;

/** One list to buy from for a job, or for one of its doorways. */
final readonly class JobMaterials
{
    /** @var array<string, Plan> by doorway */
    public array $plans;

    /** @var list<string> doorways that are not measured whole */
    public array $unplanned;

    public LengthWriter $write;

    public Prices $prices;

    public function __construct(public Job $job, ?Unit $units, public ?int $only = null)
    {
        $plans = $unplanned = [];
        /** @var Doorway $doorway */
        foreach ($job->doorways()->with('revision')->whereNull('archived_at')->whereIn('id', $only === null ? $job->doorways()->pluck('id') : [$only])->orderBy('id')->get() as $doorway) {
            $plan = $doorway->setout($units)->plan;
            $plan === null ? $unplanned[] = $doorway->name : $plans[$doorway->name] = $plan;
        }
        [$this->plans, $this->unplanned] = [$plans, $unplanned];
        $this->write = new LengthWriter($units ?? (array_values($plans)[0] ?? null)->doorway->units ?? Unit::Millimetre);
        $this->prices = new Prices;
    }

    /** @return array<string, list<MaterialLine>> by group; what several doorways want stands once */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->plans as $name => $plan) {
            foreach (Materials::of($plan, $this->write, (int) $this->prices->number(Setting::Spares), $this->prices->number(Setting::Waste)) as $material) {
                $lines[$material->key] = isset($lines[$material->key]) ? $lines[$material->key]->and($material, $name) : new MaterialLine($material, $material->count, [$name => $material->for], $this->prices->of($material->key) ?? $this->kitPrice($material, $plan));
            }
        }
        foreach ($this->boards() as $section => $cut) {
            if ($cut instanceof CuttingPlan) {
                $counts = array_count_values(array_map(fn (Bar $bar) => $bar->stock->nm, $cut->bars));
                foreach ($counts as $nm => $count) {
                    $stock = Length::nm($nm);
                    $material = new Material('Boards', "board {$section} {$stock->toMm()}", "Board {$section}, {$this->write->show($stock)} long", $count, '', 'headers, cut as drawn below');
                    $lines[$material->key] = new MaterialLine($material, $count, ['' => $material->for], $this->prices->of($material->key));
                }
            }
        }
        $groups = [];
        foreach ($lines as $line) {
            $groups[$line->material->group][] = $line;
        }

        return $groups;
    }

    public function csv(): string
    {
        $rows = [];
        foreach (array_merge(...array_values($this->lines()) ?: [[]]) as $line) {
            $rows[] = [$line->material->group, $line->material->what, $line->count, $line->material->unit, $line->says(), $line->material->note, Prices::plain($line->each), Prices::plain($line->cents())];
        }

        return Table::csv(['group', 'what', 'count', 'unit', 'for', 'note', 'each', 'all'], $rows);
    }

    /** @return array<string, float> how many of which are to be bought */
    public function wanted(): array
    {
        $wanted = [];
        foreach (array_merge(...array_values($this->lines()) ?: [[]]) as $line) {
            if (! $line->material->isTool) {
                $wanted[$line->material->key] = $line->count;
            }
        }

        return $wanted;
    }

    /** @return array<string, string> what each is called, by key */
    public function names(): array
    {
        $names = [];
        foreach (array_merge(...array_values($this->lines()) ?: [[]]) as $line) {
            $names[$line->material->key] = $line->material->what;
        }

        return $names;
    }

    /** @return array<string, CuttingPlan|string> by section */
    public function boards(): array
    {
        return BoardsToCut::of($this->plans, self::stock($this->prices), $this->write);
    }

    /** @return array{net: int, tax: int, total: int, unpriced: int} cents, and how many lines have no price */
    public function totals(): array
    {
        $net = $unpriced = 0;
        foreach (array_merge(...array_values($this->lines()) ?: [[]]) as $line) {
            $line->cents() === null ? $unpriced++ : $net += $line->cents();
        }
        $tax = (int) round($net * $this->prices->number(Setting::Tax) / 100);

        return ['net' => $net, 'tax' => $tax, 'total' => $net + $tax, 'unpriced' => $unpriced];
    }

    /**
     * What one plan's materials cost, where the list knows them.
     *
     * @return array{int, int} cents, and how many things have no price
     */
    public static function cost(Plan $plan, Prices $prices, LengthWriter $write): array
    {
        $cents = $unpriced = 0;
        foreach (Materials::of($plan, $write, (int) $prices->number(Setting::Spares), $prices->number(Setting::Waste)) as $material) {
            $each = $prices->of($material->key) ?? (str_starts_with($material->key, "kit {$plan->kit->id} ") && $plan->kit->price !== null ? (int) round($plan->kit->price * 100) : null);
            $each === null ? $unpriced++ : $cents += (int) round($each * $material->count);
        }
        foreach (BoardsToCut::of(['' => $plan], self::stock($prices), $write) as $section => $cut) {
            foreach ($cut instanceof CuttingPlan ? $cut->bars : [] as $bar) {
                $each = $prices->of("board {$section} {$bar->stock->toMm()}");
                $each === null ? $unpriced++ : $cents += $each;
            }
        }

        return [$cents, $unpriced];
    }

    /** @return non-empty-list<Length> what the yard has */
    private static function stock(Prices $prices): array
    {
        return Setting::lengths($prices->setting(Setting::Stock)) ?? array_map(Length::mm(...), BoardsToCut::STOCK_MM);
    }

    private function kitPrice(Material $material, Plan $plan): ?int
    {
        return str_starts_with($material->key, "kit {$plan->kit->id} ") && $plan->kit->price !== null ? (int) round($plan->kit->price * 100) : null;
    }
}
