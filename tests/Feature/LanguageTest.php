<?php

declare(strict_types=1);

use App\Board\Standing;
use App\Models\Doorway;
use App\Models\WaitingNotice;
use Illuminate\Support\Arr;
use Tests\Demo;

beforeEach(function () {
    Demo::load();
    $this->kiln = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
});

/** @return list<string> the sentences of the English books that the Spanish ones say otherwise */
function englishSentences(): array
{
    static $sentences = [];
    foreach ($sentences === [] ? (glob(lang_path('en/*.php')) ?: []) : [] as $book) {
        $spanish = Arr::dot(require lang_path('es/'.basename($book)));
        foreach (Arr::dot(require $book) as $key => $says) {
            if (is_string($says) && str_word_count($says) > 2 && $says !== $spanish[$key] && ! str_contains($says, ':')) {
                $sentences[] = $says;
            }
        }
    }

    return $sentences;
}

test('a page is in the language that is chosen, and stays so', function () {
    $this->post('/editor', ['language' => 'es'])->assertRedirect();

    $this->get('/')->assertSee('<html lang="es">', false)->assertSee('Exportar todo');
});

test('a browser is answered in its own language until one is chosen', function () {
    $this->get('/', ['Accept-Language' => 'es-MX,es;q=0.9'])->assertSee('<html lang="es">', false);
});

test('a language that does not ship is refused, and the one before stays', function () {
    $this->post('/editor', ['language' => 'xx'])->assertSessionHasErrors('language');

    $this->get('/')->assertSee('<html lang="en">', false);
});

test('a page in Spanish says no sentence of the English books', function (string $page) {
    $this->post('/editor', ['language' => 'es']);
    $says = html_entity_decode(
        strip_tags(
            (string) $this->get(str_replace('{doorway}', "/doorways/{$this->kiln->id}", $page))
                ->assertOk()
                ->getContent(),
        ),
    );

    expect(array_values(array_filter(englishSentences(), fn (string $one) => str_contains($says, $one))))->toBe([]);
})->with([
    '/',
    '/progress',
    '/shelf',
    '/shelf/flat-40-strap',
    '/rules',
    '{doorway}/wall/measure',
    '{doorway}/door/size',
    '{doorway}/rail/stops',
    '{doorway}/anchors/fixings',
    '{doorway}/marks/runs',
    '{doorway}/marks/door',
    '{doorway}/site/order',
    '{doorway}/papers/sheet',
    '{doorway}/site/steps',
    '{doorway}/found/line',
    '{doorway}/record/tolerance',
    '{doorway}/record/checks',
    '{doorway}/record/handover',
    '{doorway}/papers/quote',
    '{doorway}/record/log',
    '{doorway}/door/in-hand',
    '{doorway}/wall/studs',
    '{doorway}/record/changes',
    '{doorway}/record/compare',
    '{doorway}/wall/readings',
    '{doorway}/door/options',
    '{doorway}/rail/kit',
    '{doorway}/anchors/loads',
    '{doorway}/marks/templates',
    '{doorway}/marks/line',
    '{doorway}/papers/files',
    '/jobs/1',
    '/jobs/1/cutting',
    '/jobs/1/materials',
    '/jobs/1/orders',
    '/jobs/1/schedule',
    '/jobs/1/documents',
]);

test('what was kept in one language is told in the reader’s', function () {
    $take = fn (string $browser, string $who, string $value) => $this->withSession([
        'browser' => $browser,
        'who' => $who,
    ])->post('/rules', ['method_key' => 'gap', 'value' => $value, 'why' => '', 'seen' => 0]);
    $take('desk', 'Ines', '10');
    $take('van', 'Tomas', '11');
    $told = WaitingNotice::query()->where('browser', 'desk')->firstOrFail()->says;
    $next = $this->kiln->refresh()->forceFill(['waits_for' => null]);
    Standing::keep($next);

    app()->setLocale('es');
    expect($told->says())
        ->toContain('usted tenía 10 mm')
        ->and($next->next->says())
        ->not->toBe(tap($next->next, fn () => app()->setLocale('en'))->says());
});

test('a refusal is said in the reader’s language, with what was typed', function () {
    $this->post('/editor', ['language' => 'es']);

    $this->post("/doorways/{$this->kiln->id}/wall/changes", [
        'place' => 'survey.wall.ceiling',
        'value' => 'alto',
        'base' => $this->kiln->revision_id,
    ])->assertSee('«alto» no es una medida.');
});

test('a form that lacks what it needs says so in the reader’s language', function (string $field, mixed $value) {
    $this->post('/editor', ['language' => 'es']);

    $this->post('/editor', [$field => $value])->assertSessionHasErrors([
        $field => match ($field) {
            'who' => 'Escriba como máximo 60 letras.',
            default => 'Elija una de las opciones ofrecidas.',
        },
    ]);
})->with([['who', str_repeat('a', 61)], ['units', 'ells'], ['language', 'xx']]);

test('a sheet is in the language that it is made in, whoever asks for it', function () {
    $this->get("/doorways/{$this->kiln->id}/papers/sheet?language=es")->assertSee('<html lang="es">', false);
    $this->get("/doorways/{$this->kiln->id}/papers/sheet")->assertSee('<html lang="en">', false);
});

test('papers are offered in every language that ships', function (string $page) {
    $this->get("/doorways/{$this->kiln->id}/{$page}")->assertSee('language=es', false)->assertSee('Español');
})->with(['papers/sheet', 'papers/quote', 'record/handover']);

test('a paper is made in the language that it is asked for in', function (string $language) {
    $this->get("/doorways/{$this->kiln->id}/give-out/sheet.pdf?paper=a4&language={$language}")->assertOk();

    expect(app()->getLocale())->toBe($language);
})->with(['en', 'es']);
