<?php

declare(strict_types=1);

use Tests\Load;

test('twenty who work at once get no error, and every change that was answered as kept is there', function () {
    $browser = $this->browser;
    $book = new PDO("sqlite:{$browser->database()}");
    $changes = fn () => (int) $book->query('select count(*) from revisions')->fetchColumn();
    $before = $changes();
    $load = new Load($browser->url, [1, 2, 8]);
    $load->work(20, 4, 0.5);

    expect($load->errors())
        ->toBe(0)
        ->and($load->kept)
        ->toBeGreaterThan(10)
        ->and($changes() - $before)
        ->toBe($load->kept);
});
