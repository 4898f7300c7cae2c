<?php

declare(strict_types=1);

namespace Tests\Mutation;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;
use SimpleXMLElement;

/** Which tests run which lines, and how long each takes: asked of one run of all of them. */
final class Covered
{
    /** @var array<string, array<int, list<string>>> tests by path and line */
    private array $tests = [];

    /** @var array<string, int> how many lines each test runs: the fewer, the more it is about them */
    private array $breadth = [];

    /**
     * @param  string  $coverage  as it was written by the run
     * @param  array<string, float>  $seconds  by test
     */
    private function __construct(string $coverage, private readonly array $seconds)
    {
        $read = require $coverage;
        $read instanceof CodeCoverage || throw new RuntimeException("No coverage in {$coverage}");
        foreach ($read->getData()->lineCoverage() as $path => $lines) {
            foreach ($lines as $line => $tests) {
                // What cannot be run has none.
                if ($tests !== null) {
                    $this->tests[$path][$line] = array_values(array_unique(array_map(self::named(...), $tests)));
                    foreach ($this->tests[$path][$line] as $test) {
                        $this->breadth[$test] = ($this->breadth[$test] ?? 0) + 1;
                    }
                }
            }
        }
    }

    /**
     * One run of these suites, kept for as long as neither code nor tests change.
     *
     * @param  list<string>  $suites
     * @param  string  $folder  where it is kept
     */
    public static function by(array $suites, string $folder, int $processes): self
    {
        $name = "{$folder}/".strtolower(implode('-', $suites)).'-'.self::stamp();
        if (! is_file("{$name}.php")) {
            array_map(unlink(...), glob("{$folder}/".strtolower(implode('-', $suites)).'-*') ?: []);
            is_dir($folder) || mkdir($folder, recursive: true);
            fwrite(STDERR, 'Asking which tests run which lines ('.implode(', ', $suites).")\n");
            passthru(implode(' ', [
                'XDEBUG_MODE=off NO_COLOR=1', PHP_BINARY, '-d pcov.enabled=1 -d pcov.directory='.escapeshellarg(getcwd().''),
                '-d memory_limit=4G vendor/bin/pest --colors=never --compact --parallel', "--processes={$processes}",
                "--passthru-php=\"'-d' 'pcov.enabled=1' '-d' 'memory_limit=4G'\"",
                '--testsuite='.implode(',', $suites), "--coverage-php={$name}.php", "--log-junit={$name}.xml",
                '> '.escapeshellarg("{$name}.log").' 2>&1',
            ]), $failed);
            $failed === 0 || throw new RuntimeException("They fail without any fault put in: {$name}.log");
        }

        return new self("{$name}.php", self::seconds("{$name}.xml"));
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
        $all = [];
        for ($line = $from; $line <= $to; $line++) {
            $all = [...$all, ...($this->tests[$path][$line] ?? [])];
        }
        $all = array_values(array_unique($all));
        $worth = fn (string $test): float => ($this->breadth[$test] ?? 1) * (0.05 + ($this->seconds[$test] ?? 1.0));
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
        $xml = (string) preg_replace('/&#\d+;|[\x00-\x08\x0b\x0c\x0e-\x1f]/', '', (string) file_get_contents($file));
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

    private static function stamp(): string
    {
        exec('find core app tests phpunit.xml -type f -name "*.*" | sort | xargs sha1sum | sha1sum', $sum);

        return substr($sum[0] ?? '', 0, 12);
    }
}
