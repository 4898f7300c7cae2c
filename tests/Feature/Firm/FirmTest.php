<?php

declare(strict_types=1);

use App\Firm\Here;
use App\Firm\OneTimeCode;
use App\Firm\Policy;
use App\Firm\Role;
use App\Models\Doorway;
use App\Models\Firm;
use App\Models\Invitation;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Revision;
use App\Models\User;
use Carbon\CarbonInterval;
use Illuminate\Routing\Route as Way;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Sleep;
use Tests\Demo;
use YokeLine\Stock\SoldBy;

/*
 * A firm where everybody signs in: who comes in and how, what each may do, and that nothing of another firm is found by
 * any address.
 */

beforeEach(function () {
    config(['app.sign_in' => true]);
});

/** @return array{Job, Doorway} of a firm that has the demo's first doorway */
function atWork(int $firm = Firm::FIRST): array
{
    return app(Here::class)->within($firm, function (): array {
        Demo::load();
        $doorway = Doorway::query()->where('name', 'Meter room')->firstOrFail();

        return [$doorway->job, $doorway];
    });
}

/** An address with the ids of that doorway in its braces. */
function addressOf(Way $route, Job $job, Doorway $doorway): string
{
    $names = [
        'doorway' => $doorway->id,
        'job' => $job->id,
        'station' => 'leaf',
        'row' => 'line',
        'what' => 'wall.dxf',
        'revision' => $doorway->revision_id,
        'key' => 'rail-up',
        'uid' => 'photo-one-a',
        'file' => 'none',
        'old' => str_starts_with($route->uri(), 'jobs') ? 'supply' : 'sheet',
        'person' => 999,
        'invitation' => 999,
        'notice' => 999,
        'of' => 'everything',
    ];

    return '/'.preg_replace_callback('/{(\w+)}/', fn (array $of) => (string) ($names[$of[1]] ?? 'none'), $route->uri());
}

/** @return list<array{Way, string}> every address with each way to ask it */
function everyRoute(): array
{
    $all = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        foreach (array_diff($route->methods(), ['HEAD']) as $method) {
            $all[] = [$route, $method];
        }
    }

    return $all;
}

test('whoever has not signed in is led to the way in, from every address', function () {
    [$job, $doorway] = atWork();
    somebody(Role::Owner);
    $open = [];
    foreach (everyRoute() as [$route, $method]) {
        $answer = $this->call($method, addressOf($route, $job, $doorway));
        $isShut = $answer->getStatusCode() === 401 || (
            $answer->isRedirect() && $answer->headers->get('Location') === url('/sign-in')
        );
        $isShut || Policy::isOpen($route) || ($open[] = "{$method} {$route->uri()} {$answer->getStatusCode()}");
    }

    expect($open)->toBe([]);
});

test('an address is refused to a role that may not use it, and answered to one that may', function (Role $role) {
    [$job, $doorway] = atWork();
    $person = somebody($role);
    $job->crew()->attach($person);
    $wrong = [];
    foreach (everyRoute() as [$route, $method]) {
        if (Policy::isOpen($route) || $route->named('sign-out', 'people.leave', 'account.*')) {
            continue;
        }
        DB::beginTransaction();
        $status = $this->actingAs($person)->call($method, addressOf($route, $job, $doorway))->getStatusCode();
        DB::rollBack();
        $isRefused = $status === 403;
        $isRefused !== $role->may(Policy::ability($route)) || ($wrong[] = "{$method} {$route->uri()} {$status}");
    }

    expect($wrong)->toBe([]);
})->with(Role::cases());

test('what belongs to another firm is not there, whatever one is', function (Role $role) {
    $other = Firm::begin('Other')->id;
    [$job, $doorway] = atWork($other);
    atWork();
    $person = somebody($role);
    $found = [];
    foreach (everyRoute() as [$route, $method]) {
        if (! str_contains($route->uri(), '{doorway}') && ! str_contains($route->uri(), '{job}')) {
            continue;
        }
        if ($route->named('customer.*')) {
            continue;
        }
        $status = $this->actingAs($person)->call($method, addressOf($route, $job, $doorway))->getStatusCode();
        in_array($status, [404, 403, 301], true) || ($found[] = "{$method} {$route->uri()} {$status}");
        ($status === 403) === ! $role->may(Policy::ability($route)) || (
            $found[] = "{$method} {$route->uri()} {$status}"
        );
    }

    expect($found)->toBe([]);
})->with(Role::cases());

