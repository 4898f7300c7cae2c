<?php

declare(strict_types=1);

use App\Firm\Role;
use App\Keeping\Backup;
use App\Keeping\Backups;
use App\Keeping\Doctor;
use App\Keeping\NotRestored;
use App\Keeping\Restore;
use App\Models\Doorway;
use App\Models\Firm;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Demo;

/* What is kept is brought back the same, whatever happened to the rest; and what is wrong with a machine is said. */

beforeEach(function () {
    $this->usual = config('database.default');
    $this->folder = sys_get_temp_dir().'/yoke-keeping-'.bin2hex(random_bytes(4));
    File::ensureDirectoryExists("{$this->folder}/photos");
    // A backup is taken of a file, and outside a transaction: this database is one of its own.
    touch("{$this->folder}/yoke.sqlite");
    config([
        'database.connections.kept' => [
            ...config('database.connections.sqlite'),
            'database' => "{$this->folder}/yoke.sqlite",
        ],
        'database.default' => 'kept',
        'session.connection' => 'kept',
        'app.photos' => "{$this->folder}/photos",
        'app.backups' => "{$this->folder}/backups",
    ]);
    Artisan::call('migrate', ['--force' => true]);
});

afterEach(function () {
    DB::purge('kept');
    config(['database.default' => $this->usual]);
    File::deleteDirectory($this->folder);
});

/** @return array<string, mixed> every row of every table, and every file */
function allThatIsKept(string $database, string $photos): array
{
    $book = new PDO("sqlite:{$database}");
    $all = [];
    foreach ($book->query("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name")->fetchAll(PDO::FETCH_COLUMN) as $table) {
        $all[$table] = $book->query("SELECT * FROM \"{$table}\" ORDER BY 1")->fetchAll(PDO::FETCH_ASSOC);
    }
    foreach (is_dir($photos) ? File::allFiles($photos) : [] as $file) {
        $all['photos'][$file->getRelativePathname()] = hash_file('sha256', $file->getPathname());
    }
    ksort($all['photos']);

    return $all;
}

function somethingKept(): void
{
    Demo::load();
    User::create([
        'firm_id' => Firm::FIRST,
        'name' => 'Ana',
        'email' => 'ana@example.com',
        'password' => 'a long password',
        'role' => Role::Owner,
    ]);
}

test('everything comes back the same in an empty place', function () {
    somethingKept();
    $before = allThatIsKept("{$this->folder}/yoke.sqlite", "{$this->folder}/photos");
    $file = Backup::write("{$this->folder}/backups");

    $aside = Restore::of($file)->into("{$this->folder}/elsewhere/yoke.sqlite", "{$this->folder}/elsewhere/photos");

    expect($aside)->toBeNull()
        ->and(count($before['revisions']))->toBeGreaterThan(10)
        ->and(count($before['photos']))->toBeGreaterThan(0)
        ->and(allThatIsKept("{$this->folder}/elsewhere/yoke.sqlite", "{$this->folder}/elsewhere/photos"))
        ->toBe($before);
});

test('a photograph that is just being written is not in a backup', function () {
    somethingKept();
    file_put_contents("{$this->folder}/photos/7-half.jpg.half", 'the first half of');
    $zip = new ZipArchive();
    $zip->open(Backup::write("{$this->folder}/backups"));

    expect($zip->locateName('photos/7-half.jpg.half'))->toBeFalse()->and($zip->numFiles)->toBeGreaterThan(2);
});

test('what was there before a backup came back is kept beside it', function () {
    somethingKept();
    $file = Backup::write("{$this->folder}/backups");
    Doorway::query()->toBase()->update(['name' => 'Renamed since']);
    $since = allThatIsKept("{$this->folder}/yoke.sqlite", "{$this->folder}/photos");

    $aside = Restore::of($file)->into("{$this->folder}/yoke.sqlite", "{$this->folder}/photos");

    expect(Doorway::query()->where('name', 'Renamed since')->exists())->toBeFalse()
        ->and(allThatIsKept("{$aside}/yoke.sqlite", "{$aside}/photos"))->toBe($since);
});

