<?php

declare(strict_types=1);

/*
 * A page is printed to its end and to its right edge: every word that its paper's styles leave in sight is read back from
 * the PDF. Numbers and words of a drawing are among them.
 */

const WORDS_ON_PAPER = <<<'JS'
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

test('every word of a page is printed, and no bar to be pressed', function (string $path) {
    $browser = $this->browser->visit($path)->asPaper();
    $words = $browser->js(WORDS_ON_PAPER);
    $file = (string) tempnam(sys_get_temp_dir(), 'yoke');
    file_put_contents($file, $browser->pdf());
    $printed = (string) shell_exec("pdftotext {$file} -");
    unlink($file);
    $browser->asPaper(false);
    // A word may be broken at the end of a line, and a drawing's words stand letter by letter.
    $joined = (string) preg_replace('/[\s\x{AD}-]+/u', '', $printed);

    expect($words)
        ->not->toBe([])
        ->and(array_values(array_filter($words, fn (string $word) => ! str_contains($joined, $word))))
        ->toBe([])
        ->and($printed)
        ->not->toContain('Find a job');
})->with('pages');
