<?php

declare(strict_types=1);

use App\Board\Standing;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Models\Offer;
use App\Models\SupplyOrder;
use App\Shop\JobMaterials;
use App\Shop\Prices;
use App\Shop\Setting;
use App\Site\Entries;
use App\Site\SiteRun;
use App\Supply\Answers;
use App\Supply\JobSupply;
use App\Supply\SimulatedSupplier;
use App\Supply\SupplierSilent;
use App\Words\StepWords;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Reader;
use Tests\Demo;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Work\StepKind;

beforeEach(function () {
    Demo::load();
    $this->job = Job::query()->oldest('id')->firstOrFail();
    $this->kiln = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
});

test('a job’s list tells what for and what it costs', function () {
    $this->get("/jobs/{$this->job->id}/materials")
        ->assertOk()
        ->assertSee('Door 965 × 2')
        ->assertSee('Kiln room, ')
        ->assertSee('with 20 % tax')
        ->assertSee('Not fully measured, so not on the list: Wedging room.');
});

test('how its boards are cut has its own page', function () {
    $this->get(route('cutting', $this->job))->assertOk()->assertSee('Proved: no other way');
});

test('the list of one doorway has only that', function () {
    $this->get("/jobs/{$this->job->id}/materials?doorway={$this->kiln->id}")
        ->assertOk()
        ->assertSee('Door 965')
        ->assertDontSee('Map archive: ');
});

test('totals are what the lines come to, with tax', function () {
    $list = new JobMaterials($this->job, null);
    $net = array_sum(array_map(fn ($line) => $line->cents() ?? 0, array_values($list->lines)));

    expect($list->totals()['net'])
        ->toBe($net)
        ->and($list->totals()['tax'])
        ->toBe((int) round($net * 0.2))
        ->and($list->totals()['total'])
        ->toBe($net + (int) round($net * 0.2));
});

test('a price that is typed is kept, and one that is none is told', function () {
    $this->post("/jobs/{$this->job->id}/materials/price", ['key' => 'filler', 'price' => '4,50'])->assertRedirect();
    expect((new Prices())->of('filler'))->toBe(450);

    $this->followingRedirects()
        ->post("/jobs/{$this->job->id}/materials/price", ['key' => 'paint', 'price' => 'cheap'])
        ->assertSee('“cheap” is not a price. Write it like 12.50.');
    $this->post("/jobs/{$this->job->id}/materials/price", ['key' => 'filler', 'price' => '']);
    expect((new Prices())->of('filler'))->toBeNull();
});

test('of two who price one thing the later stands and both are told', function () {
    $price = fn (string $browser, string $who, string $typed) => $this->withSession([
        'browser' => $browser,
        'who' => $who,
    ])->post("/jobs/{$this->job->id}/materials/price", ['key' => 'filler', 'price' => $typed, 'seen' => 0]);
    $price('desk', 'Ines', '4.50');
    $price('van', 'Tomas', '5');

    expect((new Prices())->of('filler'))
        ->toBe(500)
        ->and(toldInTheMeantime())
        ->toBe([
            'Tomas set the price of filler to 5.00; you had 4.50.',
            'Ines had set the price of filler to 4.50 in the meantime; yours, 5.00, is used.',
        ]);
    $this->withSession(['browser' => 'desk'])
        ->get("/jobs/{$this->job->id}/materials")
        ->assertSee('you had 4.50')
        ->assertSee('Tomas · filler: 4.50 → 5.00');
});

test('how the house reckons changes the list', function () {
    $screws = fn () => collect((new JobMaterials($this->job, null, $this->kiln->id))->groups()['fixings'])->first(
        fn ($line) => str_starts_with($line->material->key, 'wood-screw 6'),
    )->count;
    $before = $screws();
    $this->post("/jobs/{$this->job->id}/materials/price", ['setting' => 'spares', 'price' => '2']);

    expect($screws())->toBeGreaterThan($before);
});

