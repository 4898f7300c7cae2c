<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Tests\Demo;
use Tests\Pages;
use Tests\PageSays;

/* What is said in Spanish is said in Spanish: also what stands in no book, and was put together beside them. */

/** @return array<string, true> the words of four letters and more in some texts */
function wordsIn(string ...$texts): array
{
    preg_match_all('/(?<![:\pL\d_.#\/-])\pL{4,}(?![\pL\d_-])/u', mb_strtolower(implode("\n", $texts)), $found);

    return array_fill_keys($found[0], true);
}

/** @return array<string, true> words that the books know in English alone */
function englishWords(): array
{
    $of = fn (string $language) => wordsIn(...array_filter(
        Arr::flatten(array_map(
            fn (string $file) => require $file,
            glob(lang_path("{$language}/*.php")) ?: [],
        )),
        is_string(...),
    ));

    return array_diff_key($of('en'), $of('es'));
}

/** @return array<string, true> what people typed in the demo stays as it was typed */
function typedInTheDemo(): array
{
    $kits = glob(resource_path('kits/*.json')) ?: [];

    return wordsIn(...array_map(
        fn (string $file) => (string) file_get_contents($file),
        [
            ...glob(database_path('demo/*.json')) ?: [],
            ...glob(database_path('demo/*/*.json')) ?: [],
            ...glob(database_path('seeders/*.php')) ?: [],
            ...$kits,
        ],
    ));
}

/** @return list<string> */
function englishIn(string ...$says): array
{
    $found = array_intersect_key(wordsIn(...$says), array_diff_key(englishWords(), typedInTheDemo()));

    // An hour and a day are told as that: they are others in each run.
    return array_keys(array_diff_key($found, ['hour' => true, 'day' => true]));
}

beforeEach(function () {
    Demo::load();
    $this->post('/editor', ['language' => 'es'])->assertRedirect();
});

foreach (array_diff_key(Pages::ALL, ['a drill' => true]) as $name => $path) {
    test("{$name}: no word of English", function () use ($path) {
        $html = (string) $this->get($path)->assertOk()->getContent();
        $lines = array_filter(PageSays::of($html), fn (string $line) => ! str_starts_with($line, '<'));

        expect(englishIn(...$lines))->toBe([]);
    });
}

test('a paper in Spanish has no word of English', function (string $paper) {
    $pdf = (string) $this->get($paper)->assertOk()->getContent();

    expect(englishIn(shownOn($pdf)))->toBe([]);
})->with([
    '/doorways/1/give-out/sheet.pdf', '/doorways/6/give-out/sheet.pdf', '/doorways/16/give-out/sheet.pdf',
    '/doorways/1/give-out/templates.pdf', '/doorways/16/give-out/shop.pdf', '/doorways/1/offer.pdf',
    '/doorways/12/hand-over.pdf',
]);

test('a word of English would be found', function () {
    expect(englishIn('Dos personas, three people'))->toContain('people');
});
