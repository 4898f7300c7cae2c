<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;

/** Taps where the photograph shows a point: across and down in its widths. */
function tapped(Browser $browser, float $across, float $down): void
{
    $browser->js(
        <<<'JS'
            const image = document.querySelector('#photo-mark img');
            image.scrollIntoView({ block: 'center' });
            const box = image.getBoundingClientRect();
            const at = { clientX: box.left + arguments[0] * box.width, clientY: box.top + arguments[1] * box.width, bubbles: true };
            image.dispatchEvent(new PointerEvent('pointerdown', at));
            dispatchEvent(new PointerEvent('pointerup', at));
        JS
        ,
        $across,
        $down,
    );
}

/** Where the corner of a shape of the drawing is on the screen, and where the photograph shows the same, px apart. */
function apart(Browser $browser, string $shape, float $across, float $down): float
{
    return (float) $browser->js(
        <<<'JS'
            const [shape, across, down] = arguments;
            const image = document.querySelector('#photo-wall img');
            const map = new DOMMatrix(getComputedStyle(image).transform);
            const at = map.transformPoint(new DOMPoint(across * image.naturalWidth, down * image.naturalWidth));
            const room = image.parentElement.getBoundingClientRect();
            const box = document.querySelector(`#photo-wall ${shape}`).getBoundingClientRect();
            return Math.hypot(box.left - room.left - at.x / at.w, box.top - room.top - at.y / at.w);
        JS
        ,
        $shape,
        $across,
        $down,
    );
}

test('four corners tapped in a photograph lay it behind the drawing, true to scale', function () {
    $browser = $this->browser->visit('/doorways/11/wall/photos');
    $browser->driver
        ->findElement(WebDriverBy::cssSelector('input[name=photo]'))
        ->sendKeys(dirname(__DIR__, 2).'/database/demo/throwing-room.jpg');
    $browser->find('#photo-mark');
    foreach ([[0.35923, 0.67601], [0.35451, 0.26625], [0.53517, 0.2629], [0.54087, 0.67757]] as [$across, $down]) {
        tapped($browser, $across, $down);
    }
    $browser->see('True to scale by four points', '#photo-page');
    $browser->until(fn () => apart($browser, '.opening', 0.35451, 0.26625) < 4 ?: null, 'the photograph lies behind it');

    expect(apart($browser, '.opening', 0.35451, 0.26625))->toBeLessThan(4.0);
});

test('the cross is moved and set by keys too', function () {
    $browser = $this->browser->visit('/doorways/8/wall/photos');
    $mark = $browser->find('#photo-mark');
    $mark->sendKeys([WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER]);
    $browser->see('by 9 points', '#photo-page');
});

test('a thing is put on the wall by tapping two of its corners', function () {
    $browser = $this->browser->visit('/doorways/8/wall/photos')->click('[data-thing="vent"]');
    foreach ([[3120, 1800], [3720, 1350]] as [$x, $y]) {
        $browser->js(
            <<<'JS'
                const svg = document.querySelector('#photo-wall svg');
                const to = svg.getScreenCTM();
                svg.dispatchEvent(new MouseEvent('click', { clientX: to.a * arguments[0] + to.e, clientY: -to.d * arguments[1] + to.f, bubbles: true }));
            JS
            ,
            $x,
            $y,
        );
    }
    $browser->until(
        fn () => $browser->js('return document.querySelectorAll("#photo-wall .thing .obstacle").length') === 5 ?: null,
        'the vent is on the wall',
    );
    $browser->visit('/doorways/8/wall/measure');

    expect((float) $browser->value('Thing 5, from'))
        ->toBeBetween(3119.0, 3121.0)
        ->and((float) $browser->value('Thing 5, plus or minus'))
        ->toBeGreaterThan(1.0);
});

test('on the bench the photograph lies behind the drawing while one wants it there', function () {
    $browser = $this->browser->visit('/doorways/8/door/size')->click('[data-toggles-photo]');
    $shown = fn () => $browser->js('return getComputedStyle(document.querySelector(".view img[data-map]")).display');
    expect($shown())->toBe('block');

    $browser->type('Over the head', '30')->see('change 2', '.saved');
    expect($shown())->toBe('block');

    $browser->visit('/doorways/8/rail/stops');
    expect($shown())->toBe('block');

    $browser->click('[data-toggles-photo]');
    expect($shown())->toBe('none');
});

test('in the quote the door slides over the customer’s own wall', function () {
    $browser = $this->browser->visit('/doorways/8/papers/quote');
    $browser->find('[data-slides-picture]')->sendKeys(WebDriverKeys::END);

    expect($browser->js('return document.querySelector(".on-photo [data-far]").getAttribute("transform")'))
        ->toMatch('/^translate\(\d{3}/');
});