test('a backup is of one moment while another writes', function () {
    somethingKept();
    $writer = new PDO("sqlite:{$this->folder}/yoke.sqlite", options: [PDO::ATTR_TIMEOUT => 5]);
    $writer->exec('BEGIN; UPDATE doorways SET name = \'Half written\'');
    $file = Backup::write("{$this->folder}/backups");
    $writer->exec('COMMIT');
    Restore::of($file)->into("{$this->folder}/elsewhere/yoke.sqlite", "{$this->folder}/elsewhere/photos");

    $names = (new PDO("sqlite:{$this->folder}/elsewhere/yoke.sqlite"))->query('SELECT DISTINCT name FROM doorways')
        ->fetchAll(PDO::FETCH_COLUMN);
    expect($names)->not->toContain('Half written')->not->toBe([]);
});

test('a backup that is not as it was packed is refused, and nothing is touched', function (callable $spoil, string $why) {
    somethingKept();
    $file = Backup::write("{$this->folder}/backups");
    $spoil($file);
    $before = allThatIsKept("{$this->folder}/yoke.sqlite", "{$this->folder}/photos");
    $refused = null;
    try {
        Restore::of($file)->into("{$this->folder}/yoke.sqlite", "{$this->folder}/photos");
    } catch (NotRestored $problem) {
        $refused = $problem->why;
    }

    expect($refused)->toBe($why)
        ->and(allThatIsKept("{$this->folder}/yoke.sqlite", "{$this->folder}/photos"))->toBe($before)
        ->and(glob("{$this->folder}/.restoring*"))->toBe([]);
})->with([
    'cut short' => [
        fn (string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 5000)),
        'not-whole',
    ],
    'no ZIP' => [fn (string $file) => file_put_contents($file, 'nothing'), 'not-whole'],
    'gone' => [fn (string $file) => unlink($file), 'not-whole'],
    'another ZIP' => [fn (string $file) => repack($file, Backup::LIST, '{"format": "other"}'), 'no-backup'],
    'of a newer version' => [
        fn (string $file) => repack(
            $file,
            Backup::LIST,
            fn (string $list) => str_replace('create_firms_and_people', 'of_tomorrow', $list),
        ),
        'newer',
    ],
    'a photograph changed' => [fn (string $file) => repack($file, 'photos', 'not a picture'), 'damaged'],
    'a damaged database' => [
        fn (string $file) => repack(
            $file,
            Backup::DATABASE,
            fn (string $is) => substr_replace($is, str_repeat('x', 400), 9000, 400),
        ),
        'damaged',
    ],
    'a path that leads out' => [
        fn (string $file) => repack(
            $file,
            Backup::LIST,
            fn (string $list) => str_replace('"photos/', '"photos/../../', $list),
        ),
        'damaged',
    ],
]);

/** A backup with one thing in it otherwise. */
function repack(string $file, string $name, string|callable $with): void
{
    $zip = new ZipArchive();
    $zip->open($file);
    for ($i = 0; $i < $zip->numFiles; $i++) {
        if (str_starts_with((string) $zip->getNameIndex($i), $name)) {
            $zip->addFromString(
                (string) $zip->getNameIndex($i),
                is_string($with) ? $with : $with((string) $zip->getFromIndex($i)),
            );
            break;
        }
    }
    $zip->close();
}

