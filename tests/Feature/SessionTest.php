<?php

declare(strict_types=1);

use App\Http\Session\FileSession;
use App\Http\Session\TableSession;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Str;

/* A session is written where it differs, and now and then. */

/** Where the session of this id stands, written this many seconds ago; what it is, and when it was last written. */
function storedSession(string $driver, string $id, ?int $secondsAgo = null): array
{
    $file = config('session.files')."/{$id}";
    $row = DB::table('sessions')->where('id', $id);
    if ($driver === 'file') {
        $secondsAgo === null || touch($file, time() - $secondsAgo);
        clearstatcache();

        return is_file($file) ? [(string) file_get_contents($file), (int) filemtime($file)] : ['', 0];
    }
    $secondsAgo === null || $row->update(['last_activity' => time() - $secondsAgo]);
    $is = $row->first();

    return $is === null ? ['', 0] : [(string) base64_decode((string) $is->payload), (int) $is->last_activity];
}

beforeEach(function () {
    config(['session.files' => sys_get_temp_dir().'/yoke-sessions-'.getmypid()]);
    is_dir(config('session.files')) || mkdir(config('session.files'));
});

afterEach(fn () => array_map(unlink(...), glob(config('session.files').'/*') ?: []));

dataset('drivers', ['file', 'database']);

test('what did not change is left as it was written', function (string $driver) {
    $handler = Session::driver($driver)->getHandler();
    $handler->write('here', 'a');
    [, $written] = storedSession($driver, 'here', 240);
    $handler->read('here');
    $handler->write('here', 'a');
    expect(storedSession($driver, 'here'))->toBe(['a', $written]);
})->with('drivers');

test('what changed is written at once', function (string $driver) {
    $handler = Session::driver($driver)->getHandler();
    $handler->write('here', 'a');
    storedSession($driver, 'here', 240);
    $handler->read('here');
    $handler->write('here', 'b');
    [$is, $written] = storedSession($driver, 'here');
    expect($is)->toBe('b')->and($written)->toBeGreaterThan(time() - 60);
})->with('drivers');

test('what did not change for five minutes is written again, so that it does not run out', function (string $driver) {
    $handler = Session::driver($driver)->getHandler();
    $handler->write('here', 'a');
    storedSession($driver, 'here', 310);
    $handler->read('here');
    $handler->write('here', 'a');
    expect(storedSession($driver, 'here')[1])->toBeGreaterThan(time() - 60);
})->with('drivers');

test('under another name the same is written', function (string $driver) {
    $handler = Session::driver($driver)->getHandler();
    $handler->write('here', 'a');
    $handler->read('here');
    method_exists($handler, 'setExists') && $handler->setExists(false);
    $handler->write('there', 'a');
    expect(storedSession($driver, 'there')[0])->toBe('a');
})->with('drivers');

test('what was taken out is written where it comes again', function (string $driver) {
    $handler = Session::driver($driver)->getHandler();
    $handler->write('here', 'a');
    $handler->read('here');
    $handler->destroy('here');
    expect(storedSession($driver, 'here')[0])->toBe('');
    method_exists($handler, 'setExists') && $handler->setExists(false);
    $handler->write('here', 'a');
    expect(storedSession($driver, 'here')[0])->toBe('a');
})->with('drivers');

test('what somebody is told once is told on the next page alone', function (string $driver) {
    $id = Str::random(40);
    $onAPage = function (callable $do) use ($driver, $id): mixed {
        // Each page begins with nothing at hand.
        app()->forgetInstance('session');
        $session = app('session')->driver($driver);
        $session->setId($id);
        $session->start();
        $says = $do($session);
        $session->save();

        return $says;
    };
    $onAPage(fn (Store $session) => $session->flash('says', 'kept'));
    $heard = array_map(fn () => $onAPage(fn (Store $session) => $session->get('says')), [1, 2, 3]);
    expect($heard)->toBe(['kept', null, null]);
})->with('drivers');

test('sessions are kept so in both ways of serving', function (string $driver, string $kept) {
    expect(Session::driver($driver)->getHandler())->toBeInstanceOf($kept);
})->with([['file', FileSession::class], ['database', TableSession::class]]);
