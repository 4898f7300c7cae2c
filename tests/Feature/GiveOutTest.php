<?php

declare(strict_types=1);

use App\Files\FirmArchive;
use App\Files\JobArchive;
use App\Files\JobArrival;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Offer;
use App\Models\Price;
use App\Models\Revision;
use App\Models\ShelfKit;
use App\Models\SupplyOrder;
use App\Record\Log;
use App\Scanning\WallSweep;
use App\Shelf;
use App\Shop\Prices;
use App\Shop\Setting;
use App\Site\Photo;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Demo;
use YokeLine\Format\UnreadableFile;
use YokeLine\Holding\Scan\SimulatedWall;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
});

/** @return array<string, mixed> all that a job is, without the numbers of its rows */
function wholeJob(Job $job): array
{
    return [
        'name' => $job->name,
        'days' => $job->day_plan === null
                ? null
                : [
                    ...$job->day_plan,
                    'doorways' => array_map(
                        fn (int $id) => array_search($id, $job->doorways()->orderBy('id')->pluck('id')->all(), true),
                        $job->day_plan['doorways'],
                    ),
                    'stands' => array_values($job->day_plan['stands'] ?? []),
                ],
        'orders' => SupplyOrder::query()
            ->where('job_id', $job->id)
            ->orderBy('id')
            ->get()
            ->map(
                fn (SupplyOrder $order) => [
                    $order->lines,
                    $order->is_answered,
                    $order
                        ->receipts()
                        ->orderBy('id')
                        ->get(['delivery', 'key', 'count', 'kind'])
                        ->toArray(),
                ],
            )
            ->all(),
        'offers' => Offer::query()
            ->whereIn('doorway_id', $job->doorways()->pluck('id'))
            ->orderBy('id')
            ->get()
            ->map(fn (Offer $offer) => [$offer->cents, $offer->accepted_by, $offer->accepted_at?->toJSON()])
            ->all(),
        'rules' => HouseRule::query()
            ->where('job_id', $job->id)
            ->orderBy('method')
            ->get(['method', 'value', 'why'])
            ->toArray(),
        'doorways' => $job
            ->doorways()
            ->with('revision', 'trace')
            ->orderBy('id')
            ->get()
            ->map(
                fn (Doorway $doorway) => [
                    $doorway->name,
                    $doorway->verdict,
                    $doorway->summary->write(),
                    $doorway->revision->number,
                    $doorway->archived_at?->toJSON(),
                    $doorway->trace?->csv,
                    $doorway->trace?->profile,
                    LogEntry::query()
                        ->where('doorway_id', $doorway->id)
                        ->orderBy('id')
                        ->with('revision')
                        ->get()
                        ->map(
                            fn (LogEntry $entry) => [
                                $entry->uid,
                                $entry->revision->number,
                                $entry->kind,
                                $entry->about,
                                $entry->data,
                                $entry->who,
                                $entry->at->toJSON(),
                            ],
                        )
                        ->all(),
                    $doorway
                        ->revisions()
                        ->with('parent')
                        ->orderBy('number')
                        ->get()
                        ->map(
                            fn (Revision $revision) => [
                                $revision->number,
                                $revision->parent?->number,
                                $revision->what->write(),
                                $revision->who,
                                $revision->created_at->toJSON(),
                                $revision->document->toJson(),
                            ],
                        )
                        ->all(),
                ],
            )
            ->all(),
    ];
}

/**
 * Lines that a page of a PDF draws, in millimetres: length, and whether it lies.
 *
 * @return list<array{float, bool}>
 */
function linesOf(string $pdf, int $page): array
{
    preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
    preg_match_all(
        '/([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S/',
        (string) gzuncompress($streams[1][$page]),
        $found,
        PREG_SET_ORDER,
    );

    return array_map(
        fn (array $line) => [
            (hypot((float) $line[3] - (float) $line[1], (float) $line[4] - (float) $line[2]) / 72) * 25.4,
            $line[2] === $line[4],
        ],
        $found,
    );
}

/**
 * Where the holes of a page are bored, in millimetres from its left and its top edge, and how wide.
 *
 * @return list<array{float, float, float}>
 */
