<?php

declare(strict_types=1);

use App\Firm\Role;
use App\Models\Firm;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Tests\Core\Support\Approved;
use Tests\PageSays;

/* What is asked of the house by whoever holds the machine. */

/** @param  array<string, mixed>  $with */
function commanded(string $command, array $with = []): array
{
    $exit = Artisan::call($command, $with);

    return [$exit, ...PageSays::timeless(explode("\n", rtrim(Artisan::output())))];
}

function ownerNamed(string $email): User
{
    $owner = new User();
    $owner->forceFill([
        'firm_id' => Firm::FIRST, 'name' => 'Ines', 'email' => $email, 'role' => Role::Owner, 'password' => 'x',
    ])->save();

    return $owner;
}

test('a plan is told as it was approved', function (string $name) {
    $file = ['file' => database_path("demo/{$name}.json")];

    Approved::holds("Console/plan of {$name}", [
        commanded('yoke:plan', $file), commanded('yoke:plan', [...$file, '--json' => true]),
    ]);
})->with(['kiln-room', 'packing-loft', 'glaze-store']);

test('what cannot be planned is refused, and why', function (string $file, ?string $kits, string $why) {
    $file = str_starts_with($file, '/') ? $file : base_path($file);
    [$exit, $says] = commanded('yoke:plan', ['file' => $file, ...$kits === null ? [] : ['--kits' => $kits]]);

    expect($exit)->toBe(2)->and($says)->toContain($why);
})->with([
    'no file' => ['/nowhere/at/all.json', null, 'There is no file at /nowhere/at/all.json'],
    'a folder' => ['/tmp', null, 'There is no file at /tmp'],
    'no doorway' => ['resources/kits/kits.json', null, 'yoke-line/doorway'],
    'half measured' => ['database/demo/wedging-room.json', null, 'survey.'],
    'no kits' => ['database/demo/kiln-room.json', '/nowhere.json', 'There is no file at /nowhere.json'],
]);

test('the doctor says of each thing whether it is well', function () {
    $says = commanded('yoke:doctor');
    $exit = array_shift($says);

    expect($exit)->toBeIn([0, 1])->and(count($says))->toBeGreaterThan(3)
        ->and(preg_grep('/^(!|  )/', $says))->toHaveCount(count($says))
        ->and($exit)->toBe(preg_grep('/^!/', $says) === [] ? 0 : 1)
        ->and(preg_grep('/: '.preg_quote(__('keeping.well')).'$/', $says))->toBe(preg_grep('/^  /', $says));
});

test('the first one here is led in by a link, and nobody after', function () {
    expect(commanded('yoke:first-link')[1])->toContain('/first?');
    ownerNamed('ines@example.test');

    expect(commanded('yoke:first-link'))->toBe([0, '']);
});

test('an owner is let in again by a link of their own, and nobody who is none', function () {
    expect(commanded('yoke:owner')[0])->toBe(1);
    $owner = ownerNamed('ines@example.test');
    ownerNamed('ada@example.test');
    $before = Invitation::query()->withoutGlobalScopes()->count();

    expect(commanded('yoke:owner')[1])->toStartWith("{$owner->email}: ")
        ->and(commanded('yoke:owner', ['email' => 'ADA@example.test'])[1])->toStartWith('ada@example.test: ')
        ->and(commanded('yoke:owner', ['email' => 'nobody@example.test']))->toBe([1, __('firm.no-owner')])
        ->and(Invitation::query()->withoutGlobalScopes()->count() - $before)->toBe(2);
});

test('another firm begins with an invitation of its owner', function () {
    [$exit, $link] = commanded('yoke:firm', ['name' => 'River shop']);

    expect($exit)->toBe(0)->and($link)->toContain('/invited/')
        ->and(Firm::query()->latest('id')->first()?->name)->toBe('River shop');
});

test('the published schema is written as it is', function () {
    $is = (string) file_get_contents(public_path('schema/doorway-v1.schema.json'));
    touch(public_path('schema/doorway-v1.schema.json'), 1);
    Artisan::call('yoke:schema');
    clearstatcache();

    expect(file_get_contents(public_path('schema/doorway-v1.schema.json')))->toBe($is)
        ->and(filemtime(public_path('schema/doorway-v1.schema.json')))->toBeGreaterThan(1);
});
