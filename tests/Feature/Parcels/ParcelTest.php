<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\Job;
use App\Parcels\Parcel;
use Illuminate\Support\Facades\File;
use Tests\Begun;

/* A job made ready to give out, doorway by doorway. */

function jobOf(int $doorways): Job
{
    $begun = array_map(fn () => Begun::doorway('kiln-room'), range(1, $doorways));
    Doorway::query()->update(['job_id' => $begun[0]->job_id]);

    return $begun[0]->job->refresh();
}

/** @return list<string> what is in it */
function filesIn(Parcel $parcel): array
{
    $zip = new ZipArchive();
    $zip->open($parcel->file());
    $names = array_map(fn (int $i) => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
    sort($names);

    return $names;
}

test('it is ready once the last doorway is in it, and closed then', function () {
    $parcel = Parcel::begin(jobOf(2), 'archive', 'A4', null);
    $far = [[$parcel->done(), $parcel->of(), $parcel->isReady()]];
    foreach ([1, 2] as $time) {
        $found = Parcel::find($parcel->id);
        $found->next();
        $far[] = [$found->done(), $found->of(), $found->isReady()];
    }

    expect($far)->toBe([[0, 2, false], [1, 2, false], [2, 2, true]])
        ->and(preg_grep('/^doorways\//', filesIn($found)))->toHaveCount(2)
        ->and(filesIn($found))->toContain('job.json');
});

test('asked once more when it is ready it stays as it is', function () {
    $parcel = Parcel::begin(jobOf(1), 'archive', 'A4', null);
    $parcel->next();
    $before = [filesIn($parcel), sha1_file($parcel->file())];
    touch($parcel->file(), time() - 60);
    Parcel::find($parcel->id)->next();
    clearstatcache();

    expect([filesIn($parcel), sha1_file($parcel->file())])->toBe($before)
        ->and(filemtime($parcel->file()))->toBeLessThan(time() - 30)
        ->and(Parcel::find($parcel->id)->done())->toBe(1);
});

test('what is put away goes into the ZIP, and not onto paper', function (string $kind, int $doorways) {
    $job = jobOf(2);
    $job->doorways()->firstOrFail()->forceFill(['archived_at' => now()])->save();

    expect(Parcel::begin($job, $kind, 'A4', null)->of())->toBe($doorways);
})->with([['archive', 2], ['sheets', 1]]);

test('it is named after its job and what it is', function (string $name, string $kind, string $file, string $called) {
    $job = jobOf(1);
    $job->forceFill(['name' => $name])->save();
    $parcel = Parcel::begin($job, $kind, 'A4', null);

    expect([basename($parcel->file()), $parcel->name(), $parcel->job()->id])->toBe([$file, $called, $job->id]);
})->with([
    ['Kiln yard', 'archive', 'job.zip', 'kiln-yard.zip'], ['Kiln yard', 'sheets', 'sheets.pdf', 'kiln-yard-sheets.pdf'],
    ['***', 'archive', 'job.zip', 'job.zip'],
]);

test('sheets are bound to one paper that another program reads', function () {
    $parcel = Parcel::begin(jobOf(1), 'sheets', 'Letter', null);
    $parcel->next();

    expect(shownOn((string) file_get_contents($parcel->file())))->toContain('Kiln room');
});

test('what was made ready half a day ago is gone when another is begun, and what is newer is not', function () {
    $job = jobOf(1);
    [$old, $new] = [Parcel::begin($job, 'archive', 'A4', null), Parcel::begin($job, 'archive', 'A4', null)];
    touch(dirname($old->file()), time() - 12 * 3600 - 5);
    touch(dirname($new->file()), time() - 12 * 3600 + 60);
    Parcel::begin($job, 'archive', 'A4', null);

    expect(File::isDirectory(dirname($old->file())))->toBeFalse()
        ->and(File::isDirectory(dirname($new->file())))->toBeTrue();
});
