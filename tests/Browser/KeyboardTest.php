<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;

/** Who works by keys alone is never put back to the top of a page. */

/** Where the keyboard is: the class and what it says. */
function focused(Browser $browser): string
{
    return (string) $browser->js(
        'const at = document.activeElement; return at === document.body ? "nowhere" : `${at.closest(".means, .day-bars")?.className ?? at.tagName} ${at.textContent.trim()}`;',
    );
}

test('whoever takes a cure stands at the finding after it', function () {
    $browser = $this->browser->visit('/doorways/2/rail/stops');
    $cure = $browser->find('.findings .cure');
    $before = $browser->text('.findings');
    $browser->js('arguments[0].focus()', $cure);
    $cure->sendKeys(WebDriverKeys::ENTER);
    $browser->until(fn () => $browser->text('.findings') !== $before ?: null, 'the findings are others');
    $browser->until(fn () => focused($browser) !== 'nowhere' ?: null, 'the keyboard is somewhere');

    expect(focused($browser))->toStartWith('means');
});

test('a finding that the keyboard is at keeps it while its cures come', function () {
    $browser = $this->browser->visit('/doorways/2/rail/stops');
    $browser->js('document.querySelector(".findings .finding a").focus()');
    $at = focused($browser);
    $browser->find('.findings .cure');

    expect(focused($browser))->toBe($at)->not->toBe('nowhere');
});

test('a step that is moved by an arrow key can be moved on', function () {
    $browser = $this->browser->visit('/jobs/1/schedule');
    $task = 'return document.activeElement.dataset.task ?? "";';
    $begins = 'return document.activeElement.dataset.start ?? "";';
    $browser->find('.task[tabindex]');
    $browser->js('[...document.querySelectorAll(".task[tabindex]")].at(-1).focus()');
    [$which, $from] = [$browser->js($task), $browser->js($begins)];
    foreach ([1, 2] as $press) {
        $before = $browser->js($begins);
        $browser->driver->switchTo()->activeElement()->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $browser->until(
            fn () => $browser->js($task) === $which && $browser->js($begins) !== $before ?: null,
            "the step is moved {$press} times and still held",
        );
    }

    expect((int) $browser->js($begins))->toBe((int) $from + 10);
});
