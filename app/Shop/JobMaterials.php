<?php

declare(strict_types=1);

namespace App\Shop;

use App\Files\Table;
use App\Models\Doorway;
use App\Models\Job;
use App\Words\Speaker;
use Illuminate\Support\Collection;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Stock\Section;

/** One list to buy from for a job, or for one of its doorways. */
final readonly class JobMaterials
{
    /** @var array<int, Plan> by doorway */
    public array $plans;

    /** @var array<int, string> what each doorway is called here: of two with one name the second is numbered */
    public array $names;

    /** @var list<string> doorways that are not measured whole */
    public array $unplanned;

    public LengthWriter $write;

    public Prices $prices;

    /** @var Collection<int, Doorway> every doorway at work */
    public Collection $doorways;

    /** @var list<Section> */
    public array $sections;

    /** @var array<string, MaterialLine> by key; what several doorways want stands once */
    public array $lines;

    public function __construct(public Job $job, private ?Unit $units, public ?int $only = null)
    {
        $this->doorways = $job->doorwaysAtWork();
        $this->names = self::told($this->doorways);
        $plans = $unplanned = [];
        foreach (
            $this->doorways->filter(fn (Doorway $doorway) => $only === null || $doorway->id === $only) as $doorway
        ) {
            $plan = $doorway->setout($units)->plan;
            $plan === null ? ($unplanned[] = $this->names[$doorway->id]) : ($plans[$doorway->id] = $plan);
        }
        [$this->plans, $this->unplanned] = [$plans, $unplanned];
        $this->write = new LengthWriter(
            $units ?? ((array_values($plans)[0] ?? null)->doorway->units ?? Unit::Millimetre),
        );
        $this->prices = new Prices();
        $this->sections = BoardsToCut::of($plans, $this->names, self::stock($this->prices));
        $this->lines = self::priced($plans, $this->sections, $this->prices);
    }

    /** @return array<string, array{string, int}> by name: the doorway's page, and how much of it nobody has answered */
    public function assumed(): array
    {
        $assumed = [];
        foreach ($this->doorways as $doorway) {
            $count = isset($this->plans[$doorway->id]) ? count($doorway->setout($this->units)->assumed()) : 0;
            if ($count > 0) {
                $assumed[$this->names[$doorway->id]] = [route('bench', [$doorway, 'leaf']), $count];
            }
        }

        return $assumed;
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
        $speak = $this->speak();
        $rows = [];
        foreach ($this->lines as $line) {
            $rows[] = [
                $speak->say(new Message('materials.groups', [], $line->material->group)),
                $speak->say($line->material->says()),
                $line->count,
                $speak->say(new Message('materials.units', [], $line->material->unit)),
                $line->says($this->names, $speak),
                $line->material->note === null ? '' : $speak->say($line->material->note),
                Prices::plain($line->each),
                Prices::plain($line->cents()),
            ];
        }

        return Table::csv(['group', 'what', 'count', 'unit', 'for', 'note', 'each', 'all'], $rows);
    }

    public function speak(): Speaker
    {
        return Speaker::in($this->write);
    }

    /** @return array<string, float> how many of which are to be bought */
    public function wanted(): array
    {
        return array_map(
            fn (MaterialLine $line) => $line->count,
            array_filter($this->lines, fn (MaterialLine $line) => ! $line->material->isTool),
        );
    }

    /** @return array<string, string> what each is called, by key */
    public function called(): array
    {
        return array_map(fn (MaterialLine $line) => $this->speak()->say($line->material->says()), $this->lines);
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
    public static function cost(Plan $plan, Prices $prices): array
    {
        return self::sum(self::priced([$plan], BoardsToCut::of([$plan], [''], self::stock($prices)), $prices));
    }

    /**
     * @param  array<int, Plan>  $plans
     * @param  list<Section>  $sections
     * @return array<string, MaterialLine>
     */
    private static function priced(array $plans, array $sections, Prices $prices): array
    {
        $lines = [];
        [$spares, $waste] = [(int) $prices->number(Setting::Spares), $prices->number(Setting::Waste)];
        foreach ($plans as $doorway => $plan) {
            foreach (Materials::of($plan, $spares, $waste) as $material) {
                $lines[$material->key] = isset($lines[$material->key])
                    ? $lines[$material->key]->and($material, $doorway)
                    : new MaterialLine(
                        $material,
                        $material->count,
                        [$doorway => $material->for],
                        $prices->of($material->key) ?? self::kitPrice($material, $plan),
                    );
            }
        }
        foreach ($sections as $section) {
            foreach ($section->bars() as $nm => $count) {
                $material = $section->asMaterial(Length::nm($nm), $count);
                $lines[$material->key] = new MaterialLine($material, $count, [], $prices->of($material->key));
            }
        }

        return $lines;
    }

    /**
     * @param  Collection<int, Doorway>  $doorways
     * @return array<int, string>
     */
    private static function told(Collection $doorways): array
    {
        $names = $taken = [];
        foreach ($doorways as $doorway) {
            $nth = $taken[$doorway->name] = ($taken[$doorway->name] ?? 0) + 1;
            $names[$doorway->id] = $nth === 1 ? $doorway->name : "{$doorway->name} ({$nth})";
        }

        return $names;
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
        return $material->id->kind === MaterialKind::Kit && $plan->kit->price !== null
            ? (int) round($plan->kit->price * 100)
            : null;
    }
}