test('of backups the last of 7 days, 4 weeks and 12 months is kept', function () {
    File::ensureDirectoryExists("{$this->folder}/backups");
    // Two a day for two years.
    for ($hours = 0; $hours < 24 * 730; $hours += 12) {
        touch("{$this->folder}/backups/yoke-line-".now()->subHours($hours)->format('Y-m-d-His').'-nightly.zip');
    }
    $backups = Backups::here();
    $backups->thin();
    $days = array_map(fn ($at) => $at->format('Y-m-d'), array_values($backups->all()));

    expect(count($days))->toBeGreaterThanOrEqual(18)->toBeLessThanOrEqual(23)
        ->and(array_slice($days, 0, 7))
        ->toBe(array_map(fn (int $ago) => now()->subDays($ago)->format('Y-m-d'), range(0, 6)))
        ->and(end($days) < now()->subMonths(10)->format('Y-m-d'))->toBeTrue();
});

test('one that was made before an update is not thinned away by what came after it', function () {
    File::ensureDirectoryExists("{$this->folder}/backups");
    $update = "{$this->folder}/backups/yoke-line-".now()->subHours(3)->format('Y-m-d-His').'-update.zip';
    $before = "{$this->folder}/backups/yoke-line-".now()->subMonths(20)->format('Y-m-d-His').'-update.zip';
    array_map(touch(...), [$update, $before, "{$this->folder}/backups/yoke-line-".now()->format('Y-m-d-His').'-nightly.zip']);
    foreach (range(1, 14) as $months) {
        touch("{$this->folder}/backups/yoke-line-".now()->subMonths($months)->format('Y-m-d-His').'-nightly.zip');
    }
    Backups::here()->thin();

    expect(is_file($update))->toBeTrue()->and(is_file($before))->toBeFalse();
});

test('one is made a night, and none where there is one of today', function () {
    Artisan::call('yoke:backup', ['--nightly' => true]);
    Artisan::call('yoke:backup', ['--nightly' => true]);
    expect(Backups::here()->all())->toHaveCount(1);
    $this->travel(1)->days();
    Artisan::call('yoke:backup', ['--nightly' => true]);
    expect(Backups::here()->all())->toHaveCount(2);
});

test('the page of the firm warns when there was no backup for three days', function () {
    $this->get('/firm')->assertOk()->assertSee('./yoke backup');
    Backup::write("{$this->folder}/backups");
    $this->get('/firm')->assertOk()->assertDontSee('./yoke backup');
    $this->travel(4)->days();
    $this->get('/firm')->assertOk()->assertSee('./yoke backup');
});

test('what is wrong with a machine is said, and nothing else', function (callable $break, ?string $of) {
    somethingKept();
    Backup::write("{$this->folder}/backups");
    $break($this->folder);

    expect(array_keys(array_filter(Doctor::looks())))->toBe($of === null ? [] : [$of]);
})->with([
    'nothing' => [fn () => null, null],
    'no backup' => [fn (string $folder) => File::cleanDirectory("{$folder}/backups"), 'backup'],
    'a photograph lost' => [fn (string $folder) => File::cleanDirectory("{$folder}/photos"), 'photos'],
    'a clock that was set back' => [fn () => test()->travel(-2)->days(), 'clock'],
    'tables of a newer version' => [
        fn () => DB::table('migrations')->insert(['migration' => 'of_tomorrow', 'batch' => 9]),
        'version',
    ],
    'an update that stopped half way' => [
        fn () => DB::table('migrations')->orderByDesc('id')->limit(1)->delete(),
        'version',
    ],
]);

test('a damaged and a missing database are told, not met with a trace', function () {
    somethingKept();
    Backup::write("{$this->folder}/backups");
    DB::purge('kept');
    $whole = (string) file_get_contents("{$this->folder}/yoke.sqlite");
    file_put_contents("{$this->folder}/yoke.sqlite", substr_replace($whole, str_repeat('x', 4000), 4096 * 5, 4000));
    expect(Doctor::looks()['database'])->toContain('./yoke restore');
    DB::purge('kept');
    array_map(unlink(...), glob("{$this->folder}/yoke.sqlite*") ?: []);
    expect(Doctor::looks()['database'])->toContain('./yoke restore');
});
