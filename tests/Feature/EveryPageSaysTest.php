<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Demo;
use Tests\Pages;

/* What every page says of the demo: words, fields, links, as they were approved. */

// What a drill asks falls by chance, and the log is told day by day, whichever days its hours fall on.
foreach (array_diff_key(Pages::ALL, ['a drill' => true, 'log' => true]) as $name => $path) {
    test("{$name}: says what was approved", function () use ($name, $path) {
        Demo::load();

        Approved::holds("Pages/{$name}", Pages::says((string) $this->get($path)->assertOk()->getContent()));
    });
}
