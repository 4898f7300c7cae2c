<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;

test('a newcomer opens the demo and reads the yoke line', function () {
    $this->browser->visit('/')->press('Kiln room')->see('2 191', '.strip')->see('Rail line', '.strip');

    expect($this->browser->text('.verdict h2'))->toBe('Will fit once the open points are resolved.');
});

test('a newcomer makes a doorway from nothing and prints its sheet', function () {
    $browser = $this->browser->visit('/');
    $browser->type('Name of the new job', 'Brick kiln lane 4')->see('Brick kiln lane 4', '#jobs');
    $browser->type('Name of the new doorway in Brick kiln lane 4', 'Larder')->see('Not enough measured yet.');
    $typed = [
        'Wall begins at' => '0',
        'Wall ends at' => '3200',
        'Lowest ceiling height' => '2480',
        'Left jamb at' => '700',
        'Width at the top' => '810',
        'Width in the middle' => '812',
        'Width at the bottom' => '811',
        'Height at the left jamb' => '2030',
        'Height at the right jamb' => '2032',
    ];
    foreach ($typed as $label => $value) {
        $browser->type($label, $value);
    }
    $browser->see('The floor is not measured', '.findings');
    $browser
        ->type('Floor level 1, at', '700')
        ->type('Floor level 1, level', '0')
        ->find('input[aria-label="Floor level 2, at"]');
    $browser
        ->type('Floor level 2, at', '1512')
        ->type('Floor level 2, level', '-2')
        ->find('input[aria-label="Floor level 3, at"]');
    $browser->see('Passage 810 when open', '.findings')->press('Papers')->see('Larder', '.sheet-head');

    expect($browser->pdf())->toStartWith('%PDF')->and($browser->text('.sheet-yoke b'))->toMatch('/^\d \d{3}$/');
});

test('a cure takes its finding away with one click', function () {
    $browser = $this->browser->visit('/')->press('Packing loft')->see('Headroom is 6 short', '.findings');
    $browser->press('Rail low on the board')->seeGone('Headroom is 6 short', '.findings');

    expect($browser->text('.strip'))->toContain('2 093');
});

test('the numbers change as the leaf slides under the finger', function () {
    $browser = $this->browser->visit('/doorways/1/door/size')->see('passage 0', '.slide-numbers');
    $browser->driver
        ->action()
        ->clickAndHold($browser->find('.scene-elevation .leaf'))
        ->moveByOffset(400, 0)
        ->release()
        ->perform();
    $browser->see('passage 861', '.slide-numbers')->see('gap, trailing 21', '.slide-numbers');
});

test('each leaf of a pair slides by itself', function () {
    $browser = $this->browser->visit('/doorways/7/door/size')->see('still covered 1 790', '.slide-numbers');
    $browser->click('[data-leaf-to-slide="front"]')->find('#slide')->sendKeys(WebDriverKeys::END);
    $browser->see('passage 804', '.slide-numbers');
    $moved = $browser->js(
        'return [...document.querySelectorAll(".scene-elevation [data-slides]")].map((leaf) => leaf.getAttribute("transform"))',
    );

    expect($moved)->toBe(['translate(0 0)', 'translate(-834 0)']);
});

test('arrow keys slide the leaf too', function () {
    $browser = $this->browser->visit('/doorways/1/door/size')->see('still covered 864', '.slide-numbers');
    $slide = $browser->find('#slide');
    $slide->sendKeys(WebDriverKeys::END);
    $browser->see('still covered 0', '.slide-numbers')->see('bites, open', '.slide-numbers');
    $slide->sendKeys(WebDriverKeys::ARROW_LEFT);
    $browser->see('still covered 1', '.slide-numbers');
});

test('undo gives back any number of steps, also after the browser was closed', function () {
    $browser = $this->browser->visit('/doorways/1/door/size');
    $browser
        ->type('Over the head', '30')
        ->see('change 2', '.saved')
        ->type('Floor gap at the high spot', '10')
        ->see('change 3', '.saved');
    $browser
        ->reopen('/doorways/1/door/size')
        ->click('#undo')
        ->see('change 4', '.saved')
        ->click('#undo')
        ->see('change 5', '.saved');
    expect($browser->value('Over the head'))->toBe('25');

    $browser->click('#redo')->see('change 6', '.saved')->click('#redo')->see('change 7', '.saved');
    expect($browser->value('Floor gap at the high spot'))->toBe('10');
});

test('inches are one tap away and read back the same', function () {
    $browser = $this->browser->visit('/doorways/1/door/size')->click('button[value="in"]')->see('86 1/4', '.strip');
    $browser->type('Floor gap at the high spot', '7/16')->see('change 2', '.saved');

    expect($browser->value('Floor gap at the high spot'))->toBe('7/16');
});

test('bad input gets a sentence at its place and keeps what was typed', function () {
    $browser = $this->browser->visit('/doorways/1/wall/measure')->type('Lowest ceiling height', 'high');
    $browser->see('is not a length', '.refused');

    expect($browser->value('Lowest ceiling height'))
        ->toBe('high')
        ->and($browser->text('.saved'))
        ->toContain('change 1');
});

