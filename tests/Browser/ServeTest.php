<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\ServedFirm;

/* The firm as it is served, by the one command: each test one of its own, that it stops or changes the people of. */

afterEach(function () {
    $this->firm->stop();
});

test('what is killed is started anew, and a stop leaves nothing behind', function () {
    $firm = $this->firm = ServedFirm::start();
    $firm->killPages();
    $answers = $firm->asksAgain('/sign-in');
    $firm->stop();

    expect($answers)->toBe(200)->and($firm->left())->toBe([]);
});

test('a telephone keeps jobs, measuring, steps, sheet and photographs when the server stops, and what it entered arrives', function () {
    $firm = $this->firm = ServedFirm::start();
    $phone = $firm->phone();
    $firm->signUp($phone);
    $firm->bringInDemo();
    $steps = $firm->doorway('Meter room');
    $phone->visit("{$steps}/site/steps")
        ->until(fn () => $phone->js('return !!navigator.serviceWorker.controller'), 'a worker that answers');
    foreach (['/', "{$steps}/wall/walk"] as $path) {
        $phone->visit($path);
    }
    $paths = ['/', ...array_map(
        fn (string $page) => "{$steps}/{$page}",
        ['wall/walk', 'papers/sheet', 'record/log', 'site/steps'],
    )];
    $phone->until(
        fn () => $phone->driver->executeAsyncScript(
            <<<'JS'
                const [paths, done] = arguments;
                Promise.all(paths.map((path) => caches.match(path))).then((kept) => done(kept.every(Boolean) || null));
            JS,
            [$paths],
        ),
        'all of it is kept',
    );
    $firm->stop();

    foreach ($paths as $path) {
        expect($phone->visit($path)->js('return document.body.textContent'))->toContain('Meter room');
    }
    $phone->js(
        "const step = [...document.querySelectorAll('[data-step]')].find((one) => one.checkVisibility()); step.querySelector('[data-note]').value = 'Told with no connection'; step.querySelector('[data-keep-note]').click();",
    );
    expect($phone->find('#link-state')->getText())->toContain('1');
    $firm->goOn();
    $phone->js('window.dispatchEvent(new Event("online"))');
    $phone->until(fn () => $firm->says('Told with no connection') ?: null, 'the note has arrived');
});

test('whoever may not plan is told so where they try', function () {
    $firm = $this->firm = ServedFirm::start();
    $phone = $firm->phone();
    $firm->signUp($phone);
    $firm->bringInDemo();
    $doorway = $firm->doorway('Meter room');
    $phone->size(1280, 800)->visit("{$doorway}/wall/measure");
    $firm->makesInstaller('ana@example.com');
    $phone->type('Left jamb at', '725');

    $phone->see('Your role does not change this', '#unanswered');
    expect($phone->visit("{$doorway}/wall/measure")->js('return document.querySelector(".set fieldset").disabled'))->toBeTrue();
});

test('behind a proxy links and cookies are those of its address, and other names are refused', function () {
    $firm = $this->firm = ServedFirm::start('serve', '--proxy');
    $said = $firm->asProxy('/', 'localhost');
    $other = $firm->asProxy('/', 'evil.example');
    $firm->stop();

    expect($said)->toContain('https://localhost/sign-in')->toContain('__Host-yoke_line')->toContain('secure')
        ->and($other)->toContain(' 421 ');
});

test('a telephone that is signed out from the desk is out, and stays out', function () {
    $firm = $this->firm = ServedFirm::start();
    $phone = $firm->phone();
    $firm->signUp($phone);
    $desk = $firm->phone()->size(1280, 800);
    $desk->visit('/sign-in');
    foreach (['email' => 'ana@example.com', 'password' => 'a long password'] as $name => $says) {
        $desk->driver->findElement(WebDriverBy::name($name))->sendKeys($says);
    }
    $desk->click('.way-in .btn-primary')->see('New job');
    $desk->visit('/account')->click('form[action$="/sign-out"][action*="/devices/"] .btn')->seeGone('Sign out there');

    $phone->visit('/account');
    expect($phone->driver->getCurrentURL())->toEndWith('/sign-in');
    $phone->visit('/')->visit('/account');
    expect($phone->driver->getCurrentURL())->toEndWith('/sign-in')
        ->and($desk->visit('/account')->driver->getCurrentURL())->toEndWith('/account');
});
