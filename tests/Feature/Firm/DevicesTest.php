<?php

declare(strict_types=1);

use App\Firm\Devices;
use App\Firm\HalfSignedIn;
use App\Firm\Here;
use App\Firm\OneTimeCode;
use App\Firm\Role;
use App\Firm\Roll;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\UnreadableFile;

/* Where somebody has signed in, how far, and who is here. */

function signedInAt(User $person, string $session, string $agent = '', int $at = 1_764_500_000): void
{
    DB::table('sessions')->insert([
        'id' => $session, 'user_id' => $person->id, 'ip_address' => '10.0.0.7', 'user_agent' => $agent,
        'payload' => '', 'last_activity' => $at,
    ]);
}

test('devices are told by what they are and where they were seen, the last one first', function () {
    $ana = somebody(Role::Owner);
    signedInAt($ana, 'one', 'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X)', 1_764_500_000);
    signedInAt($ana, 'two', 'Mozilla/5.0 (Windows NT 10.0)', 1_764_500_300);
    signedInAt($ana, 'three', 'curl', 1_764_500_100);
    signedInAt(somebody(Role::Planner), 'other', 'Mozilla/5.0 (X11; Linux x86_64)');
    $devices = Devices::of($ana, 'three');

    expect(array_column($devices, 'says'))->toBe(['Windows', Speaker::words('firm.device'), 'iPhone'])
        ->and(array_column($devices, 'isHere'))->toBe([false, true, false])
        ->and(array_column($devices, 'ip'))->toBe(['10.0.0.7', '10.0.0.7', '10.0.0.7'])
        ->and($devices[0]['at']->getTimestamp())->toBe(1_764_500_300)
        ->and(array_intersect(array_column($devices, 'key'), ['one', 'two', 'three']))->toBe([])
        ->and(array_unique(array_map(strlen(...), array_column($devices, 'key'))))->toBe([16]);
});

test('one is signed out there, everywhere else, or everywhere; never another person', function (
    callable $end,
    array $left,
) {
    $ana = somebody(Role::Owner);
    foreach (['one', 'two', 'three'] as $session) {
        signedInAt($ana, $session);
    }
    signedInAt(somebody(Role::Planner), 'other');
    $end($ana, fn (string $session) => Devices::of($ana, $session));

    expect(DB::table('sessions')->orderBy('id')->pluck('id')->all())->toBe($left);
})->with([
    'there' => [
        fn (User $ana, callable $seenFrom) => Devices::end(
            $ana,
            array_values(array_filter($seenFrom('two'), fn (array $one) => $one['isHere']))[0]['key'],
        ),
        ['one', 'other', 'three'],
    ],
    'by a key that is no device’s' => [
        fn (User $ana) => Devices::end($ana, 'two'), ['one', 'other', 'three', 'two'],
    ],
    'everywhere else' => [fn (User $ana) => Devices::endAll($ana, 'two'), ['other', 'two']],
    'everywhere' => [fn (User $ana) => Devices::endAll($ana), ['other']],
]);

test('who is half signed in is so for five minutes, and until it is forgotten', function () {
    $session = session()->driver();
    $ana = somebody(Role::Owner);
    HalfSignedIn::keep($session, $ana);

    expect(HalfSignedIn::of($session)?->id)->toBe($ana->id);
    $this->travel(299)->seconds();
    expect(HalfSignedIn::of($session)?->id)->toBe($ana->id);
    $this->travel(1)->seconds();
    expect(HalfSignedIn::of($session))->toBeNull();
    HalfSignedIn::keep($session, $ana);
    HalfSignedIn::forget($session);
    expect(HalfSignedIn::of($session))->toBeNull();
});

test('who has left meanwhile is not half signed in', function () {
    $session = session()->driver();
    $ana = somebody(Role::Owner);
    HalfSignedIn::keep($session, $ana);
    $ana->forceFill(['left_at' => now()])->save();

    expect(HalfSignedIn::of($session))->toBeNull();
});

test('a telephone reads whose code it is, of what, and the secret', function () {
    $ana = somebody(Role::Owner);

    expect(OneTimeCode::address($ana, 'ABCD'))
        ->toBe('otpauth://totp/Yoke%20Line%3Aana-owner-1%40example.com?secret=ABCD&issuer=Yoke%20Line');
});

test('a secret is 32 letters of those that codes are made of, and never twice the same', function () {
    $secrets = array_map(fn () => OneTimeCode::secret(), range(1, 40));
    $letters = array_unique(str_split(implode('', $secrets)));
    sort($letters);

    expect(preg_grep('/^[A-Z2-7]{32}$/', $secrets))->toHaveCount(40)
        ->and(array_unique($secrets))->toHaveCount(40)
        ->and(implode('', $letters))->toBe('234567ABCDEFGHIJKLMNOPQRSTUVWXYZ');
});

test('an address is given out by the name that others call this machine by', function () {
    config(['app.url' => 'https://doors.example:8443/']);
    $here = fn (bool $isOpen) => new Here(app('auth'), $isOpen);

    expect($here(false)->address('/sign-in'))->toBe('https://doors.example:8443/sign-in')
        ->and($here(true)->address('/sign-in'))->toBe(url('/sign-in'));
});

test('who comes in with a firm is read whole, or it is said which one is not', function (array $told, ?array $is) {
    $row = (object) ['name' => ' Ben ', 'email' => 'Ben@Example.com', 'role' => 'installer', ...$told];
    if ($is === null) {
        expect(fn () => Roll::bringIn([$row]))->toThrow(UnreadableFile::class);

        return;
    }
    Roll::bringIn([$row]);
    $ben = User::query()->where('email', 'ben@example.com')->firstOrFail();

    expect([$ben->name, $ben->role, $ben->left_at !== null])->toBe($is);
})->with([
    'whole' => [[], ['Ben', Role::Installer, false]],
    'who has left' => [['left_at' => '2026-01-01T00:00:00Z'], ['Ben', Role::Installer, true]],
    'a name without end' => [['name' => str_repeat('ñ', 90)], [str_repeat('ñ', 60), Role::Installer, false]],
    'no name' => [['name' => '  '], null], 'a number for a name' => [['name' => 7], null],
    'no address' => [['email' => 'ben'], null],
    'an address without end' => [['email' => str_repeat('b', 60).'@'.str_repeat('c.', 90).'com'], null],
    'no role' => [['role' => 'king'], null],
]);

test('who is here already is left as they are', function () {
    $ana = somebody(Role::Owner);
    Roll::bringIn([(object) ['name' => 'Other', 'email' => $ana->email, 'role' => 'installer']]);

    expect(User::query()->where('email', $ana->email)->get()->map(fn (User $one) => [$one->name, $one->role])->all())
        ->toBe([['Ana', Role::Owner]]);
});