function boresOf(string $pdf, int $page, float $high): array
{
    preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
    preg_match_all(
        '/([\d.]+) ([\d.]+) m\n[\d. ]+? ([\d.]+) ([\d.]+) c\n[\d. ]+? ([\d.]+) [\d.]+ c\n/',
        (string) gzuncompress($streams[1][$page]),
        $found,
        PREG_SET_ORDER,
    );
    $mm = fn (float $points) => ($points / 72) * 25.4;

    return array_map(
        fn (array $circle) => [
            $mm((float) $circle[3]),
            $high - $mm((float) $circle[2]),
            $mm((float) $circle[1] - (float) $circle[5]),
        ],
        $found,
    );
}

/**
 * Boxes that a page of a PDF draws, in millimetres: left, top, width, height.
 *
 * @return list<array{float, float, float, float}>
 */
function boxesOf(string $pdf, int $page, float $high, string $painted = 'S'): array
{
    preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
    preg_match_all(
        "/([\\d.]+) ([\\d.]+) ([\\d.]+) -([\\d.]+) re [{$painted}]/",
        (string) gzuncompress($streams[1][$page]),
        $found,
        PREG_SET_ORDER,
    );
    $mm = fn (string $points) => ((float) $points / 72) * 25.4;

    return array_map(fn (array $box) => [$mm($box[1]), $high - $mm($box[2]), $mm($box[3]), $mm($box[4])], $found);
}

/** @return list<float> where along a page its upright lines stand, in millimetres, in the order they are drawn */
function uprightsOf(string $pdf, int $page): array
{
    preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
    preg_match_all(
        '/([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S/',
        (string) gzuncompress($streams[1][$page]),
        $found,
        PREG_SET_ORDER,
    );

    return array_values(
        array_map(
            fn (array $line) => ((float) $line[1] / 72) * 25.4,
            array_filter(
                $found,
                fn (array $line) => $line[1] === $line[3] && abs((float) $line[2] - (float) $line[4]) > 40,
            ),
        ),
    );
}

test('a job given out whole and brought in again has lost nothing', function () {
    $this->post("/doorways/{$this->doorway->id}/leaf/changes", [
        'place' => 'brief.leaf.thickness',
        'value' => '42',
        'base' => $this->doorway->revision_id,
    ]);
    $this->post("/doorways/{$this->doorway->id}/undo", ['station' => 'leaf']);
    $job = $this->doorway->job;
    HouseRule::create(['job_id' => $job->id, 'method' => 'gap', 'value' => '10 mm', 'why' => 'Felt on the floor.']);
    (new WallSweep($this->doorway, $this->doorway->setout(null)))->keep(SimulatedWall::seeded(3)->trace());
    $this->post("/doorways/{$this->doorway->id}/marks/ticks", ['mark' => 'wall/rail-l', 'made' => 1]);
    $this->post("/jobs/{$job->id}/schedule", [
        'crew' => 3,
        'hours' => '08:00-12:00',
        'from' => '2027-01-11',
        'travel' => 25,
        'doorways' => [$this->doorway->id],
    ]);
    $this->post("/jobs/{$job->id}/schedule", ['task' => "{$this->doorway->id}/box-check", 'start' => 600]);
    $this->post("/jobs/{$job->id}/supply/order");
    $this->travel(30)->days();
    $this->post("/jobs/{$job->id}/supply/receive");
    Offer::create([
        'doorway_id' => $this->doorway->id,
        'revision_id' => $this->doorway->revision_id,
        'cents' => 99_900,
        'accepted_by' => 'R. Okafor',
        'accepted_at' => now()->startOfSecond(),
    ]);
    $this->post("/doorways/{$this->doorway->id}/archive");
    $job->refresh();
    $before = wholeJob($job);
    expect($before['orders'][0][2])
        ->not->toBe([])
        ->and($before['days']['doorways'])
        ->toBe([0])
        ->and($before['days']['stands'])
        ->toHaveCount(1);
    expect($before['doorways'][0][7])->toHaveCount(1);
    expect($before['doorways'][0][5])->toStartWith('position_mm,density');
    $zip = JobArchive::write($job);
    $again = JobArrival::read($zip);
    unlink($zip);

    expect($again->id)->not->toBe($job->id)->and(wholeJob($again))->toBe($before);
});

