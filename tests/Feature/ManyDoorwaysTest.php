<?php

declare(strict_types=1);

use App\Board\Counts;
use App\Http\State;
use App\Models\Doorway;
use App\Models\Firm;
use App\Models\Job;
use App\Record\Log;
use Illuminate\Support\Facades\DB;
use Tests\Demo;

beforeEach(fn () => Demo::load());

/** @return list<string> how the database goes about a query: only SQLite tells it so */
function wayOf(string $sql, array $bindings): array
{
    return array_column(DB::select("explain query plan {$sql}", $bindings), 'detail');
}

test('the newest doorway is found without sorting them all', function (string $by) {
    $query = Doorway::query()->toBase()->orderByDesc($by)->limit(1)->select($by);
    $way = implode("\n", wayOf($query->toSql(), $query->getBindings()));

    expect($way)->not->toContain('TEMP B-TREE');
})->with(['revision_id', 'updated_at'])->skip(fn () => DB::getDriverName() !== 'sqlite', 'SQLite tells its way');

test('the doorways of a job are looked up, not looked for', function () {
    $query = Doorway::query()->toBase()->where('job_id', 1);
    $way = implode("\n", wayOf($query->toSql(), $query->getBindings()));

    expect($way)->toContain('SEARCH doorways')->not->toContain('SCAN doorways');
})->skip(fn () => DB::getDriverName() !== 'sqlite', 'SQLite tells its way');

test('what a page was drawn from differs after any change of the firm', function (callable $change) {
    $before = State::named('everything')->is;
    $change();

    expect(State::named('everything')->is)->not->toBe($before);
})->with([
    'a doorway' => [fn () => Doorway::query()->findOrFail(1)->forceFill(['revision_id' => 9_999])->saveQuietly()],
    'the log' => [fn () => DB::table('log_entries')->insert([
        'doorway_id' => 1, 'revision_id' => 1, 'uid' => 'new', 'kind' => 'note', 'about' => '', 'data' => '{}',
        'who' => 'Ana', 'at' => now(),
    ])],
    'a job' => [fn () => Job::query()->findOrFail(1)->forceFill(['updated_at' => now()->addDay()])->saveQuietly()],
]);

test('what another firm does is nothing to this one', function () {
    $before = State::named('everything')->is;
    $other = DB::table('firms')->insertGetId(['name' => 'Other', 'created_at' => now(), 'updated_at' => now()]);
    $job = DB::table('jobs')->insertGetId(['name' => 'Theirs', 'firm_id' => $other, 'updated_at' => now()->addYear()]);
    DB::table('doorways')->insert([
        'job_id' => $job, 'name' => 'Theirs', 'revision_id' => 99_999, 'verdict' => '', 'summary' => '', 'updated_at' => now()->addYear(),
    ]);

    expect(State::named('everything')->is)->toBe($before)
        ->and(Doorway::query()->where('name', 'Theirs')->exists())->toBeFalse()
        ->and(Firm::FIRST)->not->toBe($other);
});

/** So many queries that count what waits. */
function countsAsked(callable $look): int
{
    $asked = 0;
    DB::listen(function ($query) use (&$asked): void {
        $asked += str_contains($query->sql, 'sum(snags)') ? 1 : 0;
    });
    $look();

    return $asked;
}

test('what waits is counted once while nothing of the house changes', function () {
    $this->get('/progress')->assertOk();
    $asked = countsAsked(fn () => $this->get('/progress')->assertOk() && $this->get('/progress')->assertOk());

    expect($asked)->toBeLessThanOrEqual(1);
});

test('what waits is counted anew after each thing that is told', function () {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->get('/progress');
    $snags = fn (): int => Counts::here()->snags;
    $before = $snags();
    (new Log($doorway))->add('snag', 'scratch', ['state' => 'open', 'says' => 'A scratch'], 'Ana');
    $this->get('/progress');

    expect($snags())->toBe($before + 1);
});

test('what is put away is counted no more, also in the same second', function () {
    $this->travelTo(now()->startOfSecond());
    $this->get('/progress');
    $all = fn (): int => array_sum(Counts::here()->waiting);
    $before = $all();
    foreach (Doorway::query()->limit(2)->pluck('id') as $i => $id) {
        $this->post("/doorways/{$id}/archive");
        expect($all())->toBe($before - $i - 1);
    }
});

test('a long log comes page by page, nothing twice and nothing left out', function () {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    foreach (range(1, 230) as $n) {
        (new Log($doorway))->add('note', "note-{$n}", ['says' => "Note number {$n}."], 'Ana', at: now()->addSeconds($n));
    }
    $found = [];
    foreach ([1, 2, 3] as $page) {
        $html = $this->get(route('record.log', [$doorway, 'kind' => 'note', 'page' => $page]))->assertOk()->getContent();
        preg_match_all('/Note number (\d+)\./', (string) $html, $notes);
        $found[] = array_map(intval(...), $notes[1]);
    }

    expect($found[0][0])->toBe(230)
        ->and(array_map(count(...), $found))->toBe([100, 100, 30])
        ->and(array_merge(...$found))->toBe(range(230, 1));
});

test('the whole log is given out, however long', function () {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    foreach (range(1, 130) as $n) {
        (new Log($doorway))->add('note', "note-{$n}", ['says' => "Note number {$n}."], 'Ana', at: now()->addSeconds($n));
    }

    expect(substr_count($this->get(route('log.table', [$doorway, 'kind' => 'note']))->getContent() ?: '', 'Note number'))
        ->toBe(130);
});

test('of many changes two are compared, also from another page of the list', function () {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $first = $doorway->revisions()->firstOrFail();
    foreach (range(2, 130) as $n) {
        $doorway->revisions()->create([
            'parent_id' => $first->id, 'number' => $n, 'document' => $first->document, 'what' => $first->what,
            'who' => 'Ana', 'browser' => 'ana-1',
        ]);
    }
    $html = $this->get(route('record.compare', [$doorway, 'from' => 1, 'to' => 130]))->assertOk()->getContent();

    expect(substr_count((string) $html, '<option value="'))->toBeBetween(200, 204)
        ->and($html)->toMatch('/<option value="1" selected/')->toMatch('/<option value="130" selected/')
        ->and($html)->toContain('rel="next"');
});