test('a way of reckoning that does not read is told at its place, and the one before stands', function (
    string $setting,
    string $typed,
    string $says,
) {
    $before = (new Prices())->setting(Setting::from($setting));

    $this->followingRedirects()
        ->post("/jobs/{$this->job->id}/materials/price", ['setting' => $setting, 'price' => $typed])
        ->assertOk()
        ->assertSee("“{$typed}” {$says}")
        ->assertSee('value="'.e($typed).'"', false);
    expect((new Prices())->setting(Setting::from($setting)))->toBe($before);
})->with([
    ['currency', 'dollars and cents', 'is not a currency.'],
    ['tax', 'a fifth', 'is not a share.'],
    ['tax', '-4', 'is not a share.'],
    ['hour', 'dear', 'is not a price. Write it like 48'],
    ['spares', '0', 'does not work here. Write a whole number from 1'],
    ['waste', '100', 'is not a share.'],
    ['stock', '2400, long', 'is not a list of lengths. Write lengths from 300 mm'],
    ['stock', '20', 'is not a list of lengths.'],
    ['stock', '', 'is not a list of lengths.'],
]);

test('a yard that sells by the foot sells boards of whole feet', function () {
    $this->post("/jobs/{$this->job->id}/materials/price", [
        'setting' => 'stock',
        'price' => "8', 12'",
    ])->assertRedirect();
    $boards = array_map(
        fn ($line) => $line->material->key,
        (new JobMaterials($this->job, null, $this->kiln->id))->groups()['boards'],
    );

    expect($boards)->toHaveCount(1)->and($boards[0])->toMatch('/^board 140x19x(2438\.4|3657\.6)$/');
});

test('tax may be a broken number, with a comma or a point', function (string $typed) {
    (new Prices())->settle(Setting::Tax, $typed);

    expect((new Prices())->number(Setting::Tax))->toBe(7.5);
})->with(['7,5', '7.5']);

test('the list as a table has a row for every line, and its money', function () {
    (new Prices())->set('filler', 450);
    $rows = array_map(
        fn (string $row) => str_getcsv($row, escape: ''),
        explode(
            "\n",
            trim(
                (string) $this->get("/jobs/{$this->job->id}/materials.csv")
                    ->assertOk()
                    ->getContent(),
            ),
        ),
    );
    $lines = array_values((new JobMaterials($this->job, null))->lines);
    $filler = array_values(array_filter($rows, fn (array $row) => $row[1] === 'Filler'));

    expect($rows[0])
        ->toBe(['group', 'what', 'count', 'unit', 'for', 'note', 'each', 'all'])
        ->and($rows)
        ->toHaveCount(count($lines) + 1)
        ->and($filler[0][6] ?? null)
        ->toBe('4.50');
});

test('two doorways of one name both stand on the list', function () {
    $twin = Doorway::begin(
        $this->job,
        $this->kiln->revision->document->with('brief.leaf.thickness', 42),
        'measured',
        Editor::named('Someone'),
    );
    $list = new JobMaterials($this->job, null);
    $leaves = array_filter($list->lines, fn ($line) => $line->material->id->kind === MaterialKind::Leaf);

    expect($list->plans)
        ->toHaveKeys([$this->kiln->id, $twin->id])
        ->and($list->names[$twin->id])
        ->toBe('Kiln room (2)')
        ->and(array_map(fn ($line) => $line->says($list->names, $list->speak()), $leaves))
        ->toContain('Kiln room (2): the opening');
});

test('a doorway called by a number stands on the list as any other', function () {
    Doorway::begin(
        $this->job,
        $this->kiln->revision->document->with('name', '7'),
        'measured',
        Editor::named('Someone'),
    );

    $this->get("/jobs/{$this->job->id}/materials")
        ->assertOk()
        ->assertSee('Kiln room, 7');
});

test('what was ordered in millimetres is not ordered again in inches', function () {
    $this->post("/jobs/{$this->job->id}/supply/order")->assertRedirect();
    $this->withSession(['units' => 'in'])
        ->post("/jobs/{$this->job->id}/supply/order")
        ->assertRedirect();

    expect(SupplyOrder::query()->where('job_id', $this->job->id)->count())->toBe(1);
});

