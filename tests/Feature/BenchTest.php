<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\Revision;
use App\Models\WaitingNotice;
use App\Words\FieldWords;
use Illuminate\Support\Facades\DB;
use Tests\Demo;

beforeEach(fn () => Demo::load());

function kilnRoom(): Doorway
{
    return Doorway::query()->where('name', 'Kiln room')->firstOrFail();
}

function gapName(): string
{
    return lcfirst(FieldWords::label('brief.rules.gap'));
}

/** What a change of the gap is called. */
function gapSet(string $to): string
{
    return FieldWords::label('brief.rules.gap').": {$to}\u{a0}mm";
}

/** Posts a change as the bench does. @param  array<string, mixed>  $with */
function change(array $with, ?Doorway $doorway = null, string $station = 'leaf')
{
    $doorway ??= kilnRoom();

    return test()->post(route('changes', [$doorway, $station]), $with + ['base' => $doorway->revision_id], [
        'HX-Request' => 'true',
    ]);
}

test('each station shows verdict, drawing and numbers', function (string $station) {
    $this->get(route($station, kilnRoom()))
        ->assertOk()
        ->assertSee('Will fit once the open points are resolved.')
        ->assertSee('scene-elevation', false)
        ->assertSee("2\u{202f}191");
})->with(['wall.measure', 'door.size', 'rail.stops', 'anchors.fixings']);

test('there is no station of another name', function () {
    $this->get('/doorways/'.kilnRoom()->id.'/roof')->assertNotFound();
});

test('what is typed in the other unit is kept as it was typed, and stands beside what it comes to', function (
    string $typed,
    string $shown,
) {
    change(['place' => 'brief.rules.gap', 'value' => $typed])
        ->assertOk()
        ->assertSee("({$typed})")
        ->assertSee("value=\"{$shown}\"", false);

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe($typed);
})->with([['1/2"', '12.7'], ['0.35 in', '9'], ["0.05'", '15']]);

test('what is typed in another spelling of the same unit is kept in the document’s', function () {
    change(['place' => 'brief.rules.gap', 'value' => '1.25 cm']);

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('12.5');
});

test('a length typed on a page that is looked at in inches is one in inches', function () {
    lookIn('in', kilnRoom()->job);
    change(['place' => 'brief.rules.gap', 'value' => '1/2'])
        ->assertSee('value="1/2"', false)
        ->assertDontSee('as-typed', false);

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('1/2 in');
});

test('a number of another unit is rounded where it is shown and kept where it is not changed', function () {
    lookIn('in', kilnRoom()->job);
    $this->get(route('wall.measure', kilnRoom()))->assertSee("value=\"143\u{a0}5/16\"", false);
    change(['place' => 'survey.baseboard.height', 'nudge' => 1], station: 'wall');

    expect(kilnRoom()->revision->document->get('survey.wall.to'))
        ->toBe(3640)
        ->and(kilnRoom()->revision->document->get('survey.baseboard.height'))
        ->toBe('121.5875');
});

test('nothing typed lets a value go', function () {
    change(['place' => 'brief.rules.gap', 'value' => ''])->assertOk();

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBeNull();
});

test('what cannot be read changes nothing, is answered at its place and stays as typed', function (
    string $value,
    string $says,
) {
    change(['place' => 'survey.wall.to', 'value' => $value], station: 'wall')
        ->assertOk()
        ->assertSee($says)
        ->assertSee('value="'.e($value).'"', false);

    expect(kilnRoom()->revision->number)->toBe(1);
})->with([
    ['far', 'is not a length'],
    ['-5', 'must end to the right'],
    ['1000', 'reaches past the end of the wall'],
    ['<b>', 'is not a length'],
]);

test('a place that no field sets is refused', function () {
    change(['place' => 'format', 'value' => 'other'])->assertOk();

    expect(kilnRoom()->revision->document->get('format'))->toBe('yoke-line/doorway');
});

