<?php

declare(strict_types=1);

use App\Words\Terms;
use Tests\Demo;
use YokeLine\Drawing\Glossary;

test('each word of the trade has a line and a drawing, in both languages', function (string $language) {
    $page = $this->withSession(['language' => $language])->get('/words')->assertOk();
    app()->setLocale($language);
    foreach (Glossary::words() as $word) {
        $page->assertSee(Terms::says($word, 'is'))->assertSee(Terms::says($word, 'says'));
        expect(Terms::drawing($word))->toContain('is-named');
    }
})->with(['en', 'es']);

test('one word comes by itself, and one that is none is not found', function () {
    $this->get('/words/standoff')->assertOk()->assertSee('The spacer between wall and rail.');
    $this->get('/words/sprocket')->assertNotFound();
});

test('a sentence leads to each word of the trade once, the longest first', function (string $says, array $words) {
    preg_match_all('#/words/([a-z-]+)"#', Terms::linked($says), $found);

    expect($found[1])->toBe($words);
})->with([
    'one word' => ['The casing is thick.', ['casing']],
    'a longer word that holds a shorter one' => ['The rail line is high.', ['rail-line']],
    'both' => ['Lift the rail to the rail line.', ['rail', 'rail-line']],
    'once only' => ['A stud, and another stud.', ['stud']],
    'no part of a word' => ['A railing is studded.', []],
]);

test('what is typed by somebody stays text', function () {
    expect(Terms::linked('<b>stud</b> & "rail"'))->toContain('&lt;b&gt;')->not->toContain('<b>');
});

test('fields and findings lead to their words', function () {
    Demo::load();
    $this->get('/doorways/1/wall/measure')
        ->assertSee('/words/casing"', false)
        ->assertSee('/words/stud"', false);
});
