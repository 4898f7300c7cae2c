<?php

declare(strict_types=1);

use App\Files\DoorwayFile;
use App\Files\FirmArchive;
use App\Files\JobArchive;
use App\Files\JobArrival;
use App\Models\Firm;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Price;
use App\Shop\Prices;
use App\Shop\Setting;
use App\Site\Photo;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\Begun;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Stock\SoldBy;

/* A house as a ZIP, each of what it holds by itself; and what is taken as a doorway. */

/** @param  Closure(): void  $meanwhile  what becomes of it before it comes in again */
function houseBroughtInAgain(Closure $meanwhile): void
{
    $path = FirmArchive::write();
    $meanwhile();
    try {
        FirmArchive::read($path);
    } finally {
        unlink($path);
    }
}

test('prices are what they were, by the piece and by length, also those that are nothing', function () {
    $prices = ['screw' => [0, SoldBy::Piece], 'kit' => [12_900, SoldBy::Piece], 'board' => [1_250, SoldBy::Metre]];
    foreach ($prices as $key => [$cents, $per]) {
        (new Prices())->set($key, $cents, $per);
    }
    houseBroughtInAgain(fn () => Price::query()->delete());

    $came = [];
    foreach (Price::query()->orderBy('key')->get() as $one) {
        $came[$one->key] = [$one->cents, $one->per];
    }
    ksort($prices);
    expect($came)->toBe($prices);
});

test('it reckons as it did', function (Setting $setting, string $typed) {
    (new Prices())->settle($setting, $typed);
    houseBroughtInAgain(fn () => (new Prices())->settle($setting, $setting->usual()));

    expect((new Prices())->setting($setting))->toBe($typed);
})->with([
    'currency' => [Setting::Currency, '£'], 'tax' => [Setting::Tax, '7'], 'an hour' => [Setting::Hour, '61.50'],
    'spares' => [Setting::Spares, '7'], 'waste' => [Setting::Waste, '12'], 'stock' => [Setting::Stock, '2400, 3600'],
    'stock in feet' => [Setting::StockFeet, '8, 12'],
]);

test('its rules and their reasons are what they were', function () {
    HouseRule::updateOrCreate(['job_id' => null, 'method' => 'gap'], ['value' => '11 mm', 'why' => 'Felt.']);
    houseBroughtInAgain(fn () => HouseRule::query()->where('method', 'gap')->update(['value' => '9 mm', 'why' => '']));

    expect(HouseRule::query()->where('method', 'gap')->sole()->only(['value', 'why']))
        ->toBe(['value' => '11 mm', 'why' => 'Felt.']);
});

test('a house without a name takes that of what comes in, and one that has one keeps it', function (
    string $has,
    string $is,
) {
    Firm::here()->update(['name' => 'Lime works']);
    houseBroughtInAgain(fn () => Firm::here()->update(['name' => $has]));

    expect(Firm::here()->refresh()->name)->toBe($is);
})->with(['without' => ['', 'Lime works'], 'with one' => ['Kiln yard', 'Kiln yard']]);

test('who changed what is there once, however often it comes in', function () {
    $edits = fn () => DB::table('edits')->orderBy('before')->get(['place', 'before', 'after', 'who', 'created_at']);
    foreach (['"10 mm"', '"11 mm"'] as $before) {
        DB::table('edits')->insert([
            'firm_id' => Firm::FIRST, 'subject' => 'rules', 'place' => 'gap', 'before' => $before,
            'after' => '"12 mm"', 'who' => 'Ana', 'browser' => '', 'created_at' => '2027-03-01 09:30:00',
        ]);
    }
    $was = $edits()->map(fn (object $row) => (array) $row)->all();
    houseBroughtInAgain(fn () => DB::table('edits')->where('before', '"11 mm"')->delete());

    expect($edits()->map(fn (object $row) => (array) $row)->all())->toBe($was);
});

test('a price in a file that is no price is named', function (mixed $price) {
    $path = FirmArchive::write();
    $zip = new ZipArchive();
    $zip->open($path);
    $firm = Document::fromJson((string) $zip->getFromName('firm.json'))->with('prices', (object) ['screw' => $price]);
    $zip->addFromString('firm.json', $firm->toJson());
    $zip->close();
    $problems = [];
    try {
        FirmArchive::read($path);
    } catch (UnreadableFile $refused) {
        $problems = array_keys($refused->problems);
    } finally {
        unlink($path);
    }

    expect($problems)->toBe(['prices screw']);
})->with(['below nothing' => [-1], 'a word' => ['much'], 'a part of a cent' => [1.5]]);

test('what stopped half way is swept when another comes in, and what still comes is not', function (
    int $minutes,
    bool $isThere,
) {
    $left = Begun::doorway('kiln-room')->job;
    $path = JobArchive::write(Begun::doorway('loading-bay')->job);
    $left->forceFill(['arriving_since' => now()->subMinutes($minutes)])->save();
    JobArrival::read($path);
    unlink($path);

    expect(DB::table('jobs')->where('id', $left->id)->exists())->toBe($isThere)
        ->and(DB::table('doorways')->where('job_id', $left->id)->exists())->toBe($isThere);
})->with(['two hours and more' => [121, false], 'less' => [119, true]]);

test('nothing of a job that is discarded stays, whatever was undone in it', function () {
    $doorway = Begun::doorway('kiln-room');
    $this->post("/doorways/{$doorway->id}/leaf/changes", [
        'place' => 'brief.rules.gap', 'value' => '11', 'base' => $doorway->revision_id,
    ]);
    $this->post("/doorways/{$doorway->id}/undo", ['station' => 'leaf']);
    File::ensureDirectoryExists(dirname(Photo::path($doorway, 'one.jpg')));
    File::put(Photo::path($doorway, 'one.jpg'), 'x');
    expect(DB::table('revisions')->whereNotNull('undoes')->count())->toBe(1);
    JobArrival::discard($doorway->job_id);

    expect([Job::query()->count(), DB::table('revisions')->count(), is_file(Photo::path($doorway, 'one.jpg'))])
        ->toBe([0, 0, false]);
});

test('only what differs is held against the format, and all of that', function (string $place, bool $isTaken) {
    $before = Begun::doorway('kiln-room')->revision->document->with($place, 'x');
    $after = $before->with('brief.rules.gap', '11 mm');
    $check = function (Document $now, ?Document $was): bool {
        try {
            DoorwayFile::check($now, $was);
        } catch (UnreadableFile) {
            return false;
        }

        return true;
    };

    expect($check($after, $before))->toBeTrue()
        ->and($check($before, null))->toBe($isTaken)
        ->and($check($before, $before->without($place)))->toBe($isTaken);
})->with([
    'a hang that there is none of' => ['brief.hang', false],
    'no wall' => ['survey.wall', false],
    'another name' => ['name', true],
]);
