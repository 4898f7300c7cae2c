<?php

declare(strict_types=1);

use App\Keeping\Backup;
use App\Keeping\Doctor;
use App\Keeping\NotRestored;
use App\Keeping\Restore;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/* What a backup says of itself, and how one is laid down; of a house that is hardly there. */

beforeEach(function () {
    $this->travelTo('2027-03-10 12:00:00');
    $this->usual = config('database.default');
    $this->folder = sys_get_temp_dir().'/yoke-restore-'.bin2hex(random_bytes(4));
    File::ensureDirectoryExists("{$this->folder}/photos/7");
    File::put("{$this->folder}/photos/7/one.jpg", 'a photograph');
    $book = new PDO("sqlite:{$this->folder}/yoke.sqlite");
    $book->exec('CREATE TABLE migrations (id INTEGER PRIMARY KEY, migration TEXT)');
    $known = array_map(fn (string $file) => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
    foreach ($known as $migration) {
        $book->prepare('INSERT INTO migrations (migration) VALUES (?)')->execute([$migration]);
    }
    config([
        'database.connections.small' => [
            ...config('database.connections.sqlite'),
            'database' => "{$this->folder}/yoke.sqlite",
        ],
        'database.default' => 'small',
        // As somebody may have set it.
        'app.photos' => "{$this->folder}/photos/",
        'app.backups' => "{$this->folder}/backups",
    ]);
    $this->known = $known;
});

afterEach(function () {
    DB::purge('small');
    config(['database.default' => $this->usual]);
    File::deleteDirectory($this->folder);
});

/** @return array<string, mixed> */
function listOf(string $backup): array
{
    $zip = new ZipArchive();
    $zip->open($backup);

    return (array) json_decode((string) $zip->getFromName(Backup::LIST), true);
}

test('a backup says when it was made, of which version, and what is in it', function () {
    $path = Backup::write("{$this->folder}/backups", 'nightly');
    $list = listOf($path);

    expect(basename($path))->toBe('yoke-line-2027-03-10-120000-nightly.zip')
        ->and(substr(sprintf('%o', fileperms(dirname($path))), -3))->toBe('700')
        ->and($list['format'])->toBe('yoke-line/backup')
        ->and($list['made_at'])->toBe('2027-03-10T12:00:00+00:00')
        ->and($list['migrations'])->toBe($this->known)
        ->and(array_keys($list['files']))->toBe([Backup::DATABASE, 'photos/7/one.jpg'])
        ->and($list['files']['photos/7/one.jpg'])->toBe(hash('sha256', 'a photograph'))
        ->and(array_values(array_diff(scandir(dirname($path)) ?: [], ['.', '..'])))->toBe([basename($path)]);
});

test('in an empty place nothing is beside it, and where something was it is, by the moment', function (bool $isEmpty) {
    $backup = Backup::write("{$this->folder}/backups");
    $to = "{$this->folder}/new";
    File::ensureDirectoryExists("{$to}/photos");
    $isEmpty ? File::deleteDirectory("{$to}/photos") : File::put("{$to}/photos/old.jpg", 'old');
    $aside = Restore::of($backup)->into("{$to}/yoke.sqlite", "{$to}/photos");
    $left = array_values(array_diff(scandir($to) ?: [], ['.', '..', 'yoke.sqlite', 'photos']));

    expect(File::get("{$to}/photos/7/one.jpg"))->toBe('a photograph')
        ->and($left)->toBe($isEmpty ? [] : ['before-restore-2027-03-10-120000'])
        ->and($aside)->toBe($isEmpty ? null : "{$to}/before-restore-2027-03-10-120000")
        ->and($isEmpty || File::get("{$aside}/photos/old.jpg") === 'old')->toBeTrue();
})->with(['empty' => [true], 'something was there' => [false]]);

test('a database that is none is refused by its name, also where all that was packed is there', function (
    string $bytes,
) {
    $backup = Backup::write("{$this->folder}/backups");
    $zip = new ZipArchive();
    $zip->open($backup);
    $zip->addFromString(Backup::DATABASE, $bytes);
    $list = listOf($backup);
    $list['files'][Backup::DATABASE] = hash('sha256', $bytes);
    $zip->addFromString(Backup::LIST, (string) json_encode($list));
    $zip->close();
    $said = '';
    try {
        Restore::of($backup)->into("{$this->folder}/new.sqlite", "{$this->folder}/new");
    } catch (NotRestored $refused) {
        $said = $refused->getMessage();
    }

    expect($said)->toBe(__('keeping.not-restored.damaged', ['file' => Backup::DATABASE]))
        ->and(is_file("{$this->folder}/new.sqlite"))->toBeFalse();
})->with([
    'words' => ['no database, whatever it says'],
    'its head alone' => ["SQLite format 3\0".str_repeat("\1", 84)],
]);

test('what is asked for and not there is said of no file', function () {
    expect((new NotRestored('no-backup'))->getMessage())->toBe(__('keeping.not-restored.no-backup', ['file' => '']));
});

test('a backup that is old says of which day it is', function () {
    File::ensureDirectoryExists("{$this->folder}/backups");
    touch("{$this->folder}/backups/yoke-line-2027-03-01-020000-nightly.zip");

    expect(Doctor::looks()['backup'])->toBe(__('keeping.doctor.backup-old', ['on' => '2027-03-01']));
});