test('an unchanged value makes no revision', function () {
    change(['changes' => json_encode(['brief.rules.gap' => 12])])->assertOk();

    expect(kilnRoom()->revision->number)->toBe(1);
});

test('every change is a revision that says what and who', function () {
    $this->post('/editor', ['who' => 'Ines']);
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    $revision = kilnRoom()->revision;

    expect([$revision->number, $revision->what->says(), $revision->who])->toBe([2, gapSet('10'), 'Ines']);
    $this->get(route('record.changes', kilnRoom()))->assertSee(gapSet('10'))->assertSee('Ines');
});

test('a revision is never changed', function () {
    expect(fn () => kilnRoom()->revision->update(['what' => 'other']))->toThrow(LogicException::class);
});

/** Somebody else at another browser does something. */
function asAnother(callable $do, string $name = 'Ines'): void
{
    $mine = session()->all();
    session()->flush();
    test()->post('/editor', ['who' => $name]);
    $do();
    session()->flush();
    session()->put($mine);
}

test('undo takes back one’s own last change, as a change of its own, and redo lays it on again', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    change(['place' => 'brief.rules.gap', 'value' => '14']);
    $gaps = [];
    foreach (['undo', 'undo', 'undo', 'redo', 'redo', 'redo'] as $way) {
        $this->post(route($way, kilnRoom()))->assertRedirect();
        $gaps[] = kilnRoom()->revision->document->get('brief.rules.gap');
    }

    expect($gaps)
        ->toBe(['10', 12, 12, '10', '14', '14'])
        ->and(kilnRoom()->revisions()->orderBy('number')->get()->map(fn ($revision) => $revision->what->says())->all())
        ->toBe([
            'measured and planned',
            gapSet('10'),
            gapSet('14'),
            'undid: '.gapSet('14'),
            'undid: '.gapSet('10'),
            'did again: '.gapSet('10'),
            'did again: '.gapSet('14'),
        ]);
});

test('after a new change there is nothing to do again', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    $this->post(route('undo', kilnRoom()));
    change(['place' => 'brief.rules.gap', 'value' => '14']);
    $this->post(route('redo', kilnRoom()));

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('14');
});

test('undo never takes another’s change away', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    asAnother(fn () => change(['place' => 'brief.rules.head_overlap', 'value' => '30']));
    $this->post(route('undo', kilnRoom()));

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))
        ->toBe(12)
        ->and(kilnRoom()->revision->document->get('brief.rules.head_overlap'))
        ->toBe('30');
});

test('what another has set since stays when one undoes, and one is told', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    asAnother(fn () => change(['place' => 'brief.rules.gap', 'value' => '14']));
    $this->post(route('undo', kilnRoom()));

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('14');
    $this->get(route('jobs'))->assertSee(
        FieldWords::label('brief.rules.gap')." was changed since; it stays 14\u{a0}mm.",
    );
});

test('who is stood over is told when they next open anything, and can put theirs back', function () {
    $opened = kilnRoom()->revision_id;
    change(['place' => 'brief.rules.gap', 'value' => '10', 'base' => $opened]);
    asAnother(
        fn () => change(['place' => 'brief.rules.gap', 'value' => '14', 'base' => $opened])->assertSee(
            'set '.gapName()." to 10\u{a0}mm in the meantime; yours is used",
        ),
    );

    $this->get(route('jobs'))->assertSee('Ines set '.gapName()." of Kiln room to 14\u{a0}mm; you had 10\u{a0}mm.");
    $notice = WaitingNotice::query()->firstOrFail();
    asAnother(fn () => $this->post(route('notices.put-back', $notice))->assertRedirect());
    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('14', 'A notice is nobody else’s.');
    $this->post(route('notices.put-back', $notice));
    expect(kilnRoom()->revision->document->get('brief.rules.gap'))
        ->toBe('10')
        ->and(WaitingNotice::query()->count())
        ->toBe(0);
});