test('lists, shelf, prices and rules are those of one’s own firm', function () {
    $other = Firm::begin('Other')->id;
    [$job] = atWork($other);
    $job->update(['name' => 'Secret job']);
    app(Here::class)->within(
        $other,
        fn () => App\Models\Price::create(['key' => 'secret-thing', 'cents' => 7, 'per' => SoldBy::Piece]),
    );
    $owner = somebody(Role::Owner);

    foreach (['/', '/progress', '/schedule', '/shelf', '/rules', '/prices.csv', '/?q=Secret'] as $path) {
        $this->actingAs($owner)->get($path)->assertOk()->assertDontSee('Secret job')->assertDontSee('secret-thing');
    }
});

test('a firm that begins has the hardware that ships on its shelf', function () {
    $other = Firm::begin('Other')->id;
    $kits = fn () => App\Models\ShelfKit::query()->orderBy('key')->pluck('key')->all();

    expect(app(Here::class)->within($other, $kits))->toBe($kits())->not->toBe([]);
});

test('an installer finds the jobs that he is on, and no other', function () {
    [$job, $doorway] = atWork();
    $person = somebody(Role::Installer);
    $this->actingAs($person)->get("/doorways/{$doorway->id}/site/steps")->assertNotFound();
    $this->actingAs($person)->get('/')->assertDontSee($job->name);

    $this->actingAs(somebody(Role::Planner, name: 'Pia'))
        ->post("/jobs/{$job->id}/crew", ['person' => $person->id, 'on' => 1])
        ->assertRedirect();

    $this->actingAs($person)->get("/doorways/{$doorway->id}/site/steps")->assertOk();
    $this->actingAs($person)->get('/')->assertSee($job->name);
});

test('nobody of another firm is put on a job', function () {
    [$job] = atWork();
    $stranger = somebody(Role::Installer, Firm::begin('Other')->id, 'Stranger');

    $this->actingAs(somebody(Role::Owner))
        ->post("/jobs/{$job->id}/crew", ['person' => $stranger->id, 'on' => 1])
        ->assertNotFound();
    expect($job->crew()->count())->toBe(0);
});

test('what an installer cannot change is shown, and cannot be typed into', function () {
    [$job, $doorway] = atWork();
    $person = somebody(Role::Installer);
    $job->crew()->attach($person);

    $page = $this->actingAs($person)->get("/doorways/{$doorway->id}/rail/stops")->assertOk();
    expect(substr_count((string) $page->getContent(), '<fieldset disabled>'))->toBeGreaterThan(2);
    $this->actingAs($person)->get('/')->assertDontSee('name="name"', false);
});

test('the first one here becomes the owner, by the link that the machine gave out', function () {
    $link = URL::temporarySignedRoute('first', now()->addHour(), absolute: false);
    $this->get($link)->assertOk();
    $this->post(
        $link,
        ['firm' => 'Slate & Sons', 'name' => 'Ana', 'email' => 'Ana@Example.com ', 'password' => 'a long password'],
    )
        ->assertRedirect('/');

    $owner = User::query()->sole();
    expect($owner->role)->toBe(Role::Owner)
        ->and($owner->email)->toBe('ana@example.com')
        ->and($owner->password)->not->toContain('long')
        ->and(Firm::query()->sole()->name)->toBe('Slate & Sons');
    $this->assertAuthenticatedAs($owner);
    auth()->logout();
    $this->get($link)->assertNotFound();
});

test('nobody becomes the owner without that link', function () {
    $this->post('/first', ['firm' => 'X', 'name' => 'X', 'email' => 'x@example.com', 'password' => 'a long password'])
        ->assertForbidden();
    expect(User::query()->count())->toBe(0);
});

test('what is missing of somebody is told at its place, and nobody comes in', function (array $said, string $place) {
    $link = URL::temporarySignedRoute('first', now()->addHour(), absolute: false);
    $whole = ['firm' => 'Slate', 'name' => 'Ana', 'email' => 'ana@example.com', 'password' => 'a long password'];

    $this->from($link)->post($link, [...$whole, ...$said])->assertRedirect()->assertSessionHasErrors([$place]);
    expect(User::query()->count())->toBe(0);
})->with([
    'no firm' => [['firm' => ' '], 'firm'],
    'no name' => [['name' => ''], 'name'],
    'an address that is none' => [['email' => 'ana'], 'email'],
    'a short password' => [['password' => 'short'], 'password'],
]);

