<?php

declare(strict_types=1);

namespace Tests\Mutation;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use SimpleXMLElement;
use Symfony\Component\Process\Process;

/** Which tests run which lines, and how long each takes: asked of one run of all of them. */
final class Covered
{
    /** @var array<string, array<int, list<string>>> tests by path and line */
    private array $tests = [];

    /** @var array<string, int> how many lines each test runs: the fewer, the more it is about them */
    private array $breadth = [];

    /** @var array<string, float> seconds by test */
    private array $seconds = [];

    /** A test that takes longer is not run for a fault: what only it would notice is told as lived. */
    private const LONGEST_S = 240;

    /**
     * Each file of tests by itself, run once and kept for as long as neither it nor the code changes.
     *
     * @param  string  $tests  such as `tests/Core`
     * @param  string  $folder  where it is kept
     */
    public static function by(string $tests, string $folder, int $processes): self
    {
        // The second is where PHPUnit keeps what it finds in files that no test runs.
        foreach ([$folder, '.phpunit.cache/code-coverage'] as $place) {
            is_dir($place) || mkdir($place, recursive: true);
        }
        // The core knows nothing of what is round it: its tests are not asked again when only that changes.
        $code = self::sum($tests === 'tests/Core'
            ? 'core resources/kits database/demo tests/Core/Support'
            : 'core app lang resources/views resources/kits database tests/Core/Support tests/Pest.php '.
                'tests/TestCase.php tests/Demo.php tests/Begun.php tests/FormInShort.php tests/PageSays.php');
        exec("find {$tests} -name '*Test.php' | sort", $files);
        $waiting = $kept = [];
        foreach ($files as $file) {
            $name = "{$folder}/".strtr($file, '/', '-').'-'.substr(sha1($code.sha1_file($file)), 0, 12);
            is_file("{$name}.over") || ($waiting[$file] = $name);
            $kept[] = $name;
        }
        $waiting === [] || fwrite(STDERR, 'Asking '.count($waiting)." files of tests which lines they run\n");
        $atOnce = new AtOnce($processes);
        foreach ($waiting as $file => $name) {
            $atOnce->add(fn () => self::asking((string) $file, $name), fn () => touch("{$name}.over"));
        }
        $atOnce->finish();
        $covered = new self();
        foreach ($kept as $name) {
            is_file("{$name}.php") && is_file("{$name}.xml") ? $covered->read($name) : fwrite(STDERR, "Not asked: {$name}\n");
        }

        return $covered;
    }

    private static function asking(string $file, string $name): Process
    {
        $process = new Process([
            'timeout', (string) self::LONGEST_S, PHP_BINARY, '-d', 'pcov.enabled=1', '-d', 'pcov.directory='.getcwd(), '-d', 'memory_limit=2G',
            'vendor/bin/pest', '--colors=never', '--compact', $file, "--coverage-php={$name}.php", "--log-junit={$name}.xml",
        ], timeout: null);

        return $process->disableOutput();
    }

    private function read(string $name): void
    {
        $read = require "{$name}.php";
        $read instanceof CodeCoverage || throw new RuntimeException("No coverage in {$name}");
        foreach ($read->getData()->lineCoverage() as $path => $lines) {
            foreach ($lines as $line => $tests) {
                // What cannot be run has none.
                if ($tests !== null) {
                    $found = array_unique(array_map(self::named(...), $tests));
                    $this->tests[$path][$line] = [...$this->tests[$path][$line] ?? [], ...array_values($found)];
                    foreach ($found as $test) {
                        $this->breadth[$test] = ($this->breadth[$test] ?? 0) + 1;
                    }
                }
            }
        }
        $this->seconds += self::seconds("{$name}.xml");
    }

    /** @return array<string, list<int>> the lines that can be run, by path, of all files below a folder */
    public function lines(string $folder): array
    {
        $found = array_filter(
            $this->tests,
            fn (string $path) => str_starts_with($path, "{$folder}/"),
            ARRAY_FILTER_USE_KEY,
        );

        return array_map(array_keys(...), $found);
    }

    /**
     * The tests that run a stretch of lines: those that are the most about it first, for so many seconds.
     *
     * @return list<string>
     */
    public function tests(string $path, int $from, int $to, float $seconds): array
    {
        // The line that a match or a long call begins on is told as run by none: then what stands next to it is asked.
        $all = $this->on($path, $from, $to) ?: $this->on($path, $from - 1, $to + 3);
        // Those of its own room first: a plan of a whole doorway runs every line, and most tests begin with one.
        preg_match('#/(core|app)/([^/]+)/#', $path, $of);
        $own = 'tests/'.['core' => 'Core', 'app' => 'Feature'][$of[1] ?? 'core'].'/'.($of[2] ?? '');
        $worth = fn (string $test): float => ($this->breadth[$test] ?? 1) *
            (0.05 + ($this->seconds[$test] ?? 1.0)) * (str_starts_with($test, $own) ? 0.01 : 1.0);
        usort($all, fn (string $a, string $b) => $worth($a) <=> $worth($b));
        $taken = [];
        foreach ($all as $test) {
            $seconds -= $this->seconds[$test] ?? 0.1;
            if ($taken !== [] && $seconds < 0) {
                break;
            }
            $taken[] = $test;
        }

        return $taken;
    }

    /** @return list<string> */
    private function on(string $path, int $from, int $to): array
    {
        $all = [];
        for ($line = $from; $line <= $to; $line++) {
            $all = [...$all, ...($this->tests[$path][$line] ?? [])];
        }

        return array_values(array_unique($all));
    }

    /** How much of what can be run is run, by folder: lines run and lines in all. @return array{int, int} */
    public function share(string $folder): array
    {
        $run = $all = 0;
        foreach ($this->tests as $path => $lines) {
            if (str_starts_with($path, "{$folder}/")) {
                $all += count($lines);
                $run += count(array_filter($lines));
            }
        }

        return [$run, $all];
    }

    /** `P\Tests\Core\GapTest::__pest_evaluable_it_is#data` as `tests/Core/GapTest.php::__pest_evaluable_it_is`. */
    private static function named(string $test): string
    {
        [$class, $method] = [...explode('::', explode('#', $test)[0]), ''];

        return 'tests/'.strtr((string) preg_replace('/^P?\\\\?Tests\\\\/', '', $class), '\\', '/').".php::{$method}";
    }

    /** @return array<string, float> the whole of each test, with every set of data */
    private static function seconds(string $file): array
    {
        $xml = mb_scrub((string) file_get_contents($file), 'UTF-8');
        $xml = (string) preg_replace('/&#\d+;|[\x00-\x08\x0b\x0c\x0e-\x1f]/', '', $xml);
        $seconds = [];
        foreach ((new SimpleXMLElement($xml, LIBXML_NOERROR | LIBXML_PARSEHUGE))->xpath('//testcase') ?: [] as $case) {
            [$path, $says] = [...explode('::', (string) $case['file'], 2), ''];
            $path = preg_replace('#^.*/tests/#', 'tests/', $path);
            // As the method is named after what the test says.
            $says = preg_replace('/ with (data set|dataset) .*$/s', '', $says);
            $name = "{$path}::__pest_evaluable_".preg_replace('/[^a-zA-Z0-9_\x80-\xff]/', '_', str_replace('_', '__', (string) $says));
            $seconds[$name] = ($seconds[$name] ?? 0.0) + (float) $case['time'];
        }

        return $seconds;
    }

    private static function sum(string $folders): string
    {
        exec("find {$folders} -type f | sort | xargs sha1sum | sha1sum", $sum);

        return $sum[0] ?? '';
    }
}
