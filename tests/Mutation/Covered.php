<?php

declare(strict_types=1);

namespace Tests\Mutation;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Which tests run which lines, and how long each takes: asked of one run of all of them.
 *
 * @phpstan-import-type Told from LinesRun
 */
final class Covered
{
    /** @var array<string, array<string, string>> the lines that a test runs, packed, by path and test */
    private array $run = [];

    /** @var array<string, string> the lines that can be run, packed, by path */
    private array $can = [];

    /** @var array<string, int> how many lines each test runs: the fewer, the more it is about them */
    private array $breadth = [];

    /** @var array<string, float> by test */
    private array $seconds = [];

    /**
     * Each file of tests by itself, run once and kept for as long as neither it nor the code changes.
     *
     * @param  string  $tests  such as `tests/Core`
     * @param  string  $folder  where it is kept
     */
    public static function by(string $tests, string $folder, int $processes): self
    {
        is_dir($folder) || mkdir($folder, recursive: true);
        // The core knows nothing of what is round it: its tests are not asked again when only that changes.
        $code = self::sum($tests === 'tests/Core'
            ? 'core resources/kits database/demo tests/Core/Support'
            : 'core app lang resources/views resources/kits database tests/Core/Support tests/Pest.php '.
                'tests/TestCase.php tests/Demo.php tests/Begun.php tests/FormInShort.php tests/PageSays.php');
        exec("find {$tests} -name '*Test.php' | sort", $files);
        $kept = $waiting = [];
        foreach ($files as $file) {
            $kept[] = $name = "{$folder}/".strtr($file, '/', '-').'-'.substr(sha1($code.sha1_file($file)), 0, 12);
            is_file("{$name}.over") || ($waiting[] = "{$file} {$name}");
        }
        self::forget("{$folder}/".strtr($tests, '/', '-'), $kept);
        $waiting === [] || self::ask($waiting, $folder, $processes);
        $covered = new self();
        foreach ($kept as $name) {
            is_file("{$name}.lines") ? $covered->read("{$name}.lines") : fwrite(STDERR, "Not asked: {$name}\n");
        }

        return $covered;
    }

    /**
     * What is of code that has changed since is asked for by nobody.
     *
     * @param  list<string>  $kept
     */
    private static function forget(string $begins, array $kept): void
    {
        foreach (glob("{$begins}*") ?: [] as $file) {
            in_array((string) preg_replace('/\.(lines|over)$/', '', $file), $kept, true) || unlink($file);
        }
    }

    /** @param  list<string>  $waiting  each a file of tests, and where its answer goes */
    private static function ask(array $waiting, string $folder, int $processes): void
    {
        fwrite(STDERR, 'Asking '.count($waiting)." files of tests which lines they run\n");
        $others = '#/(vendor|tests|storage|lang|resources|database|config|routes|bootstrap)/#';
        $asking = new Process(
            [
                PHP_BINARY, '-d', 'pcov.enabled=1', '-d', 'pcov.directory='.getcwd(), '-d', "pcov.exclude={$others}",
                '-d', 'memory_limit=2G', __DIR__.'/ask.php', $folder, (string) $processes,
            ],
            input: implode("\n", $waiting),
            timeout: null,
        );
        $asking->mustRun(fn (string $type, string $says) => fwrite(STDERR, $says));
    }

    private function read(string $file): void
    {
        /** @var Told $told */
        $told = unserialize((string) file_get_contents($file), ['allowed_classes' => false])
            ?: throw new RuntimeException("{$file} is not what was asked for.");
        foreach ($told['run'] as $test => $paths) {
            foreach ($paths as $path => $lines) {
                $this->run[$path][$test] = $lines;
                $this->breadth[$test] = ($this->breadth[$test] ?? 0) + count(Lines::numbers($lines));
            }
        }
        $this->can += $told['can'];
        $this->seconds += $told['seconds'];
    }

    /** @return array<string, list<int>> the lines that can be run, by path, of all files below a folder */
    public function lines(string $folder): array
    {
        return array_map(Lines::numbers(...), array_filter(
            $this->can,
            fn (string $path) => str_starts_with($path, "{$folder}/"),
            ARRAY_FILTER_USE_KEY,
        ));
    }

    /**
     * The tests that run a stretch of lines: those that are the most about it first.
     *
     * @param  non-empty-list<float>  $most  seconds of each part
     * @return list<non-empty-list<string>> parts
     */
    public function tests(string $path, int $from, int $to, array $most): array
    {
        // The line that a match or a long call begins on is told as run by none: then what stands next to it is asked.
        $all = $this->on($path, $from, $to) ?: $this->on($path, $from - 1, $to + 3);
        // Those of its own room first: a plan of a whole doorway runs every line, and most tests begin with one.
        preg_match('#/(core|app)/([^/]+)/#', $path, $of);
        $own = 'Tests\\'.['core' => 'Core', 'app' => 'Feature'][$of[1] ?? 'core'].'\\'.($of[2] ?? '');
        $worth = [];
        foreach ($all as $test) {
            $worth[$test] = ($this->breadth[$test] ?? 1) * (0.05 + ($this->seconds[$test] ?? 1.0)) *
                (str_contains($test, $own) ? 0.01 : 1.0);
        }
        asort($worth);
        // A hundred that run the very same lines of the file, or are one test with other data, leave no time for one
        // that asks something else: of those alike the second counts twice, and so on.
        $alike = [];
        foreach ($worth as $test => $it) {
            foreach ([$this->run[$path][$test], strstr($test, '#', true) ?: $test] as $what) {
                $it *= $alike[$what] = ($alike[$what] ?? 0) + 1;
            }
            $worth[$test] = $it;
        }
        asort($worth);
        $all = array_keys($worth);
        $parts = [];
        foreach ($most as $seconds) {
            $part = [];
            while ($all !== [] && ($part === [] || $seconds >= ($this->seconds[$all[0]] ?? 0.1))) {
                $seconds -= $this->seconds[$all[0]] ?? 0.1;
                $part[] = array_shift($all);
            }
            $parts[] = $part;
        }

        return array_values(array_filter($parts));
    }

    /** @return list<string> */
    private function on(string $path, int $from, int $to): array
    {
        $wanted = Lines::packed(range(max(0, $from), $to));

        return array_keys(array_filter(
            $this->run[$path] ?? [],
            fn (string $lines) => trim($lines & $wanted, "\0") !== '',
        ));
    }

    /** How much of what can be run is run, by folder: lines run and lines in all. @return array{int, int} */
    public function share(string $folder): array
    {
        $run = $all = 0;
        foreach ($this->lines($folder) as $path => $lines) {
            $all += count($lines);
            $any = array_reduce($this->run[$path] ?? [], fn (string $some, string $more) => $some | $more, '');
            $run += count(array_intersect($lines, Lines::numbers($any)));
        }

        return [$run, $all];
    }

    private static function sum(string $folders): string
    {
        exec("find {$folders} -type f | sort | xargs sha1sum | sha1sum", $sum);

        return $sum[0] ?? '';
    }
}
