<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;

/**
 * How a page has come, on a slow phone and on a screen, as paper and enlarged. Each is looked at once: to bring a page
 * takes longer than to look at it, and every test that is about all pages asks the same look.
 */
final readonly class PageLook
{
    private const WHILE_IT_COMES = <<<'JS'
        const done = arguments[arguments.length - 1];
        let moved = 0;
        new PerformanceObserver((list) => list.getEntries().forEach((one) => { if (!one.hadRecentInput) moved += one.value; }))
            .observe({ type: 'layout-shift', buffered: true });
        document.fonts.ready.then(() => requestIdleCallback(() => requestAnimationFrame(() => done(moved))));
    JS;

    private const TOO_SMALL = <<<'JS'
        // A link within a sentence is as high as its line.
        const isInText = (one) => one.tagName === 'A' && getComputedStyle(one).display === 'inline';
        return [...document.querySelectorAll('button, summary, select, input:not([type=hidden]), a[href]')]
            .filter((one) => one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) && !isInText(one) && !one.closest('.visually-hidden, svg'))
            .map((one) => [one, (one.labels?.[0] && /checkbox|radio/.test(one.type) ? one.labels[0] : one).getBoundingClientRect()])
            .filter(([, box]) => box.width > 0 && box.width < 9999 && (box.height < 23.5 || box.width < 23.5))
            .map(([one, box]) => `${one.tagName}#${one.id}.${one.className} ${Math.round(box.width)}×${Math.round(box.height)}`);
    JS;

    private const STUCK = <<<'JS'
        return [...document.querySelectorAll('body *')].filter((one) => {
            const scrolls = /auto|scroll/.test(getComputedStyle(one).overflowX + getComputedStyle(one).overflowY)
                && (one.scrollWidth > one.clientWidth + 1 || one.scrollHeight > one.clientHeight + 1);
            return scrolls && one.checkVisibility() && one.tabIndex < 0
                && !one.querySelector('a[href], button, input, select, textarea, summary, [tabindex="0"]');
        }).map((one) => `${one.tagName}.${one.className}`);
    JS;

    private const WIDTH_AND_BARS = <<<'JS'
        const fixed = [...document.querySelectorAll('body *')]
            .filter((one) => /fixed|sticky/.test(getComputedStyle(one).position) && one.checkVisibility())
            .map((one) => one.getBoundingClientRect())
            .filter((box) => box.bottom > 0 && box.top < innerHeight && box.width > innerWidth / 2);
        return [document.documentElement.scrollWidth, fixed.reduce((all, box) => all + box.height, 0)];
    JS;

    private const WORDS = <<<'JS'
        const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        const words = [];
        while (texts.nextNode()) {
            const one = texts.currentNode.parentElement;
            if (one.closest('script, style, template, .visually-hidden, select, textarea, [hidden], details:not([open]) > :not(summary)')) continue;
            if (!one.checkVisibility({ visibilityProperty: true, opacityProperty: true })) continue;
            words.push(...texts.currentNode.textContent.match(/[\p{L}\p{N}]{2,}/gu) ?? []);
        }
        return [...new Set(words)];
    JS;

    /**
     * @param  float  $moved  how far things move while it comes, the worse of a slow phone and a screen
     * @param  int  $wide  on a phone of 390
     * @param  list<string>  $tooSmall  what a finger would miss
     * @param  list<string>  $faults  serious and critical ones, as axe finds them
     * @param  list<string>  $stuck  what scrolls and is not reached by keys
     * @param  list<string>  $words  that stand on its paper
     * @param  string  $printed  what its PDF says
     * @param  list<array{int, int, int, float}>  $enlarged  at 200 and at 400 %: width and height of what is seen, how
     *   wide the page is, how high the bars that stay
     */
    private function __construct(
        public float $moved,
        public int $wide,
        public array $tooSmall,
        public array $faults,
        public array $stuck,
        public array $words,
        public string $printed,
        public array $enlarged,
    ) {}

    public static function at(string $path): self
    {
        /** @var array<string, self> $looks */
        static $looks = [];

        return $looks[$path] ??= self::look(self::browser(), $path);
    }

    /** The demo as it was, which nobody changes who only looks: fresh once for all pages. */
    public static function browser(): Browser
    {
        static $isFresh = false;
        $browser = $isFresh ? Browser::last() : Browser::fresh();
        $isFresh = true;

        return $browser->size(1280, 800);
    }

    private static function look(Browser $browser, string $path): self
    {
        $slow = new ChromeDevToolsDriver($browser->driver);
        $slow->execute('Emulation.setCPUThrottlingRate', ['rate' => 4]);
        $movedOnPhone = $browser->size(390, 844)->visit($path)->driver->executeAsyncScript(self::WHILE_IT_COMES);
        $slow->execute('Emulation.setCPUThrottlingRate', ['rate' => 1]);
        $wide = $browser->js('return document.documentElement.scrollWidth');
        $tooSmall = $browser->js(self::TOO_SMALL);
        $moved = $browser->size(1280, 800)->visit($path)->driver->executeAsyncScript(self::WHILE_IT_COMES);
        $faults = $browser->faults();
        $stuck = $browser->js(self::STUCK);
        $browser->until(
            fn () => $browser->js("return !document.querySelector('[aria-busy=true]')") ?: null,
            "{$path} to be worked out",
        );
        $words = $browser->asPaper()->js(self::WORDS);
        $printed = self::printed($browser);
        $browser->asPaper(false);
        $enlarged = [];
        foreach ([[640, 400], [320, 256]] as [$width, $height]) {
            $enlarged[] = [$width, $height, ...$browser->size($width, $height)->js(self::WIDTH_AND_BARS)];
        }

        return new self(max($movedOnPhone, $moved), $wide, $tooSmall, $faults, $stuck, $words, $printed, $enlarged);
    }

    private static function printed(Browser $browser): string
    {
        file_put_contents($file = (string) tempnam(sys_get_temp_dir(), 'yoke'), $browser->pdf());
        $printed = (string) shell_exec("pdftotext {$file} -");
        unlink($file);

        return $printed;
    }
}
