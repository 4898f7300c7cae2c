<?php

declare(strict_types=1);

use App\Frame\Present;
use App\Http\Editor;
use App\Models\Doorway;
use Tests\Begun;

/* Who else has a doorway before them. */

/** @return list<string> who is there besides, once they look too */
function lookingAt(Doorway $doorway, string $name, string $browser): array
{
    return Present::besides(Editor::named($name, $browser), $doorway);
}

test('each is told of the others, by their names, and not of oneself', function () {
    $doorway = Begun::doorway('kiln-room');

    expect(lookingAt($doorway, 'Ana', 'one'))->toBe([])
        ->and(lookingAt($doorway, 'Ben', 'two'))->toBe(['Ana'])
        ->and(lookingAt($doorway, 'Cal', 'three'))->toBe(['Ana', 'Ben'])
        ->and(lookingAt($doorway, 'Ana', 'one'))->toBe(['Ben', 'Cal']);
});

test('one with two browsers is told once', function () {
    $doorway = Begun::doorway('kiln-room');
    lookingAt($doorway, 'Ana', 'one');
    lookingAt($doorway, 'Ana', 'two');

    expect(lookingAt($doorway, 'Ben', 'three'))->toBe(['Ana']);
});

test('who looks at another doorway is not here', function () {
    lookingAt(Begun::doorway('kiln-room'), 'Ana', 'one');

    expect(lookingAt(Begun::doorway('kiln-room'), 'Ben', 'two'))->toBe([]);
});

test('who has not looked for three minutes is gone, and who looks on is not', function () {
    $this->freezeTime();
    $doorway = Begun::doorway('kiln-room');
    lookingAt($doorway, 'Ana', 'one');
    lookingAt($doorway, 'Cal', 'three');
    foreach ([90, 89] as $seconds) {
        $this->travel($seconds)->seconds();
        lookingAt($doorway, 'Cal', 'three');
    }

    expect(lookingAt($doorway, 'Ben', 'two'))->toBe(['Ana', 'Cal']);
    $this->travel(1)->seconds();
    expect(lookingAt($doorway, 'Ben', 'two'))->toBe(['Cal']);
});

test('a page of a doorway says who else is there', function () {
    $doorway = Begun::doorway('kiln-room');
    lookingAt($doorway, 'Ana', 'one');

    $this->get(route('door.size', $doorway))->assertOk()->assertSee('Also here: Ana');
});
