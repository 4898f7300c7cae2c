<?php

declare(strict_types=1);

use App\Files\JobArchive;
use App\Files\JobArrival;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Shelf;
use App\Site\HandOver;
use App\Site\Photo;
use App\Site\SiteRun;
use Illuminate\Testing\TestResponse;
use Tests\Demo;
use YokeLine\Recovery\Problems;
use YokeLine\Setout;
use YokeLine\Work\Order;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->url = "/doorways/{$this->doorway->id}";
    $this->enter = fn (array ...$entries): TestResponse => $this->postJson("{$this->url}/site/entries", [
        'entries' => array_map(
            fn (array $entry, int $i) => ['uid' => "phone-one-{$i}", 'data' => [], ...$entry],
            $entries,
            array_keys($entries),
        ),
    ])->assertOk();
    $this->run = fn () => new SiteRun($this->doorway->refresh(), null);
});

/** A small photograph that tells where it was taken. */
function photograph(int $wide = 40, int $high = 30): string
{
    ob_start();
    imagejpeg(imagecreatetruecolor($wide, $high));
    $jpeg = (string) ob_get_clean();
    $exif = "Exif\0\0MM\0*\0\0\0\x08\0\0GPS 51.5 N";

    return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
}

/** The head of a PNG of so many points: enough to tell its size. */
function aPng(int $wide, int $high): string
{
    $head = 'IHDR'.pack('NNCCCCC', $wide, $high, 8, 2, 0, 0, 0);

    return "\x89PNG\r\n\x1a\n".pack('N', 13).$head.pack('N', crc32($head)).str_repeat("\0", 80);
}

/** Sends a photograph as a phone does, so many bytes a piece; the last answer. */
function sendPhoto(
    string $url,
    string $bytes,
    int $piece = 200_000,
    string $uid = 'photo-one-a',
    string $says = 'A dent',
): TestResponse {
    for ($from = 0; ; $from += $piece) {
        $asked = http_build_query([
            'about' => 'leaf-in',
            'says' => $says,
            'at' => now()->toJSON(),
            'from' => $from,
            'of' => strlen($bytes),
        ]);
        $answer = test()
            ->call(
                'POST',
                "{$url}/photos/{$uid}?{$asked}",
                server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
                content: substr($bytes, $from, $piece),
            )
            ->assertOk();
        if ($from + $piece >= strlen($bytes) || $answer->json('refused') !== null) {
            return $answer;
        }
    }
}

test('the round starts with the box, and shows every step of the plan', function () {
    $this->get("{$this->url}/site/steps")
        ->assertOk()
        ->assertSee('Check the kit’s box')
        ->assertSee('hangers, with bolts')
        ->assertSee('0 of 33 steps');
});

test('where a kit’s sheet is doubted an off-cut is tried first', function () {
    $this->post("{$this->url}/rail/changes", [
        'place' => 'brief.rules.trial',
        'value' => 'yes',
        'base' => $this->doorway->revision_id,
    ]);

    $this->get("{$this->url}/site/steps")
        ->assertSee('Try one hanger on an off-cut')
        ->assertSee('top gap to expect');
});

test('props put up a long piece alone', function () {
    expect(($this->run)()->steps['rail-up']->people)->toBe(2);
    $this->post("{$this->url}/rail/changes", [
        'place' => 'brief.rules.props',
        'value' => 'yes',
        'base' => $this->doorway->revision_id,
    ]);

    expect(($this->run)()->steps['rail-up']->people)->toBe(1);
});

test('a step that is done leads to the next one', function () {
    ($this->enter)(['kind' => 'step', 'about' => 'box-check', 'data' => ['state' => 'done']])->assertJson([
        'kept' => ['phone-one-0'],
        'refused' => [],
        'notices' => [],
    ]);

    expect(($this->run)()->state('box-check'))
        ->toBe('done')
        ->and(($this->run)()->next())
        ->toBe('leaf-in');
});

test('what is sent twice stands once', function () {
    $entry = ['kind' => 'step', 'about' => 'box-check', 'data' => ['state' => 'done']];
    ($this->enter)($entry);
    ($this->enter)($entry);

    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())->toBe(1);
});

