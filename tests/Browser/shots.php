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
    'wall' => ['/doorways/2/wall', null],
    'leaf' => [
        '/doorways/1/leaf',
        fn (Browser $b) => $b->js(
            'const s = document.querySelector("#slide"); s.value = 430; s.dispatchEvent(new Event("input", { bubbles: true }))',
        ),
    ],
    'rail' => ['/doorways/4/rail', null],
    'anchors' => [
        '/doorways/11/anchors',
        fn (Browser $b) => $b->js(
            'const s = document.querySelector("#slide"); s.value = 300; s.dispatchEvent(new Event("input", { bubbles: true }))',
        ),
    ],
    'ways' => ['/doorways/8/ways', fn (Browser $b) => $b->see('What does not work here', '#ways-list')],
    'shelf' => ['/shelf', null],
    'house-rules' => ['/rules', null],
    'marks' => ['/doorways/1/marks', null],
    'leaf-and-parts' => ['/doorways/1/parts', null],
    'how-sure' => ['/doorways/1/sure', null],
    'materials' => ['/jobs/1/materials', null],
    'day-plan' => ['/jobs/1/day-plan', null],
    'board' => ['/board', null],
    'offer' => ['/doorways/1/offer', null],
    'hand-over' => ['/doorways/12/hand-over', null],
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
    ->visit('/doorways/1/sheet')
    ->picture("{$folder}/sheet.png");
$browser
    ->size(390, 844)
    ->visit('/doorways/12/site')
    ->picture("{$folder}/site-phone.png");
$browser->visit('/doorways/12/found/line')->picture("{$folder}/ways-out-phone.png");
echo count($views) + 3, " pictures in docs/screenshots\n";
