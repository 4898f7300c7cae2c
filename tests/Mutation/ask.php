<?php

declare(strict_types=1);

/*
 * Asks files of tests which lines they run, in a process of its own because whatever counts lines runs slower:
 * ask.php FOLDER PROCESSES, and on each line of its input a file of tests and where its answer goes.
 */

use PHPUnit\Event\Facade;
use Tests\Mutation\AtOnce;
use Tests\Mutation\LinesRun;
use Tests\Mutation\Run;
use Tests\Mutation\Warm;

require __DIR__.'/../../vendor/autoload.php';

[, $folder, $processes] = $argv;
$asked = array_map(fn (string $line) => explode(' ', $line), explode("\n", trim((string) stream_get_contents(STDIN))));
Warm::up($folder);
exec('find '.getcwd().'/core '.getcwd().'/app -name "*.php" | sort', $ours);
$atOnce = new AtOnce((int) $processes);
foreach ($asked as [$tests, $answer]) {
    $atOnce->add(
        fn () => Run::begin(
            [$tests],
            fn () => Facade::instance()->registerTracer(new LinesRun($ours, "{$answer}.lines")),
            LinesRun::LONGEST_S,
        ),
        fn () => touch("{$answer}.over"),
    );
}
$atOnce->finish();
