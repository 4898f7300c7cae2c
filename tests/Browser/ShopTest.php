<?php

declare(strict_types=1);

test('a newcomer prices a thing, and the total follows', function () {
    $browser = $this->browser->visit('/jobs/1/materials')->see('lines have no price yet', '.sheet-verdict');
    $before = $browser->text('.sheet-verdict b');
    $browser
        ->type("Price of one Door 965 × 2\u{202f}138 × 40, construction not given", '999')
        ->until(fn () => $browser->text('.sheet-verdict b') !== $before ?: null, 'another total');

    expect($browser->value("Price of one Door 965 × 2\u{202f}138 × 40, construction not given"))->toBe('999.00');
});

test('what does not read is told where it was typed, and is in view', function () {
    $browser = $this->browser
        ->visit('/jobs/1/materials')
        ->type('Boards the yard has, mm', 'long ones')
        ->see('“long ones” is not a list of lengths', '#at-stock');

    expect($browser->value('Boards the yard has, mm'))->toBe('long ones');
    $browser->until(
        fn () => $browser->js(
            'const box = document.querySelector("#at-stock").getBoundingClientRect(); return box.top > 0 && box.bottom < innerHeight',
        ) ?:
        null,
        'the field in view',
    );
});

test('a step is moved by the arrow keys, and the rest is planned round it', function () {
    $browser = $this->browser->visit('/jobs/1/schedule')->see('Done on', '#days');
    $browser->js('document.querySelector(".task").focus()');
    $browser->driver->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
    $browser->see('Clear what was set by hand', '#days');

    expect(
        $browser->js('return [...document.querySelectorAll("#days small")].map((one) => one.textContent)'),
    )->toContain('set by hand');
});

test('a step that was moved keeps the focus, and is moved on', function () {
    $browser = $this->browser->visit('/jobs/1/schedule')->see('Done on', '#days');
    $browser->js('document.querySelector(".task").focus()');
    $start = fn () => (int) $browser->js('return document.activeElement.dataset.start ?? 0');
    $before = $start();
    $browser->driver->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
    $browser->until(fn () => $start() === $before + 5 ?: null, 'it stands five minutes later, still in focus');
    $browser->driver->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
    $browser->until(fn () => $start() === $before + 10 ?: null, 'and five more');

    expect($start())->toBe($before + 10);
});

test('a step is dragged along its day', function () {
    $browser = $this->browser->visit('/jobs/1/schedule')->see('Done on', '#days');
    $bar = $browser->find('.task[aria-label^="Kiln room, check"]');
    $from = (int) $bar->getAttribute('data-start');
    $browser->driver->action()->clickAndHold($bar)->moveByOffset(120, 0)->release()->perform();
    $browser->see('Clear what was set by hand', '#days');

    expect((int) $browser->find('.task[aria-label^="Kiln room, check"]')->getAttribute('data-start'))->toBeGreaterThan(
        $from,
    );
});

test('from the board it is one tap to where a doorway goes on', function () {
    $this->browser
        ->visit('/progress')
        ->press('Meter room')
        ->see('Level and tighten the rail', '.site-step:not([hidden]) h2');

    expect($this->browser->text('.bar-doorway h1'))->toBe('Meter room');
});

test('what is missing is ordered from the simulated supplier', function () {
    $browser = $this->browser->visit('/jobs/1/orders')->see('Nothing is ordered yet.', '.sheet-verdict');
    $browser->press('Ask what they have')->see('Working days', 'thead');
    $browser->press('Order what is missing')->see('ordered and not here', '.sheet-verdict');

    expect($browser->text('.sheet-verdict'))->toMatch('/^\d+ things/');
});
