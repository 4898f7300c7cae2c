<?php

use App\Files\JobArchive;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Revision;
use App\Scanning\WallSweep;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use YokeLine\Anchoring\Scan\SimulatedWall;
use YokeLine\Format\UnreadableFile;

beforeEach(function () {
    $this->seed(DemoSeeder::class);
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
});

/** @return array<string, mixed> all that a job is, without the numbers of its rows */
function wholeJob(Job $job): array
{
    return [
        'name' => $job->name,
        'rules' => HouseRule::query()->where('job_id', $job->id)->orderBy('method')->get(['method', 'value', 'why'])->toArray(),
        'doorways' => $job->doorways()->with('revision', 'trace')->orderBy('id')->get()->map(fn (Doorway $doorway) => [
            $doorway->name, $doorway->verdict, $doorway->summary, $doorway->revision->number, $doorway->archived_at?->toJSON(), $doorway->trace?->csv, $doorway->trace?->profile,
            $doorway->revisions()->with('parent')->orderBy('number')->get()->map(fn (Revision $revision) => [$revision->number, $revision->parent?->number, $revision->what, $revision->who, $revision->created_at->toJSON(), $revision->document->toJson()])->all(),
        ])->all(),
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
    preg_match_all('/([\d.]+) ([\d.]+) m ([\d.]+) ([\d.]+) l S/', (string) gzuncompress($streams[1][$page]), $found, PREG_SET_ORDER);

    return array_map(fn (array $line) => [hypot((float) $line[3] - (float) $line[1], (float) $line[4] - (float) $line[2]) / 72 * 25.4, $line[2] === $line[4]], $found);
}

/**
 * Where the holes of a page are bored, in millimetres from its left and its top edge, and how wide.
 *
 * @return list<array{float, float, float}>
 */
function boresOf(string $pdf, int $page, float $high): array
{
    preg_match_all('/stream\n(.*?)\nendstream/s', $pdf, $streams);
    preg_match_all('/([\d.]+) ([\d.]+) m\n[\d. ]+? ([\d.]+) ([\d.]+) c\n[\d. ]+? ([\d.]+) [\d.]+ c\n/', (string) gzuncompress($streams[1][$page]), $found, PREG_SET_ORDER);
    $mm = fn (float $points) => $points / 72 * 25.4;

    return array_map(fn (array $circle) => [$mm((float) $circle[3]), $high - $mm((float) $circle[2]), $mm((float) $circle[1] - (float) $circle[5])], $found);
}

test('a job given out whole and brought in again has lost nothing', function () {
    $this->post("/doorways/{$this->doorway->id}/leaf/changes", ['place' => 'brief.leaf.thickness', 'value' => '42', 'base' => $this->doorway->revision_id]);
    $this->post("/doorways/{$this->doorway->id}/undo", ['station' => 'leaf']);
    $this->post("/doorways/{$this->doorway->id}/archive");
    $job = $this->doorway->job;
    HouseRule::create(['job_id' => $job->id, 'method' => 'gap', 'value' => '10 mm', 'why' => 'Felt on the floor.']);
    (new WallSweep($this->doorway, $this->doorway->setout(null)))->keep(SimulatedWall::seeded(3)->trace());
    $before = wholeJob($job);
    expect($before['doorways'][0][5])->toStartWith('position_mm,density');
    $zip = JobArchive::write($job);
    $again = JobArchive::read($zip);
    unlink($zip);

    expect($again->id)->not->toBe($job->id)->and(wholeJob($again))->toBe($before);
});

test('a file that is no ZIP of a job changes nothing and says why', function () {
    $jobs = Job::query()->count();
    $this->post('/jobs/bring-in', ['file' => UploadedFile::fake()->createWithContent('holiday.zip', 'no zip at all')])->assertRedirect('/');

    $this->get('/')->assertSee('holiday.zip')->assertSee('This is not a ZIP file.');
    expect(Job::query()->count())->toBe($jobs);
});

test('a ZIP with a doorway that cannot be read names the file and the place, and changes nothing', function () {
    $path = JobArchive::write($this->doorway->job);
    $zip = new ZipArchive;
    $zip->open($path);
    $name = (string) $zip->getNameIndex(0);
    $zip->addFromString($name, str_replace('"yoke-line/doorway"', '"something"', (string) $zip->getFromName($name)));
    $zip->close();
    $jobs = Job::query()->count();

    expect(fn () => JobArchive::read($path))->toThrow(UnreadableFile::class, $name);
    expect(Job::query()->count())->toBe($jobs);
    unlink($path);
});

test('the check scales of a template are 100 mm and 4 inches long', function () {
    $lines = array_filter(linesOf($this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf")->assertOk()->getContent(), 0), fn (array $line) => $line[1]);
    $long = array_map(fn (array $line) => round($line[0], 1), $lines);

    expect($long)->toContain(100.0)->toContain(101.6);
});

test('the holes of a template are where the plan has them and as wide', function (string $paper, float $high) {
    $pdf = $this->get("/doorways/{$this->doorway->id}/give-out/templates.pdf?paper={$paper}")->getContent();
    [$upper, $lower] = boresOf($pdf, 0, $high);

    // The leaf's corner stands 20 in and 70 down.
    expect($upper[0])->toEqualWithDelta(20 + 72, 0.02)->and($upper[1])->toEqualWithDelta(70 + 46, 0.02)->and($upper[2])->toEqualWithDelta(10, 0.02)
        ->and($lower[1])->toEqualWithDelta(70 + 108, 0.02);
})->with([['a4', 297.0], ['letter', 279.4]]);

test('the wall as DXF has a layer to each part, in millimetres', function () {
    $dxf = $this->get("/doorways/{$this->doorway->id}/give-out/wall.dxf")->assertOk()->getContent();
    $pairs = array_chunk(explode("\r\n", $dxf), 2);
    $layers = array_column(array_filter($pairs, fn (array $pair) => $pair[0] === '8'), 1);
    $rail = array_search(['8', 'RAIL'], $pairs, true);

    expect($layers)->toContain('WALL')->toContain('RAIL_HOLES')->toContain('LEAF_SHUT')->toContain('YOKE_LINE')
        ->and(array_slice($pairs, $rail + 7, 2))->toBe([['10', '730.5'], ['20', '2211']]);
});

test('the wall as SVG is as large as the wall, in millimetres', function () {
    $svg = simplexml_load_string($this->get("/doorways/{$this->doorway->id}/give-out/wall.svg")->assertOk()->getContent());

    expect((string) $svg['width'])->toBe('3740mm')->and((string) $svg['viewBox'])->toBe('-50 -2705 3740 2805');
});

test('marks and fixings as a table have the places of the plan', function () {
    $rows = array_map(fn (string $line) => str_getcsv($line, escape: ''), explode("\n", trim($this->get("/doorways/{$this->doorway->id}/give-out/marks.csv")->assertOk()->getContent())));

    expect($rows[1])->toBe(['mark', 'wall', 'board-l', 'header, left end', '670.5', '', '', '', '', '', 'mark-wall'])
        ->and(array_column($rows, 0))->toContain('fixing');
});

test('what has no plan gives out nothing', function () {
    $unmeasured = Doorway::query()->where('verdict', 'unmeasured')->firstOrFail();

    $this->get("/doorways/{$unmeasured->id}/give-out/wall.dxf")->assertNotFound();
    $this->get("/doorways/{$unmeasured->id}/marks")->assertRedirect("/doorways/{$unmeasured->id}/wall");
});
