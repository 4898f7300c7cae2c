<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Job;
use App\Shop\JobMaterials;
use App\Shop\Prices;
use Illuminate\Database\Seeder;

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

    public function run(): void
    {
        $prices = new Prices();
        $list = new JobMaterials(Job::query()->orderBy('id')->firstOrFail(), null);
        foreach ($list->groups() as $group => $lines) {
            foreach ($lines as $i => $line) {
                // Every seventh has no price yet.
                if ($i % 7 !== 6) {
                    $prices->set(
                        $line->material->key,
                        str_starts_with($line->material->key, 'pull') ? 2_200 : self::CENTS[$group] + 50 * $i,
                    );
                }
            }
        }
    }
}