/** @return array<string, mixed> all that a house is */
function wholeFirm(): array
{
    return [
        'jobs' => Job::query()->orderBy('id')->get()->map(wholeJob(...))->all(),
        'kits' => ShelfKit::query()
            ->orderBy('key')
            ->get()
            ->map(fn (ShelfKit $kit) => [$kit->key, $kit->name, json_decode($kit->document->toJson(), true)])
            ->all(),
        'prices' => Price::query()->orderBy('key')->pluck('cents', 'key')->all(),
        'reckons' => DB::table('shop_settings')->orderBy('name')->pluck('value', 'name')->all(),
        'rules' => HouseRule::query()
            ->whereNull('job_id')
            ->orderBy('method')
            ->get(['method', 'value', 'why'])
            ->toArray(),
        'edits' => DB::table('edits')
            ->orderBy('id')
            ->get(['subject', 'place', 'before', 'after', 'who', 'created_at'])
            ->map(fn (object $row) => (array) $row)
            ->all(),
    ];
}

test('a house given out whole and brought in where there is nothing is the same house', function () {
    $this->post("/doorways/{$this->doorway->id}/leaf/changes", [
        'place' => 'brief.leaf.thickness',
        'value' => '42',
        'base' => $this->doorway->revision_id,
    ]);
    (new WallSweep($this->doorway, $this->doorway->setout(null)))->keep(SimulatedWall::seeded(3)->trace());
    $this->post('/shelf/flat-40-strap/changes', ['place' => 'height.datum', 'value' => 'rail-top']);
    foreach (Setting::cases() as $setting) {
        (new Prices())->settle($setting, (new Prices())->setting($setting));
    }
    HouseRule::updateOrCreate(['job_id' => null, 'method' => 'gap'], ['value' => '11 mm', 'why' => 'Felt.']);
    $this->doorway->job->forceFill(['archived_at' => now()->startOfSecond()])->save();
    $before = wholeFirm();
    $path = FirmArchive::write();
    DB::table('jobs')->pluck('id')->each(fn (int $job) => JobArrival::discard($job));
    array_map(fn (string $table) => DB::table($table)->delete(), [
        'kits',
        'prices',
        'shop_settings',
        'house_rules',
        'edits',
    ]);
    app()->forgetInstance(Shelf::class);
    expect(wholeFirm())->toBe([
        'jobs' => [],
        'kits' => [],
        'prices' => [],
        'reckons' => [],
        'rules' => [],
        'edits' => [],
    ]);
    FirmArchive::read($path);
    unlink($path);

    expect(wholeFirm())->toEqual($before)->and($before['prices'])->not->toBe([])->and($before['edits'])->not->toBe([]);
});

test('a house with one job that does not read brings none of it', function () {
    $path = FirmArchive::write();
    $zip = new ZipArchive();
    $zip->open($path);
    $zip->addFromString('jobs/001-old-pump-house-pottery-co-operative.zip', 'no zip');
    $zip->close();
    $before = [Job::query()->count(), ShelfKit::query()->count(), Revision::query()->count()];

    expect(fn () => FirmArchive::read($path))->toThrow(UnreadableFile::class, 'zip-not');
    expect([
        Job::query()->count(),
        ShelfKit::query()->count(),
        Revision::query()->count(),
        DB::table('jobs')->whereNotNull('arriving_since')->count(),
    ])->toBe([...$before, 0]);
    unlink($path);
});

test('a photograph that is lost from the disk keeps nothing else from going out and coming in', function () {
    config(['app.photos' => ($photos = sys_get_temp_dir().'/yoke-line-'.bin2hex(random_bytes(4)))]);
    (new Log($this->doorway))->add(
        'photo',
        'leaf-in',
        ['file' => 'lost.jpg', 'width' => 4, 'height' => 3, 'says' => '', 'step' => ''],
        'Someone',
        'lost',
    );
    $path = JobArchive::write($this->doorway->job);
    $job = JobArrival::read($path);

    expect($job->doorways()->count())->toBe($this->doorway->job->doorways()->count());
    File::deleteDirectory($photos);
    unlink($path);
});