test('a change that comes by another page than the bench tells what others did too', function () {
    $opened = kilnRoom()->revision_id;
    asAnother(fn () => change(['place' => 'brief.rules.gap', 'value' => '14', 'base' => $opened]));
    $this->post(route('readings.take', kilnRoom()), [
        'text' => "place,value\nceiling,2650",
        'base' => $opened,
    ])->assertRedirect();

    $this->get(route('jobs'))->assertSee('Ines changed '.gapName()." in the meantime: 12\u{a0}mm → 14\u{a0}mm.");
});

test('undo at the first revision and redo at the last do nothing', function () {
    $this->post(route('undo', kilnRoom()))->assertRedirect();
    $this->post(route('redo', kilnRoom()))->assertRedirect();

    expect(kilnRoom()->revision->number)->toBe(1);
});

test('any earlier revision can be gone back to, as a new one', function () {
    change(['place' => 'brief.rules.gap', 'value' => '10']);
    $first = kilnRoom()->revisions()->orderBy('number')->first();
    $this->post(route('history.goto', [kilnRoom(), $first]))->assertRedirect();

    expect(kilnRoom()->revision->number)
        ->toBe(3)
        ->and(kilnRoom()->revision->document->equals($first->document))
        ->toBeTrue();
});

test('a revision of another doorway cannot be gone to', function () {
    $other = Revision::query()->where('doorway_id', '!=', kilnRoom()->id)->firstOrFail();

    $this->post(route('history.goto', [kilnRoom(), $other]))->assertNotFound();
});

test('changes by two at different places are both kept, and the second is told', function () {
    $opened = kilnRoom()->revision_id;
    change(['place' => 'brief.rules.gap', 'value' => '10', 'base' => $opened]);
    $this->flushSession();
    change(['place' => 'brief.rules.head_overlap', 'value' => '30', 'base' => $opened])->assertSee(
        'changed '.gapName()." in the meantime: 12\u{a0}mm → 10\u{a0}mm",
    );

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))
        ->toBe('10')
        ->and(kilnRoom()->revision->document->get('brief.rules.head_overlap'))
        ->toBe('30');
});

test('one\'s own change is no news', function () {
    $opened = kilnRoom()->revision_id;
    change(['place' => 'brief.rules.gap', 'value' => '10', 'base' => $opened]);
    change(['place' => 'brief.rules.head_overlap', 'value' => '30', 'base' => $opened])->assertDontSee('in the meantime');
});

test('an edit lands on the stud that was meant, whatever was taken out or added before it', function () {
    $opened = kilnRoom()->revision_id;
    [$first, , $third] = kilnRoom()->revision->document->get('survey.studs');
    asAnother(
        fn () => change(['place' => "survey.studs[#{$first->id}]", 'remove' => 1, 'base' => $opened], station: 'wall'),
    );
    change(
        ['place' => "survey.studs[#{$third->id}].x", 'value' => '888', 'base' => $opened],
        station: 'wall',
    )->assertSee('in the meantime');

    expect(kilnRoom()->revision->document->get('survey.studs[1]'))
        ->toEqual((object) ['id' => $third->id, 'x' => '888', 'width' => 38])
        ->and(kilnRoom()->revision->document->get('survey.studs'))
        ->toHaveCount(7);
});

test('a place that counts its stud means the one that stood there when it was seen', function () {
    $opened = kilnRoom()->revision_id;
    asAnother(fn () => change(['place' => 'survey.studs[0]', 'remove' => 1, 'base' => $opened], station: 'wall'));
    change(['place' => 'survey.studs[2].x', 'value' => '888', 'base' => $opened], station: 'wall');

    expect(array_column(kilnRoom()->revision->document->get('survey.studs'), 'x'))->toBe([
        790,
        '888',
        1788,
        1990,
        2390,
        2790,
        3190,
    ]);
});