test('prices and orders of before are known by kind and size', function () {
    DB::table('prices')->delete();
    DB::table('prices')->insert([
        ['key' => 'paint or wax', 'cents' => 1],
        ['key' => 'board 140 × 19 2400', 'cents' => 2],
        ['key' => 'wood screw 6 × 90', 'cents' => 3],
        ['key' => 'sleeve anchor 8 × 60', 'cents' => 4],
    ]);
    SupplyOrder::create([
        'job_id' => $this->job->id,
        'reference' => 'r',
        'lines' => ['board 5 1/2 × 3/4 2438.4' => 3, 'filler' => 1],
    ]);
    (require database_path('migrations/2026_11_28_100000_know_materials_by_kind_and_size.php'))->up();

    expect(
        DB::table('prices')
            ->whereIn('cents', [1, 2, 3, 4])
            ->orderBy('cents')
            ->pluck('key')
            ->all(),
    )
        ->toBe(['paint', 'board 140x19x2400', 'wood-screw 6x90', 'anchor sleeve anchor 8x60'])
        ->and(SupplyOrder::query()->firstOrFail()->lines)
        ->toEqual(['board 139.7x19.05x2438.4' => 3, 'filler' => 1]);
});

test('a price list goes out and comes in', function () {
    (new Prices())->set('filler', 450);
    $csv = $this->get('/prices.csv')->assertOk()->getContent();
    (new Prices())->set('filler', 999);
    $this->post("/jobs/{$this->job->id}/prices", [
        'file' => UploadedFile::fake()->createWithContent('prices.csv', $csv),
    ]);

    expect((new Prices())->of('filler'))->toBe(450);
});

test('a price list with a fault changes nothing and names the row', function () {
    $this->followingRedirects()
        ->post("/jobs/{$this->job->id}/prices", [
            'file' => UploadedFile::fake()->createWithContent('prices.csv', "what,price\nfiller,4.50\nputty,much\n"),
        ])
        ->assertSee('Row 3: write what it is and what one of it costs');

    expect((new Prices())->of('putty'))->toBeNull()->and((new Prices())->of('filler'))->not->toBe(450);
});

test('the list is a table for other programs', function () {
    expect(
        $this->get("/jobs/{$this->job->id}/materials.csv")
            ->assertOk()
            ->getContent(),
    )
        ->toContain('group,what,count,unit,for,note,each,all')
        ->toContain('Paint or wax');
});

test('ways tell what their materials cost', function () {
    $this->get("/doorways/{$this->kiln->id}/ways/list")->assertOk();
    expect($this->get("/doorways/{$this->kiln->id}/ways/list")->streamedContent() ?: '')->toContain(
        '<dt>materials</dt>',
    );
});

test('an offer is the materials, the work and the tax, for one plan', function () {
    $this->get("/doorways/{$this->kiln->id}/papers/quote")
        ->assertOk()
        ->assertSee('for change 1 of the plan')
        ->assertSee('Not included')
        ->assertSee('Work');
    expect(
        $this->get("/doorways/{$this->kiln->id}/offer.pdf")
            ->assertOk()
            ->getContent(),
    )->toStartWith('%PDF');
});

test('an offer with things that have no price is not accepted', function () {
    $this->followingRedirects()
        ->post("/doorways/{$this->kiln->id}/papers/quote", ['name' => 'R. Okafor'])
        ->assertSee('lines have no price.');

    expect(Offer::query()->count())->toBe(0);
});

test('an offer that is accepted says for which plan, and says so when the plan moves on', function () {
    foreach (array_values((new JobMaterials($this->job, null, $this->kiln->id))->lines) as $line) {
        (new Prices())->set($line->material->key, 100);
    }
    $this->followingRedirects()
        ->post("/doorways/{$this->kiln->id}/papers/quote", ['name' => ''])
        ->assertSee('Who accepts it? Write the name.');
    $this->followingRedirects()
        ->post("/doorways/{$this->kiln->id}/papers/quote", ['name' => 'R. Okafor'])
        ->assertSee('Accepted by R. Okafor')
        ->assertDontSee('The plan has changed since');
    $this->post("/doorways/{$this->kiln->id}/leaf/changes", [
        'place' => 'brief.rules.gap',
        'value' => '11',
        'base' => $this->kiln->revision_id,
    ]);

    $this->get("/doorways/{$this->kiln->id}/papers/quote")->assertSee(
        'The plan has changed since: have it accepted again.',
    );
});

