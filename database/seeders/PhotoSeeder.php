<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Doorway;
use App\Record\Log;
use App\Site\Photo;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\File;

/** A made-up photograph of one wall, with eight of its corners shown in it. */
final class PhotoSeeder extends Seeder
{
    private const UID = 'demo-photo-wall';

    private const TAPPED = [
        'opening-left-floor' => [0.35923, 0.67601],
        'opening-left-head' => [0.35451, 0.26625],
        'opening-right-head' => [0.53517, 0.2629],
        'opening-right-floor' => [0.54087, 0.67757],
        'wall-left-floor' => [0.11805, 0.67313],
        'wall-left-ceiling' => [0.11529, 0.16059],
        'wall-right-floor' => [0.96001, 0.68096],
        'wall-right-ceiling' => [0.9454, 0.13236],
    ];

    public function run(): void
    {
        $doorway = Doorway::query()->where('name', 'Throwing room')->firstOrFail();
        $file = self::UID.'.jpg';
        File::ensureDirectoryExists(dirname(Photo::path($doorway, $file)));
        File::copy(database_path('demo/throwing-room.jpg'), Photo::path($doorway, $file));
        $log = new Log($doorway);
        $log->add(
            'photo',
            'survey',
            ['file' => $file, 'width' => 1400, 'height' => 1050, 'says' => '', 'step' => 'survey'],
            'Yoke Line',
            self::UID,
        );
        $points = array_map(fn (array $at) => ['across' => $at[0], 'down' => $at[1]], self::TAPPED);
        $log->add('points', self::UID, ['points' => $points], 'Yoke Line', 'demo-photo-points');
    }
}
