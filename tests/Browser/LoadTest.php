<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\Support\Browser;
use Tests\Load;

test('twenty who work at once get no error, and every change that was answered as kept is there', function () {
    $browser = $this->browser;
    $book = new PDO("sqlite:{$browser->database()}");
    $changes = fn () => (int) $book->query('select count(*) from revisions')->fetchColumn();
    $before = $changes();
    $load = new Load($browser->url, [1, 2, 8]);
    $load->work(20, 4, 0.5);

    expect($load->errors())
        ->toBe(0)
        ->and($load->kept)
        ->toBeGreaterThan(10)
        ->and($changes() - $before)
        ->toBe($load->kept);
});

/** What came over the wire for the page that stands, kB. */
function sentFor(Browser $browser): float
{
    return (float) $browser->js(
        'return [...performance.getEntriesByType("navigation"), ...performance.getEntriesByType("resource")].reduce((sum, one) => sum + one.transferSize, 0) / 1000;',
    );
}

test('a first page is under 200 kB as it is sent, and the next one under 30', function () {
    $browser = $this->browser;
    $chrome = new ChromeDevToolsDriver($browser->driver);
    $chrome->execute('Network.enable');
    $chrome->execute('Network.setBypassServiceWorker', ['bypass' => true]);
    $chrome->execute('Network.clearBrowserCache');
    $first = sentFor($browser->visit('/'));
    $next = sentFor($browser->visit('/doorways/1/door/size'));
    $chrome->execute('Network.setBypassServiceWorker', ['bypass' => false]);

    expect($first)->toBeGreaterThan(60.0)->toBeLessThan(200.0)->and($next)->toBeGreaterThan(3.0)->toBeLessThan(30.0);
});

test('a page is there before what answers on it is made ready', function () {
    $when = (array) $this->browser->visit('/doorways/1/door/size')->js(<<<'JS'
        const there = performance.getEntriesByType('navigation')[0].domContentLoadedEventEnd;
        return { there, answers: Number(document.documentElement.dataset.answers) };
        JS);

    expect($when['there'])->toBeGreaterThan(0)->and($when['answers'])->toBeGreaterThan($when['there']);
});

test('a page that is opened in the background answers too', function () {
    $driver = $this->browser->visit('/empty')->driver;
    $here = $driver->getWindowHandle();
    $this->browser->js('window.open("/doorways/1/door/size", "_blank", "noopener"); window.focus();');
    $there = array_values(array_diff($driver->getWindowHandles(), [$here]))[0];
    $driver->switchTo()->window($there);
    $answers = fn () => $this->browser->js('return "answers" in document.documentElement.dataset') ?: null;
    $this->browser->until($answers, 'an answer');
    $driver->close();
    $driver->switchTo()->window($here);

    expect($driver->getWindowHandles())->toBe([$here]);
});

test('a page leaves nothing of itself in the browser but what is entered', function () {
    $this->browser->visit('/doorways/1/door/size');
    $kept = $this->browser->js('return Object.keys({ ...sessionStorage, ...localStorage })');

    expect($kept)->toBe([]);
});
