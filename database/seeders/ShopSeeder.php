<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Shop\JobMaterials;
use App\Shop\Prices;
use Illuminate\Database\Seeder;
use YokeLine\Measure\Unit;
use YokeLine\Stock\SoldBy;

/** A made-up price list for what the demo wants, but for a few things that still have to be asked. */
final class ShopSeeder extends Seeder
{
    private const CENTS = [
        'leaf' => 24_900,
        'kit' => 13_900,
        'boards' => 2_850,
        'fixings' => 65,
        'finish' => 1_450,
        'tools' => 490,
    ];

    private const OF_KIND = ['pull' => 2_200, 'leaf-sheet' => 3_800, 'panel' => 900, 'pane' => 6_400, 'leaf-pin' => 4];

    private const A_FOOT = 185;

    public function run(): void
    {
        $prices = new Prices();
        foreach (Job::query()->orderBy('id')->get() as $job) {
            self::price(new JobMaterials($job, null), $prices);
        }
    }

    private static function price(JobMaterials $list, Prices $prices): void
    {
        foreach ($list->groups() as $group => $lines) {
            foreach ($lines as $i => $line) {
                // Every seventh has no price yet; boards are sold by the foot where they are sold in feet.
                match (true) {
                    $i % 7 === 6, $prices->rateOf($line->material) !== null => null,
                    $group === 'boards' && $line->material->units === Unit::Inch => $prices->set(
                        $line->material->id->ofEveryLength()->key,
                        self::A_FOOT,
                        SoldBy::Foot,
                    ),
                    default => $prices->set(
                        $line->material->key,
                        self::OF_KIND[$line->material->id->kind->value] ?? self::CENTS[$group] + 50 * $i,
                    ),
                };
            }
        }
    }
}