test('an arrow key nudges a length by one step', function () {
    $browser = $this->browser->visit('/doorways/1/door/size');
    $browser->field('Floor gap at the high spot')->sendKeys(WebDriverKeys::ARROW_UP);
    $browser->see('change 2', '.saved');

    expect($browser->value('Floor gap at the high spot'))->toBe('13');
});

test('a change that gets no answer is said to be not kept, and stays in its field', function () {
    $browser = $this->browser->visit('/doorways/1/door/size');
    $browser->js(
        'document.querySelector(".fields").dataset.changes = "/nowhere"',
    );
    $browser->type('Floor gap at the high spot', '9')->see('not saved', '#unanswered');

    expect($browser->value('Floor gap at the high spot'))->toBe('9');
});

test('escape gives the old value back', function () {
    $field = $this->browser->visit('/doorways/1/door/size')->field('Over the head');
    $field->sendKeys('99');
    $field->sendKeys(WebDriverKeys::ESCAPE);

    expect($this->browser->value('Over the head'))->toBe('25');
});

test('every number shows the sum it came from', function () {
    $browser = $this->browser->visit('/doorways/1/rail/stops')->click('.read.is-yoke')->see('door height', '#why');

    expect($browser->text('#why'))->toContain('floor gap')->toContain('2 191')->toContain('41');
});

test('a number on the drawing shows its sum too', function () {
    $browser = $this->browser
        ->visit('/doorways/1/rail/stops')
        ->click('.scene-elevation [data-sum="guide.at"]')
        ->see('Middle of the guide', '#why');

    expect($browser->text('#why'))->toContain('half the room for the guide');
});

test('an opened table of numbers stays open over a change', function () {
    $browser = $this->browser
        ->visit('/doorways/1/door/size')
        ->press('Every number of the drawing')
        ->type('Stile width', '110')
        ->see('change 2', '.saved');

    expect($browser->js('return document.querySelector(".all-numbers").open'))->toBeTrue();
});

test('the second of two editors is told what changed, and can put it back', function () {
    $browser = $this->browser;
    $other = Browser::at($browser->url, [])->size(1280, 800)->visit('/doorways/1/door/size');
    $browser->visit('/doorways/1/door/size')->type('Over the head', '31')->see('change 2', '.saved');
    $other->type('Over the head', '40')->see('set over the head to 31 mm in the meantime; yours is used', '.notice');
    expect($other->value('Over the head'))->toBe('40');

    $other->press('Restore theirs')->see('change 4', '.saved');
    expect($other->value('Over the head'))->toBe('31');
});

test('zoom and a larger view outlive a change', function () {
    $browser = $this->browser->visit('/doorways/1/door/size')->click('[data-zoom="in"]');
    $box = fn () => $browser->js('return document.querySelector(".scene-elevation").getAttribute("viewBox")');
    $near = $box();
    $browser->type('Stile width', '110')->see('change 2', '.saved');

    expect($box())->toBe($near);
});

test('Back shows the plan that stands, not the one it was left with', function () {
    $browser = $this->browser->visit('/doorways/1/papers/sheet')->see('change 1');
    $browser->visit('/doorways/1/door/size')->type('Over the head', '85')->see('change 2', '.saved');
    $browser->driver->navigate()->back();
    $browser->see('change 2');

    expect($browser->js('return location.pathname'))->toBe('/doorways/1/papers/sheet');
});

test('a page that comes back into sight while something is typed in it is told, and keeps what is typed', function () {
    $browser = $this->browser->visit('/doorways/1/door/size');
    $browser->js(
        <<<'JS'
            const token = document.querySelector('meta[name=csrf-token]').content;
            return fetch('/doorways/1/leaf/changes', { method: 'POST', headers: { 'X-CSRF-TOKEN': token, 'Content-Type': 'application/x-www-form-urlencoded' }, body: 'place=brief.rules.gap&value=11&base=0' }).then((answer) => answer.status);
        JS
        ,
    );
    $browser->field('Over the head')->sendKeys('9');
    $browser->js('document.dispatchEvent(new Event("visibilitychange"))');
    $browser->see('has been changed in the meantime', '#outdated');

    expect($browser->value('Over the head'))->toBe('259');
});

test('what was never answered is gone through in a minute, and then it fits', function () {
    $browser = $this->browser->visit('/doorways/11/door/size')->see('It fits, on assumptions.', '.verdict');
    $browser->press('It is so')->see('6 things nobody has answered', '#assumed');
    $browser->press('All 6 are so')->see('It fits.', '.verdict');

    expect($browser->js('return document.querySelector("#assumed")'))->toBeNull();
});

test('a doorway is begun like an earlier one, and measured anew', function () {
    $browser = $this->browser->visit('/');
    $browser->js('document.querySelectorAll(".doorway .more")[0].open = true');
    $browser->press('Begin one like it')->type('Room it leads to', 'Second kiln', enter: false)->press('Begin it');
    $browser->see('Second kiln')->see('Not enough measured yet.', '.verdict');

    expect($browser->js('return location.pathname'))->toEndWith('/wall/measure');
});