test('one signs in with address and password, and comes to where one wanted', function () {
    [, $doorway] = atWork();
    somebody(Role::Owner);
    $this->get("/doorways/{$doorway->id}/rail/stops")->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => 'ANA-owner-1@example.com', 'password' => 'a long password'])
        ->assertRedirect("/doorways/{$doorway->id}/rail/stops");
    $this->assertAuthenticated();
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
});

test('a wrong password is refused with the sentence that a wrong address gets', function () {
    somebody(Role::Owner);
    foreach (['ana-owner-1@example.com', 'nobody@example.com'] as $email) {
        $this->from('/sign-in')->post('/sign-in', ['email' => $email, 'password' => 'a wrong password'])
            ->assertSessionHasErrors(['email' => 'No one here has that e-mail and password.']);
    }
    $this->assertGuest();
});

test('how long an answer takes does not tell whether an address is known', function () {
    somebody(Role::Owner);
    foreach (['nobody@example.com', 'ana-owner-1@example.com'] as $email) {
        $this->post('/sign-in', ['email' => $email, 'password' => 'a wrong password']);
    }

    // Each is held back for the rest of one time, which is longer than a password takes to be looked at.
    Sleep::assertSlept(fn (CarbonInterval $rest) => $rest->totalMilliseconds > 200, 2);
});

test('whoever tries too often waits, also with the right password', function () {
    somebody(Role::Owner);
    foreach (range(1, 5) as $_) {
        $this->post('/sign-in', ['email' => 'ana-owner-1@example.com', 'password' => 'a wrong password']);
    }
    $this->post('/sign-in', ['email' => 'ana-owner-1@example.com', 'password' => 'a long password']);
    $this->assertGuest();
    $this->travel(61)->seconds();
    $this->post('/sign-in', ['email' => 'ana-owner-1@example.com', 'password' => 'a long password']);
    $this->assertAuthenticated();
});

test('an invitation brings one person in, once, within seven days', function () {
    $this->actingAs(somebody(Role::Owner))
        ->post('/people', ['name' => 'Ivo', 'role' => 'installer'])
        ->assertRedirect('/firm');
    $link = session('given')['link'];
    auth()->logout();
    $this->get($link)->assertOk()->assertSee('Ivo');
    $this->post($link, ['name' => 'Ivo', 'email' => 'ivo@example.com', 'password' => 'a long password'])
        ->assertRedirect('/');

    $ivo = User::query()->where('email', 'ivo@example.com')->sole();
    expect($ivo->role)->toBe(Role::Installer)->and($ivo->firm_id)->toBe(Firm::FIRST);
    auth()->logout();
    $this->get($link)->assertNotFound();
    $this->post($link, ['name' => 'Eve', 'email' => 'eve@example.com', 'password' => 'a long password'])
        ->assertNotFound();
    expect(User::query()->count())->toBe(2);
});

test('an invitation of eight days ago, or withdrawn, leads nowhere', function (callable $end) {
    $token = app(Here::class)->within(Firm::FIRST, fn () => Invitation::write(Role::Owner, 'Ivo'));
    $end($this);
    $this->get("/invited/{$token}")->assertNotFound();
})->with([
    'old' => [fn ($test) => $test->travel(8)->days()],
    'withdrawn' => [
        fn ($test) => $test->actingAs(somebody(Role::Owner))
            ->post('/invitations/'.Invitation::query()->value('id').'/withdraw'),
    ],
]);

test('what an invitation’s link holds is not kept', function () {
    $token = Invitation::write(Role::Owner, 'Ivo');
    expect(json_encode(DB::table('invitations')->get()))->not->toContain($token);
});

test('whoever has lost the password sets another by a link, and is the same as before', function () {
    $ana = somebody(Role::Installer);
    $this->actingAs(somebody(Role::Owner, name: 'Pia'))->post("/people/{$ana->id}/again");
    $link = session('given')['link'];
    auth()->logout();
    $this->post($link, ['password' => 'another long one'])->assertRedirect('/');
    $this->assertAuthenticatedAs($ana);
    auth()->logout();
    $this->post('/sign-in', ['email' => $ana->email, 'password' => 'another long one']);
    $this->assertAuthenticatedAs($ana);
});