test('a ZIP that is refused half way leaves no row and no photograph', function () {
    config(['app.photos' => ($photos = sys_get_temp_dir().'/yoke-line-'.bin2hex(random_bytes(4)))]);
    ob_start();
    imagejpeg(imagecreatetruecolor(40, 30));
    (new Log($this->doorway))->add(
        'photo',
        'leaf-in',
        [...Photo::write($this->doorway, 'a-picture', (string) ob_get_clean()), 'says' => '', 'step' => ''],
        'Someone',
        'a-picture',
    );
    $path = JobArchive::write($this->doorway->job);
    $zip = new ZipArchive();
    $zip->open($path);
    $zip->addFromString('log/02-glaze-store.jsonl', "{}\n");
    $zip->close();
    $count = fn () => array_map(fn (string $table) => DB::table($table)->count(), [
        'jobs',
        'doorways',
        'revisions',
        'log_entries',
        'orders',
        'house_rules',
        'offers',
        'traces',
    ]);
    $before = $count();

    expect(fn () => JobArrival::read($path))
        ->toThrow(UnreadableFile::class)
        ->and($count())
        ->toBe($before)
        ->and(File::allFiles($photos))
        ->toHaveCount(1);
    File::deleteDirectory($photos);
    unlink($path);
});

test('a ZIP with a name that no file may have, or too much in it, is not opened', function (
    Closure $change,
    string $why,
) {
    $path = JobArchive::write($this->doorway->job);
    $zip = new ZipArchive();
    $zip->open($path);
    $change($zip);
    $zip->close();
    $jobs = Job::query()->count();

    expect(fn () => JobArrival::read($path))->toThrow(UnreadableFile::class, $why);
    expect(Job::query()->count())
        ->toBe($jobs)
        ->and(DB::table('jobs')->count())
        ->toBe($jobs);
    unlink($path);
})->with([
    'a way up' => [fn (ZipArchive $zip) => $zip->addFromString('../../etc/passwd', 'x'), 'zip-name'],
    'absolute' => [fn (ZipArchive $zip) => $zip->addFromString('/etc/passwd', 'x'), 'zip-name'],
    'deep' => [fn (ZipArchive $zip) => $zip->addFromString('a/b/c/d/e/f', 'x'), 'zip-name'],
    'a file of nothing but noughts' => [
        fn (ZipArchive $zip) => $zip->addFromString('doorways/01-kiln-room.json', str_repeat(' ', 5_000_000)),
        'zip-file-large',
    ],
    'a line without end' => [
        fn (ZipArchive $zip) => $zip->addFromString('history/01-kiln-room.jsonl', '{"a":"'.str_repeat('a', 3_000_000)),
        'zip-line',
    ],
    'names within that are none' => [
        fn (ZipArchive $zip) => $zip->addFromString(
            'job.json',
            str_replace('"01-kiln-room"', '"01-kiln\\u0000room"', (string) $zip->getFromName('job.json')),
        ),
        'doorways[0].file',
    ],
    'a number without end' => [
        fn (ZipArchive $zip) => $zip->addFromString(
            'doorways/01-kiln-room.json',
            '{"format": "yoke-line/doorway", "version": 1, "x": 1e999}',
        ),
        'not-json',
    ],
    'deeper than is read' => [
        fn (ZipArchive $zip) => $zip->addFromString(
            'doorways/01-kiln-room.json',
            '{"format": "yoke-line/doorway", "version": 1, "x": '.str_repeat('[', 80).str_repeat(']', 80).'}',
        ),
        'not-json',
    ],
]);

test('a job given out before histories had lines comes in', function () {
    $path = JobArchive::write($this->doorway->job);
    $zip = new ZipArchive();
    $zip->open($path);
    $zip->addFromString(
        'job.json',
        str_replace('"version": 2', '"version": 1', (string) $zip->getFromName('job.json')),
    );
    for ($i = 0, $count = $zip->numFiles; $i < $count; $i++) {
        $name = (string) $zip->getNameIndex($i);
        if (str_ends_with($name, '.jsonl')) {
            $lines = array_filter(explode("\n", (string) $zip->getFromName($name)));
            $zip->addFromString(
                substr($name, 0, -1),
                '{"'.(str_starts_with($name, 'log') ? 'entries' : 'changes').'": ['.implode(',', $lines).']}',
            );
        }
    }
    $zip->close();
    $before = wholeJob($this->doorway->job);

    expect(wholeJob(JobArrival::read($path)))->toBe($before);
    unlink($path);
});

test('a file that is no ZIP of a job changes nothing and says why', function () {
    $jobs = Job::query()->count();
    $this->post('/jobs/bring-in', [
        'file' => UploadedFile::fake()->createWithContent('holiday.zip', 'no zip at all'),
    ])->assertRedirect('/');

    $this->get('/')->assertSee('holiday.zip')->assertSee('This is not a ZIP file.');
    expect(Job::query()->count())->toBe($jobs);
});

