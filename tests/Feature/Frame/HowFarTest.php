<?php

declare(strict_types=1);

use App\Frame\HowFar;
use App\Frame\Place;
use App\Models\Doorway;
use Tests\Begun;

/* How far a doorway has come, and where what is open is mended. */

/** @param  array<string, mixed>  $changes */
function howFar(array $changes = [], string $waitsFor = ''): HowFar
{
    $doorway = Begun::doorway('kiln-room', $changes);
    Doorway::query()->whereKey($doorway->id)->update(['waits_for' => $waitsFor]);
    $doorway->refresh();

    return new HowFar($doorway, $doorway->setout(null));
}

test('the rail is green as far as the work has come', function (string $waitsFor, array $done) {
    $far = howFar(waitsFor: $waitsFor);
    $late = [Place::Marks, Place::Site, Place::Record];

    expect(array_map(fn (Place $place) => $place->value, array_filter($late, $far->isDone(...))))
        ->toBe(array_map(fn (Place $place) => $place->value, $done));
})->with([
    'nobody knows' => ['', []], 'to be ordered' => ['order', []], 'on site' => ['site', []],
    'to be proved' => ['proof', [0 => Place::Marks]],
    'done' => ['done', [Place::Marks, Place::Site, Place::Record]],
]);

test('of what cannot be planned yet nothing that comes after it is done, whatever it waited for', function () {
    $far = howFar(['survey.opening.width' => []], 'done');

    expect($far->setout->plan)->toBeNull()
        ->and(array_filter([Place::Marks, Place::Site, Place::Record], $far->isDone(...)))->toBe([])
        ->and($far->mend())->toEndWith('/wall/measure#means');
});

test('what is open is mended at the station of the first of it', function (array $changes, string $ends) {
    expect(howFar($changes)->mend())->toEndWith($ends);
})->with([
    'a thin board' => [[], '/rail/stops#means'],
    'a low ceiling' => [['survey.wall.ceiling' => 2100], '/wall/measure#means'],
    'a narrow leaf' => [['brief.leaf.width' => 800], '/door/size#means'],
]);