test('whoever has left signs in no more, and what they did keeps their name', function () {
    [, $doorway] = atWork();
    $ana = somebody(Role::Planner);
    $this->actingAs($ana)
        ->post(
            "/doorways/{$doorway->id}/rail/changes",
            ['place' => 'brief.rules.gap', 'value' => '14', 'base' => $doorway->revision_id],
        );
    $this->actingAs(somebody(Role::Owner, name: 'Pia'))->post("/people/{$ana->id}/leave");
    $this->actingAs($ana->fresh())->get('/')->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $ana->email, 'password' => 'a long password']);
    $this->assertGuest();
    expect(Revision::query()->where('doorway_id', $doorway->id)->latest('id')->value('who'))->toBe('Ana');
});

test('the last owner neither leaves nor becomes something else', function () {
    $owner = somebody(Role::Owner);
    $this->actingAs($owner)->post("/people/{$owner->id}/leave")->assertSessionHasErrors('role');
    $this->actingAs($owner)->post("/people/{$owner->id}", ['role' => 'planner'])->assertSessionHasErrors('role');
    expect($owner->fresh()?->role)->toBe(Role::Owner)->and($owner->fresh()?->left_at)->toBeNull();
});

test('an owner changes nobody of another firm', function () {
    $stranger = somebody(Role::Planner, Firm::begin('Other')->id, 'Stranger');
    $this->actingAs(somebody(Role::Owner));
    foreach (['', '/leave', '/again'] as $do) {
        $this->post("/people/{$stranger->id}{$do}", ['role' => 'owner'])->assertNotFound();
    }
    expect($stranger->fresh()?->role)->toBe(Role::Planner);
});

test('a change and an entry carry the account, whatever a name was sent along', function () {
    [$job, $doorway] = atWork();
    $ana = somebody(Role::Planner);
    $this->actingAs($ana)->withSession(['who' => 'Somebody else'])
        ->post(
            "/doorways/{$doorway->id}/rail/changes",
            ['place' => 'brief.rules.gap', 'value' => '14', 'base' => $doorway->revision_id],
        )
        ->assertOk();
    $this->actingAs($ana)->post("/doorways/{$doorway->id}/marks/ticks", ['mark' => 'wall-left/2', 'made' => '1']);

    $revision = Revision::query()->latest('id')->firstOrFail();
    expect([$revision->who, $revision->user_id])->toBe(['Ana', $ana->id]);
});

test('one’s own last change is undone also from another browser', function () {
    [, $doorway] = atWork();
    $ana = somebody(Role::Planner);
    $before = $doorway->revision->document->toJson();
    $this->actingAs($ana)
        ->post(
            "/doorways/{$doorway->id}/rail/changes",
            ['place' => 'brief.rules.gap', 'value' => '14', 'base' => $doorway->revision_id],
        );
    $this->flushSession();
    $this->actingAs($ana)->post("/doorways/{$doorway->id}/undo");

    expect($doorway->refresh()->revision->document->toJson())->toBe($before);
});

test('a guest opens what the link is for, of whichever firm, and nothing beside it', function () {
    $other = Firm::begin('Other')->id;
    [, $doorway] = atWork($other);
    $link = App\Shop\DoorwayOffer::links($doorway)['show'];
    $this->get($link)->assertOk()->assertSee('Meter room');
    $this->get('/customer/'.($doorway->id - 1).'?'.parse_url($link, PHP_URL_QUERY))->assertForbidden();
    $this->get("/doorways/{$doorway->id}/papers/quote")->assertRedirect('/sign-in');
});

test('devices are listed, and signed out there', function () {
    config(['session.driver' => 'database']);
    $ana = somebody(Role::Planner);
    foreach (['phone' => 'Android', 'desk' => 'Windows'] as $id => $agent) {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $ana->id,
            'ip_address' => '10.0.0.7',
            'user_agent' => $agent,
            'payload' => '',
            'last_activity' => time(),
        ]);
    }
    DB::table('sessions')->insert([
        'id' => 'hers',
        'user_id' => somebody(Role::Owner, name: 'Pia')->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $devices = App\Firm\Devices::of($ana, 'desk');
    expect(array_column($devices, 'says'))->toEqualCanonicalizing(['Android', 'Windows'])
        ->and(json_encode($devices))->not->toContain('phone');

    $phone = array_values(array_filter($devices, fn (array $one) => $one['says'] === 'Android'))[0]['key'];
    $this->actingAs($ana)->post("/account/devices/{$phone}/sign-out")->assertRedirect('/account');
    expect(DB::table('sessions')->whereIn('id', ['phone', 'desk', 'hers'])->pluck('id')->sort()->values()->all())->toBe(['desk', 'hers']);
});

