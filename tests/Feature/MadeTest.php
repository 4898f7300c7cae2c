<?php

declare(strict_types=1);

use App\Models\Doorway;
use Database\Seeders\DemoSeeder;

beforeEach(fn () => $this->seed(DemoSeeder::class));

/** A doorway whose leaf is built. */
function built(string $name): Doorway
{
    return Doorway::query()->where('name', $name)->firstOrFail();
}

test('the page of a leaf that is built shows its parts', function (string $name, string $part) {
    $this->get('/doorways/'.built($name)->id.'/door/made')->assertOk()->assertSee($part);
})->with([['Oil store', 'Middle rail'], ['Saw pit', 'Old door']]);
