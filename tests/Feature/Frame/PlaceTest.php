<?php

declare(strict_types=1);

use App\Firm\Role;
use App\Frame\Place;
use Illuminate\Support\Facades\Route;
use Tests\Begun;

/* Where along a doorway's work one is. */

test('each station has its pages in the order of the work, and leads to the first of them', function (
    Place $place,
    array $pages,
) {
    expect($place->pages())->toBe(array_map(fn (string $page) => "{$place->value}.{$page}", $pages));
})->with([
    'the wall' => [Place::Wall, ['measure', 'studs', 'photos', 'readings']],
    'the door' => [Place::Door, ['size', 'options', 'made', 'in-hand']],
    'the rail' => [Place::Rail, ['stops', 'kit']],
    'the anchors' => [Place::Anchors, ['fixings', 'loads']],
    'the marks' => [Place::Marks, ['runs', 'door', 'templates', 'line']],
    'the site' => [Place::Site, ['steps', 'order']],
    'the record' => [Place::Record, ['log', 'changes', 'compare', 'tolerance', 'checks', 'handover']],
    'the papers' => [Place::Papers, ['sheet', 'quote', 'files']],
]);

test('every page hangs from its station, and is found at its address', function (Place $place) {
    $doorway = Begun::doorway('kiln-room');
    foreach ($place->pages() as $page) {
        expect(Place::of($page))->toBe($place)
            ->and(Route::has($page))->toBeTrue($page)
            ->and(Place::address($page, $doorway))->toBe(route($page, $doorway, absolute: false));
    }
})->with(Place::cases());

test('only who leads the firm is led to it', function (Role $role, bool $isLed) {
    config(['app.sign_in' => true]);
    app()->forgetScopedInstances();
    $this->actingAs(somebody($role));

    expect(in_array('firm', Place::over(), true))->toBe($isLed);
})->with(['an owner' => [Role::Owner, true], 'a planner' => [Role::Planner, false]]);