test('a password is changed by who knows the one so far', function () {
    $ana = somebody(Role::Planner);
    $this->actingAs($ana)
        ->post('/account/password', ['now' => 'a wrong one', 'password' => 'another long one'])
        ->assertSessionHasErrors('now');
    $this->actingAs($ana)
        ->post('/account/password', ['now' => 'a long password', 'password' => 'another long one'])
        ->assertRedirect('/account')
        ->assertSessionHasNoErrors();
    auth()->logout();
    $this->post('/sign-in', ['email' => $ana->email, 'password' => 'another long one']);
    $this->assertAuthenticated();
});

test('where nobody signs in, the ways in lead to the jobs', function () {
    config(['app.sign_in' => false]);
    foreach (['/sign-in', '/account', '/invited/none'] as $path) {
        $this->get($path)->assertRedirect('/');
    }
});

test('what nobody should send to the way in, or about people, is refused and breaks nothing', function (mixed $junk) {
    $owner = somebody(Role::Owner);
    $token = Invitation::write(Role::Installer, 'Ivo');
    $first = URL::temporarySignedRoute('first', now()->addHour(), absolute: false);
    $sent = array_fill_keys(['email', 'password', 'name', 'firm', 'role', 'now', 'on'], $junk);
    $codes = [];
    foreach (['/sign-in', "/invited/{$token}", $first] as $path) {
        $codes[$path] = $this->post($path, $sent)->getStatusCode();
    }
    foreach (['/people', '/people/firm', "/people/{$owner->id}", '/account', '/account/password'] as $path) {
        $codes[$path] = $this->actingAs($owner)->post($path, $sent)->getStatusCode();
    }

    expect(array_filter($codes, fn (int $code) => $code >= 500))->toBe([])
        ->and($owner->fresh()?->role)->toBe(Role::Owner)
        ->and(User::query()->count())->toBe(1);
})->with([
    'nothing' => [''],
    'lists' => [['a', ['b' => ['c']]]],
    'bytes that are no text' => ["\xff\xfe\x00"],
    'more than anybody is called' => [str_repeat('x', 5000)],
]);

test('whose password was changed is told, also by whom they did not expect it of', function () {
    $ana = somebody(Role::Planner);
    $token = Invitation::write(Role::Planner, 'Ana', $ana);
    $this->post("/invited/{$token}", ['password' => 'another long one']);

    $this->actingAs($ana)->get('/')->assertSee('The password of your account was changed');
});

test('a password that everybody tries first is refused', function () {
    $ana = somebody(Role::Planner);
    $this->actingAs($ana)
        ->post('/account/password', ['now' => 'a long password', 'password' => 'password1234'])
        ->assertSessionHasErrors('password');
});

test('a long password counts to its end', function () {
    $ana = somebody(Role::Planner);
    $long = str_repeat('long words ', 9);
    $ana->update(['password' => "{$long}end"]);
    $this->post('/sign-in', ['email' => $ana->email, 'password' => "{$long}other"]);
    $this->assertGuest();
    $this->post('/sign-in', ['email' => $ana->email, 'password' => "{$long}end"]);
    $this->assertAuthenticated();
});

test('another firm is begun on the same host, and its owner comes in by the link that is printed', function () {
    Illuminate\Support\Facades\Artisan::call('yoke:firm', ['name' => 'Other']);
    $link = trim(Illuminate\Support\Facades\Artisan::output());
    $this->post($link, ['name' => 'Olga', 'email' => 'olga@example.com', 'password' => 'a long password'])
        ->assertRedirect('/');

    $olga = User::query()->sole();
    expect([$olga->role, $olga->firm->name])->toBe([Role::Owner, 'Other'])
        ->and($olga->firm_id)->not->toBe(Firm::FIRST);
    $this->actingAs($olga)->get('/shelf')->assertOk()->assertSee('Flat bar 40');
});

