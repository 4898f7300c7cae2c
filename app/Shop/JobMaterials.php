<?php

declare(strict_types=1);

namespace App\Shop;

use App\Files\Table;
use App\Models\Doorway;
use App\Models\Job;
use Illuminate\Support\Collection;
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

    /** @var Collection<int, Doorway> every doorway at work */
    public Collection $doorways;

    /** @var array<string, CuttingPlan|string> by section */
    public array $boards;

    /** @var array<string, MaterialLine> by key; what several doorways want stands once */
    public array $lines;

    public function __construct(public Job $job, ?Unit $units, public ?int $only = null)
    {
        $this->doorways = $job->doorwaysAtWork();
        $plans = $unplanned = [];
        foreach ($this->doorways->filter(fn (Doorway $doorway) => $only === null || $doorway->id === $only) as $doorway) {
            $plan = $doorway->setout($units)->plan;
            $plan === null ? $unplanned[] = $doorway->name : $plans[$doorway->name] = $plan;
        }
        [$this->plans, $this->unplanned] = [$plans, $unplanned];
        $this->write = new LengthWriter($units ?? (array_values($plans)[0] ?? null)->doorway->units ?? Unit::Millimetre);
        $this->prices = new Prices;
        $this->boards = BoardsToCut::of($plans, self::stock($this->prices), $this->write);
        $this->lines = self::priced($plans, $this->boards, $this->prices, $this->write);
    }

    /** @return array<string, list<MaterialLine>> */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->lines as $line) {
            $groups[$line->material->group][] = $line;
        }

        return $groups;
    }

    public function csv(): string
    {
        $rows = [];
        foreach ($this->lines as $line) {
            $rows[] = [$line->material->group, $line->material->what, $line->count, $line->material->unit, $line->says(), $line->material->note, Prices::plain($line->each), Prices::plain($line->cents())];
        }

        return Table::csv(['group', 'what', 'count', 'unit', 'for', 'note', 'each', 'all'], $rows);
    }

    /** @return array<string, float> how many of which are to be bought */
    public function wanted(): array
    {
        return array_map(fn (MaterialLine $line) => $line->count, array_filter($this->lines, fn (MaterialLine $line) => ! $line->material->isTool));
    }

    /** @return array<string, string> what each is called, by key */
    public function names(): array
    {
        return array_map(fn (MaterialLine $line) => $line->material->what, $this->lines);
    }

    /** @return array{net: int, tax: int, total: int, unpriced: int} cents, and how many lines have no price */
    public function totals(): array
    {
        [$net, $unpriced] = self::sum($this->lines);
        $tax = $this->prices->tax($net);

        return ['net' => $net, 'tax' => $tax, 'total' => $net + $tax, 'unpriced' => $unpriced];
    }

    /**
     * What one plan's materials cost, where the list knows them.
     *
     * @return array{int, int} cents, and how many lines have no price
     */
    public static function cost(Plan $plan, Prices $prices, LengthWriter $write): array
    {
        return self::sum(self::priced(['' => $plan], BoardsToCut::of(['' => $plan], self::stock($prices), $write), $prices, $write));
    }

    /**
     * @param  array<string, Plan>  $plans
     * @param  array<string, CuttingPlan|string>  $boards
     * @return array<string, MaterialLine>
     */
    private static function priced(array $plans, array $boards, Prices $prices, LengthWriter $write): array
    {
        $lines = [];
        foreach ($plans as $name => $plan) {
            foreach (Materials::of($plan, $write, (int) $prices->number(Setting::Spares), $prices->number(Setting::Waste)) as $material) {
                $lines[$material->key] = isset($lines[$material->key]) ? $lines[$material->key]->and($material, $name) : new MaterialLine($material, $material->count, [$name => $material->for], $prices->of($material->key) ?? self::kitPrice($material, $plan));
            }
        }
        foreach ($boards as $section => $cut) {
            foreach ($cut instanceof CuttingPlan ? array_count_values(array_map(fn (Bar $bar) => $bar->stock->nm, $cut->bars)) : [] as $nm => $count) {
                $stock = Length::nm($nm);
                $material = new Material('Boards', "board {$section} {$stock->toMm()}", "Board {$section}, {$write->show($stock)} long", $count, '', 'headers, cut as drawn below');
                $lines[$material->key] = new MaterialLine($material, $count, ['' => $material->for], $prices->of($material->key));
            }
        }

        return $lines;
    }

    /**
     * @param  array<string, MaterialLine>  $lines
     * @return array{int, int} cents, and how many lines have no price
     */
    private static function sum(array $lines): array
    {
        $cents = array_map(fn (MaterialLine $line) => $line->cents(), $lines);

        return [(int) array_sum($cents), count(array_filter($cents, is_null(...)))];
    }

    /** @return non-empty-list<Length> what the yard has */
    private static function stock(Prices $prices): array
    {
        return Setting::lengths($prices->setting(Setting::Stock)) ?? array_map(Length::mm(...), BoardsToCut::STOCK_MM);
    }

    private static function kitPrice(Material $material, Plan $plan): ?int
    {
        return str_starts_with($material->key, "kit {$plan->kit->id} ") && $plan->kit->price !== null ? (int) round($plan->kit->price * 100) : null;
    }
}