test('an entry that cannot be kept says why, and the others are kept', function (array $bad, string $why) {
    $answer = ($this->enter)($bad, ['kind' => 'step', 'about' => 'box-check', 'data' => ['state' => 'done']]);

    expect($answer->json('refused.phone-one-0'))
        ->toContain($why)
        ->and($answer->json('kept'))
        ->toBe(['phone-one-1']);
})->with([
    'a step that is none' => [
        ['kind' => 'step', 'about' => 'dance', 'data' => ['state' => 'done']],
        'no longer has that step',
    ],
    'a skip without a reason' => [
        ['kind' => 'step', 'about' => 'leaf-in', 'data' => ['state' => 'skipped']],
        'Write why it is skipped.',
    ],
    'a state that is none' => [
        ['kind' => 'step', 'about' => 'leaf-in', 'data' => ['state' => 'maybe']],
        'done, skipped or open',
    ],
    'no length' => [
        ['kind' => 'measured', 'about' => 'leaf-width', 'data' => ['typed' => 'wide', 'units' => 'mm']],
        '“wide” is not a length',
    ],
    'a question that is not asked' => [
        ['kind' => 'measured', 'about' => 'moon', 'data' => ['typed' => '1', 'units' => 'mm']],
        'no longer asked for',
    ],
    'an empty note' => [['kind' => 'note', 'about' => 'leaf-in', 'data' => ['says' => ' ']], 'Write what was found.'],
    'something else' => [['kind' => 'party', 'about' => 'x'], 'not entered on site'],
    'a hand-over with all open' => [
        ['kind' => 'step', 'about' => 'hand-over', 'data' => ['state' => 'done']],
        '15 checks are not made yet',
    ],
]);

test('junk in the queue does no harm', function (mixed $entries) {
    $this->postJson("{$this->url}/site/entries", ['entries' => $entries])->assertOk();

    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())->toBe(0);
})->with([
    'words' => ['x'],
    'nothing' => [null],
    'no names' => [[['kind' => 'step']]],
    'a name that is a path' => [[['uid' => '../../etc/passwd', 'kind' => 'note', 'data' => ['says' => 'x']]]],
]);

test('a number typed in inches is kept exactly', function () {
    ($this->enter)(['kind' => 'measured', 'about' => 'leaf-width', 'data' => ['typed' => '38 1/8', 'units' => 'in']]);

    expect(($this->run)()->read('leaf-width')?->toMm())->toBe(968.375);
});

test('a number that differs by more than it may is told, with where to look', function () {
    ($this->enter)(
        ['kind' => 'measured', 'about' => 'leaf-width', 'data' => ['typed' => '968', 'units' => 'mm']],
        ['kind' => 'measured', 'about' => 'leaf-height', 'data' => ['typed' => '2139', 'units' => 'mm']],
    );

    expect(
        array_map(
            fn (array $offs) => array_map(fn (array $off) => [$off[0]->id, $off[1]], $offs),
            ($this->run)()->deviations(),
        ),
    )->toBe(['leaf-differs' => [['leaf-width', '3 more than planned']]]);
    $this->get("{$this->url}/site/steps")->assertSee('Door width: 3 more than planned.');
});

test('one who enters later than another is told, and both are kept', function () {
    ($this->enter)([
        'uid' => 'phone-two-a',
        'kind' => 'step',
        'about' => 'box-check',
        'data' => ['state' => 'done'],
        'at' => now()->subMinute()->toJSON(),
    ]);
    $answer = ($this->enter)([
        'uid' => 'phone-one-a',
        'kind' => 'step',
        'about' => 'box-check',
        'data' => ['state' => 'open'],
        'at' => now()->subHour()->toJSON(),
    ]);

    expect($answer->json('notices.0'))
        ->toContain('had entered it later')
        ->and(LogEntry::query()->where('doorway_id', $this->doorway->id)->count())
        ->toBe(2);
});

test('one whose plan has changed meanwhile is told', function () {
    $this->post("{$this->url}/leaf/changes", [
        'place' => 'brief.rules.gap',
        'value' => '11',
        'base' => $this->doorway->revision_id,
    ]);

    expect(
        ($this->enter)(['kind' => 'step', 'about' => 'box-check', 'data' => ['state' => 'done'], 'change' => 1])->json(
            'notices.0',
        ),
    )->toContain('The plan has changed since this was entered: change 1, now 2');
});

