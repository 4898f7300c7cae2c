<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;

beforeEach(fn () => $this->browser->size(1280, 900));

afterEach(fn () => $this->browser->connect());

/** A wall of a number, with everything measured and swept. */
function measuredWall(Browser $browser, int $seed): Browser
{
    $browser->visit('/practice')->js(
        "document.querySelector('[name=seed]').value = '{$seed}'; document.querySelector('.walls form').requestSubmit();",
    );
    $browser->see('What would you measure?')->js(
        "document.querySelectorAll('.to-measure input').forEach((box) => { box.checked = true; });",
    );

    return $browser->press('Measure these')->see('Set it out');
}

test('a learner measures a wall, sets it out, hangs the door, and sees what came of it', function () {
    $browser = measuredWall($this->browser, 4211)
        ->see('What you read')
        ->type('How high is the rail line?', '1500', false)
        ->press('Hang the door')
        ->see('Number by number');

    expect($browser->text('.practice-verdict'))->toContain('scrapes on the floor')
        ->and($browser->faults())->toBe([]);
});

test('a press on the drawing writes the place into the field that one is in', function () {
    $browser = measuredWall($this->browser, 4212);
    $browser->js(
        "document.querySelector('[name=guide]').focus(); const scene = document.querySelector('.practice-drawing svg'); const at = new DOMPoint(1234, -50).matrixTransform(scene.getScreenCTM()); scene.dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: at.x, clientY: at.y }));",
    );

    expect($browser->js("return Math.abs(Number(document.querySelector('[name=guide]').value) - 1234) < 5;"))
        ->toBeTrue();
});

test('what was typed on a wall stands after the page was closed', function () {
    $browser = measuredWall($this->browser, 4213)->type('How wide is the door?', '914', false);
    $browser->js("document.querySelector('[name=leaf-width]').dispatchEvent(new Event('input', { bubbles: true }));");
    $page = $browser->js('return location.pathname;');

    expect($browser->visit('/practice')->visit($page)->value('How wide is the door?'))->toBe('914');
});

test('answers given with no connection wait, and arrive when there is one', function () {
    $browser = measuredWall($this->browser, 4214)->type('How high is the rail line?', '2190', false);
    $browser->disconnect();
    $browser->press('Hang the door')->see('No connection');
    $browser->connect();
    $browser->js("window.dispatchEvent(new Event('online'));");
    $browser->see('Number by number');

    expect($browser->text('.judged'))->toContain('2190');
});

test('once begun a wall is measured and answered with no connection, and both arrive', function () {
    $browser = $this->browser->visit('/practice')->js(
        "document.querySelector('[name=seed]').value = '4215'; document.querySelector('.walls form').requestSubmit();",
    );
    $browser = $this->browser->see('What would you measure?')->disconnect();
    $choose = fn (string $which) => $browser->js(
        "document.querySelectorAll('.to-measure input{$which}').forEach((box) => { box.checked = true; });",
    );
    $choose(':not([value=sweep])');
    $browser->press('Measure these')->see('No connection: what you measured is read here')->see('What you read');
    $read = fn () => $browser->js("return document.querySelectorAll('.practice-read dd').length;");
    $first = $read();
    $drawn = "return document.querySelectorAll('.practice-drawing .swept line, .practice-drawing .swept path').length;";
    $before = $browser->js($drawn);
    $choose('');
    $browser->press('Measure these')->until(fn () => $browser->js($drawn) ?: null, 'what the scanner felt is drawn');
    $browser->type('How high is the rail line?', '2190', false)->press('Hang the door')->see('your answers are kept');
    $browser->connect()->js("window.dispatchEvent(new Event('online'));");
    $browser->see('Number by number');

    expect([$first > 8, $before, $browser->faults()])->toBe([true, 0, []])
        ->and($browser->text('.judged'))->toContain('2190');
});

test('what was measured with no connection is read again after the page was opened anew', function () {
    $browser = $this->browser->visit('/practice')->js(
        "document.querySelector('[name=seed]').value = '4216'; document.querySelector('.walls form').requestSubmit();",
    );
    $browser = $this->browser->see('What would you measure?')->disconnect();
    $browser->js("document.querySelector('.to-measure input').checked = true;");
    $browser->press('Measure these')->see('What you read')->connect();
    $page = $browser->js('return location.pathname;');
    $browser->visit($page)->see('Measure more');

    expect($browser->js("return document.querySelectorAll('.practice-read dd').length;"))->toBe(1);
});

test('two minutes of sums go from question to question, and end with what was right', function () {
    $browser = $this->browser->visit('/practice')->js(
        "document.querySelector('[value=drill]').form.requestSubmit();",
    );
    $browser = $this->browser->press('Start the two minutes')->see('seconds left');
    $shown = "return [...document.querySelectorAll('#drill fieldset')].findIndex((one) => !one.hidden);";
    $before = $browser->js($shown);
    $browser->js("document.querySelector('#drill fieldset:not([hidden]) input').value = '1';");
    $browser->press('Next');
    $after = $browser->js($shown);
    // The time is over.
    $browser->js("const form = document.querySelector('#drill'); form.dataset.isOver = 'yes'; form.requestSubmit();");
    $browser->see('of 1 right in two minutes');

    expect([$before, $after])->toBe([0, 1]);
});
