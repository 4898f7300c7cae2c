<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Files\DoorwayFile;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Words\StoredMessage;
use Illuminate\Database\Seeder;
use YokeLine\Measure\Unit;

/**
 * Made-up jobs to look around in: a pottery co-operative moves into an old pump house, and opens a shop across the river
 * where everything is in inches, with a doorway of each hang.
 */
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

    private const RIVER_SHOP = ['river-shop/counter-room', 'river-shop/show-room', 'river-shop/wrapping-room'];

    /** Their leaves are built: one of boards in a frame, two of old doors. */
    private const WORKSHOP = ['workshop/oil-store', 'workshop/saw-pit'];

    public function run(): void
    {
        self::job('Old pump house, pottery co-operative', Unit::Millimetre, self::DOORWAYS);
        self::job('River shop, pottery co-operative', Unit::Inch, self::RIVER_SHOP);
        self::job('Joiner’s shop, pottery co-operative', Unit::Millimetre, self::WORKSHOP);
        $this->call([SiteSeeder::class, PhotoSeeder::class, ShopSeeder::class, PracticeSeeder::class]);
    }

    /** @param  list<string>  $doorways */
    private static function job(string $called, Unit $units, array $doorways): void
    {
        $job = Job::create(['name' => $called, 'units' => $units]);
        foreach ($doorways as $name) {
            Doorway::begin(
                $job,
                DoorwayFile::read((string) file_get_contents(database_path("demo/{$name}.json"))),
                StoredMessage::change('demo'),
                Editor::named('Yoke Line', 'demo'),
            );
        }
    }
}