test('a whole firm is given out with its people and without what they sign in by, and comes back so', function () {
    $owner = somebody(Role::Owner);
    somebody(Role::Installer, name: 'Ivo')->forceFill(['left_at' => now()])->save();
    Firm::here()->update(['name' => 'Slate & Sons']);
    $path = $this->actingAs($owner)->get('/everything.zip')->assertOk()->baseResponse->getFile()->getPathname();
    $zip = new ZipArchive();
    $zip->open($path);
    $said = (string) $zip->getFromName('firm.json');
    expect($said)->not->toContain('$argon')->not->toContain('remember');
    $copy = (string) tempnam(sys_get_temp_dir(), 'firm');
    copy($path, $copy);
    User::query()->delete();
    Firm::query()->update(['name' => '']);
    config(['app.sign_in' => false]);
    app()->forgetScopedInstances();

    App\Files\FirmArchive::read($copy);

    expect(
        User::query()->orderBy('id')
            ->get()
            ->map(fn (User $one) => [$one->name, $one->role, $one->left_at !== null])
            ->all(),
    )
        ->toBe([['Ana', Role::Owner, false], ['Ivo', Role::Installer, true]])
        ->and(Firm::here()->name)->toBe('Slate & Sons')
        ->and(Illuminate\Support\Facades\Hash::check('a long password', (string) User::query()->value('password')))
        ->toBeFalse();
});

test('people of a firm that are not told whole are refused at their place', function (mixed $person) {
    $path = App\Files\FirmArchive::write();
    $zip = new ZipArchive();
    $zip->open($path);
    $firm = json_decode((string) $zip->getFromName('firm.json'));
    $firm->people = [$person];
    $zip->addFromString('firm.json', (string) json_encode($firm));
    $zip->close();

    expect(fn () => App\Files\FirmArchive::read($path))
        ->toThrow(YokeLine\Format\UnreadableFile::class)
        ->and(User::query()->count())->toBe(0);
})->with([
    'a text' => ['Ana'],
    'no address' => [['name' => 'Ana', 'role' => 'owner', 'email' => 'none']],
    'no such role' => [['name' => 'Ana', 'role' => 'king', 'email' => 'ana@example.com']],
]);

test('an owner who lost the password is let in again from the machine', function () {
    $owner = somebody(Role::Owner);
    Illuminate\Support\Facades\Artisan::call('yoke:owner');
    preg_match('#http\S+#', Illuminate\Support\Facades\Artisan::output(), $link);
    $this->post($link[0], ['password' => 'another long one'])->assertRedirect('/');
    $this->assertAuthenticatedAs($owner);
    expect(Illuminate\Support\Facades\Artisan::call('yoke:owner', ['email' => 'nobody@example.com']))->toBe(1);
});

test('codes are those of RFC 6238', function (int $seconds, string $code) {
    // Its secret is the text 12345678901234567890; its codes have eight digits, of which these are the last six.
    expect(OneTimeCode::at('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', intdiv($seconds, 30)))->toBe(substr($code, 2));
})->with([
    [59, '94287082'],
    [1_111_111_109, '07081804'],
    [1_111_111_111, '14050471'],
    [1_234_567_890, '89005924'],
    [2_000_000_000, '69279037'],
    [20_000_000_000, '65353130'],
]);

/** Somebody with a second step, and what their telephone shows so many seconds from now. */
function withSecondStep(): array
{
    $ana = somebody(Role::Owner);
    $secret = OneTimeCode::secret();
    $ana->forceFill(['second_secret' => $secret])->save();

    return [$ana, fn (int $in = 0) => OneTimeCode::at($secret, intdiv(now()->getTimestamp() + $in, 30))];
}

test('a second step is set up with a first code, and not without', function () {
    $ana = somebody(Role::Owner);
    $this->actingAs($ana)->post('/account/second-step');
    $secret = session('second.secret');
    $this->actingAs($ana)->get('/account')->assertSee($secret);
    $this->actingAs($ana)->post('/account/second-step/confirm', ['code' => '000'])->assertSessionHasErrors('code');
    expect($ana->fresh()?->second_secret)->toBeNull();
    $code = OneTimeCode::at($secret, intdiv(now()->getTimestamp(), 30));
    $this->actingAs($ana)->post('/account/second-step/confirm', ['code' => $code])->assertSessionHasNoErrors();

    expect($ana->fresh()?->second_secret)->toBe($secret)
        ->and(DB::table('users')->value('second_secret'))->not->toContain($secret);
});

