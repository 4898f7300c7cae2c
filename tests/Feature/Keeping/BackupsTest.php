<?php

declare(strict_types=1);

use App\Keeping\Backups;
use Illuminate\Support\Facades\File;

/* How old the last backup is, and whether the next is due. */

beforeEach(function () {
    $this->travelTo('2027-03-10 12:00:00');
    $this->folder = sys_get_temp_dir().'/yoke-backups-'.bin2hex(random_bytes(4));
    File::ensureDirectoryExists($this->folder);
});

afterEach(fn () => File::deleteDirectory($this->folder));

function backupOf(string $folder, string $at): Backups
{
    touch("{$folder}/yoke-line-{$at}-nightly.zip");

    return new Backups($folder);
}

test('the next is due twenty hours after the last', function (string $at, bool $isDue) {
    expect(backupOf($this->folder, $at)->isDue())->toBe($isDue);
})->with(['just before' => ['2027-03-09-160000', false], 'just after' => ['2027-03-09-155959', true]]);

test('the last is old after three days', function (string $at, bool $isOld) {
    expect(backupOf($this->folder, $at)->isOld())->toBe($isOld);
})->with(['just before' => ['2027-03-07-120000', false], 'just after' => ['2027-03-07-115959', true]]);

test('where there is none, one is due and what there is is old', function () {
    $none = new Backups($this->folder);

    expect($none->last())->toBeNull()->and($none->isDue())->toBeTrue()->and($none->isOld())->toBeTrue();
});

test('what is no backup is none, whatever it is called', function () {
    foreach (['yoke-line-2027-03-10.zip', 'yoke-line-9.zip', 'notes.zip'] as $name) {
        touch("{$this->folder}/{$name}");
    }

    expect((new Backups($this->folder))->all())->toBe([]);
});