test('the days of a job are planned for its crew', function () {
    $this->get("/jobs/{$this->job->id}/schedule/plan")
        ->assertOk()
        ->assertSee('Done on')
        ->assertSee('No plan ends before')
        ->assertSee('Person 3');
});

test('a crew that is too small is told what it is too small for', function () {
    $reclaim = Doorway::query()->where('name', 'Reclaim bay')->value('id');

    $this->post("/jobs/{$this->job->id}/schedule", [
        'crew' => 1,
        'hours' => '08:00-12:00',
        'from' => '2027-01-11',
        'travel' => 25,
        'doorways' => [$reclaim],
    ])->assertRedirect();

    $this->get("/jobs/{$this->job->id}/schedule/plan")->assertSee('people at once for');
});

test('hours that do not read are told, and nothing is changed', function (string $hours) {
    $this->followingRedirects()
        ->post("/jobs/{$this->job->id}/schedule", ['crew' => 2, 'hours' => $hours, 'travel' => 25])
        ->assertSee('cannot be read. Write them like 08:00-12:00, 12:30-16:30.');

    expect($this->job->refresh()->day_plan)->toBeNull();
})->with(['early', '12:00-08:00', '08:00-12:00, 11:00-13:00', '08:00-25:00']);

test('a step that is moved by hand stays there, and the rest is planned round it', function () {
    $this->post("/jobs/{$this->job->id}/schedule", [
        'crew' => 3,
        'hours' => '08:00-12:00, 12:30-16:30',
        'from' => '2027-01-11',
        'travel' => 25,
        'doorways' => [$this->kiln->id],
    ]);
    $task = "{$this->kiln->id}/box-check";
    $this->post("/jobs/{$this->job->id}/schedule", ['task' => $task, 'start' => 603]);
    $this->get("/jobs/{$this->job->id}/schedule/plan")
        ->assertSee('set by hand')
        ->assertSee('10:05–10:15');
    $this->post("/jobs/{$this->job->id}/schedule", ['let_go' => 1]);

    $this->get("/jobs/{$this->job->id}/schedule/plan")->assertDontSee('set by hand</small>', escape: false);
});

test('a step that is moved to where it may not be begins as soon as it can, and says so', function () {
    $this->post("/jobs/{$this->job->id}/schedule", [
        'crew' => 3,
        'hours' => '08:00-12:00, 12:30-16:30',
        'from' => '2027-01-11',
        'travel' => 25,
        'doorways' => [$this->kiln->id],
    ]);
    // Hung before anything else is done; and checked in the break.
    $this->post("/jobs/{$this->job->id}/schedule", ['task' => "{$this->kiln->id}/hang", 'start' => 480]);
    $this->get("/jobs/{$this->job->id}/schedule/plan")->assertSee(
        'Kiln room, '.lcfirst(StepWords::kind(StepKind::Hang)).' cannot begin then',
    );
    $this->post("/jobs/{$this->job->id}/schedule", ['task' => "{$this->kiln->id}/box-check", 'start' => 725]);

    $this->get("/jobs/{$this->job->id}/schedule/plan")
        ->assertSee('Kiln room, check the kit’s box cannot begin then')
        ->assertSee('It begins at Monday, 12:30');
});

test('nothing is done with a leaf that has not come', function () {
    $this->post("/jobs/{$this->job->id}/schedule", [
        'crew' => 3,
        'hours' => '08:00-12:00, 12:30-16:30',
        'from' => '2027-01-11',
        'travel' => 25,
        'comes' => ['leaf' => '2027-01-14'],
        'doorways' => [$this->kiln->id],
    ]);
    $calendar = Reader::read($this->get("/jobs/{$this->job->id}/day-plan.ics")->getContent());
    $starts = [];
    foreach ($calendar->VEVENT as $event) {
        if (str_contains((string) $event->SUMMARY, lcfirst(StepWords::kind(StepKind::LeafIn)))) {
            $starts[] = substr((string) $event->DTSTART, 0, 8);
        }
    }

    expect($starts)->toBe(['20270114']);
});

