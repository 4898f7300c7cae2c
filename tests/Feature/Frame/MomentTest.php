<?php

declare(strict_types=1);

use App\Editing\Notices;
use App\Firm\Role;
use App\Frame\DoorwayFrame;
use App\Frame\Present;
use App\Http\Editor;
use App\Models\Doorway;
use App\Record\Log;
use App\Words\StoredMessage;
use Tests\Begun;

/* What a page that is kept hangs on: where any of it is another, the page is made anew. */

beforeEach(function () {
    request()->setLaravelSession(app('session')->driver());
    session()->put(['browser' => 'ana-1', 'who' => 'Ana']);
    $this->doorway = Begun::doorway('kiln-room');
});

/** @return ?list<scalar|null> */
function momentOf(Doorway $doorway, string $page = 'door.size'): ?array
{
    return (new DoorwayFrame($doorway->refresh()->unsetRelation('job'), $page))->moment();
}

test('while nothing has come it is the same moment', function () {
    expect(momentOf($this->doorway))->toBe(momentOf($this->doorway))->not->toBeNull();
});

test('it is another moment once something has come', function (Closure $come) {
    $before = momentOf($this->doorway);
    $come($this->doorway);

    expect(momentOf($this->doorway))->not->toBe($before)->not->toBeNull();
})->with([
    'another browser' => [fn () => session()->put('browser', 'ana-2')],
    'another name' => [fn () => session()->put('who', 'Ilse')],
    'another token' => [fn () => session()->regenerateToken()],
    'another name of its job' => [fn (Doorway $doorway) => $doorway->job->update(['name' => 'Lime works'])],
    'an entry of the log' => [fn (Doorway $doorway) => (new Log($doorway))->add('note', '', ['says' => 'x'], 'Ana')],
    'who else is here' => [
        fn (Doorway $doorway) => Present::besides(Editor::named('Otto', 'otto-1'), $doorway),
    ],
    'what it waits for' => [
        fn (Doorway $doorway) => Doorway::query()->whereKey($doorway->id)->update(['waits_for' => 'proof']),
    ],
    'a change' => [
        fn (Doorway $doorway) => $doorway->rewrite(
            fn ($head) => $head->document->with('brief.rules.gap', '11'),
            'Gap',
            Editor::here(),
        ),
    ],
]);

test('each page has a moment of its own', function () {
    expect(momentOf($this->doorway, 'rail.stops'))->not->toBe(momentOf($this->doorway));
});

test('who may do more sees another page', function () {
    config(['app.sign_in' => true]);
    $person = somebody(Role::Planner);
    $of = function (Role $role) use ($person): ?array {
        $person->update(['role' => $role]);
        app()->forgetScopedInstances();
        $this->actingAs($person);

        return momentOf($this->doorway);
    };

    expect($of(Role::Owner))->not->toBe($of(Role::Planner));
});

test('what is told once is told by a page that is not kept', function () {
    Notices::leave('ana-1', $this->doorway->id, 'x', StoredMessage::kept('Told in the meantime'));

    expect(momentOf($this->doorway))->toBeNull();
});

test('of a job that was taken out meanwhile no page is kept', function () {
    $gone = $this->doorway->replicate()->forceFill(['id' => 9_999, 'job_id' => 9_999]);

    expect((new DoorwayFrame($gone, 'door.size'))->moment())->toBeNull();
});

test('what stands over a page is made for its page, and anew where what it waits for is another', function () {
    $where = fn (string $page) => (new DoorwayFrame($this->doorway->refresh(), $page))->where();
    $before = $where('door.size');
    Doorway::query()->whereKey($this->doorway->id)->update(['waits_for' => 'done']);

    expect($where('rail.stops'))->not->toBe($before)->and($where('door.size'))->not->toBe($before);
});
