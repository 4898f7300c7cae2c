<?php

declare(strict_types=1);

dataset('pages', [
    'jobs' => '/',
    'put away' => '/?archived=1',
    'wall' => '/doorways/1/wall',
    'leaf' => '/doorways/1/leaf',
    'rail' => '/doorways/1/rail',
    'inches' => '/doorways/2/wall',
    'stopped' => '/doorways/4/rail',
    'half measured' => '/doorways/5/wall',
    'two leaves' => '/doorways/6/leaf',
    'history' => '/doorways/1/history',
    'anchors' => '/doorways/1/anchors',
    'anchors that catch' => '/doorways/11/anchors',
    'sweep' => '/doorways/1/sweep',
    'things on the wall' => '/doorways/8/wall',
    'ways' => '/doorways/8/ways',
    'size card' => '/doorways/1/size-card',
    'readings' => '/doorways/1/readings',
    'shelf' => '/shelf',
    'kit' => '/shelf/flat-40-strap',
    'parts without a kit' => '/shelf/parts',
    'part' => '/shelf/parts/floor-fin-40',
    'house rules' => '/rules',
    'marks' => '/doorways/1/marks',
    'marks of two leaves' => '/doorways/6/marks',
    'order of work' => '/doorways/1/order',
    'sheet' => '/doorways/1/sheet',
    'leaf and parts' => '/doorways/1/parts',
    'parts of two leaves' => '/doorways/6/parts',
    'parts of two that pass' => '/doorways/10/parts',
    'to give out' => '/jobs/1/paper',
    'site' => '/doorways/12/site',
    'found' => '/doorways/12/found/line',
    'log' => '/doorways/12/log',
    'materials' => '/jobs/1/materials',
    'supply' => '/jobs/1/supply',
    'day plan' => '/jobs/1/day-plan',
    'board' => '/board',
    'offer' => '/doorways/1/offer',
    'compare' => '/doorways/1/compare',
    'how sure' => '/doorways/1/sure',
    'prove' => '/doorways/12/prove',
    'hand over' => '/doorways/12/hand-over',
]);

test('axe finds no serious fault', function (string $path) {
    expect($this->browser->visit($path)->faults())->toBe([]);
})->with('pages');

test('a phone needs no sideways scroll', function (string $path) {
    $browser = $this->browser->size(390, 844)->visit($path);

    expect($browser->js('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
})->with('pages');

test('the bench fills 1280 by 800 without a page scroll', function () {
    $browser = $this->browser->visit('/doorways/1/wall');

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
