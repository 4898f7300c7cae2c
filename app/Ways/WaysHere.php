<?php

declare(strict_types=1);

namespace App\Ways;

use App\Making\MadeCost;
use App\Models\Doorway;
use App\Shelf;
use App\Shop\JobMaterials;
use App\Shop\Prices;
use App\Words\Speaker;
use Generator;
use Illuminate\Support\Facades\Cache;
use YokeLine\Doorway\Kit;
use YokeLine\Drawing\Small;
use YokeLine\Drawing\Svg;
use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Unit;
use YokeLine\Planner\Planner;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;
use YokeLine\Setout;
use YokeLine\Ways\Judge;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Way;
use YokeLine\Ways\Weights;

/** The ways of one doorway: worked once for a survey and a shelf, and kept while neither changes. */
final class WaysHere
{
    public readonly Setout $setout;

    /** @var array<string, Kit> */
    public readonly array $kits;

    private ?Search $search = null;

    private ?Judge $judge = null;

    public function __construct(
        public readonly Doorway $doorway,
        ?Unit $units,
        public readonly int $most = Search::AT_ONCE,
    ) {
        $this->setout = $doorway->setout($units);
        $this->kits = app(Shelf::class)->kits();
    }

    public function weights(): Weights
    {
        return Weights::from($this->setout->doorway->brief->purposes);
    }

    /** @return list<string> what it costs to build the leaf, and to buy it; none where it is bought */
    public function madeCost(): array
    {
        return (new MadeCost($this->setout, $this->kits))->says();
    }

    /** What is to be measured before there is anything to choose from. */
    public function firstOfAll(): string
    {
        return Speaker::in($this->setout->write)->sentence($this->setout->findings[0]->says());
    }

    /** @throws NotYetMeasured */
    public function search(): Search
    {
        return $this->search ??= Search::of($this->setout->doorway, $this->kits);
    }

    /** @throws NotYetMeasured */
    public function judge(): Judge
    {
        return $this->judge ??= $this->search()->judge();
    }

    /**
     * The ranking as it grows; the last one is whole, and every way of it that works is held.
     *
     * @param  list<float>  $at  seconds after which to show it
     * @return Generator<Ranking>
     *
     * @throws NotYetMeasured
     */
    public function rankings(array $at): Generator
    {
        $key = 'ways '.sha1(serialize([$this->setout->document->toJson(), $this->kits, $this->most]));
        $kept = Cache::get($key);
        if ($kept instanceof Ranking) {
            yield $kept;

            return;
        }
        $ranking = new Ranking();
        $from = microtime(true);
        foreach ($this->search()->ways($this->most) as $way) {
            $ranking->add($way);
            if ($at !== [] && microtime(true) - $from > $at[0]) {
                array_shift($at);
                yield $ranking;
            }
        }
        $ranking->judge($this->judge());
        $ranking->finish();
        Cache::put($key, $ranking, 3600);
        yield $ranking;
    }

    /** What its materials cost by the house's own list; '' where nothing is priced. */
    public function cost(Plan $plan): string
    {
        $prices = app(Prices::class);
        [$cents, $unpriced] = JobMaterials::cost($plan, $prices);

        return $cents === 0
            ? ''
            : $prices->say($cents).($unpriced > 0 ? Speaker::words('ways.unpriced', ['count' => $unpriced]) : '');
    }

    public function plan(Way $way): Plan
    {
        $doorway = $this->setout->doorway;

        return Planner::plan($doorway->wanting($way->choice->in($doorway->brief)), $this->kits[$way->choice->kit]);
    }

    public function drawing(Plan $plan): string
    {
        return Svg::write(Small::of($plan, Speaker::in($this->setout->write)));
    }

    /** How many holes of the rail hold, or studs the board catches; '' while none are known. */
    public function held(Plan $plan): string
    {
        $anchoring = Anchoring::of($plan);

        return match (true) {
            $plan->doorway->survey->studs === [] => '',
            $anchoring->header !== null => Speaker::words('ways.studs', ['count' => count($anchoring->header->at)]),
            default => Speaker::words('ways.holes', [
                'held' => count($anchoring->supports),
                'all' => count($plan->rail->holes),
            ]),
        };
    }
}
