<?php

declare(strict_types=1);

use Tests\Browser\Support\Browser;

/** Says done of the step that is shown. */
function sayDone(Browser $browser, string $title): void
{
    $browser->see($title, '.site-step:not([hidden]) h2')->click('.site-step:not([hidden]) [data-say="done"]');
}

afterEach(fn () => $this->browser->connect());

test('a phone goes from step to step, and keeps its place when it is closed', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/site/steps');
    sayDone($browser, 'Check the kit’s box');
    $browser->see('Bring the door in', '.site-step:not([hidden]) h2')->see('1 of 33 steps', '.site-far');
    $browser->click('.site-step:not([hidden]) [data-go="1"]')->see('Mark the door', '.site-step:not([hidden]) h2');
    $browser->visit('/')->visit('/doorways/1/site/steps');

    expect($browser->text('.site-step:not([hidden]) h2'))->toBe('Mark the door');
});

test('every control of the site is large enough for a glove', function () {
    $small = $this->browser
        ->size(390, 844)
        ->visit('/doorways/12/site/steps')
        ->js(
            <<<'JS'
                document.querySelectorAll('details').forEach((one) => { one.open = true; });
                return [...document.querySelectorAll('button, a, input:not(.visually-hidden), summary, label.btn, textarea')]
                    .filter((node) => node.offsetParent !== null).map((node) => [node.textContent.trim() || node.ariaLabel, node.getBoundingClientRect()])
                    .filter(([, box]) => box.height < 44 && box.width > 0).map(([name, box]) => `${name}: ${Math.round(box.height)}`);
            JS
            ,
        );

    expect($small)->toBe([]);
});

test('what is being typed stays when an answer to something else comes', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/site/steps');
    sayDone($browser, 'Check the kit’s box');
    $browser->see('Bring the door in', '.site-step:not([hidden]) h2')->type('Door width, measured', '968');
    $browser->js(
        <<<'JS'
            const step = document.querySelector('.site-step:not([hidden])');
            const note = step.querySelector('[data-note]');
            note.closest('details').open = true;
            note.focus();
            note.value = 'the foot is';
        JS
        ,
    );
    $browser->see('more than planned', '.site-step:not([hidden])');

    expect($browser->js('return [document.activeElement.value, document.activeElement.closest("details").open]'))->toBe(
        ['the foot is', true],
    );
});

test('with no connection the steps go on, what is entered waits, and all of it arrives in its order', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/site/steps');
    $browser->until(
        fn () => $browser->js(
            'return navigator.serviceWorker?.controller !== null && Promise.all([location.href, document.querySelector("script[src]").src].map((url) => caches.match(url))).then((kept) => kept.every((one) => one !== undefined))',
        ) ?:
        null,
        'the steps are kept',
    );
    $browser->disconnect();
    sayDone($browser, 'Check the kit’s box');
    $browser->see('Bring the door in', '.site-step:not([hidden]) h2');
    $browser->type('Door width, measured', '968')->see('2 waiting to be sent', '#link-state');
    // Closed and opened again, still with no connection.
    $browser->visit('/doorways/1/site/steps')->see('2 waiting to be sent', '#link-state');
    expect($browser->text('[data-step="box-check"] h2'))
        ->toBe('')
        ->and($browser->js('return document.querySelector("[data-ask=leaf-width]").value'))
        ->toBe('968');
    sayDone($browser, 'Bring the door in');
    $browser->see('3 waiting to be sent', '#link-state');
    $browser->connect();
    $browser->js('window.dispatchEvent(new Event("online"))');
    $browser->see('2 of 33 steps', '.site-far')->see('Door width: 3 more than planned.', '.deviation');
    $browser->visit('/doorways/1/record/log');

    expect(
        $browser->js(
            'return [...document.querySelectorAll(".log-lines p")].map((line) => line.textContent).slice(0, 3)',
        ),
    )->toBe(['Bring the door in: done', "Door width: 968\u{a0}mm, planned 965\u{a0}mm", 'Check the kit’s box: done']);
});

test('what does not read stays in its field with the reason, also when it is sent later', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/site/steps');
    $browser->click('#site-all')->click('[data-to="leaf-in"]')->see('Bring the door in', '.site-step:not([hidden]) h2');
    $browser->type('Door width, measured', 'about so')->see('is not a length', '.site-step:not([hidden])');

    expect($browser->js('return document.querySelector("[data-ask=leaf-width]").value'))->toBe('about so');
});

test('one whose plan was changed at the desk is told when the entry arrives', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/site/steps');
    $browser->js(
        <<<'JS'
            return fetch('/doorways/1/leaf/changes', { method: 'POST', headers: { 'Content-Type': 'application/x-www-form-urlencoded', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content }, body: new URLSearchParams({ place: 'brief.rules.gap', value: '11', base: '1' }) }).then(() => true);
        JS
        ,
    );
    sayDone($browser, 'Check the kit’s box');

    $browser->see('The plan has changed since this was entered', '#site-notices')->see('1 of 33 steps', '.site-far');
    expect($browser->text('.site-far'))->toContain('change 2');
});

