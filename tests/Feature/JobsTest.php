<?php

declare(strict_types=1);

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Demo;
use YokeLine\Format\Document;
use YokeLine\Format\ItemIds;
use YokeLine\Measure\Unit;

beforeEach(fn () => Demo::load());

function demoFile(string $name = 'kiln-room'): string
{
    return (string) file_get_contents(database_path("demo/{$name}.json"));
}

test('the list shows every doorway with its verdict', function () {
    $this->get('/')
        ->assertOk()
        ->assertSee('Kiln room')
        ->assertSee('It fits.')
        ->assertSee("Door 965 × 2\u{202f}138")
        ->assertSee('Not enough measured yet.');
});

test('a search finds jobs by their own name and by a doorway\'s', function () {
    Job::create(['name' => 'Mill 100%']);

    $this->get('/?q=kiln')->assertSee('Old pump house')->assertDontSee('Mill 100%');
    $this->get('/?q=100%25')->assertSee('Mill 100%')->assertDontSee('Old pump house');
    $this->get('/?q=zebra')->assertSee('No job or doorway has a name like');
});

test('a job needs a name, and says so', function () {
    $this->from('/')
        ->post('/jobs', ['name' => ' '])
        ->assertRedirect('/');
    $this->get('/')->assertSee('A job needs a name');
});

test('a job is begun, renamed, put away and brought back', function () {
    $this->post('/jobs', ['name' => 'Mill'])->assertRedirect('/');
    $job = Job::query()->where('name', 'Mill')->firstOrFail();
    $this->patch(route('jobs.update', $job), ['name' => 'Water mill']);
    $this->post(route('jobs.archive', $job));
    $this->get('/')->assertDontSee('Water mill');
    $this->get('/?archived=1')->assertSee('Water mill');
    $this->post(route('jobs.restore', $job));
    $this->get('/')->assertSee('Water mill');
});

test('a doorway is begun from nothing in the unit of its job', function (string $units) {
    $this->post('/jobs', ['name' => 'Mill', 'units' => $units]);
    $this->post(route('doorways.store', Job::query()->latest('id')->first()), ['name' => 'Larder'])->assertRedirect();
    $doorway = Doorway::query()->where('name', 'Larder')->firstOrFail();

    expect($doorway->revision->document->get('units'))
        ->toBe($units)
        ->and($doorway->verdict)
        ->toBe('unmeasured');
})->with(['mm', 'in']);

test('a doorway may have another unit than its job', function () {
    $this->post(route('doorways.store', Job::query()->oldest('id')->firstOrFail()), ['name' => 'Larder', 'units' => 'in']);
    $doorway = Doorway::query()->where('name', 'Larder')->firstOrFail();

    expect($doorway->revision->document->get('units'))->toBe('in')->and($doorway->job->units)->toBe(Unit::Millimetre);
});

test('a new job speaks as most do where nobody says', function (array $before, Unit $speaks) {
    foreach ($before as $i => $units) {
        $this->post('/jobs', ['name' => "Mill {$i}", 'units' => $units]);
    }
    $this->post('/jobs', ['name' => 'Barn']);

    expect(Job::query()->where('name', 'Barn')->firstOrFail()->units)->toBe($speaks);
})->with([
    'as many of both' => [['in'], Unit::Millimetre],
    'more in inches' => [['in', 'in'], Unit::Inch],
    'more in millimetres' => [['mm', 'in', 'mm'], Unit::Millimetre],
]);

test('the unit of a job is changed where it is renamed', function () {
    $job = Job::query()->oldest('id')->firstOrFail();
    $this->patch(route('jobs.update', $job), ['name' => $job->name, 'units' => 'in'])->assertRedirect();

    expect($job->refresh()->units)->toBe(Unit::Inch);
});

test('one job is looked at in the other unit and no other', function () {
    [$here, $mill] = [Job::query()->oldest('id')->firstOrFail(), Job::create(['name' => 'Mill'])];
    $other = Doorway::begin($mill, $here->doorwaysAtWork()[0]->revision->document, '', Editor::named('Ines'));
    lookIn('in', $here);

    $this->get(route('rail.stops', $here->doorwaysAtWork()[0]))->assertSee("86\u{a0}1/4");
    $this->get(route('rail.stops', $other))->assertDontSee("86\u{a0}1/4");
    lookIn('mm', $here);
    $this->get(route('rail.stops', $here->doorwaysAtWork()[0]))->assertDontSee("86\u{a0}1/4");
});

