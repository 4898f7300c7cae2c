<?php

declare(strict_types=1);

use App\Http\State;
use App\Models\Doorway;
use App\Models\Firm;
use App\Models\Job;
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
