<?php

declare(strict_types=1);

use App\Models\Doorway;
use Illuminate\Support\Facades\Route;
use Tests\Demo;

beforeEach(function () {
    config(['app.debug' => false]);
    Route::middleware('web')->get('/fault/{code}', fn (int $code) => abort($code));
    Route::middleware('web')->get('/broken', fn () => throw new RuntimeException('secret of the house'));
});

test('a fault is a page of the product that says what happened and where to go', function (int $code) {
    $this->get("/fault/{$code}")
        ->assertStatus($code)
        ->assertSee('<h1>'.e(__("errors.{$code}.title")).'</h1>', false)
        ->assertSee(__("errors.{$code}.kept"))
        ->assertSee('class="bar-top"', false)
        ->assertSee('data-back', false)
        ->assertDontSee('Laravel');
})->with([403, 404, 405, 413, 419, 421, 429, 500, 503]);

test('a fault is told in the reader’s language', function () {
    $this->get('/nowhere', ['Accept-Language' => 'es'])
        ->assertNotFound()
        ->assertSee('Aquí no hay nada')
        ->assertSee('<html lang="es">', false);
    $this->post('/editor', ['language' => 'es']);
    $this->get('/fault/403')->assertSee('Esto no está abierto para usted');
});

test('what broke is not told to whoever asked', function () {
    $this->get('/broken')
        ->assertStatus(500)
        ->assertSee('It is a fault of Yoke Line')
        ->assertDontSee('secret of the house');
});

test('a doorway that is not there leads back to the jobs', function () {
    $this->get('/doorways/999999/papers/sheet')
        ->assertNotFound()
        ->assertSee('There is nothing here')
        ->assertDontSee('App\\Models');
});

test('what is missing of a doorway is said in its own words', function () {
    Demo::load();
    $wedging = Doorway::query()->where('name', 'Wedging room')->firstOrFail();

    $this->get(route('give-out', [$wedging, 'wall.dxf']))->assertNotFound()->assertSee(__('refusals.no-plan'));
});

test('what a page sends cannot be opened', function () {
    $this->get('/jobs/bring-in')->assertStatus(405)->assertSee('This address is not for opening');
});