test('a handle of the shelf is put on the door with one tap', function () {
    $browser = $this->browser->visit('/shelf/parts')->choose('Kind', 'Handle');
    $browser->type('Name of the part', 'Rope pull', enter: false)->press('New part');
    $browser->type('Height', '260')->type('Stands out', '30');
    $browser->visit('/doorways/1/door/size')->press('Rope pull, front');

    expect($browser->see('change 2', '.saved')->value('Front handle, height'))->toBe('260');
});

test('what is to be measured next has the focus, and Enter goes through choices too', function () {
    $named = 'return document.activeElement.getAttribute("aria-label")';
    $browser = $this->browser->visit('/doorways/5/wall/measure');
    expect($browser->js($named))->toBe('Lowest ceiling height');

    $browser
        ->visit('/doorways/1/door/size')
        ->js('document.querySelector(\'.set select[aria-label="Reaches"]\').focus()');
    $browser->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
    expect($browser->js($named))->toBe('Over the head');
});

test('a dimension in the drawing is typed into where it stands, and Enter goes on to the next', function () {
    $browser = $this->browser->visit('/doorways/5/wall/measure');
    $browser->click('[data-dim="survey.opening.height[0]"] text')->find('.dim-input')->sendKeys('2040'.WebDriverKeys::ENTER);
    $browser->see('change 2', '.saved')->find('.dim-input')->sendKeys('2042'.WebDriverKeys::ENTER);
    $browser->see('change 3', '.saved');

    expect($browser->value('Height at the left jamb'))
        ->toBe('2040')
        ->and($browser->value('Height at the right jamb'))
        ->toBe('2042')
        ->and($browser->js('return document.querySelector(".dim-input").getAttribute("aria-label")'))
        ->toBe('Casing width, head');
});

test('a field and its dimension light up together, whichever one is in', function () {
    $browser = $this->browser->visit('/doorways/1/wall/measure');
    $browser->js('document.querySelector("#f-survey-opening-left").focus()');
    expect($browser->js('return document.querySelector(".dim.is-lit").dataset.dim'))->toBe('survey.opening.left');

    $browser->js('document.querySelector(\'[data-dim="survey.wall.to"]\').focus()');
    expect($browser->js('return document.querySelector(".row-of.is-lit input").id'))->toBe('f-survey-wall-to');
});

test('an empty doorway shows a usual one, with what is to be measured named', function () {
    $browser = $this->browser->visit('/jobs/1')->type('Name of the new doorway in Old pump house, pottery co-operative', 'Larder');
    $browser->see('Not enough measured yet.');
    $named = $browser->js('return [...document.querySelectorAll(".dim.is-open text")].map((text) => text.textContent)');

    expect($named)
        ->toContain('Left jamb', 'Width, top', 'Ceiling')
        ->and($browser->js('return document.activeElement.getAttribute("aria-label")'))
        ->toBe('Wall begins at');
});

test('at a desk a newcomer goes from nothing to a sheet in inches in 25 entries and 8 taps', function () {
    [$entries, $taps] = [2, 0];
    $browser = $this->browser->visit('/jobs/2');
    $browser->type('Name of the new doorway in River shop, pottery co-operative', 'Larder')->see('Not enough measured yet.');
    $typed = [
        'wall.from' => '0',
        'opening.casing.left' => '2 1/2',
        'opening.left' => '52 3/4',
        'opening.width[0]' => '35 15/16',
        'opening.width[1]' => '36',
        'opening.width[2]' => '36 1/16',
        'opening.casing.right' => '2 1/2',
        'wall.to' => '150',
        'opening.height[0]' => '80 1/2',
        'opening.height[1]' => '80 3/8',
        'opening.casing.head' => '2 1/2',
        'wall.ceiling' => '97',
    ];
    // The first is opened with a tap, Enter goes on in the drawing.
    $browser->click('[data-dim="survey.wall.from"] text');
    $taps++;
    foreach ($typed as $place => $value) {
        $browser->until(
            fn () => $browser->js('return document.querySelector(".dim-input")?.dataset.of') === "survey.{$place}" ?: null,
            "{$place} is next",
        );
        $browser->find('.dim-input')->sendKeys([$value, WebDriverKeys::ENTER]);
        $entries++;
    }
    $browser->see('Rail line', '.strip')->see('nobody has answered', '#assumed');
    $browser->js('document.querySelector("#assumed").open = true');
    $taps++;
    $browser->press(' are so');
    $taps++;
    $browser->until(fn () => $browser->js('return document.querySelector("#assumed") === null') ?: null, 'all is answered');
    $browser->press('Papers')->see('Larder', '.sheet-head');
    $taps++;

    expect($entries)->toBeLessThanOrEqual(25)->and($taps)->toBeLessThanOrEqual(8)->and($browser->pdf())->toStartWith('%PDF');
});
