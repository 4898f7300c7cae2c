<?php

declare(strict_types=1);

/* ./yoke shots: one picture of each main view, made from the demo data. */

use Tests\Browser\Support\Browser;

require __DIR__.'/../../vendor/autoload.php';

$browser = Browser::fresh();
$folder = __DIR__.'/../../docs/screenshots';
array_map(unlink(...), glob("{$folder}/*.png") ?: []);

$views = [
    'jobs' => ['/', null],
    'wall' => ['/doorways/2/wall/measure', null],
    'leaf' => [
        '/doorways/1/door/size',
        fn (Browser $b) => $b->js(
            'const s = document.querySelector("#slide"); s.value = 430; s.dispatchEvent(new Event("input", { bubbles: true }))',
        ),
    ],
    'made' => ['/doorways/16/door/made', null],
    'anchors' => [
        '/doorways/11/anchors/fixings',
        fn (Browser $b) => $b->js(
            'const s = document.querySelector("#slide"); s.value = 300; s.dispatchEvent(new Event("input", { bubbles: true }))',
        ),
    ],
    'ways' => ['/doorways/8/door/options', fn (Browser $b) => $b->see('What does not work here', '#ways-list')],
    'shelf' => ['/shelf', null],
    'house-rules' => ['/rules', null],
    'marks' => ['/doorways/1/marks/runs', null],
    'practice' => ['/practice/walls/2', null],
    'how-sure' => ['/doorways/1/record/tolerance', null],
    'materials' => ['/jobs/1/materials', null],
    'day-plan' => ['/jobs/1/schedule', fn (Browser $b) => $b->find('.day-bars')],
    'photo' => ['/doorways/8/wall/photos', null],
    'offer' => ['/doorways/8/papers/quote', null],
];
foreach ($views as $name => [$path, $then]) {
    $browser->size(1280, 800)->visit($path);
    $browser->js('return document.fonts.ready.then(() => true)');
    if ($then !== null) {
        $then($browser);
    }
    $browser->picture("{$folder}/{$name}.png");
}
$browser
    ->size(1280, 1180)
    ->visit('/doorways/1/papers/sheet')
    ->picture("{$folder}/sheet.png");
$browser
    ->size(390, 844)
    ->visit('/doorways/12/site/steps')
    ->picture("{$folder}/site-phone.png");
$browser->visit('/doorways/14/wall/walk')->click('#walk-back')->picture("{$folder}/measure-phone.png");
$browser->visit('/doorways/12/found/line')->picture("{$folder}/ways-out-phone.png");
echo count($views) + 4, " pictures in docs/screenshots\n";
