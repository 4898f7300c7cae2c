<?php

declare(strict_types=1);

use App\Files\FirmArchive;
use App\Files\JobArchive;
use App\Files\JobArrival;
use App\Models\Doorway;
use App\Models\Job;
use App\Shop\JobMaterials;
use App\Shop\MaterialLine;
use App\Shop\Prices;
use App\Shop\Rate;
use App\Supply\JobSupply;
use App\Supply\SimulatedSupplier;
use Illuminate\Support\Facades\DB;
use Tests\Demo;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Unit;
use YokeLine\Stock\SoldBy;

beforeEach(function () {
    Demo::load();
    DB::table('prices')->delete();
    $this->job = Job::query()->where('units', 'in')->firstOrFail();
    $this->line = fn (MaterialKind $kind, ?Job $job = null): MaterialLine => collect(
        (new JobMaterials($job ?? $this->job, null))->lines,
    )->firstOrFail(fn (MaterialLine $line) => $line->material->id->kind === $kind);
    $this->price = fn (MaterialLine $line, string $typed, string $per = '') => $this->post(
        "/jobs/{$this->job->id}/materials/price",
        [
            'key' => $line->material->key,
            'like' => $line->material->id->ofEveryLength()->key,
            'price' => $typed,
            'per' => $per,
        ],
    );
});

test('a job in inches lists boards by name and feet, paint in quarts, bolts in fractions', function () {
    $this->get("/jobs/{$this->job->id}/materials")
        ->assertOk()
        ->assertSee("Board 2x6 (5\u{a0}1/2 × 1\u{a0}1/2), 10 ft")
        ->assertSee(' qt')
        ->assertDontSee(' l<', false)
        ->assertSee("5/16 × 3\u{a0}1/2");
});

test('its table names the unit of every length', function () {
    $table = (string) $this->get("/jobs/{$this->job->id}/materials.csv")->getContent();

    expect($table)
        ->toContain('5/16"" × 3 1/2""')
        ->toContain('42"" × 86"" × 1 1/2""')
        ->not->toContain('× 86 ×');
});

test('in a job that speaks another unit a thing keeps the size that it is sold in, with its unit', function () {
    $metric = Job::query()->where('units', 'mm')->firstOrFail();
    $counter = Doorway::query()->where('name', 'Counter room')->firstOrFail();
    $counter->forceFill(['job_id' => $metric->id])->save();

    $this->get("/jobs/{$metric->id}/materials?doorway={$counter->id}")->assertSee("42 × 86 × 1\u{a0}1/2");
    $this->get("/jobs/{$metric->id}/materials")
        ->assertSee("42\" × 86\" × 1\u{a0}1/2\"")
        ->assertSee("Board 2x6 (5\u{a0}1/2\" × 1\u{a0}1/2\"), 10 ft")
        ->assertDontSee(' qt');
});

test('paint of doorways in two units is one amount in the unit of the job', function () {
    $metric = Job::query()->where('units', 'mm')->firstOrFail();
    $counter = Doorway::query()->where('name', 'Counter room')->firstOrFail();
    $quarts = collect((new JobMaterials($this->job, null, $counter->id))->lines)->get('paint')->count;
    $before = ($this->line)(MaterialKind::Paint, $metric)->count;
    $counter->forceFill(['job_id' => $metric->id])->save();
    $after = ($this->line)(MaterialKind::Paint, $metric);

    expect($after->material->by)
        ->toBe(SoldBy::Litre)
        ->and($after->count - $before)
        ->toEqualWithDelta($quarts * 0.946352946, 1e-9);
});

test('a board is priced by the foot for every length of its like', function () {
    $board = ($this->line)(MaterialKind::Board);
    ($this->price)($board, '1.85', 'ft')->assertRedirect();
    $priced = ($this->line)(MaterialKind::Board);
    $feet = $priced->material->amountBy(SoldBy::Foot);

    expect((new Prices())->rate($board->material->id->ofEveryLength()->key))
        ->toEqual(new Rate(185, SoldBy::Foot))
        ->and($priced->cents())
        ->toBe((int) round(185 * $feet * $priced->count));
});

