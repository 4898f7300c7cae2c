<?php

declare(strict_types=1);

/*
 * ./yoke mutate [ROOM ...] [--sample N] [--seed S]: would the tests notice? Faults are put in one by one; the tests that
 * run the line are run with it, those that are the most about it first. What lives is told line by line.
 * Nothing is declared here, nor printed but past PHP's own output: tests are run in copies of this process.
 */

use Pest\Mutate\Mutation;
use Tests\Mutation\AtOnce;
use Tests\Mutation\Covered;
use Tests\Mutation\Mutants;
use Tests\Mutation\RoomTold;
use Tests\Mutation\Trial;
use Tests\Mutation\Unasserting;
use Tests\Mutation\Verdict;
use Tests\Mutation\Warm;

require __DIR__.'/../vendor/autoload.php';
ini_set('memory_limit', '4G');
chdir(dirname(__DIR__));

$options = ['sample' => 64, 'seed' => 1964];
$rooms = [];
$isSelfCheck = false;
for ($i = 1; $i < $argc; $i++) {
    if (preg_match('/^--(sample|seed)(?:=(\d+))?$/', $argv[$i], $found) === 1) {
        $options[$found[1]] = (int) ($found[2] ?? $argv[++$i] ?? 0);
    } elseif ($argv[$i] === '--self-check') {
        $isSelfCheck = true;
    } else {
        $room = is_dir($argv[$i]) ? rtrim($argv[$i], '/') : "core/{$argv[$i]}";
        is_dir($room) || exit("There is no room {$argv[$i]}. Rooms are folders of core/ and app/, such as core/Planning.\n");
        $rooms[] = $room;
    }
}
$rooms = $rooms ?: [...glob('core/*', GLOB_ONLYDIR) ?: [], ...glob('app/*', GLOB_ONLYDIR) ?: []];
$processes = max(1, (int) shell_exec('nproc'));

$folder = '.yoke/mutation';
$holds = true;
$atOnce = new AtOnce($processes);
$isWarm = false;
foreach (['core' => ['tests/Core', 85], 'app' => ['tests/Feature', 70]] as $part => [$tests, $wanted]) {
    $here = array_values(array_filter($rooms, fn (string $room) => str_starts_with("{$room}/", "{$part}/")));
    if ($here === []) {
        continue;
    }
    $covered = Covered::by($tests, $folder, $processes);
    if (! $isWarm) {
        $isSelfCheck && Unasserting::load($folder);
        Warm::up($folder);
        $isWarm = true;
    }
    foreach ($here as $room) {
        $mutants = (new Mutants($options['seed']))->of($covered->lines((string) realpath($room)), $options['sample']);
        $told = new RoomTold($room, count($mutants), $isSelfCheck ? null : $wanted);
        $end = function (Mutation $mutation, Verdict $verdict) use ($told, &$holds): void {
            $told->add($mutation, $verdict);
            if ($told->isWhole()) {
                fwrite(STDOUT, $told->says());
                $holds = $holds && $told->holds();
            }
        };
        $mutants === [] && fwrite(STDOUT, $told->says());
        foreach ($mutants as $mutation) {
            $path = (string) $mutation->file->getRealPath();
            $parts = $covered->tests($path, $mutation->startLine, $mutation->endLine, Trial::SECONDS);
            Trial::through($mutation, $parts, $atOnce, fn (Verdict $verdict) => $end($mutation, $verdict));
        }
    }
    $atOnce->finish();
}
exit($holds ? 0 : 1);
