<?php

declare(strict_types=1);

use App\Frame\Place;
use Tests\Core\Support\Approved;
use Tests\Demo;
use Tests\Pages;
use Tests\PageSays;

/* What every page says of the demo: words, fields, links, as they were approved. */

// What a drill asks falls by chance, and the log is told day by day, whichever days its hours fall on.
foreach (array_diff_key(Pages::ALL, ['a drill' => true, 'log' => true]) as $name => $path) {
    test("{$name}: says what was approved", function () use ($name, $path) {
        Demo::load();

        Approved::holds("Pages/{$name}", PageSays::of((string) $this->get($path)->assertOk()->getContent()));
    });
}

// Every page of a doorway, of doorways that are hung, carried and measured in other ways.
foreach (Place::cases() as $place) {
    foreach ($place->pages() as $page) {
        test("{$page} of other doorways: says what was approved", function () use ($page) {
            Demo::load();
            $says = [];
            foreach ([2, 6, 10, 16] as $doorway) {
                $answer = $this->get('/doorways/'.$doorway.'/'.strtr($page, '.', '/'));
                $says[$doorway] = $answer->isOk()
                    ? PageSays::of((string) $answer->getContent())
                    : [(string) $answer->getStatusCode()];
            }

            Approved::holds("Pages/of others/{$page}", $says);
        });
    }
}

test('the options of a doorway are listed as they were approved', function () {
    Demo::load();
    $this->post('/doorways/2/leaf/changes', ['place' => 'brief.leaf.stock_widths', 'value' => '38'])->assertOk();
    // It comes as it is worked; the last list is whole.
    $lists = explode('<!-- next -->', $this->get('/doorways/2/ways/list')->assertOk()->streamedContent());
    $list = PageSays::of($lists[count($lists) - 2] ?? '');

    expect(count($list))->toBeGreaterThan(120);
    Approved::holds('Pages/ways of 2', $list);
});

test('a wall that is swept before anything was bought feels as it was approved', function () {
    Demo::load();
    $said = [];
    foreach ([1, 2] as $doorway) {
        $answer = $this->get("/doorways/{$doorway}/sweep/pass?height=1200");
        $said[$doorway] = $answer->isOk()
            ? [substr(sha1((string) $answer->getContent()), 0, 12)]
            : [(string) $answer->getStatusCode()];
    }

    Approved::holds('Pages/swept', $said);
});