test('a ZIP with a doorway that cannot be read names the file and the place, and changes nothing', function () {
    $path = JobArchive::write($this->doorway->job);
    $zip = new ZipArchive();
    $zip->open($path);
    $name = (string) $zip->getNameIndex(0);
    $zip->addFromString($name, str_replace('"yoke-line/doorway"', '"something"', (string) $zip->getFromName($name)));
    $zip->close();
    $jobs = Job::query()->count();

    expect(fn () => JobArrival::read($path))->toThrow(UnreadableFile::class, $name);
    expect(Job::query()->count())->toBe($jobs);
    unlink($path);
});

test('the check scales of a template are 100 mm and 4 inches long', function () {
    $lines = array_filter(
        linesOf(
            $this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf")
                ->assertOk()
                ->getContent(),
            0,
        ),
        fn (array $line) => $line[1],
    );
    $long = array_map(fn (array $line) => round($line[0], 1), $lines);

    expect($long)->toContain(100.0)->toContain(101.6);
});

test('the holes of a template are where the plan has them and as wide', function (string $paper, float $high) {
    $pdf = $this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf?paper={$paper}")->getContent();
    [$upper, $lower] = boresOf($pdf, 0, $high);

    // The leaf's corner stands 20 in and 70 down.
    expect($upper[0])
        ->toEqualWithDelta(20 + 72, 0.02)
        ->and($upper[1])
        ->toEqualWithDelta(70 + 46, 0.02)
        ->and($upper[2])
        ->toEqualWithDelta(10, 0.02)
        ->and($lower[1])
        ->toEqualWithDelta(70 + 108, 0.02);
})->with([['a4', 297.0], ['letter', 279.4]]);

test('the wall as DXF has a layer to each part, in millimetres', function () {
    $dxf = $this->get("/doorways/{$this->doorway->id}/give-out/wall.dxf")
        ->assertOk()
        ->getContent();
    $pairs = array_chunk(explode("\r\n", $dxf), 2);
    $layers = array_column(array_filter($pairs, fn (array $pair) => $pair[0] === '8'), 1);
    $rail = array_search(['8', 'RAIL'], $pairs, true);

    expect($layers)
        ->toContain('WALL')
        ->toContain('RAIL_HOLES')
        ->toContain('LEAF_SHUT')
        ->toContain('YOKE_LINE')
        ->and(array_slice($pairs, $rail + 7, 2))
        ->toBe([['10', '730.5'], ['20', '2211']]);
});

test('the DXF says its units, and its extents are those of what is drawn', function () {
    $this->doorway->rewrite(
        fn (Revision $head) => $head->document->with('survey.obstacles', [
            ['kind' => 'switch', 'name' => 'włącznik', 'x' => [3000, 3080], 'y' => [1000, 1080], 'projection' => 10],
        ]),
        'a switch',
        Editor::named('Someone'),
    );
    $pairs = array_chunk(
        explode("\r\n", rtrim((string) $this->get("/doorways/{$this->doorway->id}/give-out/wall.dxf")->getContent())),
        2,
    );
    $after = fn (string $variable, int $n) => (float) $pairs[array_search(['9', $variable], $pairs, true) + $n][1];
    $body = array_slice($pairs, (int) array_search(['2', 'ENTITIES'], $pairs, true));
    $across = $up = [];
    foreach ($body as $i => [$code, $value]) {
        if ($code === '10' && ! ($value === '0' && ($body[$i - 1] ?? null) === ['66', '1'])) {
            $radius = $body[$i + 2][0] === '40' && $body[$i - 2] === ['0', 'CIRCLE'] ? (float) $body[$i + 2][1] : 0.0;
            array_push($across, (float) $value - $radius, (float) $value + $radius);
            array_push($up, (float) $body[$i + 1][1] - $radius, (float) $body[$i + 1][1] + $radius);
        } elseif ($code === '11') {
            $across[] = (float) $value;
            $up[] = (float) $body[$i + 1][1];
        }
    }

    expect($after('$INSUNITS', 1))
        ->toBe(4.0)
        ->and([$after('$EXTMIN', 1), $after('$EXTMIN', 2), $after('$EXTMAX', 1), $after('$EXTMAX', 2)])
        ->toEqualWithDelta([min($across), min($up), max($across), max($up)], 1e-6);
});

