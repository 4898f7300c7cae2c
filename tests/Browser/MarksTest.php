<?php

declare(strict_types=1);

test('a newcomer goes from the bench to the marks, sets a laser and proves the line', function () {
    $browser = $this->browser
        ->visit('/doorways/7/rail/stops')
        ->click('.stations a[href$="/marks/runs"]')
        ->see('Hook at the left corner', '.marks');
    $browser->choose('Height carried along by', 'a laser')->see('Set the laser anywhere', '.marks');
    $browser->type('Up to the laser', '1151')->see('above the laser', '.marks');
    expect($browser->text('[aria-label="Heights"]'))->toContain('1 000');
    $browser
        ->press('Check the line')
        ->type('Door, hanger and rail laid out on the floor', '2141')
        ->see('Agrees. The line is where it should be.', '.proofs');
});

test('a mark is ticked off and stays ticked when one comes back', function () {
    $browser = $this->browser->visit('/doorways/1/marks/runs')->click('.readings input');
    $browser->until(
        fn () => $browser->js('return document.querySelectorAll(".readings input[hx-vals*=\'\"made\":0\']").length') ===
        1 ?:
        null,
        'the tick arrived',
    );
    $browser->visit('/doorways/1/marks/runs');

    expect(
        $browser->js('return [...document.querySelectorAll(".readings input")].filter((box) => box.checked).length'),
    )->toBe(1);
});

test('a whole job is made ready with its progress shown, and is there to take', function () {
    $browser = $this->browser
        ->visit('/jobs/1/documents')
        ->press('Every set-out sheet on A4, one PDF')
        ->see('Ready.', '#parcel');

    expect($browser->text('#parcel'))->toContain('12 doorways')->toContain('Download');
});

test('the tape of a pull is scrolled along by the keyboard', function () {
    $browser = $this->browser->visit('/doorways/1/marks/runs');
    $browser->js('document.querySelector(".pull-tape").focus()');
    $browser->driver->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);

    $browser->until(
        fn () => $browser->js('return document.querySelector(".pull-tape").scrollLeft > 0') ?: null,
        'the tape moved on',
    );
    expect($browser->js('return document.querySelector(".pull-tape").scrollLeft'))->toBeGreaterThan(0);
});

test('the order of work is one tap from the marks', function () {
    $this->browser
        ->visit('/doorways/1/marks/runs')
        ->click('.stations a[href$="/site/steps"]')
        ->press('Order of work')
        ->see('Draw the rail line', '.order');

    expect($this->browser->text('.order'))->toContain(
        'Only now is it known what the box holds and what the door really measures.',
    );
});