test('a photograph is kept small, and tells nothing of where it was taken', function () {
    expect(photograph())->toContain('GPS');
    expect(sendPhoto($this->url, photograph(3200, 2400))->json('kept'))->toBeTrue();
    $entry = LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'photo')->firstOrFail();
    $kept = (string) file_get_contents(Photo::path($this->doorway, $entry->data['file']));

    expect([$entry->data['width'], $entry->data['height']])
        ->toBe([1600, 1200])
        ->and($kept)
        ->not->toContain('GPS')
        ->not->toContain('Exif');
    $this->get("{$this->url}/photos/{$entry->data['file']}")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg');
    $this->get("{$this->url}/photos/none.jpg")->assertNotFound();
});

test('a job that goes out and comes in brings its photographs', function () {
    sendPhoto($this->url, photograph());
    $file = LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'photo')->firstOrFail()->data['file'];
    $zip = JobArchive::write($this->doorway->job);
    $again = JobArrival::read($zip)->doorways()->where('name', 'Kiln room')->firstOrFail();
    unlink($zip);

    expect(array_slice((array) getimagesize(Photo::path($again, $file)), 0, 3))->toBe(
        array_slice((array) getimagesize(Photo::path($this->doorway, $file)), 0, 3),
    );
});

test('a photograph that tells where it was taken tells it no more when it came in with a job', function () {
    sendPhoto($this->url, photograph());
    $file = LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'photo')->firstOrFail()->data['file'];
    file_put_contents(Photo::path($this->doorway, $file), photograph());
    $zip = JobArchive::write($this->doorway->job);
    $again = JobArrival::read($zip)->doorways()->where('name', 'Kiln room')->firstOrFail();
    unlink($zip);

    expect((string) file_get_contents(Photo::path($again, $file)))->not->toContain('GPS')->not->toContain('Exif');
});

test('a photograph goes on from the piece that is here, and stands once', function () {
    $bytes = photograph(300, 200);
    $piece = fn (int $from, int $to) => $this->call(
        'POST',
        "{$this->url}/photos/photo-one-a?about=leaf-in&says=&at=&from={$from}&of=".strlen($bytes),
        server: ['HTTP_ACCEPT' => 'application/json'],
        content: substr($bytes, $from, $to - $from),
    )->json();

    expect($piece(0, 500))
        ->toBe(['kept' => false, 'have' => 500])
        ->and($piece(700, 900)['have'])
        ->toBe(500)
        ->and($piece(500, strlen($bytes))['kept'])
        ->toBeTrue()
        ->and($piece(0, 500)['kept'])
        ->toBeTrue();
    expect(LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'photo')->count())
        ->toBe(1)
        ->and(glob(config('app.photos').'/pieces/*'))
        ->toBe([]);
});

test('what is no photograph is refused with the reason, and leaves nothing', function (Closure $bytes, string $why) {
    expect(sendPhoto($this->url, $bytes())->json('refused'))
        ->toContain($why)
        ->and(LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'photo')->count())
        ->toBe(0)
        ->and(glob(config('app.photos').'/pieces/*'))
        ->toBe([]);
})->with([
    'text' => [fn () => 'hello', 'JPEG, a PNG or a WebP'],
    'a torn one' => [fn () => substr(aPng(300, 200), 0, 60), 'cannot be read'],
    'a small file of many points' => [fn () => aPng(6000, 5000), 'more than 24 million pixels'],
]);

test('of what two entered, the newer stands, in whichever order it arrived', function () {
    ($this->enter)([
        'uid' => 'phone-two-a',
        'kind' => 'step',
        'about' => 'box-check',
        'data' => ['state' => 'done'],
        'at' => now()->subMinute()->toJSON(),
    ]);
    $answer = ($this->enter)([
        'uid' => 'phone-one-a',
        'kind' => 'step',
        'about' => 'box-check',
        'data' => ['state' => 'open'],
        'at' => now()->subHour()->toJSON(),
    ]);

    expect(($this->run)()->state('box-check'))
        ->toBe('done')
        ->and($answer->json('notices.0'))
        ->toContain('theirs, which is newer, counts');
});

test('the demo has a doorway whose rail came out low, and the way to true it', function () {
    $meter = Doorway::query()->where('name', 'Meter room')->firstOrFail();

    $this->get("/doorways/{$meter->id}/site/steps")
        ->assertSee('Hole centre at the last fixing, up from the floor there: 4 less than planned.')
        ->assertSee('Skipped: The door came finished.');
    $this->get("/doorways/{$meter->id}/found/line")
        ->assertSee('The door runs by itself')
        ->assertSee('Loosen, left end down, right end up');
});