test('the wall as SVG is as large as the wall, in millimetres', function () {
    $svg = simplexml_load_string(
        $this->get("/doorways/{$this->doorway->id}/give-out/wall.svg")
            ->assertOk()
            ->getContent(),
    );

    expect((string) $svg['width'])->toBe('3740mm')->and((string) $svg['viewBox'])->toBe('-50 -2705 3740 2805');
});

test('marks and fixings as a table have the places of the plan', function () {
    $rows = array_map(
        fn (string $line) => str_getcsv($line, escape: ''),
        explode(
            "\n",
            trim(
                $this->get("/doorways/{$this->doorway->id}/give-out/marks.csv")
                    ->assertOk()
                    ->getContent(),
            ),
        ),
    );

    expect($rows[1])
        ->toBe(['height', 'up', 'line-hole', 'Rail line, hole centre', '', '2191', '', '', '', '', 'mark-line'])
        ->and($rows[4])
        ->toBe(['mark', 'wall', 'board-l', 'header board, left end', '670.5', '', '', '', '', '', 'mark-wall'])
        ->and(array_column($rows, 0))
        ->toContain('fixing');
});

test('a doorway in inches gives its outline out in inches', function () {
    $glaze = Doorway::query()->where('name', 'Glaze store')->firstOrFail();
    $lines = explode("\r\n", $this->get("/doorways/{$glaze->id}/give-out/wall.dxf")->assertOk()->getContent());
    $after = fn (string $name, int $lines_on) => $lines[(int) array_search($name, $lines, true) + $lines_on];

    expect($after('$INSUNITS', 2))
        ->toBe('1')
        ->and($after('$MEASUREMENT', 2))
        ->toBe('0')
        ->and((float) $after('$EXTMAX', 2))
        // The wall is 9 ft 7 1/4.
        ->toEqualWithDelta(115.25, 20.0)
        ->and((float) $after('$EXTMAX', 2))
        ->toBeLessThan(200.0);
});

test('the heads of a table name the doorway’s unit, and its numbers are in it', function (
    string $name,
    string $head,
    float $line,
) {
    $doorway = Doorway::query()->where('name', $name)->firstOrFail();
    $lines = explode("\n", $this->get("/doorways/{$doorway->id}/give-out/marks.csv")->assertOk()->getContent());
    $height = str_getcsv($lines[1], escape: '');

    expect($lines[0])->toContain($head)->and((float) $height[5])->toBe($line);
})->with([['Kiln room', 'place_mm', 2191.0], ['Glaze store', 'place_in', 83.25]]);

test('the table begins with the height of the rail as this house means it', function (string $means) {
    $doorway = $this->doorway;
    $this->post(route('changes', [$doorway, 'rail']), [
        'changes' => json_encode(['brief.rules.height_means' => $means]),
        'base' => $doorway->revision_id,
    ])->assertOk();
    $lines = explode("\n", $this->get("/doorways/{$doorway->id}/give-out/marks.csv")->getContent());

    expect($lines[1])->toContain("line-{$means}");
})->with(['hole', 'top', 'foot']);

test('a log entry without its moment is refused by name, and changes nothing', function () {
    $path = JobArchive::write($this->doorway->job);
    $zip = new ZipArchive();
    $zip->open($path);
    $zip->addFromString(
        'log/01-kiln-room.jsonl',
        '{"uid": "a", "kind": "mark", "about": "wall/rail-l", "data": {}, "change": 1}',
    );
    $zip->close();
    $jobs = Job::query()->count();

    expect(fn () => JobArrival::read($path))->toThrow(UnreadableFile::class, 'log/01-kiln-room.jsonl line 1');
    expect(Job::query()->count())->toBe($jobs);
    unlink($path);
});

test('a pair has a template for each corner of each leaf', function () {
    $archive = Doorway::query()->where('name', 'Map archive')->firstOrFail();
    $one = preg_match_all(
        '~/Type /Page\b~',
        (string) $this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf")->getContent(),
    );
    $said = shownOn(
        $this->get("/doorways/{$archive->id}/give-out/templates.pdf")
            ->assertOk()
            ->getContent(),
    );

    expect($one)
        ->toBeGreaterThan(4)
        ->and($said)
        ->toContain('Top corner of the left door, leading edge')
        ->toContain('Top corner of the right door, trailing edge');
});

