<?php

declare(strict_types=1);

namespace App\Making;

use App\Shop\JobMaterials;
use App\Shop\Prices;
use App\Shop\Setting;
use App\Words\Speaker;
use YokeLine\Doorway\Kit;
use YokeLine\Setout;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

/** What a doorway costs with its leaf built, and with the same leaf bought: materials, and hours of the shop. */
final readonly class MadeCost
{
    /** @param  array<string, Kit>  $kits */
    public function __construct(private Setout $setout, private array $kits) {}

    /** @return list<string> sentences; none of a leaf that is bought */
    public function says(): array
    {
        $plan = $this->setout->plan;
        if ($plan?->making === null) {
            return [];
        }
        $prices = new Prices();
        $asBought = $this->setout->document
            ->without('brief.leaf.made')
            ->with('brief.leaf.thickness', "{$plan->thickness->toMm()} mm");
        $bought = Setout::quick($asBought, $this->kits)->plan;
        $minutes = array_sum(
            array_map(
                fn (Step $step) => $step->kind()->isMaking() ? $step->minutes * $step->people : 0,
                Order::of($plan)->steps,
            ),
        );
        $hour = (float) $prices->number(Setting::Hour);

        return [
            self::cost('built', JobMaterials::cost($plan, $prices), $prices),
            ...$bought === null ? [] : [self::cost('bought', JobMaterials::cost($bought, $prices), $prices)],
            self::say('hours', ['hours' => (string) round($minutes / 60, 1)]),
            ...$hour > 0.0 ? [self::say('worth', ['worth' => $prices->say((int) round($hour * $minutes / 0.6))])] : [],
        ];
    }

    /** @param  array{int, int}  $cost  cents, and how many lines have no price */
    private static function cost(string $how, array $cost, Prices $prices): string
    {
        return self::say($how, ['cost' => $prices->say($cost[0]), 'count' => $cost[1]]);
    }

    /** @param  array<string, string|int>  $with */
    private static function say(string $how, array $with): string
    {
        return Speaker::words("bench.made.cost.{$how}", $with);
    }
}
