<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Files\DoorwayFile;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Words\StoredMessage;
use Illuminate\Database\Seeder;

/** A made-up job to look around in: a pottery co-operative moves into an old pump house. */
final class DemoSeeder extends Seeder
{
    private const DOORWAYS = [
        'kiln-room',
        'glaze-store',
        'clay-store',
        'packing-loft',
        'wedging-room',
        'map-archive',
        'reclaim-bay',
        'throwing-room',
        'drying-niche',
        'loading-bay',
        'slip-store',
        'meter-room',
    ];

    public function run(): void
    {
        $job = Job::create(['name' => 'Old pump house, pottery co-operative']);
        foreach (self::DOORWAYS as $name) {
            Doorway::begin(
                $job,
                DoorwayFile::read((string) file_get_contents(database_path("demo/{$name}.json"))),
                StoredMessage::change('demo'),
                Editor::named('Yoke Line', 'demo'),
            );
        }
        $this->call([SiteSeeder::class, ShopSeeder::class]);
    }
}