test('a board foot of a 2x8, 12 ft long, is one of sixteen', function () {
    $rate = Rate::read('4.80/bf');
    $board = collect((new JobMaterials($this->job, null))->lines)->firstOrFail(
        fn (MaterialLine $line) => str_starts_with($line->material->key, 'board 184.15x38.1x'),
    )->material;
    $feet = $board->amountBy(SoldBy::Foot);

    expect($rate?->for($board, 1))->toBe((int) round((480 * 2 * 8 * $feet) / 12));
});

test('its own price stands before that of its like, and a price of the like takes its own off', function () {
    $board = ($this->line)(MaterialKind::Board);
    ($this->price)($board, '1.85', 'ft');
    ($this->price)($board, '14');
    expect(($this->line)(MaterialKind::Board)->rate)->toEqual(new Rate(1400, SoldBy::Piece));

    ($this->price)($board, '1.95', 'ft');
    expect(($this->line)(MaterialKind::Board)->rate)->toEqual(new Rate(195, SoldBy::Foot));
});

test('a price of a quart costs the same litres in a job in millimetres', function () {
    ($this->price)(($this->line)(MaterialKind::Paint), '12.99', 'qt');
    $metric = ($this->line)(MaterialKind::Paint, Job::query()->where('units', 'mm')->firstOrFail());

    expect($metric->cents())
        ->toBe((int) round((1299 * $metric->bought()) / 0.946352946))
        ->and($metric->rate?->typed($metric->material))
        ->toBe('12.99/qt');
});

test('what is no price by what it is sold by is told at its line', function (string $typed) {
    $board = ($this->line)(MaterialKind::Board);

    $this->followingRedirects();
    ($this->price)($board, $typed, 'ft')->assertSee('is not a price');
    expect(($this->line)(MaterialKind::Board)->rate)->toBeNull();
})->with(['cheap', '1.85/yard', '-2', '1/2/3']);

test('a price list goes out and comes in with what each price is for', function () {
    ($this->price)(($this->line)(MaterialKind::Board), '1.85', 'ft');
    ($this->price)(($this->line)(MaterialKind::Paint), '12.99', 'qt');
    $rates = fn () => DB::table('prices')
        ->orderBy('key')
        ->get(['key', 'cents', 'per'])
        ->all();
    [$before, $csv] = [$rates(), (new Prices())->csv()];
    DB::table('prices')->delete();

    expect((new Prices())->bringIn($csv))
        ->toBe([])
        ->and($rates())
        ->toEqual($before);
});

test('a house goes out and comes back with what each price is for', function () {
    ($this->price)(($this->line)(MaterialKind::Board), '1.85', 'ft');
    $key = ($this->line)(MaterialKind::Board)->material->id->ofEveryLength()->key;
    $zip = FirmArchive::write();
    DB::table('prices')->delete();
    FirmArchive::read($zip);
    unlink($zip);

    expect((new Prices())->rate($key))->toEqual(new Rate(185, SoldBy::Foot));
});

test('a job goes out and comes in with its unit', function () {
    $again = JobArrival::read(JobArchive::write($this->job));

    expect($again->refresh()->units)->toBe(Unit::Inch);
});

test('what is ordered in quarts is not ordered again when the job speaks millimetres', function () {
    $supply = new JobSupply($this->job, new SimulatedSupplier());
    $supply->order((new JobMaterials($this->job, null))->wanted());
    $this->job->update(['units' => 'mm']);
    $supply->order((new JobMaterials($this->job->refresh(), null))->wanted());

    expect($supply->orders()->count())->toBe(1);
});

test('the yard in feet is another list than the yard in millimetres', function () {
    $this->post("/jobs/{$this->job->id}/materials/price", ['setting' => 'stock_feet', 'price' => "20, 24'"]);
    $keys = array_keys((new JobMaterials($this->job, null))->lines);
    $boards = array_values(array_filter($keys, fn (string $key) => str_starts_with($key, 'board ')));

    expect($boards)->each->toMatch('/x(6096|7315\.2)$/');
});

test('every length of the log has its unit', function () {
    $counter = Doorway::query()->where('name', 'Counter room')->firstOrFail();
    $this->post(route('changes', [$counter, 'leaf']), [
        'place' => 'brief.rules.gap',
        'value' => '5/8',
        'base' => $counter->revision_id,
    ]);

    $this->get("/doorways/{$counter->id}/log.csv")->assertSee(': 5/8"', false);
});