test('steps that are done are planned no more', function () {
    $run = new SiteRun($this->kiln, null);
    (new Entries($this->kiln, $run, 'Ada'))->take([
        ['uid' => 'done-one', 'kind' => 'step', 'about' => 'box-check', 'data' => ['state' => 'done']],
    ]);
    $this->post("/jobs/{$this->job->id}/schedule", [
        'crew' => 3,
        'hours' => '08:00-12:00, 12:30-16:30',
        'from' => '2027-01-11',
        'travel' => 25,
        'doorways' => [$this->kiln->id],
    ]);

    $this->get("/jobs/{$this->job->id}/schedule/plan")
        ->assertDontSee('Kiln room, check the kit’s box')
        ->assertSee('Kiln room, '.lcfirst(StepWords::kind(StepKind::LeafIn)));
});

test('a calendar takes the plan, read back by a library', function () {
    $calendar = Reader::read(
        $this->get("/jobs/{$this->job->id}/day-plan.ics")
            ->assertOk()
            ->getContent(),
    );

    expect($calendar->validate())
        ->toBe([])
        ->and(count($calendar->VEVENT))
        ->toBeGreaterThan(100)
        ->and($calendar->VEVENT[0]->DTEND->getDateTime())
        ->toBeGreaterThan($calendar->VEVENT[0]->DTSTART->getDateTime());
});

test('the board tells what each doorway waits for, with one tap to its station', function () {
    $this->get('/progress')
        ->assertOk()
        ->assertSee('Level and tighten the rail')
        ->assertSee('to be measured')
        ->assertSee("/doorways/{$this->kiln->id}/rail/stops", escape: false);
    $this->get('/progress?waits=measure')->assertSee('Wedging room')->assertDontSee('Kiln room');
    $this->get('/progress?waits[]=x&snags=1')->assertOk()->assertSee('Nothing here.');
});

test('the board looks again at a doorway after it has changed', function () {
    $this->get('/progress');
    expect($this->kiln->refresh()->waits_for)->toBe('settle');
    $run = new SiteRun($this->kiln, null);
    (new Entries($this->kiln, $run, 'Ada'))->take([
        ['uid' => 'done-one', 'kind' => 'step', 'about' => 'box-check', 'data' => ['state' => 'done']],
        ['uid' => 'snag-one', 'kind' => 'snag', 'about' => 'a-snag', 'data' => ['says' => 'A dent', 'state' => 'open']],
    ]);
    expect($this->kiln->refresh()->waits_for)->toBeNull();
    $this->get('/progress?snags=1')->assertSee('Kiln room');

    expect($this->kiln->refresh()->waits_for)
        ->toBe('leaf')
        ->and($this->kiln->snags)
        ->toBe(1);
});

test('a doorway waits for its paint until it is dry', function () {
    $run = new SiteRun($this->kiln, null);
    $entries = [];
    $left = ['coat-leaf.2'];
    foreach ($run->steps as $id => $step) {
        if (
            $id === 'coat-leaf.2' ||
            array_intersect(array_map(fn ($after) => $after->step, $step->after), $left) !== []
        ) {
            $left[] = $id;

            continue;
        }
        $entries[] = [
            'uid' => 'step-'.strtr($id, '.', '-').'-done',
            'kind' => 'step',
            'about' => $id,
            'data' => ['state' => 'done'],
        ];
    }
    (new Entries($this->kiln, $run, 'Ada'))->take($entries);
    Standing::keep($this->kiln->refresh());
    expect($this->kiln->waits_for)->toBe('paint');

    $this->travel(5)->hours();
    DB::table('doorways')->update(['waits_for' => null]);
    $dry = Doorway::query()->with('revision', 'job')->findOrFail($this->kiln->id);
    Standing::keep($dry);
    expect($dry->waits_for)->toBe('us');
});

test('the board asks the database no more for many doorways than for few', function () {
    $this->get('/progress');
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/progress')->assertOk();

        return count(DB::getQueryLog());
    };
    $few = $count();
    $row = collect($this->kiln->refresh()->getAttributes())
        ->except('id')
        ->all();
    DB::table('doorways')->insert(array_fill(0, 300, [...$row, 'waits_for' => 'us']));

    expect($count())->toBe($few);
});

