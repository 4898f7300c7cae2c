<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\ServedFirm;

/* The firm as it is served, over HTTPS: one for all who only ask it and look at it. */

beforeEach(function () {
    $this->firm = ServedFirm::shared();
});

test('it answers over HTTPS that its own authority signed, and closes every other way', function () {
    $firm = $this->firm;

    expect($firm->asks('/sign-in'))->toBe(200)
        ->and($firm->asks('/'))->toBe(302)
        ->and($firm->header('/sign-in', 'server'))->toBe('')
        ->and($firm->header('/sign-in', 'strict-transport-security'))->toContain('max-age')
        ->and($firm->header('/sign-in', 'set-cookie'))->toContain('secure')->toContain('httponly')
        ->and($firm->asks('/index.php/sign-in'))->toBe(404)
        ->and($firm->asks('/.env'))->toBe(404);
});

test('the plain address helps a telephone to trust it, and does nothing else', function () {
    $firm = $this->firm;

    expect($firm->plain('/join'))->toBe(200)
        ->and($firm->plain('/join/yoke-line.crt'))->toBe(200)
        ->and($firm->plain('/sign-in'))->toBe(302)
        ->and($firm->plain('/doorways/1/wall/measure'))->toBe(302);
});

test('a second start says who has the port', function () {
    expect($this->firm->startAgain())->toContain('taken by Yoke Line itself')->toContain('--port');
});

test('it is installed as an application', function () {
    $phone = $this->firm->phone();
    $phone->visit('/sign-in');
    $manifest = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/public/manifest.webmanifest'), true);
    $found = (new ChromeDevToolsDriver($phone->driver))->execute('Page.getAppManifest');

    expect($found['errors'])->toBe([])
        ->and(json_decode((string) $found['data'], true))->toBe($manifest);
    foreach ($manifest['icons'] as $icon) {
        expect($this->firm->asks($icon['src']))->toBe(200);
    }
});

test('its pages for people have no serious fault, and fit a telephone', function () {
    $firm = $this->firm;
    $phone = $firm->phone();
    $faults = [];
    $look = function (string $path) use ($phone, &$faults): void {
        $phone->visit($path);
        $wide = $phone->js('return document.documentElement.scrollWidth');
        $faults[$path] = [...$phone->faults(), ...($wide > 390 ? ["{$wide} wide"] : [])];
    };
    $look('/join');
    $look('/sign-in');
    $firm->signUp($phone);
    $phone->visit('/firm');
    $phone->driver->findElement(WebDriverBy::cssSelector('.invite [name=name]'))->sendKeys('Ivo');
    $phone->click('.invite .btn-primary')->find('.given .qr svg');
    $link = $phone->js('return document.querySelector(".given input").value');
    foreach (['/firm', '/account', (string) parse_url($link, PHP_URL_PATH)] as $path) {
        $look($path);
    }

    expect(array_filter($faults))->toBe([]);
});
