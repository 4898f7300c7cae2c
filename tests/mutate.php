<?php

declare(strict_types=1);

/*
 * ./yoke mutate [ROOM ...] [--sample N] [--seed S]: would the tests notice? Faults are put in one by one; the tests that
 * run the line are run with it, those that are the most about it first. What lives is told line by line.
 */

use Pest\Mutate\Mutation;
use Symfony\Component\Process\Process;
use Tests\Mutation\AtOnce;
use Tests\Mutation\Covered;
use Tests\Mutation\Mutants;
use Tests\Mutation\Trial;
use Tests\Mutation\Verdict;
use YokeLine\Measure\SeededRandom;

require __DIR__.'/../vendor/autoload.php';
ini_set('memory_limit', '4G');
chdir(dirname(__DIR__));

/**
 * So many seconds of tests are run for one fault, as long as they take while they tell their lines (alone, a third of
 * that): what they do not notice lives, whatever slower ones might say.
 */
const SECONDS = 14.0;

/** What may be wanted of a room. */
const WANTED = ['core' => 85, 'app' => 70];

$options = ['sample' => 60, 'seed' => 1964];
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

/** Assertions that assert nothing: with them no fault may be caught by one. */
function withoutAssertions(): string
{
    $emptied = [
        'vendor/phpunit/phpunit/src/Framework/Assert.php' => [
            '/(final public static function assertThat\([^)]*\): void)\s*\{.*?\n    \}/s',
            '$1 { self::\$count += count(\$constraint); }',
        ],
        // What is not so fails by itself where nothing is thrown.
        'vendor/pestphp/pest/src/Expectations/OppositeExpectation.php' => [
            '/(function throwExpectationFailedException\([^)]*\)): never\s*\{.*?\n    \}/s',
            '$1: void { }',
        ],
    ];
    is_dir('.yoke/without') || mkdir('.yoke/without', recursive: true);
    $all = "<?php\n";
    foreach ($emptied as $path => [$body, $instead]) {
        $code = preg_replace($body, $instead, (string) file_get_contents($path), 1, $times);
        $times === 1 || exit("Assertions cannot be taken out of {$path}.\n");
        file_put_contents($file = getcwd().'/.yoke/without/'.basename($path), $code);
        $all .= "require '{$file}';\n";
    }
    file_put_contents($file = getcwd().'/.yoke/without/assertions.php', $all);

    return $file;
}

$table = [];
foreach (['core' => 'tests/Core', 'app' => 'tests/Feature'] as $part => $tests) {
    $here = array_values(array_filter($rooms, fn (string $room) => str_starts_with("{$room}/", "{$part}/")));
    if ($here === []) {
        continue;
    }
    $covered = Covered::by($tests, '.yoke/mutation', $processes);
    $prepended = $isSelfCheck ? withoutAssertions() : '';
    foreach ($here as $room) {
        $began = microtime(true);
        $lines = $covered->lines((string) realpath($room));
        $mutants = (new Mutants(new SeededRandom($options['seed'])))->of($lines, $options['sample']);
        /** @var list<array{Mutation, Verdict}> $verdicts */
        $verdicts = [];
        $atOnce = new AtOnce($processes);
        foreach ($mutants as $mutation) {
            $path = (string) $mutation->file->getRealPath();
            $tests = $covered->tests($path, $mutation->startLine, $mutation->endLine, SECONDS);
            if ($tests === []) {
                $verdicts[] = [$mutation, Verdict::Uncovered];

                continue;
            }
            $atOnce->add(
                fn () => Trial::of($mutation, $tests, (int) (4 * SECONDS), $prepended),
                function (Process $trial) use (&$verdicts, $mutation): void {
                    $verdicts[] = [$mutation, $verdict = Trial::verdict($trial)];
                    if (getenv('TELL') && $verdict === Verdict::NotRun) {
                        echo $trial->getOutput(), $trial->getErrorOutput();
                    }
                },
            );
        }
        $atOnce->finish();
        $of = array_count_values(array_map(fn (array $one) => $one[1]->value, $verdicts));
        $tried = count($verdicts) - ($of['not-run'] ?? 0);
        // Without assertions nothing may be caught by one; a line that throws is caught with them or without.
        $caught = $isSelfCheck
            ? $of['asserted'] ?? 0
            : count(array_filter($verdicts, fn (array $one) => $one[1]->isCaught()));
        $share = $tried === 0 ? 0 : 100 * $caught / $tried;
        $wanted = $isSelfCheck ? 0 : WANTED[$part];
        $table[] = $tried > 0 && $share >= $wanted && ! ($isSelfCheck && $share > 0);
        printf(
            "%-22s %3d of %3d caught  %5.1f %%  (%s)  %s  %d s\n",
            $room,
            $caught,
            $tried,
            $share,
            implode(', ', array_map(fn (string $what, int $many) => "{$many} {$what}", array_keys($of), $of)) ?: 'nothing to try',
            end($table) ? 'holds' : 'DOES NOT HOLD',
            microtime(true) - $began,
        );
        foreach ($verdicts as [$mutation, $verdict]) {
            if (in_array($verdict, [Verdict::Lived, Verdict::Uncovered, Verdict::NotRun], true) && ! $isSelfCheck) {
                $at = str_replace(getcwd().'/', '', (string) $mutation->file->getRealPath()).":{$mutation->startLine}";
                $diff = array_filter(
                    explode("\n", (string) preg_replace('/<[^>]*fg=[^>]*>|<\/>/', '', $mutation->diff)),
                    fn (string $line) => preg_match('/^\s*[+-]/', $line) === 1,
                );
                printf("  %s %s\n    %s\n", $verdict->value, $at, implode("\n    ", array_map(trim(...), array_slice($diff, 0, 4))));
            }
        }
    }
}
exit(in_array(false, $table, true) ? 1 : 0);
