<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;

beforeEach(fn () => $this->browser->size(390, 844));
afterEach(fn () => $this->browser->connect());

/** Types on the keypad of the page, as a thumb does, and goes on. */
function keyed(Browser $browser, string $label, string $typed): void
{
    $browser->see($label, '#walk-label');
    preg_match('#^(\d*) ?(\d+/\d+)?$#', $typed, $keys);
    $fraction = $keys[2] ?? '';
    foreach ($keys[1] === '' ? [] : str_split($keys[1]) as $digit) {
        $browser->click("#walk-keys [data-key=\"{$digit}\"]");
    }
    if ($fraction !== '') {
        $browser->click("#walk-keys [data-fraction=\"{$fraction}\"]");
    }
    expect($browser->js('return document.querySelector("#walk-typed").value'))->toBe($typed);
    $browser->click('#walk-next');
}

test('a newcomer with a phone measures a doorway in inches and gets its sheet, in 25 entries and 8 taps', function () {
    $browser = $this->browser->visit('/jobs/2');
    [$entries, $taps] = [0, 0];
    $tap = function (string $css) use ($browser, &$taps): void {
        $browser->click($css);
        $taps++;
    };
    $key = function (string $label, string $typed) use ($browser, &$entries): void {
        keyed($browser, $label, $typed);
        $entries++;
    };
    $tap('.begin-by-phone a');
    $browser->find('#walk-begin input')->sendKeys('Larder');
    $browser->click('#walk-begin .btn');
    $entries++;
    $browser->see('Left end of the wall', '#walk-label')->press('corner');
    $entries++;
    $key('Wall begins at', '0');
    $key('Casing width, left', '2 1/2');
    $key('Left jamb at', '52 3/4');
    $key('Width at the top', '35 15/16');
    $key('Width in the middle', '36');
    $key('Width at the bottom', '36 1/16');
    $key('Casing width, right', '2 1/2');
    $key('Wall ends at', '150');
    $browser->see('Right end of the wall', '#walk-label')->press('corner');
    $entries++;
    $key('Height at the left jamb', '80 1/2');
    $key('Height at the right jamb', '80 3/8');
    $key('Casing width, head', '2 1/2');
    $key('Lowest ceiling height', '97');
    $browser->see('Crown moulding, height', '#walk-label')->click('#walk-absent');
    $entries++;
    $key('Baseboard height', '3 1/2');
    $key('Casing projection', '3/4');
    $browser->see('Wall lining', '#walk-label')->press('gypsum');
    $entries++;
    $key('Lining thickness', '1/2');
    $key('Baseboard projection', '9/16');
    $browser->see('Floor finish', '#walk-label')->press('board');
    $entries++;
    $tap('#walk-end');
    $browser->see('Taken as usual', '#walk-verdict');
    $tap('#walk-verdict [data-so]');
    // What is told of it is drawn anew once it is kept.
    $browser->seeGone('Taken as usual', '#walk-verdict')->see('Set-out sheet', '#walk-verdict');
    $tap('#walk-verdict .btn-primary');
    $browser->see('Larder', '.sheet-head');

    expect($entries)->toBeLessThanOrEqual(25)->and($taps)->toBeLessThanOrEqual(8)->and($browser->pdf())->toStartWith('%PDF');
});

test('the picture follows what is told', function () {
    $browser = $this->browser->visit('/doorways/5/wall/walk');
    while ($browser->text('#walk-label') !== 'Height at the left jamb') {
        $browser->click('#walk-next');
    }
    $reads = fn () => (float) $browser->js('return document.querySelector("#walk-picture .tape-line").getAttribute("y2")');
    expect($reads())->toBe(-2050.0);
    keyed($browser, 'Height at the left jamb', '1995');
    $browser->click('#walk-back');

    expect($reads())->toBe(-1995.0);
});

test('two readings that can hardly both be right are asked at once', function () {
    $browser = $this->browser->visit('/doorways/5/wall/walk');
    while (! str_contains($browser->text('#walk-label'), 'Lowest ceiling')) {
        $browser->click('#walk-later');
    }
    keyed($browser, 'Lowest ceiling height', '248');
    $browser->see('unusually small', '#walk-asks');
    foreach (range(1, 3) as $ignored) {
        $browser->click('#walk-keys [data-key="back"]');
    }
    keyed($browser, 'Lowest ceiling height', '2480');
    $browser->see('Crown moulding', '#walk-label');

    expect($browser->text('#walk-asks'))->toBe('');
});

test('a doorway is begun and measured with no connection, and arrives later', function () {
    $browser = $this->browser->visit('/jobs/1')->visit('/jobs/1/measure');
    $browser->until(
        fn () => $browser->js(
            'const done = arguments[0]; return caches.match(location.href).then((kept) => kept !== undefined)',
        ) ?: null,
        'the page is kept',
    );
    $browser->disconnect();
    $browser->visit('/jobs/1/measure')->find('#walk-begin input')->sendKeys('Cold store');
    $browser->click('#walk-begin .btn')->see('Left end of the wall', '#walk-label')->press('corner');
    keyed($browser, 'Wall begins at', '0');
    $browser->see('2 waiting to be sent', '#link-state');
    // Closed and opened again, still with no connection.
    $browser->visit('/jobs/1/measure')->see('Casing width, left', '#walk-label');
    keyed($browser, 'Casing width, left', '70');
    $browser->see('3 waiting to be sent', '#link-state');
    $browser->connect();
    $browser->js('window.dispatchEvent(new Event("online"))');
    $browser->until(
        fn () => str_contains((string) $browser->js('return location.pathname'), '/wall/walk') ?: null,
        'it has arrived',
    );
    $browser->until(fn () => $browser->text('#link-state') === '' ?: null, 'all is sent');
    $address = str_replace('walk', 'measure', (string) $browser->js('return location.pathname'));
    $browser->visit($address)->see('Cold store', '.whose');

    expect($browser->value('Casing width, left'))->toBe('70');
});

test('a switch is told edge by edge, and stands on the wall', function () {
    $browser = $this->browser->visit('/doorways/5/wall/walk');
    while ($browser->text('#walk-label') !== 'Things on the wall') {
        $browser->click('#walk-next');
    }
    $browser->press('Add one')->press('switch');
    foreach (['from' => '2100', 'to' => '2186', 'bottom' => '1100', 'top' => '1186', 'projection' => '12'] as $of => $is) {
        keyed($browser, $of, $is);
    }
    $browser->see('Add one', '#walk-options')->until(fn () => $browser->text('#link-state') === '' ?: null, 'it is sent');
    $browser->visit('/doorways/5/wall/measure');

    expect($browser->js('return document.querySelectorAll(".scene-elevation .obstacle").length'))->toBe(1);
});

test('a word of the trade is told where one stands, also with no connection', function () {
    $browser = $this->browser->visit('/doorways/5/wall/walk');
    while ($browser->text('#walk-label') !== 'Height at the left jamb') {
        $browser->click('#walk-next');
    }
    $browser->click('#walk-how [data-term$=jamb]')->see('The side of the opening', '#term');
    $browser->click('#term .close');
    $browser->until(
        fn () => $browser->js('return caches.match("/words").then((kept) => kept !== undefined)') ?: null,
        'the words are kept',
    );
    $browser->disconnect();
    $browser->click('#walk-how [data-term$=jamb]')->see('The side of the opening', '#jamb');
});