test('an edit of what was taken out meanwhile is refused at its place, and lands on nothing else', function () {
    $opened = kilnRoom()->revision_id;
    $third = kilnRoom()->revision->document->get('survey.studs[2]');
    asAnother(
        fn () => change(['place' => "survey.studs[#{$third->id}]", 'remove' => 1, 'base' => $opened], station: 'wall'),
    );
    $taken = kilnRoom()->revision->document;
    change(
        ['place' => "survey.studs[#{$third->id}].x", 'value' => '888', 'base' => $opened],
        station: 'wall',
    )->assertSee('was removed by Ines in the meantime');

    expect(kilnRoom()->revision->document->equals($taken))->toBeTrue();
});

test('two who add a stud at once have both', function () {
    $opened = kilnRoom()->revision_id;
    $blank = function (): string {
        preg_match(
            '/survey\.studs\[#e[a-z0-9]+\](?=\.x)/',
            (string) test()->get(route('wall.measure', kilnRoom()))->getContent(),
            $found,
        );

        return $found[0];
    };
    $mine = $blank();
    asAnother(function () use ($blank, $opened, $mine) {
        expect($blank())->not->toBe($mine);
        change(['place' => $blank().'.x', 'value' => '3300', 'base' => $opened], station: 'wall');
    });
    change(['place' => "{$mine}.x", 'value' => '3400', 'base' => $opened], station: 'wall');

    expect(array_slice(array_column(kilnRoom()->revision->document->get('survey.studs'), 'x'), 8))->toBe([
        '3300',
        '3400',
    ]);
});

test('a cure of the bench cures', function () {
    $loft = Doorway::query()->where('name', 'Packing loft')->firstOrFail();
    $this->get(route('rail.stops', $loft))->assertSee('data-code="headroom"', false);
    change(
        ['changes' => json_encode(['brief.header.align' => 'rail-low', 'brief.leaf.height' => 'auto'])],
        $loft,
        'rail',
    )->assertDontSee('data-code="headroom"', false);
});

test('a number shows the sum it came from', function () {
    $this->get(route('why', [kilnRoom(), 'yoke_line']))
        ->assertOk()
        ->assertSeeInOrder(['Rail line', 'floor gap', 'door height', 'rise']);
    $this->get(route('why', [kilnRoom(), 'nonsense']))->assertNotFound();
});

test('every number that the bench reads out can be asked why', function () {
    preg_match_all('#data-why="([^"]+)"#', (string) $this->get(route('numbers', kilnRoom()))->getContent(), $links);
    expect(count($links[1]))->toBeGreaterThan(20);
    foreach (array_unique($links[1]) as $link) {
        $this->get($link)->assertOk();
    }
});

test('a half-measured doorway has a bench but no sheet yet', function () {
    $room = Doorway::query()->where('name', 'Wedging room')->firstOrFail();

    $this->get(route('door.size', $room))
        ->assertOk()
        ->assertSee('Not enough measured yet.')
        ->assertSee('ceiling along the rail');
    $this->get(route('papers.sheet', $room))
        ->assertSee('The set-out sheet will stand here.')
        ->assertSee('href="'.route('wall.measure', $room).'"', false);
});

test('the sheet tells marks, heights, sizes and cautions', function () {
    $this->get(route('papers.sheet', kilnRoom()))
        ->assertOk()
        ->assertSeeInOrder([
            "2\u{202f}191",
            'Up from the high spot',
            'Along the wall: hook at the left corner',
            '671',
            'Sizes',
            '965',
            'Take care',
            'known weight',
            'Order of work',
        ]);
});

test('a page and a change take fewer than twelve queries', function () {
    $count = function (callable $request): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $request();

        return count(DB::getQueryLog());
    };

    expect($count(fn () => $this->get(route('door.size', kilnRoom()))))
        ->toBeLessThan(12)
        ->and($count(fn () => change(['place' => 'brief.rules.gap', 'value' => '10'])))
        ->toBeLessThan(12);
});

test('a nudge of what is not set begins at what is usual', function () {
    change(['place' => 'brief.rules.gap', 'remove' => 1]);
    change(['place' => 'brief.rules.gap', 'nudge' => 1]);

    expect(kilnRoom()->revision->document->get('brief.rules.gap'))->toBe('13');
});
