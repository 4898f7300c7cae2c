<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

test('a thing on the wall is dragged out of the leaf’s way, and its finding goes', function () {
    $browser = $this->browser->visit('/doorways/8/wall/measure')->see('Light switch is behind the door', '.findings');
    $browser->driver
        ->action()
        ->clickAndHold($browser->find('[data-place^="survey.obstacles"] .obstacle'))
        ->moveByOffset(190, 0)
        ->release()
        ->perform();
    $browser->seeGone('Light switch is behind the door', '.findings');

    expect((int) $browser->value('Thing 1, from'))->toBeGreaterThan(3200);
});

test('arrow keys move a thing by a millimetre', function () {
    $browser = $this->browser->visit('/doorways/8/wall/measure');
    $browser->find('[data-place^="survey.obstacles"]')->sendKeys(WebDriverKeys::ARROW_RIGHT);
    $browser->see('change 2', '.saved');

    expect($browser->value('Thing 1, from'))->toBe('2281');
});

test('a new thing is put on the wall and taken off again', function () {
    $browser = $this->browser
        ->visit('/doorways/1/wall/measure')
        ->press('+ thermostat')
        ->see('Thermostat is behind the door', '.findings');
    $browser->press('Move the thermostat away')->seeGone('Thermostat is behind the door', '.findings');

    expect($browser->text('.saved'))->toContain('change 3');
});

test('readings of the meter land in the field that waits', function () {
    $browser = $this->browser->visit('/');
    $browser
        ->type('Name of the new doorway in Old pump house, pottery co-operative', 'Cellar')
        ->see('Not enough measured yet.');
    foreach (
        ['Wall begins at' => '0', 'Casing width, left' => '60', 'Left jamb at' => '702'] as $label => $value
    ) {
        $browser
            ->click('#meter')
            ->see($label, '#meter-says')
            ->until(fn () => $browser->value($label) === $value, "{$value} in {$label}");
    }

    expect($browser->value('Casing width, left'))->toBe('60');
});

test('floor readings come in from a table, after a look at every line', function () {
    $browser = $this->browser
        ->visit('/doorways/1/wall/measure')
        ->press('Import readings from a table')
        ->see('A table of readings');
    $browser->js('document.querySelector("#text").value = "x,level\\n500,0\\n1700,x\\n2900,-6"');
    $browser->press('Check the table')->see('2 rows read, 1 left out')->press('Use them')->see('Kiln room', '.whose');

    expect($browser->value('Floor level 2, level'))->toBe('-6');
});

test('ways come while they are worked, and one is taken and undone', function () {
    $browser = $this->browser
        ->visit('/doorways/8/door/size')
        ->press('Options that would work here')
        ->see('arrangements work', '#ways-list')
        ->see('What does not work here, and why', '#ways-list');
    $browser->click('.way form button')->see('Throwing room', '.whose')->see('change 2', '.saved');
    $browser->click('#undo')->see('change 3', '.saved');

    expect($browser->text('.whose h1'))->toBe('Throwing room');
});

test('a house rule shows what it changes before it is taken', function () {
    $browser = $this->browser->visit('/rules');
    $browser->find('#r-head-overlap')->clear()->sendKeys('90');
    $browser->js('document.querySelector("#r-head-overlap").closest("form").querySelector("button").click()');
    $browser->see('doorways that follow it,', '#preview')->press('Apply this rule')->see('Applied;', '.notice');

    expect($browser->js('return document.querySelector("#r-head-overlap").value'))->toBe('90');
});

test('a leaf in hand is held against the size card', function () {
    $browser = $this->browser
        ->visit('/doorways/1/door/size')
        ->press('Size card, and a door in hand')
        ->see('What to look for at the yard');
    $browser
        ->type('Measured width', '940')
        ->see('Leave it in the shop', '.means')
        ->type('Measured width', '965')
        ->seeGone('Leave it in the shop', '.means');

    expect($browser->text('.means'))->toContain('965 works as it is');
});

test('nothing is lost when one types on before the answer is there', function () {
    $browser = $this->browser->visit('/doorways/1/door/in-hand');
    $browser
        ->type('Measured width', '968')
        ->type('Measured height', '2150')
        ->type('Thickness at the leading hanger', '42')
        ->type('Thickness at the trailing hanger', '41')
        ->see('Put washers of 1 under the strap', '.means');

    expect([
        $browser->value('Measured width'),
        $browser->value('Measured height'),
        $browser->value('Thickness at the leading hanger'),
    ])->toBe(['968', '2150', '42']);
});

test('what is chosen in one list while the answer to another is under way is kept', function () {
    $browser = $this->browser->visit('/doorways/1/rail/stops');
    $browser
        ->choose('When open, ended by', 'a buffer beside the door')
        ->choose('Hangers on a door', 'three')
        ->see('Buffer height, open');

    expect($browser->value('Hangers on a door'))->toBe('3');
});

test('a kit is copied, changed and looked at', function () {
    $browser = $this->browser->visit('/shelf')->press('Copy Flat bar 40, face strap')->see('copy', '.kit-drawn h2');
    $browser
        ->choose('Measured to', 'the top of the rail')
        ->type('Height over the door', '90')
        ->see('Rise and rail leave a top gap', '.findings')
        ->see('That is 70 mm to the hole centre');

    expect($browser->value('Height over the door'))->toBe('90');
});
