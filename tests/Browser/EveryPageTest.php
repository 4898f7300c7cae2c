<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

test('axe finds no serious fault', function (string $path) {
    expect($this->browser->visit($path)->faults())->toBe([]);
})->with('pages');

test('a phone needs no sideways scroll', function (string $path) {
    $browser = $this->browser->size(390, 844)->visit($path);

    expect($browser->js('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
})->with('pages');

test('at 200 % and at 400 % no line needs a sideways scroll, and no bar takes half of what is seen', function (
    string $path,
) {
    foreach ([[640, 400], [320, 256]] as [$width, $height]) {
        [$wide, $fixed] = $this->browser
            ->size($width, $height)
            ->visit($path)
            ->js(
                <<<'JS'
                    const fixed = [...document.querySelectorAll('body *')]
                        .filter((one) => /fixed|sticky/.test(getComputedStyle(one).position) && one.checkVisibility())
                        .map((one) => one.getBoundingClientRect())
                        .filter((box) => box.bottom > 0 && box.top < innerHeight && box.width > innerWidth / 2);
                    return [document.documentElement.scrollWidth, fixed.reduce((all, box) => all + box.height, 0)];
                JS
            );
        expect($wide)
            ->toBeLessThanOrEqual($width, "{$path} at {$width}")
            ->and($fixed)
            ->toBeLessThanOrEqual($height / 2, "{$path} at {$width}");
    }
})->with('pages');

test('nothing moves while a page comes, also on a slow phone', function (string $path) {
    $slow = new ChromeDevToolsDriver($this->browser->driver);
    $slow->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);
    $moved = [];
    foreach ([[390, 844], [1280, 800]] as [$width, $height]) {
        $this->browser->size($width, $height)->visit($path);
        $moved[] = $this->browser->driver->executeAsyncScript(
            <<<'JS'
                const done = arguments[arguments.length - 1];
                let moved = 0;
                new PerformanceObserver((list) => list.getEntries().forEach((one) => { if (!one.hadRecentInput) moved += one.value; }))
                    .observe({ type: 'layout-shift', buffered: true });
                document.fonts.ready.then(() => requestIdleCallback(() => requestAnimationFrame(() => done(moved))));
            JS
        );
    }
    $slow->execute('Emulation.setCPUThrottlingRate', ['rate' => 1]);

    expect(max($moved))->toBeLessThanOrEqual(0.02, $path);
})->with('pages');

test('the first page and all it is drawn with comes in less than 200 kB', function () {
    $files = $this->browser->visit('/')->js(
        'return [location.href, ...performance.getEntriesByType("resource").map((one) => one.name)]',
    );
    $sizes = array_map(fn (string $file) => strlen((string) gzencode((string) file_get_contents($file))), $files);

    expect(count($sizes))->toBeGreaterThan(5)->and(array_sum($sizes))->toBeLessThan(200_000);
});

test('the bench fills 1280 by 800 without a page scroll', function () {
    $browser = $this->browser->visit('/doorways/1/wall/measure');

    expect($browser->js('return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]'))->toBe([
        800,
        1280,
    ]);
});

test('no two readings of a drawing overlap', function (string $page, int $doorway) {
    $overlaps = $this->browser->visit("/doorways/{$doorway}/{$page}")->js(
        <<<'JS'
            // A text's box has room above and below its figures.
            const glyphs = ({ left, right, top, bottom, height }) => ({ left, right, top: top + height * 0.22, bottom: bottom - height * 0.22 });
            return [...document.querySelectorAll('svg.scene')].flatMap((svg) => {
                const boxes = [...svg.querySelectorAll('text.reading, text.caption')].map((text) => [text.textContent, glyphs(text.getBoundingClientRect())]);
                return boxes.flatMap(([a, p], i) => boxes.slice(i + 1)
                    .filter(([, q]) => p.left < q.right && q.left < p.right && p.top < q.bottom && q.top < p.bottom)
                    .map(([b]) => `${svg.dataset.scene}: ${a} / ${b}`));
            });
        JS
        ,
    );

    expect($overlaps)->toBe([]);
})
    ->with(['rail', 'parts', 'marks'])
    ->with([1, 2, 3, 4, 6, 7, 8, 9, 10, 11, 12]);
