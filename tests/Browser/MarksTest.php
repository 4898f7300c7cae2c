<?php

test('a newcomer goes from the bench to the marks, sets a laser and proves the line', function () {
    $browser = $this->browser->visit('/doorways/7/rail')->click('.stations a[href$="/marks"]')->see('Hook at the left corner', 'main');
    $browser->driver->findElement(\Facebook\WebDriver\WebDriverBy::name('laser'))->sendKeys('1151');
    $browser->driver->findElement(\Facebook\WebDriver\WebDriverBy::name('read_laid-out'))->sendKeys('2141');
    $browser->press('Compare')->see('Agrees. The line is where it should be.', '.proofs');

    expect($browser->text('[aria-label="Heights"]'))->toContain('1 000 above the laser');
});

test('the tape of a pull is scrolled along by the keyboard', function () {
    $browser = $this->browser->visit('/doorways/1/marks');
    $browser->js('document.querySelector(".pull-tape").focus()');
    $browser->driver->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);

    $browser->until(fn () => $browser->js('return document.querySelector(".pull-tape").scrollLeft > 0') ?: null, 'the tape moved on');
    expect($browser->js('return document.querySelector(".pull-tape").scrollLeft'))->toBeGreaterThan(0);
});

test('the order of work is one tap from the marks', function () {
    $this->browser->visit('/doorways/1/marks')->press('Order of work')->see('Draw the yoke line', '.order');

    expect($this->browser->text('.order'))->toContain('What the box holds, and what the leaf really measures, is known first.');
});
