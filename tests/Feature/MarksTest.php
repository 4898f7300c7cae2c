<?php

use App\Models\Doorway;
use Database\Seeders\DemoSeeder;

beforeEach(function () {
    $this->seed(DemoSeeder::class);
    $this->url = '/doorways/'.Doorway::query()->where('name', 'Kiln room')->value('id');
});

test('the wall is marked from one hook, and what that saves is told', function () {
    $this->get("{$this->url}/marks")->assertOk()->assertSee('One hooking')->assertSee('would take 14 hookings')->assertSee('Hook at the left corner, pull right');
});

test('a chosen hook and direction are kept to', function () {
    $this->get("{$this->url}/marks?hook=corner-r")->assertOk()->assertSee('Hook at the right corner, pull left')->assertDontSee('Hook at the left corner');
});

test('a tape that is too short says what to do', function () {
    $this->get("{$this->url}/marks?hook=corner-l&tape=1000")->assertOk()->assertSee('No tape hooked so reaches every mark.');
});

test('a reading that is no length keeps its text and says why', function () {
    $this->get("{$this->url}/marks?read_packing=about+six")->assertOk()->assertSee('“about six” does not read as a length')->assertSee('value="about six"', escape: false);
});

test('a laser line at the high spot gives one offset for the whole wall', function () {
    $this->get("{$this->url}/marks?laser=1191")->assertOk()->assertSeeInOrder(['Yoke line', "1\u{202f}000", 'above the laser']);
});

test('a proof of the line says whether to drill', function (string $read, string $says) {
    $this->get("{$this->url}/marks?read_laid-out={$read}")->assertOk()->assertSee($says);
})->with([['2179', 'Agrees.'], ['2176', 'Look again: measure once more before drilling.'], ['2170', 'Wrong: do not drill. The line is 9 too high.']]);

test('the order of work tells why a step comes after another', function () {
    $this->get("{$this->url}/order")->assertOk()->assertSee('38 steps')->assertSee('A height taken wrong is found before it is drilled.');
});

test('odd questions do no harm', function (string $query) {
    $this->get("{$this->url}/marks?{$query}")->assertOk();
})->with(['hook[]=x', 'hook=nowhere', 'tape=-5', 'line=1+000', 'way=up']);
