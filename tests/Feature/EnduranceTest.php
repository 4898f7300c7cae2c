<?php

declare(strict_types=1);

use Tests\Endurance\Kills;
use Tests\Endurance\PowerCuts;

/* A little of what `./yoke endure` does for long. */

test('when the power goes at any moment, what was acknowledged is on the disk', function () {
    $recorded = PowerCuts::record(6);
    $result = $recorded->cut(12, 1);
    $recorded->forget();

    expect($result['acknowledged'])->toBeGreaterThan(6)
        ->and($result['lost'])->toBe([])
        ->and($result['damaged'])->toBe(0);
});

test('when it is killed in the middle of work, what was acknowledged is there', function () {
    $killed = new Kills(4);
    $result = $killed->rounds(3, 1);
    $killed->forget();

    expect($result['acknowledged'])->toBeGreaterThan(0)
        ->and($result['lost'])->toBe([])
        ->and($result['damaged'])->toBe(0);
});
