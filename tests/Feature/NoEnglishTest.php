<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Symfony\Component\HttpFoundation\StreamedResponse;
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
        preg_match_all('/<(text|title|desc|tspan)\b[^>]*>([^<]*)</', $html, $drawn);

        expect(englishIn(...$lines, ...$drawn[2]))->toBe([]);
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

test('a drawing or a calendar that others open has no word of English', function (string $file, string $words) {
    $given = $this->get($file)->assertOk();
    $text = $given->baseResponse instanceof StreamedResponse ? $given->streamedContent() : $given->getContent();
    preg_match_all($words, (string) $text, $found);

    expect($found[1])->not->toBe([])->and(englishIn(...$found[1]))->toBe([]);
})->with([
    ['/doorways/1/give-out/wall.svg', '/<(?:text|title|desc)\b[^>]*>([^<]+)</'],
    ['/doorways/6/give-out/wall.svg', '/<(?:text|title|desc)\b[^>]*>([^<]+)</'],
    ['/jobs/1/day-plan.ics', '/^(?:SUMMARY|DESCRIPTION|LOCATION):(.*)/m'],
    ['/jobs/1/materials.csv', '/^(.*)$/m'],
]);

test('a word of English would be found', function () {
    expect(englishIn('Dos personas, three people'))->toContain('people');
});
