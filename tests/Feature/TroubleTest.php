<?php

declare(strict_types=1);

use App\Keeping\Trouble;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Record\Log;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Demo;

/*
 * What a machine can do to a house: each is provoked on a database of its own, on a disk of two megabytes where one can
 * be mounted. What happened is said, nothing more is taken, and what was kept before is there once it is mended.
 */

beforeEach(function () {
    $this->usual = config('database.default');
    config(['app.debug' => false]);
    $this->disk = sys_get_temp_dir().'/yoke-trouble-'.bin2hex(random_bytes(4));
    mkdir($this->disk);
    exec("mount -t tmpfs -o size=6m tmpfs {$this->disk} 2>/dev/null", $said, $code);
    $this->isMounted = $code === 0;
    touch("{$this->disk}/yoke.sqlite");
    config([
        'database.connections.kept' => [
            ...config('database.connections.sqlite'),
            'database' => "{$this->disk}/yoke.sqlite",
        ],
        'database.default' => 'kept',
        'session.connection' => 'kept',
    ]);
    Artisan::call('migrate', ['--force' => true]);
    Demo::load();
    $this->doorway = Doorway::query()->oldest('id')->firstOrFail();
    $this->change = fn (string $gap) => $this->post("/doorways/{$this->doorway->id}/rail/changes", [
        'place' => 'brief.rules.gap',
        'value' => $gap,
        'base' => $this->doorway->refresh()->revision_id,
    ]);
});

afterEach(function () {
    DB::purge('kept');
    config(['database.default' => $this->usual]);
    exec("umount {$this->disk} 2>/dev/null");
    File::deleteDirectory($this->disk);
});

function told(Illuminate\Testing\TestResponse $answer, Trouble $trouble): void
{
    $answer->assertStatus(503)
        ->assertSee(e(__("errors.{$trouble->value}.title")), false)
        ->assertSee(e(__("errors.{$trouble->value}.kept")), false)
        ->assertDontSee('SQLSTATE');
}

test('a full disk takes nothing more, and all that was taken is there once there is room', function () {
    $this->isMounted || $this->markTestSkipped('No small disk can be mounted here.');
    ($this->change)('14')->assertOk();
    $kept = Revision::query()->count();
    // The log that is written first may be longer than it is full.
    DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
    file_put_contents("{$this->disk}/filler", str_repeat('x', (int) disk_free_space($this->disk)));
    $answers = array_map(fn (int $gap) => ($this->change)((string) $gap), range(15, 40));
    told(end($answers), Trouble::Full);
    $taken = count(array_filter($answers, fn ($answer) => $answer->getStatusCode() === 200));
    unlink("{$this->disk}/filler");

    expect(Revision::query()->count())->toBe($kept + $taken)
        ->and(DB::scalar('PRAGMA integrity_check'))->toBe('ok');
    ($this->change)('41')->assertOk();
});

test('a database that may grow no more is told as a full disk', function () {
    DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
    $answers = array_map(fn (int $gap) => ($this->change)((string) $gap), range(14, 30));

    told(end($answers), Trouble::Full);
});

test('a disk that became read-only is told, and goes on once it is mended', function () {
    $this->isMounted || $this->markTestSkipped('No disk can be mounted here.');
    DB::purge('kept');
    exec("mount -o remount,ro {$this->disk} 2>&1", $said, $code);
    expect($code)->toBe(0, implode(' ', $said));
    told(
        $this->post("/doorways/{$this->doorway->id}/rail/changes", ['place' => 'brief.rules.gap', 'value' => '14']),
        Trouble::ReadOnly,
    );
    DB::purge('kept');
    exec("mount -o remount,rw {$this->disk}");
    ($this->change)('14')->assertOk();
});

test('a missing database is told, and none is made in its place', function () {
    DB::purge('kept');
    rename("{$this->disk}/yoke.sqlite", "{$this->disk}/elsewhere");
    told($this->get('/'), Trouble::Missing);
    expect(file_exists("{$this->disk}/yoke.sqlite"))->toBeFalse();
    rename("{$this->disk}/elsewhere", "{$this->disk}/yoke.sqlite");
    DB::purge('kept');
    $this->get('/')->assertOk()->assertSee('Kiln room');
});

test('a damaged database is told', function () {
    DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
    DB::purge('kept');
    $whole = (string) file_get_contents("{$this->disk}/yoke.sqlite");
    file_put_contents("{$this->disk}/yoke.sqlite", substr($whole, 0, 4096).str_repeat("\x07", strlen($whole) - 4096));
    told($this->get('/'), Trouble::Damaged);
    DB::purge('kept');
    file_put_contents(
        "{$this->disk}/yoke.sqlite",
        'this is a letter, and no database at all, and long enough to be taken for one',
    );
    told($this->get('/'), Trouble::Damaged);
});

test('an update that stopped half way is told, and finished by starting anew', function () {
    // From the one that every page asks for: what later ones add may be asked for by none.
    $since = DB::table('migrations')->where('migration', '>=', '2026_11_29_300000')->count();
    Artisan::call('migrate:rollback', ['--force' => true, '--step' => $since]);
    told($this->get('/'), Trouble::HalfUpdated);
    Artisan::call('migrate', ['--force' => true]);
    $this->get('/')->assertOk()->assertSee('Kiln room');
});

test('when the clock is set back, what is said last still counts', function () {
    $log = new Log($this->doorway);
    $log->add('tick', 'mark', ['made' => true], 'Ana');
    $this->travel(-3)->days();
    $log->add('tick', 'mark', ['made' => false], 'Ana');
    ($this->change)('14')->assertOk();
    ($this->change)('15')->assertOk();
    $this->post("/doorways/{$this->doorway->id}/undo");

    expect($log->last('tick')['mark']->data['made'])->toBeFalse()
        ->and($this->doorway->refresh()->revision->document->get('brief.rules.gap'))->toEqual('14')
        ->and(LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'tick')->count())->toBe(2);
});

test('a fault of our own is not told as one of the machine', function () {
    expect(Trouble::of(new RuntimeException('Undefined array key "gap"')))->toBeNull();
});
