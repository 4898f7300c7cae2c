<?php

declare(strict_types=1);

/* ./yoke endure: the power is cut and the application is killed, again and again; nothing that was acknowledged is lost. */

use Tests\Endurance\Kills;
use Tests\Endurance\PowerCuts;

require __DIR__.'/../vendor/autoload.php';

['kills' => $kills, 'cuts' => $cuts, 'seed' => $seed] = array_map(
    fn (mixed $value) => (int) $value,
    getopt('', ['kills:', 'cuts:', 'seed:']) + ['kills' => 200, 'cuts' => 20, 'seed' => 1],
);
$isWell = true;
$say = function (string $what, array $result) use (&$isWell): void {
    $isWell = $isWell && $result['lost'] === [] && $result['damaged'] === 0 && $result['acknowledged'] > 0;
    printf(
        "%-14s %4d   acknowledged %5d   lost %d   damaged %d\n",
        $what,
        $result['rounds'] ?? $result['cuts'],
        $result['acknowledged'],
        count($result['lost']),
        $result['damaged'],
    );
};

$recorded = PowerCuts::record(40);
printf(
    "recorded: %d writes, %d syncs, %d changes acknowledged\n",
    $recorded->calls('write'),
    $recorded->calls('sync'),
    $recorded->calls('acknowledge'),
);
$say('power cuts', $recorded->cut($cuts, $seed));
$recorded->forget();

$killed = new Kills(4);
$say('kills', $killed->rounds($kills, $seed));
$killed->forget();
exit($isWell ? 0 : 1);