test('from a rail that came out low to a way out, a proof and a signature', function () {
    $browser = $this->browser
        ->size(390, 844)
        ->visit('/doorways/12/site/steps')
        ->press('What can be done')
        ->see('The door runs by itself', '.found');
    $browser->press('Do this')->see('Level and tighten the rail', '.site-step:not([hidden]) h2');
    foreach (
        [
            'Hole centre at the first fixing' => '2191',
            'Hole centre in the middle' => '2194',
            'Hole centre at the last fixing' => '2192',
        ] as $label => $read
    ) {
        $browser->type("{$label}, up from the floor there, measured", $read);
    }
    $browser->seeGone('less than planned', '#site');
    // What was read last has arrived, before one goes to another page.
    $browser->until(
        fn () => preg_match(
            '/at the last fixing[^<]*2.192.mm, planned/u',
            (string) $browser->js('return fetch("/doorways/12/record/log?kind=measured").then((answer) => answer.text())'),
        ) === 1 ?:
        null,
        'the last reading in the log',
    );
    $browser->size(1280, 800)->visit('/doorways/12/record/checks');
    while ($browser->js('return document.querySelectorAll(".check[data-holds=\"\"]").length') > 0) {
        $browser->js(
            <<<'JS'
                const check = document.querySelector('.check[data-holds=""]');
                const field = check.querySelector('[name=typed]');
                if (field) field.value = check.querySelector('p b').textContent.replace('expect', '').trim();
                check.dataset.holds = 'sent';
                (check.querySelector('[value=yes]') ?? check.querySelector('.btn')).click();
            JS
            ,
        );
        $browser->until(
            fn () => $browser->js(
                'return document.readyState === "complete" && document.querySelectorAll(".check[data-holds=sent]").length === 0',
            ) ?:
            null,
            'the check was kept',
        );
    }
    $browser->press('Hand it over')->see('Ready to be signed.', '.hand-over');
    $browser->js(
        'document.querySelector("#sign [name=name]").value = "R. Okafor"; document.querySelector("#signature").scrollIntoView({ block: "center", behavior: "instant" })',
    );
    $box = $browser->find('#signature');
    $browser->driver
        ->action()
        ->moveToElement($box, -80, 0)
        ->clickAndHold()
        ->moveByOffset(60, 20)
        ->moveByOffset(60, -30)
        ->release()
        ->perform();
    $browser->press('Sign')->see('Signed by R. Okafor', '.sheet-verdict');

    expect($browser->js('return document.querySelector(".signed path").getAttribute("d")'))->toMatch(
        '/^M[\d.]+ [\d.]+L/',
    );
});

test('what the server refuses is set aside with its reason, and what came after it arrives', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/site/steps');
    // A photograph that is none, and one that is, wait from an earlier visit; then a step is done.
    $browser->js(
        <<<'JS'
            const open = indexedDB.open('yoke-line');
            open.onsuccess = () => {
                const store = open.result.transaction('entries', 'readwrite').objectStore('entries');
                const canvas = Object.assign(document.createElement('canvas'), { width: 900, height: 700 });
                const entry = (uid, image) => ({ doorway: '1', kind: 'photo', about: 'box-check', uid, at: new Date().toISOString(), change: 1, data: { image, says: uid, step: 'box-check' } });
                for (let n = 0; n < 20; n += 1) store.add(entry(`no-picture-${n}`, new Blob(['x'.repeat(90000)])));
                store.add(entry('a-picture-1', canvas.toDataURL('image/jpeg')));
            };
        JS
        ,
    );
    sayDone($browser, 'Check the kit’s box');
    $browser->see('1 of 33 steps', '.site-far')->see('was not saved', '#site-aside');
    $browser->until(
        fn () => (int) $browser->js('return document.querySelectorAll("#site-aside .notice").length') === 20 ?: null,
        'all twenty set aside',
    );
    $browser->until(fn () => $browser->text('#link-state') === '' ?: null, 'nothing waits any more');

    expect($browser->js('return fetch("/doorways/1/record/log?kind=photo").then((answer) => answer.text())'))
        ->toContain('a-picture-1')
        ->not->toContain('no-picture-');
});

test('a part that is missing in the box is bought, and what needs it waits', function () {
    $browser = $this->browser->size(390, 844)->visit('/doorways/1/found/part');
    $browser->choose('Which part', 'stops')->choose('How many', '2')->press('What can be done');
    $browser->see('It is now part of the survey.');
    $browser->visit('/jobs/1/materials')->see('Part of Flat bar 40, face strap: stops');
    $browser->visit('/doorways/1/site/order')->see('Wait for what was missing in the box, stops');
});

test('the rail’s bolts are numbered where they are driven', function () {
    $browser = $this->browser->visit('/doorways/1/site/steps');
    $numbers = $browser->js(
        'return [...document.querySelectorAll("[data-step=\"rail-up\"] svg .reading")].map((node) => node.textContent)',
    );

    expect($numbers)->toBe(['1', '2', '3', '4', '5', '6']);
});
