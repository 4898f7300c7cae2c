<?php

declare(strict_types=1);

/* ./yoke test --coverage: how many of the lines that can be run are run by tests, by room. */

use Tests\Mutation\Covered;

require __DIR__.'/../vendor/autoload.php';
ini_set('memory_limit', '4G');
chdir(dirname(__DIR__));

const LEAST = ['core' => 95.0, 'app' => 85.0];

$holds = true;
foreach (['core' => 'tests/Core', 'app' => 'tests/Feature'] as $part => $tests) {
    $covered = Covered::by($tests, '.yoke/mutation', max(1, (int) shell_exec('nproc')));
    foreach ([$part, ...glob("{$part}/*", GLOB_ONLYDIR) ?: []] as $folder) {
        [$run, $all] = $covered->share((string) realpath($folder));
        $share = $all === 0 ? 100.0 : 100 * $run / $all;
        $isWhole = $folder === $part;
        $holds = $holds && (! $isWhole || $share >= LEAST[$part]);
        printf("%s%-22s %6d of %6d lines  %5.1f %%%s\n", $isWhole ? '' : '  ', $folder, $run, $all, $share, match (true) {
            ! $isWhole => '',
            $share >= LEAST[$part] => sprintf('   at least %.0f %%: holds', LEAST[$part]),
            default => sprintf('   at least %.0f %%: DOES NOT HOLD', LEAST[$part]),
        });
    }
}
exit($holds ? 0 : 1);
