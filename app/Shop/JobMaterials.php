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
use YokeLine\Stock\SoldBy;

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
        $own = $only === null ? $job->units : $plans[$only]->doorway->units ?? $job->units;
        $this->write = new LengthWriter($units ?? $own);
        $this->prices = new Prices();
        $this->sections = BoardsToCut::of($plans, $this->names, self::stock($this->prices));
        $this->lines = self::priced($plans, $this->sections, $this->prices, $own);
    }

    /** @return array<string, array{string, int}> by name: the doorway's page, and how much of it nobody has answered */
    public function assumed(): array
    {
        $assumed = [];
        foreach ($this->doorways as $doorway) {
            $count = isset($this->plans[$doorway->id]) ? count($doorway->setout($this->units)->assumed()) : 0;
            if ($count > 0) {
                $assumed[$this->names[$doorway->id]] = [route('door.size', $doorway), $count];
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
                $this->says($line, withUnits: true),
                $line->bought(),
                $speak->say(new Message('materials.units', [], $line->material->by->value)),
                $line->says($this->names, $speak->withUnits()),
                $this->note($line, withUnits: true),
                (string) $line->rate?->plain(),
                Prices::plain($line->cents()),
            ];
        }

        return Table::csv(['group', 'what', 'count', 'unit', 'for', 'note', 'each', 'all'], $rows);
    }

    public function speak(): Speaker
    {
        return Speaker::in($this->write);
    }

    /** What a line is called: by the sizes it is sold in, with their unit where the list speaks another. */
    public function says(MaterialLine $line, bool $withUnits = false): string
    {
        return $this->soldAs($line, $withUnits)->say($line->material->says());
    }

    /** '' where it has none. */
    public function note(MaterialLine $line, bool $withUnits = false): string
    {
        return $line->material->note === null ? '' : $this->soldAs($line, $withUnits)->say($line->material->note);
    }

    private function soldAs(MaterialLine $line, bool $withUnits): Speaker
    {
        $units = $line->material->units;
        $speak = Speaker::in($units === $this->write->unit ? $this->write : new LengthWriter($units));

        return $withUnits || $units !== $this->write->unit ? $speak->withUnits() : $speak;
    }

    /** So much of a material in what it is sold by here, as orders keep it in litres and kilograms. */
    public function amount(string $key, float $metric): string
    {
        $by = ($this->lines[$key] ?? null)->material->by ?? SoldBy::Piece;
        $count = Material::tenths($metric / $by->metric());
        $unit = $by === SoldBy::Piece ? '' : Speaker::words("materials.units.{$by->value}");

        return trim(rtrim(rtrim(number_format($count, 1, '.', ''), '0'), '.')." {$unit}");
    }

    /** @return array<string, float> how many of which are to be bought: pieces, litres, kilograms */
    public function wanted(): array
    {
        return array_map(
            fn (MaterialLine $line) => $line->metric(),
            array_filter($this->lines, fn (MaterialLine $line) => ! $line->material->isTool),
        );
    }

    /** @return array<string, string> what each is called, by key */
    public function called(): array
    {
        return array_map($this->says(...), $this->lines);
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
        $sections = BoardsToCut::of([$plan], [''], self::stock($prices));

        return self::sum(self::priced([$plan], $sections, $prices, $plan->doorway->units));
    }

    /**
     * @param  array<int, Plan>  $plans
     * @param  list<Section>  $sections
     * @param  Unit  $own  what the list speaks
     * @return array<string, MaterialLine>
     */
    private static function priced(array $plans, array $sections, Prices $prices, Unit $own): array
    {
        $lines = [];
        [$spares, $waste] = [(int) $prices->number(Setting::Spares), $prices->number(Setting::Waste)];
        foreach ($plans as $doorway => $plan) {
            foreach (Materials::of($plan, $spares, $waste) as $material) {
                $material = $material->toldIn($own);
                $lines[$material->key] = isset($lines[$material->key])
                    ? $lines[$material->key]->and($material, $doorway)
                    : new MaterialLine(
                        $material,
                        $material->count,
                        [$doorway => $material->for],
                        $prices->rateOf($material) ?? self::kitPrice($material, $plan),
                    );
            }
        }
        foreach ($sections as $section) {
            foreach ($section->bars() as $nm => $count) {
                $material = $section->asMaterial(Length::nm($nm), $count);
                $lines[$material->key] = new MaterialLine($material, $count, [], $prices->rateOf($material));
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

    /** @return array<string, non-empty-list<Length>> what the yard has, by the unit it is sold in */
    private static function stock(Prices $prices): array
    {
        $stock = fn (Setting $setting, Unit $units) => $setting->lengths($prices->setting($setting)) ??
            BoardsToCut::stock($units);

        return [
            Unit::Millimetre->value => $stock(Setting::Stock, Unit::Millimetre),
            Unit::Inch->value => $stock(Setting::StockFeet, Unit::Inch),
        ];
    }

    private static function kitPrice(Material $material, Plan $plan): ?Rate
    {
        return $material->id->kind === MaterialKind::Kit && $plan->kit->price !== null
            ? new Rate((int) round($plan->kit->price * 100), SoldBy::Piece)
            : null;
    }
}