test('a doorway is renamed in its document too', function () {
    $doorway = Doorway::query()->oldest('id')->firstOrFail();
    $this->patch(route('doorways.update', $doorway), ['name' => 'Firing room'])->assertRedirect();

    expect($doorway->refresh()->name)
        ->toBe('Firing room')
        ->and($doorway->revision->document->get('name'))
        ->toBe('Firing room');
});

test('a copy begins its own history', function () {
    $doorway = Doorway::query()->oldest('id')->firstOrFail();
    $this->post(route('doorways.copy', $doorway))->assertRedirect();
    $copy = Doorway::query()->where('name', 'Kiln room, copy')->firstOrFail();

    expect($copy->revisions()->count())
        ->toBe(1)
        ->and($copy->revision->document->get('survey'))
        ->toEqual($doorway->revision->document->get('survey'));
});

test('a doorway is put away and brought back', function () {
    $doorway = Doorway::query()->oldest('id')->firstOrFail();
    $this->post(route('doorways.archive', $doorway));
    $this->get('/')->assertDontSee('Kiln room');
    $this->get('/?archived=1')->assertSee('Kiln room')->assertDontSee('Glaze store');
    $this->post(route('doorways.restore', $doorway));
    $this->get('/')->assertSee('Kiln room');
});

test('a file goes out as it came in, with what we do not know', function () {
    $json = str_replace(
        '"name": "Kiln room"',
        '"name": "Kiln room", "colour": {"door": "teal", "list": []}',
        demoFile(),
    );
    $this->post(route('files.store', Job::query()->oldest('id')->firstOrFail()), [
        'file' => UploadedFile::fake()->createWithContent('k.json', $json),
    ])->assertRedirect();
    $doorway = Doorway::query()->latest('id')->firstOrFail();
    $out = $this->get(route('files.show', $doorway))
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="kiln-room.json"')
        ->getContent();

    $out = json_decode((string) $out);
    // The kit goes along, as the doorway was planned with it.
    expect($out->kit->id)->toBe('flat-40-strap');
    unset($out->kit);
    // Of the next version: the same, with an id for every item of a list.
    expect(
        Document::fromJson((string) json_encode($out))->equals(ItemIds::given(Document::fromJson($json), 'r1n')),
    )->toBeTrue();
});

test('a bad file is refused with every place that is wrong, and nothing is changed', function () {
    $json = str_replace(['"level": 3', '"thickness": 40'], ['"level": "deep"', '"thickness": "thick"'], demoFile());
    $before = Doorway::query()->count();
    $this->followingRedirects()
        ->post(route('files.store', Job::query()->oldest('id')->firstOrFail()), [
            'file' => UploadedFile::fake()->createWithContent('k.json', $json),
        ])
        ->assertOk()
        ->assertSee('could not be read')
        ->assertSee('survey.floor.readings[1].level')
        ->assertSee('brief.leaf.thickness');

    expect(Doorway::query()->count())->toBe($before);
});

test('the published schema is served', function () {
    expect(json_decode((string) file_get_contents(public_path('schema/doorway-v1.schema.json'))))->toBeObject();
});

test('the demo is loaded into an empty database only', function () {
    Artisan::call('yoke:demo');
    $before = Job::query()->count();
    Artisan::call('yoke:demo');

    expect($before)->toBeGreaterThan(0)->and(Job::query()->count())->toBe($before);
});

test('the list takes the same queries however long it is', function () {
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/');

        return count(DB::getQueryLog());
    };
    $few = $count();
    foreach (range(1, 20) as $n) {
        Job::create(['name' => "Job {$n}"]);
    }

    expect($count())->toBe($few)->toBeLessThan(12);
});

test('the database waits, logs ahead and holds to its keys', function () {
    expect(config('database.connections.sqlite'))
        ->toMatchArray(['journal_mode' => 'wal', 'busy_timeout' => 20000, 'foreign_key_constraints' => true])
        ->and((int) DB::selectOne('pragma foreign_keys')->foreign_keys)
        ->toBe(1)
        ->and((int) DB::selectOne('pragma busy_timeout')->timeout)
        ->toBe(20000);
})->skip(fn () => config('database.default') !== 'sqlite', 'Another database waits in its own way.');
