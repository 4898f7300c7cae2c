<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

test('a newcomer sees which holes hold, slides the rail, and lets it find its place again', function () {
    $browser = $this->browser->visit('/doorways/11/anchors/fixings')->see('The most loaded fixing is at', '.findings');
    expect($browser->js('return document.querySelectorAll(".rail-hole.is-held").length'))->toBe(6);
    $browser->find('.rail-group')->sendKeys(array_fill(0, 12, WebDriverKeys::ARROW_RIGHT));
    $browser->see('change 2', '.saved')->see('hole', '.findings');
    expect($browser->js('return document.querySelectorAll(".rail-hole.is-held").length'))->toBeLessThan(6);
    $browser->click('.is-overruled .let-go')->see('The most loaded fixing is at', '.findings');

    expect($browser->js('return document.querySelectorAll(".rail-hole.is-held").length'))->toBe(6);
});

test('holes catch and miss while the rail is dragged', function () {
    $browser = $this->browser->visit('/doorways/11/anchors/fixings');
    $browser->driver->action()->clickAndHold($browser->find('.rail-group .rail'))->moveByOffset(9, 0)->perform();
    $browser->until(
        fn () => $browser->js('return document.querySelectorAll(".rail-hole.is-missed").length') > 0 ?: null,
        'a hole that misses',
    );
    $browser->driver->action()->release()->perform();
    $browser->see('change 2', '.saved');

    expect($browser->value('Left end of the rail at'))->not->toBe('');
});

test('a board that is too thin is cured by a thicker one, and the fixings are listed', function () {
    $browser = $this->browser
        ->visit('/doorways/1/anchors/fixings')
        ->see('Board 38 thick', '.findings')
        ->press('Board 38 thick')
        ->seeGone('of wood', '.findings');

    expect($browser->text('.schedule'))->toContain('Wood screw')->toContain('Lag bolt');
});

test('what a fixing takes follows the leaf', function () {
    $browser = $this->browser->visit('/doorways/11/anchors/fixings');
    $high = fn () => (float) $browser->js(
        'return document.querySelector("[data-load=\"0\"] rect").getAttribute("height")',
    );
    $shut = $high();
    $browser->find('#slide')->sendKeys(WebDriverKeys::END);
    $browser->until(fn () => abs($high() - $shut) > 5 ?: null, 'another load on the first fixing');

    expect($high())->toBeLessThan($shut);
});

test('a wall is swept, read and taken into the survey', function () {
    $browser = $this->browser
        ->visit('/doorways/1/anchors/fixings')
        ->press('Sweep the wall for studs')
        ->click('#sweep')
        ->see('Confidence', '.sweep');
    $browser->press('Add them to the survey')->see('Kiln room', '.whose')->see('change 2', '.saved');

    expect($browser->js('return document.querySelectorAll(".trace").length'))->toBe(1);
});

test('a cable behind the rail is slid past with one click', function () {
    $browser = $this->browser
        ->visit('/doorways/12/anchors/fixings')
        ->see('There is a cable behind', '.findings')
        ->see('Slide the rail to', '.findings');
    $browser->click('[data-code="cable-behind"] .cure')->seeGone('There is a cable behind', '.findings');

    expect($browser->text('.saved'))->toContain('change 2');
});
