<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;

/*
 * Whether anything stands on anything else, or is cut off, on every page: found from the boxes of the texts themselves,
 * at every width, with the longest words (Spanish) and the longest numbers (sixteenths), and with the usual ones.
 */

const FAULTS_OF_TEXTS = <<<'JS'
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const fixed = (one) => {
        let at = one;
        while (at && !/fixed|sticky/.test(getComputedStyle(at).position)) at = at.parentElement;
        return at;
    };
    // The frames of all that clips it, each asked for once.
    const clips = new Map();
    const clipsOf = (one) => {
        if (!one || one === document.body) return [];
        if (!clips.has(one)) {
            const outer = clipsOf(one.parentElement);
            const clipsIt = /auto|scroll|hidden/.test(getComputedStyle(one).overflow);
            clips.set(one, clipsIt ? [...outer, one.getBoundingClientRect()] : outer);
        }
        return clips.get(one);
    };
    // What of a box is seen through them.
    const seen = (one, box) => {
        let { left, right, top, bottom } = box;
        for (const frame of clipsOf(one)) {
            [left, right] = [Math.max(left, frame.left), Math.min(right, frame.right)];
            [top, bottom] = [Math.max(top, frame.top), Math.min(bottom, frame.bottom)];
        }
        return { left, right, top, bottom };
    };
    const boxes = [];
    while (texts.nextNode()) {
        const [node, one] = [texts.currentNode, texts.currentNode.parentElement];
        const unseen = 'script, style, .visually-hidden, option, dialog:not([open]), [hidden]';
        if (!node.textContent.trim() || one.closest(unseen)) continue;
        if (!one.checkVisibility()) continue;
        if (getComputedStyle(one).visibility !== 'visible') continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        for (const { left, right, top, bottom } of range.getClientRects()) {
            // A line's box has room above and below its letters.
            const air = (bottom - top) * 0.22;
            const box = seen(one, { left, right, top: top + air, bottom: bottom - air });
            const isSeen = box.right - box.left > 2 && box.bottom - box.top > 2;
            if (isSeen) boxes.push([node.textContent.trim().slice(0, 40), box, one, right]);
        }
    }
    const faults = [];
    boxes.forEach(([says, p, one, right], i) => {
        if (p.right > innerWidth + 1) faults.push(`off the page: ${says}`);
        const own = getComputedStyle(one);
        const cuts = own.overflowX === 'hidden' && own.textOverflow !== 'ellipsis';
        if (cuts && right > one.getBoundingClientRect().right + 1) faults.push(`cut off: ${says}`);
        for (let j = i + 1; j < boxes.length; j += 1) {
            const [other, q, two] = boxes[j];
            const across = Math.min(p.right, q.right) - Math.max(p.left, q.left);
            if (across <= 1.5) continue;
            const down = Math.min(p.bottom, q.bottom) - Math.max(p.top, q.top);
            if (down <= 1.5 || one.contains(two) || two.contains(one) || fixed(one) !== fixed(two)) continue;
            faults.push(`${says} over ${other}`);
        }
    });
    return [...new Set(faults)].slice(0, 8);
JS;

dataset('every page in inches', [
    ...array_map(
        fn (string $page) => [$page],
        [
            '/',
            '/progress',
            '/shelf',
            '/shelf/parts',
            '/rules',
            '/jobs/2',
            '/jobs/2/materials',
            '/jobs/2/cutting',
            '/jobs/2/orders',
            '/jobs/2/schedule',
            '/jobs/2/documents',
            '/doorways/13/wall/measure',
            '/doorways/13/wall/studs',
            '/doorways/13/wall/readings',
            '/doorways/13/wall/walk',
            '/doorways/13/wall/photos',
            '/doorways/8/wall/photos',
            '/jobs/2/measure',
            '/words',
            '/doorways/13/door/size',
            '/doorways/13/door/options',
            '/doorways/13/door/in-hand',
            '/doorways/16/door/made',
            '/doorways/17/door/made',
            '/doorways/17/door/in-hand',
            '/practice',
            '/practice/walls/1',
            '/practice/walls/2',
            '/doorways/14/rail/stops',
            '/doorways/13/rail/kit',
            '/doorways/14/anchors/fixings',
            '/doorways/14/anchors/loads',
            '/doorways/13/marks/runs',
            '/doorways/14/marks/door',
            '/doorways/13/marks/templates',
            '/doorways/13/marks/line',
            '/doorways/13/site/steps',
            '/doorways/13/site/order',
            '/doorways/13/record/log',
            '/doorways/13/record/compare',
            '/doorways/15/record/tolerance',
            '/doorways/13/record/checks',
            '/doorways/13/record/handover',
            '/doorways/13/papers/sheet',
            '/doorways/13/papers/quote',
            '/doorways/13/papers/files',
        ],
    ),
]);

/** In a unit and a language, as it is chosen in the bar over a page; the page before may have been in the same. */
function seenIn(string $unit, string $language): Browser
{
    $browser = Browser::last();
    if ($browser->setTo !== "{$unit} {$language}") {
        $browser = Browser::fresh();
        $browser->visit('/jobs/2')->driver->executeAsyncScript(
            <<<'JS'
                fetch('/editor', {
                    method: 'POST',
                    headers: {
                        'Content-Type': 'application/x-www-form-urlencoded',
                        'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
                    },
                    body: new URLSearchParams(arguments[0]),
                    redirect: 'manual',
                }).then(arguments[1]);
            JS
            ,
            [['language' => $language, 'units' => $unit, 'at' => 'job-2', 'own' => 'in']],
        );
        $browser->setTo = "{$unit} {$language}";
    }

    return $browser;
}

test('no text stands on another or is cut off, at any width', function (string $unit, string $language, string $page) {
    $browser = seenIn($unit, $language)->size(390, 844)->visit($page);
    $faults = [];
    foreach ([390, 768, 1024, 1280, 1600] as $width) {
        $faults[$width] = $browser->size($width, 844)->js(FAULTS_OF_TEXTS);
    }

    expect(array_filter($faults))->toBe([]);
})
    ->with([['in', 'es'], ['mm', 'en']])
    ->with('every page in inches');