test('with a second step the password alone lets nobody in, and a code does, once', function () {
    $this->freezeTime();
    [$ana, $shows] = withSecondStep();
    $password = fn () => $this->post('/sign-in', ['email' => $ana->email, 'password' => 'a long password']);
    $password()->assertRedirect('/sign-in/code');
    $this->assertGuest();
    $this->get('/')->assertRedirect('/sign-in');
    $this->post('/sign-in/code', ['code' => $shows(-300)])->assertSessionHasErrors('code');
    $this->assertGuest();
    $this->post('/sign-in/code', ['code' => $code = $shows()])->assertRedirect('/');
    $this->assertAuthenticatedAs($ana);
    $this->post('/sign-out');
    $password();
    $this->post('/sign-in/code', ['code' => $code])->assertSessionHasErrors('code');
    $this->assertGuest();
});

test('a code is asked for only after the password, and not for ever', function () {
    [$ana, $shows] = withSecondStep();
    $this->post('/sign-in/code', ['code' => $shows()])->assertRedirect('/sign-in');
    $this->post('/sign-in', ['email' => $ana->email, 'password' => 'a long password']);
    $this->travel(6)->minutes();
    $this->post('/sign-in/code', ['code' => $shows()])->assertRedirect('/sign-in');
    $this->assertGuest();
});

test('whoever tries codes waits, also with the right one', function () {
    [$ana, $shows] = withSecondStep();
    $this->post('/sign-in', ['email' => $ana->email, 'password' => 'a long password']);
    foreach (range(1, 5) as $_) {
        $this->post('/sign-in/code', ['code' => '000000']);
    }
    $this->post('/sign-in/code', ['code' => $shows()])->assertSessionHasErrors('code');
    $this->assertGuest();
});

test('a second step is taken off with the password, or by the link that the owner gives out', function () {
    [$ana] = withSecondStep();
    $this->actingAs($ana)
        ->post('/account/second-step/remove', ['with' => 'a wrong one'])
        ->assertSessionHasErrors('with');
    expect($ana->fresh()?->second_secret)->not->toBeNull();
    $this->actingAs($ana)->post('/account/second-step/remove', ['with' => 'a long password']);
    expect($ana->fresh()?->second_secret)->toBeNull();
    $ana->forceFill(['second_secret' => OneTimeCode::secret()])->save();
    auth()->logout();
    $this->post('/invited/'.Invitation::write(Role::Owner, 'Ana', $ana), ['password' => 'another long one']);
    expect($ana->fresh()?->second_secret)->toBeNull();
});

test('a link that was given out for somebody who then left lets them in no more', function () {
    $ana = somebody(Role::Planner);
    $owner = somebody(Role::Owner, name: 'Pia');
    $token = Invitation::write(Role::Planner, 'Ana', $ana);
    $this->actingAs($owner)->post("/people/{$ana->id}/leave");
    auth()->logout();
    $this->post("/invited/{$token}", ['password' => 'another long one'])->assertNotFound();

    expect($ana->fresh()?->left_at)->not->toBeNull();
});

test('whoever is back comes in by a new link, as who they were', function () {
    $ana = somebody(Role::Planner);
    $owner = somebody(Role::Owner, name: 'Pia');
    $this->actingAs($owner)->post("/people/{$ana->id}/leave");
    $this->actingAs($owner)->get('/firm')->assertSee('Is back');
    $this->actingAs($owner)->post("/people/{$ana->id}/again");
    $link = session('given')['link'];
    auth()->logout();
    $this->post($link, ['password' => 'another long one'])->assertRedirect('/');
    $this->assertAuthenticatedAs($ana);
    $this->get('/')->assertOk();
});

test('what others did is not done by whoever brings it in', function () {
    [$job] = atWork();
    $zip = App\Files\JobArchive::write($job);
    $this->actingAs(somebody(Role::Planner))
        ->post('/jobs/bring-in', ['file' => new Illuminate\Http\UploadedFile($zip, 'job.zip', test: true)])
        ->assertRedirect('/');
    $arrived = Job::query()->latest('id')->firstOrFail();

    expect($arrived->id)->toBeGreaterThan($job->id)
        ->and(Revision::query()->whereNotNull('user_id')->count())->toBe(0)
        ->and(LogEntry::query()->whereNotNull('user_id')->count())->toBe(0);
});
