<?php

declare(strict_types=1);

use App\Firm\Role;
use App\Models\Firm;
use App\Models\Job;
use App\Models\User;
use App\Models\WaitingNotice;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Assert;
use Tests\Browser\Support\BrowserTestCase;
use Tests\TestCase;

// Photographs and backups of each process lie by themselves, and go with it.
$own = sys_get_temp_dir().'/yoke-line-tests-'.getmypid();
foreach (['PHOTOS_FOLDER' => "{$own}/photos", 'BACKUPS_FOLDER' => "{$own}/backups"] as $name => $folder) {
    putenv("{$name}={$folder}");
    $_ENV[$name] = $_SERVER[$name] = $folder;
}
register_shutdown_function(fn () => (new Filesystem())->deleteDirectory($own));

pest()
    ->extend(TestCase::class)
    ->use(RefreshDatabase::class)
    // A test finds the demo under the same numbers in every database.
    ->beforeEach(function () {
        foreach (DB::getDriverName() === 'pgsql' ? ['jobs', 'doorways', 'revisions', 'log_entries'] : [] as $table) {
            DB::statement(
                "select setval(pg_get_serial_sequence('{$table}', 'id'), (select coalesce(max(id), 0) + 1 from {$table}), false)",
            );
        }
    })
    ->in('Feature');
pest()->extend(BrowserTestCase::class)->in('Browser');
// One that asserts nothing, as where it goes through a list that is empty, would pass whatever the code does.
pest()
    ->afterEach(fn () => Assert::getCount() > 0 || Assert::fail('It asserts nothing.'))
    ->in('Architecture', 'Browser', 'Core', 'Feature');

/** Presses a unit at the top of a page of a job, as somebody does who looks at it in that unit. */
function lookIn(string $units, Job $job, string $own = 'mm'): void
{
    test()
        ->post('/editor', ['units' => $units, 'own' => $own, 'at' => "job-{$job->id}"])
        ->assertRedirect();
}

/** @return list<string> what waits to be told to those who were not there, the oldest first */
function toldInTheMeantime(): array
{
    return array_values(
        WaitingNotice::query()
            ->orderBy('id')
            ->get()
            ->map(fn (WaitingNotice $notice) => $notice->says->says())
            ->all(),
    );
}

/** In a firm, signed in by nobody yet. */
function somebody(Role $role, int $firm = Firm::FIRST, string $name = 'Ana'): User
{
    return User::create([
        'firm_id' => $firm,
        'name' => $name,
        'email' => strtolower("{$name}-{$role->value}-{$firm}@example.com"),
        'password' => 'a long password',
        'role' => $role,
    ]);
}

/** What a PDF says, as another program reads it; one page where a number is given. */
function shownOn(string $pdf, ?int $page = null): string
{
    file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'pdf'), $pdf);
    $said = (string) shell_exec(
        'pdftotext -raw '.
            ($page === null ? '' : '-f '.($page + 1).' -l '.($page + 1).' ').
            escapeshellarg($file).
            ' - 2>&1',
    );
    unlink($file);

    return $said;
}