test('the guide on the floor is as far from the wall and from the jamb as the plan has it', function () {
    $pdf = $this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf")->getContent();
    // The third page: the wall's line is 75 down, the middle of the page is the guide's.
    [$left, $top, $wide, $high] = boxesOf($pdf, 3, 297.0)[0];

    expect($left + $wide / 2)
        ->toEqualWithDelta(105, 0.02)
        ->and($wide)
        ->toEqualWithDelta(38, 0.02)
        ->and($high)
        ->toEqualWithDelta(5, 0.02)
        ->and($top + $high / 2)
        ->toEqualWithDelta(75 + 51, 0.02)
        ->and(shownOn($pdf, 3))
        ->toContain('jamb, 27 away');
});

test('the groove of a template is as deep and as wide as the plan has it', function () {
    $lines = linesOf($this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf")->getContent(), 2);

    expect(array_map(fn (array $line) => round($line[0], 1), array_filter($lines, fn (array $line) => ! $line[1])))
        ->toContain(12.8)
        ->and(array_map(fn (array $line) => round($line[0], 1), array_filter($lines, fn (array $line) => $line[1])))
        ->toContain(6.5);
});

test('the marks of the story strip are as far apart as on the wall', function () {
    $pdf = $this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf")->getContent();
    $ups = uprightsOf($pdf, 4);

    // Board 670.5, rail 730.5, first stud 790: the first three marks of the strip.
    expect($ups[1] - $ups[0])
        ->toEqualWithDelta(60, 0.02)
        ->and($ups[2] - $ups[0])
        ->toEqualWithDelta(119.5, 0.02);
});

test('the sheet of a simple doorway says it all on three pages: wall, numbers, door', function (
    string $name,
    string $paper,
) {
    $id = Doorway::query()->where('name', $name)->value('id');
    $pdf = $this->get("/doorways/{$id}/give-out/sheet.pdf?paper={$paper}")
        ->assertOk()
        ->getContent();

    expect(preg_match_all('#/Type\s*/Page\b#', $pdf))
        ->toBe(3)
        ->and(shownOn($pdf, 0))
        ->toContain($name)
        ->toContain('change 1')
        ->and(shownOn($pdf, 1))
        ->toContain('Along the wall: hook at the')
        ->toContain('Sizes')
        ->toContain('Fixings')
        ->toContain('Order of work')
        ->toContain('Take care')
        ->and(shownOn($pdf, 2))
        ->toContain('jump disc, leading');
})
    ->with(['Kiln room', 'Glaze store', 'Clay store'])
    ->with(['a4', 'letter']);

/**
 * Words on the first page of a PDF between its head and its foot, as another program finds them.
 *
 * @return list<array{string, float, float, float, float}> each with left, top, right, foot in points
 */
function wordsBetween(string $pdf, float $head, float $foot): array
{
    file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'pdf'), $pdf);
    $said = (string) shell_exec('pdftotext -bbox -l 1 '.escapeshellarg($file).' - 2>&1');
    unlink($file);
    preg_match_all(
        '~<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]+)</word>~',
        $said,
        $found,
        PREG_SET_ORDER,
    );
    $words = array_map(
        fn (array $one) => [$one[5], (float) $one[1], (float) $one[2], (float) $one[3], (float) $one[4]],
        $found,
    );

    return array_values(array_filter($words, fn (array $word) => $word[2] > $head && $word[4] < $foot));
}

test('the wall takes at least half of the sheet’s first page, its numbers to be read at arm’s length', function (
    string $name,
    string $paper,
    float $wide,
    float $high,
) {
    $id = Doorway::query()->where('name', $name)->value('id');
    $pdf = $this->get("/doorways/{$id}/give-out/sheet.pdf?paper={$paper}")->getContent();
    // The readings are the only numbers between the findings and the foot.
    $numbers = array_filter(
        wordsBetween($pdf, 100, $high - 40),
        fn (array $word) => preg_match('/^\d/', $word[0]) === 1 && $word[4] - $word[2] > 9,
    );
    $points = fn (float $mm) => ($mm / 25.4) * 72;
    $all = [
        ...wordsBetween($pdf, 100, $high - 40),
        ...array_map(
            fn (array $box) => ['', ...array_map($points, [$box[0], $box[1], $box[0] + $box[2], $box[1] + $box[3]])],
            boxesOf($pdf, 0, ($high / 72) * 25.4, 'SB'),
        ),
    ];
    $area =
        (max(array_column($all, 3)) - min(array_column($all, 1))) *
        (max(array_column($all, 4)) - min(array_column($all, 2)));

    expect($area / ($wide * $high))
        ->toBeGreaterThan(0.5)
        ->and(count($numbers))
        ->toBeGreaterThan(10)
        ->and(min(array_map(fn (array $word) => $word[4] - $word[2], $numbers)))
        ->toBeGreaterThan(11.0);
})->with([
    ['Kiln room', 'a4', 841.9, 595.3],
    ['Glaze store', 'letter', 792.0, 612.0],
    ['Counter room', 'a4', 841.9, 595.3],
    ['Show room', 'a4', 841.9, 595.3],
    ['Map archive', 'letter', 792.0, 612.0],
]);