test('every problem has its page, for every hang', function (string $row, string $name) {
    $this->get('/doorways/'.Doorway::query()->where('name', $name)->value('id')."/found/{$row}")->assertOk();
})
    ->with(Problems::ROWS)
    ->with(['Kiln room', 'Glaze store', 'Map archive', 'Loading bay', 'Reclaim bay']);

test('a problem that is none has no page', function () {
    $this->get("{$this->url}/found/ghost")->assertNotFound();
});

test('what was found is worked through to its ways out', function (string $row, array $told, string $says) {
    $this->post("{$this->url}/found/{$row}", ['told' => $told])
        ->assertOk()
        ->assertSee($says);
})->with([
    ['line', ['line-1' => '2191', 'line-2' => '2191', 'line-3' => '2191'], 'What can be done'],
    ['hazard', ['kind' => 'cable', 'from' => '1990', 'to' => ''], 'Slide the rail to 774'],
    ['hazard', ['kind' => 'pipe', 'from' => '3300', 'to' => '3310'], 'Nothing is planned within 50 of it'],
    ['wall-ends', ['end' => 'to', 'at' => '2700'], 'Slide the rail to 570'],
    ['rubs', ['thing' => 'survey.opening.casing.thickness', 'proud' => '27'], 'A spacer of 2 behind every standoff'],
    ['off-guide', ['leaf-width' => '955'], 'Park 5 short of the jamb'],
    [
        'leaf-differs',
        ['leaf-width' => '968', 'leaf-thick-lead' => '42', 'leaf-thick-trail' => '41'],
        'Use it as it is',
    ],
    ['bounces', ['disc-gap' => '9'], 'Set the discs 3 below the rail'],
    ['kit-differs', ['trial-gap' => '24', 'trial-hole' => '46'], 'Drill the hanger holes at 49 and 111'],
    ['wrong-edge', ['hole-1' => '730.5', 'hole-2' => '1132.5'], 'Slide the rail to 671'],
]);

test('a found number that does not read keeps its text and says why', function () {
    $this->post("{$this->url}/found/rubs", ['told' => ['proud' => 'a bit']])
        ->assertSee('“a bit” is not a length')
        ->assertSee('value="a bit"', escape: false);
});

test('a stud that is elsewhere is worked with where it really is, and the record follows', function () {
    $store = Doorway::query()->where('name', 'Glaze store')->firstOrFail();
    $this->post("/doorways/{$store->id}/found/hole-missed", [
        'told' => ["stud-{$store->revision->document->get('survey.studs[3].id')}" => '37 in'],
    ])
        ->assertSee('Worked with the studs where they really are.')
        ->assertSee('A header board');
    $this->post("/doorways/{$store->id}/found/hole-missed/take", ['way' => 'header', 'base' => $store->revision_id]);
    $now = $store->refresh()->revision->document;

    expect($now->get('survey.studs[3].x'))->toBe('37')->and($now->get('brief.backing'))->toBe('header');
});

test('the leaf that came is drawn beside the one that was planned', function () {
    ($this->enter)(['kind' => 'measured', 'about' => 'leaf-width', 'data' => ['typed' => '968', 'units' => 'mm']]);

    $this->get("{$this->url}/site/steps")
        ->assertSee('3 wider')
        ->assertSee('height as planned');
});

test('what a tape cannot be sure of stands among the findings', function () {
    $this->get("{$this->url}/leaf/findings")->assertSee(
        'Header over the casing (1): fits, but by less than your tape can tell',
    );
});

test('a way out that is taken changes the plan, keeps the old one, and is logged with its reason', function () {
    $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']]);
    $this->post("{$this->url}/found/hazard/take", [
        'way' => 'shift',
        'base' => $this->doorway->revision_id,
    ])->assertRedirect("{$this->url}/site/steps");
    $now = $this->doorway->refresh()->revision;

    expect($now->number)
        ->toBe(3)
        ->and($now->document->get('brief.rules.rail_left'))
        ->toBe('774')
        ->and(LogEntry::query()->where('kind', 'decision')->firstOrFail()->data)
        ->toMatchArray(['way' => 'shift', 'harm' => '{"say":"recovery.harm","how":"0","in":"mm"}'])
        ->and($this->doorway->revisions()->where('number', 1)->exists())
        ->toBeTrue();
});

