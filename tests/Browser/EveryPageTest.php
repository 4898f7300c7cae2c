<?php

declare(strict_types=1);

use Tests\Browser\Support\PageLook;

test('axe finds no serious fault', function (string $path) {
    expect(PageLook::at($path)->faults)->toBe([]);
})->with('pages');

test('a phone needs no sideways scroll', function (string $path) {
    expect(PageLook::at($path)->wide)->toBeLessThanOrEqual(390);
})->with('pages');

test('at 200 % and at 400 % no line needs a sideways scroll, and no bar takes half of what is seen', function (
    string $path,
) {
    foreach (PageLook::at($path)->enlarged as [$width, $height, $wide, $fixed]) {
        expect($wide)
            ->toBeLessThanOrEqual($width, "{$path} at {$width}")
            ->and($fixed)
            ->toBeLessThanOrEqual($height / 2, "{$path} at {$width}");
    }
})->with('pages');

test('nothing moves while a page comes, also on a slow phone', function (string $path) {
    expect(PageLook::at($path)->moved)->toBeLessThanOrEqual(0.02, $path);
})->with('pages');

test('what scrolls by itself is reached by keys', function (string $path) {
    expect(PageLook::at($path)->stuck)->toBe([]);
})->with('pages');

test('whatever is pressed is large enough to be hit', function (string $path) {
    expect(PageLook::at($path)->tooSmall)->toBe([]);
})->with('pages');

test('every word of a page is printed, and no bar to be pressed', function (string $path) {
    $look = PageLook::at($path);
    // A word may be broken at the end of a line, and a drawing's words stand letter by letter.
    $joined = (string) preg_replace('/[\s\x{AD}-]+/u', '', $look->printed);

    expect($look->words)
        ->not->toBe([])
        ->and(array_values(array_filter($look->words, fn (string $word) => ! str_contains($joined, $word))))
        ->toBe([], $path)
        ->and($look->printed)
        ->not->toContain('Find a job');
})->with('pages');

test('the first page and all it is drawn with comes in less than 200 kB', function () {
    $files = PageLook::browser()->visit('/')->js(
        'return [location.href, ...performance.getEntriesByType("resource").map((one) => one.name)]',
    );
    $sizes = array_map(fn (string $file) => strlen((string) gzencode((string) file_get_contents($file))), $files);

    expect(count($sizes))->toBeGreaterThan(5)->and(array_sum($sizes))->toBeLessThan(200_000);
});

test('the bench fills 1280 by 800 without a page scroll', function () {
    $browser = PageLook::browser()->visit('/doorways/1/wall/measure');

    expect($browser->js('return [document.documentElement.scrollHeight, document.documentElement.scrollWidth]'))->toBe([
        800,
        1280,
    ]);
});

test('no two readings of a drawing overlap', function (string $page, int $doorway) {
    $overlaps = PageLook::browser()->visit("/doorways/{$doorway}/{$page}")->js(
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