test('a supplier is asked, ordered from, and what came is taken in', function () {
    Carbon::setTestNow('2027-01-11 08:00');
    $this->get("/jobs/{$this->job->id}/orders?ask=1")
        ->assertOk()
        ->assertSee('Working days');
    $this->post("/jobs/{$this->job->id}/supply/order")->assertRedirect();
    $this->get("/jobs/{$this->job->id}/orders")->assertSee('things are ordered and not here.');
    Carbon::setTestNow('2027-02-11 08:00');
    $this->post("/jobs/{$this->job->id}/supply/receive");

    $this->get("/jobs/{$this->job->id}/orders")->assertSee('Everything that was ordered is here.');
});

test('what is ordered is not ordered again, what is more is', function () {
    $supply = new JobSupply($this->job, new SimulatedSupplier());
    $supply->order(['filler' => 2.0]);
    $supply->order(['filler' => 2.0]);
    $supply->order(['filler' => 3.0]);

    expect(SupplyOrder::query()->pluck('lines')->all())
        ->toEqual([['filler' => 2], ['filler' => 1]])
        ->and($supply->ordered())
        ->toEqual(['filler' => 3.0]);
});

test('an order whose answer is lost is sent again under its own reference, and never doubled', function () {
    $lost = new JobSupply($this->job, new SimulatedSupplier(new Answers([null, 9000, null])));
    expect(fn () => $lost->order(['filler' => 2.0]))->toThrow(SupplierSilent::class, 'asked 3 times');
    expect(SupplyOrder::query()->firstOrFail()->is_answered)
        ->toBeFalse()
        ->and(DB::table('supplier_books')->count())
        ->toBe(1);

    (new JobSupply($this->job, new SimulatedSupplier()))->order(['filler' => 2.0]);
    expect(SupplyOrder::query()->count())
        ->toBe(1)
        ->and(SupplyOrder::query()->firstOrFail()->is_answered)
        ->toBeTrue()
        ->and(DB::table('supplier_books')->count())
        ->toBe(1);
});

test('a slow answer is waited for again, and then it is there', function () {
    (new JobSupply($this->job, new SimulatedSupplier(new Answers([null, 40]))))->order(['filler' => 2.0]);

    expect(SupplyOrder::query()->firstOrFail()->is_answered)->toBeTrue();
});

/** A thing with which the simulated supplier does that: found by its name. */
function thingThat(int $habit): string
{
    for ($i = 0; ; $i++) {
        if (crc32("habit thing {$i}") % 12 === $habit) {
            return "thing {$i}";
        }
    }
}

test('what comes in parts is missing until the rest is there', function () {
    Carbon::setTestNow('2027-01-11 08:00');
    $key = thingThat(1);
    $supply = new JobSupply($this->job, new SimulatedSupplier());
    $supply->order([$key => 7.0]);
    Carbon::setTestNow('2027-01-18 09:00');
    $supply->receive();
    expect($supply->missing())->toEqual([$key => 4.0]);
    Carbon::setTestNow('2027-02-01 09:00');
    $supply->receive();
    $supply->receive();

    expect($supply->missing())
        ->toBe([])
        ->and($supply->here())
        ->toEqual([$key => 7.0]);
});

test('what came wrong shows, goes back once, and the right one comes', function () {
    Carbon::setTestNow('2027-01-11 08:00');
    $key = thingThat(2);
    $supply = new JobSupply($this->job, new SimulatedSupplier());
    $supply->order([$key => 1.0]);
    Carbon::setTestNow('2027-01-18 09:00');
    $supply->receive();
    expect($supply->wrong())
        ->toHaveCount(1)
        ->and($supply->missing())
        ->toEqual([$key => 1.0]);
    $supply->giveBack($supply->wrong()[0]->id);
    expect($supply->wrong())->toBe([]);
    Carbon::setTestNow('2027-02-11 09:00');
    $supply->receive();

    expect($supply->missing())->toBe([]);
});

test('a thing on back order says so', function () {
    expect((new SimulatedSupplier())->ask([thingThat(0)])[thingThat(0)]->isBackOrder())->toBeTrue();
});

afterEach(fn () => Carbon::setTestNow());