test('a cable that is found stands in the survey before anything is decided, with who found it', function () {
    $this->withSession(['who' => 'Ines'])
        ->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']])
        ->assertSee('It is now part of the survey.');
    $hazard = $this->doorway->refresh()->revision->document->get('survey.hazards[0]');

    expect($hazard)->toMatchObject([
        'kind' => 'cable',
        'x' => ['1990', '1990'],
        'source' => 'site',
        'found_by' => 'Ines',
    ]);
    $this->get("{$this->url}/papers/sheet")
        ->assertDontSee('No cable or pipe is recorded here')
        ->assertSee('There is a cable or pipe in this wall');
});

test('a cable that is measured better is still one cable, and another is another', function () {
    foreach (['1990', '1985', '2600'] as $from) {
        $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => $from]]);
    }

    expect(array_column($this->doorway->refresh()->revision->document->get('survey.hazards'), 'x'))->toBe([
        ['1985', '1985'],
        ['2600', '2600'],
    ]);
});

test('a cable that is to be moved brings its step and its patch', function () {
    expect(($this->run)()->steps)->not->toHaveKey('move-hazard');
    $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']]);
    $this->post("{$this->url}/found/hazard/take", [
        'way' => 'move-hazard',
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertRedirect();

    expect(($this->run)()->steps)
        ->toHaveKey('move-hazard')
        ->and(($this->run)()->state('move-hazard'))
        ->toBe('open');
    $this->get("/jobs/{$this->doorway->job_id}/materials?doorway={$this->doorway->id}")->assertSee('Patch of lining');
});

test('a wall that is opened for a cable found on site is isolated first, and patched and painted after', function () {
    $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']]);
    $this->post("{$this->url}/found/hazard/take", [
        'way' => 'move-hazard',
        'base' => $this->doorway->refresh()->revision_id,
    ]);
    $steps = ($this->run)()->steps;
    $before = fn (string $step) => array_map(fn ($after) => $after->step, $steps[$step]->after);

    expect($before('open-wall'))
        ->toContain('isolate')
        ->and($before('move-hazard'))
        ->toContain('open-wall')
        ->and($before('patch-wall'))
        ->toContain('move-hazard')
        ->and($before('mark-wall'))
        ->toContain('patch-wall')
        ->and($before('paint-patch'))
        ->toContain('rail-true')
        ->and($before('make-good'))
        ->toContain('paint-patch');
    $this->get("/jobs/{$this->doorway->job_id}/materials?doorway={$this->doorway->id}")->assertSee('over the patch');
});

test('a cable that was known when the job was planned is moved without the steps of a surprise', function () {
    $document = $this->doorway->revision->document->with('survey.hazards', [
        (object) ['kind' => 'cable', 'x' => [1990, 1990], 'y' => [0, 2655], 'moved' => true],
    ]);
    $kinds = array_map(
        fn ($step) => $step->kind()->value,
        Order::of(Setout::of($document, app(Shelf::class)->kits())->plan)->steps,
    );

    expect(array_values($kinds))->toContain('move-hazard')->not->toContain('open-wall');
});

test('what is found of the wall stands in its survey, with who found it', function (
    string $row,
    array $told,
    string $place,
    array $is,
) {
    $count = count((array) $this->doorway->revision->document->get($place));
    $this->withSession(['who' => 'Ines'])
        ->post("{$this->url}/found/{$row}", ['told' => $told])
        ->assertOk()
        ->assertSee('It is now part of the survey.');
    $list = $this->doorway->refresh()->revision->document->get($place);

    expect($list)
        ->toHaveCount($count + 1)
        ->and(end($list))
        ->toMatchObject([...$is, 'source' => 'site', 'found_by' => 'Ines']);
})->with([
    'a stud' => ['stud', ['at' => '1400', 'width' => '45'], 'survey.studs', ['x' => '1400', 'width' => '45']],
    'a board in the wall, its sides told the wrong way round' => [
        'solid',
        ['kind' => 'blocking', 'from' => '1500', 'to' => '1000', 'low' => '2300', 'high' => '2100'],
        'survey.solids',
        ['kind' => 'blocking', 'x' => ['1000', '1500'], 'y' => ['2100', '2300']],
    ],
    'a switch' => [
        'obstacle',
        ['kind' => 'switch', 'from' => '1900', 'to' => '1986', 'low' => '1100', 'high' => '1186', 'projection' => '12'],
        'survey.obstacles',
        ['kind' => 'switch', 'x' => ['1900', '1986'], 'projection' => '12'],
    ],
    'a floor that is lower between two readings' => [
        'floor',
        ['at' => '1335', 'than' => 'lower', 'by' => '6'],
        'survey.floor.readings',
        ['x' => '1335', 'level' => '-2'],
    ],
]);

test('what follows of a thing that is found is said at once', function () {
    $this->post("{$this->url}/found/obstacle", [
        'told' => [
            'kind' => 'switch',
            'from' => '1900',
            'to' => '1986',
            'low' => '1100',
            'high' => '1186',
            'projection' => '60',
        ],
    ])
        ->assertSee('See the findings')
        ->assertDontSee('Nothing new is wrong');
    $this->post("{$this->url}/found/stud", ['told' => ['at' => '1400']])->assertSee(
        'Nothing new is wrong because of it.',
    );
});

test('a size that was measured wrong is put right in the survey', function () {
    $this->post("{$this->url}/found/size", ['told' => ['size' => 'survey.wall.ceiling', 'is' => '2300']])->assertSee(
        'It is now part of the survey.',
    );

    expect($this->doorway->refresh()->revision->document->get('survey.wall.ceiling'))->toBe('2300');
});

test('a moulding that is eased brings its step and its paint', function () {
    $this->post("{$this->url}/found/rubs", ['told' => ['thing' => 'survey.opening.casing.thickness', 'proud' => '27']]);
    $this->post("{$this->url}/found/rubs/take", ['way' => 'ease', 'base' => $this->doorway->refresh()->revision_id]);

    expect(($this->run)()->steps)->toHaveKey('ease')
        ->and($this->doorway->refresh()->revision->document->get('survey.opening.casing.thickness'))->toBe('25');
    $this->get("/jobs/{$this->doorway->job_id}/materials?doorway={$this->doorway->id}")->assertSee(
        'Touch-up paint for the moulding',
    );
});

test('what is left as it is wants a reason, and is logged with it', function () {
    $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']]);
    $this->followingRedirects()
        ->post("{$this->url}/found/hazard/take", ['way' => 'leave', 'why' => ' '])
        ->assertSee('Say why it is left as it is.');
    $this->post("{$this->url}/found/hazard/take", [
        'way' => 'leave',
        'why' => 'dead, cut off at the board',
    ])->assertRedirect("{$this->url}/site/steps");

    expect(LogEntry::query()->where('kind', 'decision')->sole()->data)->toMatchArray([
        'way' => 'leave',
        'why' => 'dead, cut off at the board',
    ]);
});

test('a hole that is left empty leaves the rail where it is', function () {
    $left = $this->doorway->setout(null)->plan->rail->span->low->toMm();
    $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']]);
    $this->post("{$this->url}/found/hazard/take", ['way' => 'skip', 'base' => $this->doorway->refresh()->revision_id]);

    expect($this->doorway->refresh()->setout(null)->plan->rail->span->low->toMm())->toBe($left);
});

test('a wall that ends sooner is so in the survey, and its ways out still go from the plan as it was', function () {
    $this->post("{$this->url}/found/wall-ends", ['told' => ['end' => 'to', 'at' => '2700']])->assertSee(
        'Slide the rail to 570',
    );
    expect($this->doorway->refresh()->revision->document->get('survey.wall.to'))->toBe('2700');
    $this->get("{$this->url}/found/wall-ends")->assertSee('Slide the rail to 570');
});

test('a wall’s end that no survey could hold is refused at its field, and nothing is changed', function () {
    $this->post("{$this->url}/found/wall-ends", ['told' => ['end' => 'to', 'at' => '500']])
        ->assertOk()
        ->assertSee('The opening reaches past the end of the wall');

    expect($this->doorway->refresh()->revision->number)->toBe(1);
});

test('a change that would leave no doorway that reads is told on the page one came from', function () {
    $broken = $this->doorway->revision->document->with('survey.wall.to', 500);
    $row = $this->doorway
        ->revisions()
        ->create(['number' => 9, 'document' => $broken, 'what' => 'broken', 'who' => 'x', 'browser' => '']);

    $this->from("{$this->url}/record/changes")
        ->followingRedirects()
        ->post("{$this->url}/history/{$row->id}")
        ->assertOk()
        ->assertSee('That was not saved.');
});

test('what is to be done over is open again', function () {
    ($this->enter)(
        ['kind' => 'step', 'about' => 'rail-up', 'data' => ['state' => 'done']],
        ['kind' => 'step', 'about' => 'rail-true', 'data' => ['state' => 'done']],
    );
    $this->post("{$this->url}/found/line", ['told' => ['line-1' => '2191', 'line-2' => '2188', 'line-3' => '2186']]);
    $this->post("{$this->url}/found/line/take", ['way' => 'rebore', 'base' => $this->doorway->revision_id]);

    expect(($this->run)()->state('rail-up'))
        ->toBe('open')
        ->and(($this->run)()->state('rail-true'))
        ->toBe('open');
});

test('a step that is to be done over says why on site, in words', function () {
    ($this->enter)(['kind' => 'step', 'about' => 'rail-up', 'data' => ['state' => 'done']]);
    $this->post("{$this->url}/found/line", ['told' => ['line-1' => '2191', 'line-2' => '2188', 'line-3' => '2186']]);
    $this->post("{$this->url}/found/line/take", ['way' => 'rebore', 'base' => $this->doorway->revision_id]);

    $this->get("{$this->url}/site/steps")->assertSee('To do again: ')->assertDontSee('recovery.do-over');
});

test('a way that does not work is not taken', function () {
    $this->post("{$this->url}/found/hazard/take", ['way' => 'shift'])->assertNotFound();

    expect($this->doorway->refresh()->revision->number)->toBe(1);
});

test('a rail that is up has no slack left', function () {
    ($this->enter)(
        ['kind' => 'step', 'about' => 'bore-board', 'data' => ['state' => 'done']],
        ['kind' => 'step', 'about' => 'rail-up', 'data' => ['state' => 'done']],
    );

    $this->post("{$this->url}/found/hazard", ['told' => ['kind' => 'cable', 'from' => '1990']])->assertSee(
        'Its holes are drilled: the rail has no slack left.',
    );
});

test('how sure a plan is follows the tools', function () {
    $this->get("{$this->url}/record/tolerance")
        ->assertOk()
        ->assertSee("gives a door height of 2\u{202f}200 instead of 2\u{202f}138")
        ->assertSee('3 clearances are smaller than the error')
        ->assertSee('Fits, but by less than your tape can tell.');
    $this->post("{$this->url}/record/tolerance", [
        'place' => 'marking.plus_minus.tape',
        'value' => '0.1',
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertOk();
    $this->post("{$this->url}/record/tolerance", [
        'place' => 'marking.plus_minus.level',
        'value' => '0.1',
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertSee('Header over the casing (1)');
});

test('the log tells plan and site in one, and can be filtered and given out', function () {
    ($this->enter)(
        ['kind' => 'measured', 'about' => 'leaf-width', 'data' => ['typed' => '968', 'units' => 'mm']],
        ['kind' => 'note', 'about' => 'leaf-in', 'data' => ['says' => 'A knot at the top']],
    );

    $this->get("{$this->url}/record/log")
        ->assertOk()
        ->assertSee("Door width: 968\u{a0}mm, planned 965\u{a0}mm")
        ->assertSee('A knot at the top')
        ->assertSee('change 1');
    $this->get("{$this->url}/record/log?kind=note")
        ->assertSee('A knot at the top')
        ->assertDontSee('Door width: 968');
    $this->get("{$this->url}/record/log?kind[]=x")->assertOk();
    expect(
        $this->get("{$this->url}/log.csv")
            ->assertOk()
            ->getContent(),
    )
        ->toContain('measured')
        ->toContain('A knot at the top');
});

test('every kind of entry has its sentence in the log', function () {
    $meter = Doorway::query()->where('name', 'Meter room')->value('id');
    $this->post("/doorways/{$meter}/marks/ticks", ['mark' => 'wall/rail-l', 'made' => 1]);
    $this->post("/doorways/{$meter}/marks/line", ['way' => 'laid-out', 'read' => '2179']);
    $this->post("/doorways/{$meter}/found/line", [
        'told' => ['line-1' => '2191', 'line-2' => '2192', 'line-3' => '2188'],
    ]);
    $this->post("/doorways/{$meter}/record/checks", ['kind' => 'run', 'about' => 'stays', 'holds' => 'no']);
    $this->post("/doorways/{$meter}/record/checks", ['kind' => 'snag', 'says' => 'Touch up the jamb', 'state' => 'open']);

    $this->get("/doorways/{$meter}/record/log")
        ->assertSee('Marked rail, left end')
        ->assertSee('Line checked, Door, hanger and rail laid out on the floor')
        ->assertSee('The rail line is out of level')
        ->assertSee('does not hold')
        ->assertSee('Touch up the jamb: open')
        ->assertSee('skipped: The door came finished.');
});

test('two plans are compared as drawing and list', function () {
    $this->post("{$this->url}/leaf/changes", [
        'place' => 'brief.rules.gap',
        'value' => '10',
        'base' => $this->doorway->revision_id,
    ]);

    $this->get("{$this->url}/record/compare?from=1&to=2")
        ->assertOk()
        ->assertSee('gap')
        ->assertSeeInOrder(['Rail line', "2\u{202f}191", "2\u{202f}251"]);
    $this->get("{$this->url}/record/compare?from=2&to=2")->assertSee('Nothing.');
    $this->get("{$this->url}/record/compare?from=99&to=x")->assertOk();
});

test('a check of the run holds within what its tools can miss', function (string $typed, bool $holds) {
    $this->post("{$this->url}/record/checks", [
        'kind' => 'run',
        'about' => 'gap-open-right',
        'typed' => $typed,
        'units' => 'mm',
    ])->assertRedirect();

    expect(LogEntry::query()->where('kind', 'run')->firstOrFail()->data['holds'])->toBe($holds);
})->with([['21', true], ['22.9', true], ['24', false]]);

test('a check that does not read keeps its text and says why', function () {
    $this->followingRedirects()
        ->post("{$this->url}/record/checks", ['kind' => 'run', 'about' => 'plumb', 'typed' => 'straight', 'units' => 'mm'])
        ->assertSee('“straight” is not a length')
        ->assertSee('value="straight"', escape: false);
});

test('it is signed when every check holds and no snag is open, and not before', function () {
    $over = fn () => new HandOver($this->doorway->refresh(), null);
    $sign = fn () => $this->followingRedirects()->post("{$this->url}/record/handover", [
        'name' => 'R. Okafor',
        'strokes' => 'M10.0 20.0L30.0 40.0',
    ]);
    $sign()->assertSee('It cannot be signed while something is open: 15 checks are not made yet.');
    foreach ($over()->checks() as $check) {
        $this->post("{$this->url}/record/checks", [
            'kind' => 'run',
            'about' => $check->id,
            'units' => 'mm',
            ...$check->expected === null ? ['holds' => 'yes'] : ['typed' => (string) $check->expected->toMm()],
        ]);
    }
    $this->post("{$this->url}/record/checks", [
        'kind' => 'snag',
        'about' => 'snag-one',
        'says' => 'Touch up the jamb',
        'state' => 'open',
    ]);
    $sign()->assertSee('Touch up the jamb');
    $this->followingRedirects()
        ->post("{$this->url}/record/checks", [
            'kind' => 'snag',
            'about' => 'snag-one',
            'says' => 'Touch up the jamb',
            'state' => 'accepted',
        ])
        ->assertSee('Write why it is accepted as it is.');
    $this->post("{$this->url}/record/checks", [
        'kind' => 'snag',
        'about' => 'snag-one',
        'says' => 'Touch up the jamb',
        'state' => 'accepted',
        'reason' => 'The painter comes on Friday.',
    ]);
    expect($over()->open())->toBe([]);
    $sign()->assertSee('Signed by R. Okafor');
    $this->followingRedirects()
        ->post("{$this->url}/record/handover", ['name' => '', 'strokes' => 'M1 1L2 2'])
        ->assertOk();

    expect(
        preg_match_all(
            '#/Type\s*/Page\b#',
            $this->get("{$this->url}/hand-over.pdf")
                ->assertOk()
                ->getContent(),
        ),
    )->toBe(1);
});

test('a signature is a name and strokes, and nothing else', function (array $signed, string $why) {
    foreach ((new HandOver($this->doorway, null))->checks() as $check) {
        $this->post("{$this->url}/record/checks", [
            'kind' => 'run',
            'about' => $check->id,
            'units' => 'mm',
            ...$check->expected === null ? ['holds' => 'yes'] : ['typed' => (string) $check->expected->toMm()],
        ]);
    }
    $this->followingRedirects()
        ->post("{$this->url}/record/handover", $signed)
        ->assertSee($why);
})->with([
    [['name' => '', 'strokes' => 'M10 20L30 40'], 'Whose signature is it?'],
    [['name' => 'R. Okafor', 'strokes' => ''], 'Sign in the box.'],
    [['name' => 'R. Okafor', 'strokes' => 'M1 1"/><script>'], 'Sign in the box.'],
]);