test('a name of any language is on paper as it is written', function (string $name) {
    $this->doorway->rewrite(
        fn (Revision $head) => $head->document->with('name', $name),
        'named',
        Editor::named('Someone'),
    );

    foreach (['sheet.pdf', 'templates.pdf'] as $what) {
        expect(
            shownOn(
                $this->get("/doorways/{$this->doorway->id}/give-out/{$what}")
                    ->assertOk()
                    ->getContent(),
            ),
        )
            ->toContain($name)
            ->not->toContain('Powered');
    }
})->with(['Łazienka', 'Ванная комната', 'Μπάνιο', 'Salón — baño', 'Şöminé odası']);

test('a sheet is as large as the paper asked for', function (string $paper, string $box) {
    expect($this->get("/doorways/{$this->doorway->id}/give-out/sheet.pdf?paper={$paper}")->getContent())->toContain(
        $box,
    );
})->with([
    ['a4', '/MediaBox [0.000000 0.000000 841.890000 595.276000]'],
    ['letter', '/MediaBox [0.000000 0.000000 792.000000 612.000000]'],
]);

test('a sheet in inches says its lengths in inches', function () {
    lookIn('in', $this->doorway->job);

    expect(shownOn($this->get("/doorways/{$this->doorway->id}/give-out/sheet.pdf")->getContent()))
        ->toContain('86 1/4')
        ->toContain('inches');
});

test('every sheet of a job comes in one file, doorway by doorway', function () {
    $job = $this->doorway->job;
    $page = $this->post("/jobs/{$job->id}/parcels", ['kind' => 'sheets', 'paper' => 'A4'])
        ->assertOk()
        ->assertSee('0 of 12 doorways');
    preg_match('#/parcels/([0-9a-z]{26})/next#', $page->getContent(), $found);
    for ($i = 1; $i < 12; $i++) {
        $this->post("/parcels/{$found[1]}/next")->assertSee("{$i} of 12 doorways");
    }
    $this->get("/parcels/{$found[1]}/file")->assertNotFound();
    $this->post("/parcels/{$found[1]}/next")->assertSee('Ready.');
    $pdf = (string) file_get_contents(
        $this->get("/parcels/{$found[1]}/file")
            ->assertOk()
            ->assertDownload('old-pump-house-pottery-co-operative-sheets.pdf')
            ->baseResponse->getFile()
            ->getPathname(),
    );

    expect(preg_match_all('#/Type\s*/Page\b#', $pdf))->toBeGreaterThan(11);
});

test('a parcel of the whole job comes in again as it was', function () {
    $job = $this->doorway->job;
    preg_match(
        '#/parcels/([0-9a-z]{26})/next#',
        $this->post("/jobs/{$job->id}/parcels", ['kind' => 'archive'])->getContent(),
        $found,
    );
    do {
        $said = $this->post("/parcels/{$found[1]}/next")
            ->assertOk()
            ->getContent();
    } while (! str_contains($said, 'Ready.'));
    $again = JobArrival::read(
        $this->get("/parcels/{$found[1]}/file")
            ->assertOk()
            ->baseResponse->getFile()
            ->getPathname(),
    );

    expect(wholeJob($again))->toBe(wholeJob($job));
});

test('a parcel that is gone says so', function (string $id) {
    $this->post("/parcels/{$id}/next")->assertNotFound();
})->with(['01234567890123456789012345', '..', 'state']);

test('what has no plan gives out nothing', function () {
    $unmeasured = Doorway::query()->where('verdict', 'unmeasured')->firstOrFail();

    $this->get("/doorways/{$unmeasured->id}/give-out/wall.dxf")->assertNotFound();
});
