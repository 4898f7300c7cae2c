<?php

declare(strict_types=1);

use App\Files\Table;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Shop\Prices;
use Tests\Demo;
use YokeLine\Format\Document;

test('a page is sent so that a browser runs nothing but what came from here', function (string $path) {
    Demo::load();
    $answer = $this->get($path);

    $answer
        ->assertOk()
        ->assertHeader('X-Content-Type-Options', 'nosniff')
        ->assertHeader('X-Frame-Options', 'DENY')
        ->assertHeader('Referrer-Policy', 'same-origin')
        ->assertHeaderMissing('X-Powered-By');
    expect($answer->headers->get('Content-Security-Policy'))
        ->toContain("script-src 'self'")
        ->toContain("frame-ancestors 'none'")
        ->not->toContain('unsafe-eval');
    expect((string) $answer->getContent())
        ->not->toMatch('/\son[a-z]+="/')
        ->not->toMatch('/<script(?![^>]*(src=|application\/json))/');
})->with([
    '/',
    '/progress',
    '/rules',
    '/shelf',
    '/doorways/1/wall/measure',
    '/doorways/1/site/steps',
    '/doorways/1/papers/sheet',
    '/doorways/1/record/log',
    '/doorways/1/record/compare',
    '/jobs/1/materials',
    '/jobs/1/orders',
    '/doorways/1/wall/studs',
    '/doorways/1/marks/runs',
]);

test('another address is not answered', function (string $host, int $status) {
    $this->get('http://'.$host.'/')->assertStatus($status);
})->with([
    ['evil.example', 421],
    ['127.0.0.1.evil.example', 421],
    ['127.0.0.1:8400', 200],
    ['localhost', 200],
    ['[::1]:8400', 200],
]);

test('no cookie is open to scripts', function () {
    foreach ($this->get('/')->headers->getCookies() as $cookie) {
        expect($cookie->isHttpOnly())->toBeTrue($cookie->getName())->and($cookie->getSameSite())->toBe('lax');
    }
});

test('a cell that a spreadsheet would work is text, and reads back as it was', function (string $cell, string $safe) {
    $row = str_getcsv(explode("\n", Table::csv(['what'], [[$cell]]))[1], escape: '');

    expect($row[0])->toBe($safe)->and(Table::plain((string) $row[0]))->toBe($cell);
})->with([
    ['=1+1', "'=1+1"],
    ['+cmd|x', "'+cmd|x"],
    ['@SUM(A1)', "'@SUM(A1)"],
    ["\tx", "'\tx"],
    ['-6', '-6'],
    ['-1 1/4', '-1 1/4'],
    ['Kiln room', 'Kiln room'],
    ["'quoted'", "'quoted'"],
]);

test('a price of something with the name of a formula goes out as text and comes in again', function () {
    (new Prices())->set('=HYPERLINK("x")', 450);
    $csv = (new Prices())->csv();
    expect($csv)->toContain("'=HYPERLINK");
    (new Prices())->set('=HYPERLINK("x")', 1);
    (new Prices())->bringIn($csv);

    expect((new Prices())->of('=HYPERLINK("x")'))->toBe(450);
});

test('any two doorways as two changes of one are compared', function () {
    $documents = array_map(
        fn (string $file) => Document::fromJson((string) file_get_contents($file)),
        glob(database_path('demo/*.json')) ?: [],
    );
    $doorway = Doorway::begin(Job::create(['name' => 'Any']), $documents[0], 'measured', Editor::named('Someone'));
    foreach (array_slice($documents, 1) as $document) {
        $doorway->rewrite(fn () => $document, 'another', Editor::named('Someone'));
    }
    foreach ([[1, 2], [2, 12], [12, 3], [5, 8], [9, 4], [6, 11], [7, 10]] as [$from, $to]) {
        $this->get("/doorways/{$doorway->id}/record/compare?from={$from}&to={$to}")->assertOk();
    }
});
