<?php

declare(strict_types=1);

use Symfony\Component\Finder\Finder;

/** @return list<string> files of some folders of the house whose text has something in it, or has it not */
function filesThat(bool $have, string $pattern, string ...$folders): array
{
    $places = array_map(fn (string $folder) => __DIR__."/../../{$folder}", $folders);
    $found = [];
    foreach (Finder::create()->files()->name('*.php')->in($places)->sortByName() as $file) {
        if ((preg_match($pattern, $file->getContents()) === 1) === $have) {
            $found[] = $file->getRelativePathname();
        }
    }

    return $found;
}

test('every file is strict about types', function () {
    expect(filesThat(false, '/^<\?php\n\ndeclare\(strict_types=1\);\n/', 'core', 'app'))->toBe([]);
});

// Read as text: to know every class of a framework takes longer than all that is asked here.
test('the core knows no framework', function () {
    expect(filesThat(true, '/\b(Illuminate|App|Symfony|Carbon)\\\\/', 'core'))->toBe([])
        ->and(filesThat(true, '/\bIlluminate\\\\/', 'app'))->not->toBe([]);
});

arch('the core calls no helper of the framework')
    ->expect('YokeLine')
    ->not->toUse(['config', 'app', 'env', 'collect', 'now', 'request', 'view', 'route']);

arch('the core reads no clock, no file and no chance')
    ->expect('YokeLine')
    ->not->toUse([
        'time',
        'microtime',
        'hrtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'file_get_contents',
        'file_put_contents',
        'fopen',
        'echo',
        'print',
    ]);

arch('measures know nothing above them')
    ->expect('YokeLine\Measure')
    ->toOnlyUse(['YokeLine\Measure', 'Brick\Math', 'InvalidArgumentException']);

arch('what goes in knows nothing of what is done with it')
    ->expect('YokeLine\Doorway')
    ->toOnlyUse(['YokeLine\Doorway', 'YokeLine\Measure']);

arch('planning knows neither drawings, files nor findings')
    ->expect('YokeLine\Planning')
    ->not->toUse(['YokeLine\Drawing', 'YokeLine\Format', 'YokeLine\Inspection', 'YokeLine\Marks']);

arch('drawing looks at plans and computes none')
    ->expect('YokeLine\Drawing')
    ->not->toUse(['YokeLine\Planner\Planner', 'YokeLine\Inspection', 'YokeLine\Format']);

arch('every check is a check')->expect('YokeLine\Inspection\Checks')->classes()->toBeFinal();

arch('values cannot be changed')
    ->expect(['YokeLine\Doorway', 'YokeLine\Marks'])
    ->classes()
    ->toBeFinal();

arch('controllers stay in their place')->expect('App\Http\Controllers')->not->toBeUsed();

test('no controller is longer than 80 lines', function () {
    foreach (glob(__DIR__.'/../../app/Http/Controllers/*.php') ?: [] as $file) {
        $lines = file($file) ?: [];
        // What it uses is told above it.
        $class = array_filter($lines, fn (string $line) => ! str_starts_with($line, 'use '));
        expect(count($class))->toBeLessThanOrEqual(80, basename($file));
    }
});

test('all that differs by hang is answered by the hang', function () {
    $ask =
        "/match \\([^)]*hang\\)|Hang::(Single|Biparting|Bypass)|'rear'|isSingle\\(|(midOverlap|layout->meeting) [!=]== null/";
    // The catalogue only says what is meant where nothing is written.
    expect(filesThat(true, $ask, 'core', 'app', 'resources/views'))->toBe([
        'Catalog/BriefFields.php',
        'Catalog/KitFields.php',
        'Doorway/Hang.php',
        'Planning/Hangs/BypassHang.php',
        'Planning/Hangs/HangPlan.php',
    ]);
});

test('pages ask for nothing from elsewhere', function () {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../resources')) as $file) {
        if (in_array($file->getExtension(), ['php', 'js', 'scss'], true)) {
            $text = str_replace('http://www.w3.org/2000/svg', '', (string) file_get_contents($file->getPathname()));
            expect(preg_match('#(https?:)?//[a-z0-9-]+\.[a-z]{2,}#i', $text))->toBe(0, (string) $file);
        }
    }
});

test('styles say nothing: their words would be of one language', function () {
    $said = [];
    foreach (Finder::create()->files()->name('*.scss')->in(__DIR__.'/../../resources/css') as $file) {
        preg_match_all('/content:(?:[^;]*[\s:])?([\'"])[^\'";]*\pL[^\'";]*\1/u', $file->getContents(), $found);
        array_push($said, ...$found[0]);
    }

    expect($said)->toBe([]);
});

test('no room of the core leans on one that leans on it, by whatever way round', function () {
    $leans = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__.'/../../core', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        $room = str_contains($path = substr($file->getPathname(), strlen(__DIR__.'/../../core/')), '/')
            ? strtok($path, '/')
            : 'front door';
        preg_match_all('/^use YokeLine\\\\(\w+)\\\\/m', (string) file_get_contents($file->getPathname()), $used);
        preg_match_all('/^use YokeLine\\\\\w+;/m', (string) file_get_contents($file->getPathname()), $front);
        $leans[$room] = array_unique([
            ...$leans[$room] ?? [],
            ...array_diff($used[1], [$room]),
            ...$front[0] !== [] && $room !== 'front door' ? ['front door'] : [],
        ]);
    }
    // Room by room those that lean on nothing that is left are taken away; what stays goes round in a circle.
    do {
        $free = array_keys(array_filter($leans, fn (array $on) => array_intersect($on, array_keys($leans)) === []));
        $leans = array_diff_key($leans, array_flip($free));
    } while ($free !== []);

    expect(array_keys($leans))->toBe([]);
});

test('nothing is remembered beside the value that it belongs to, but what is so for every value', function () {
    $static = '/^\s+static \$|(private|public|protected) static [^f(]*\$/m';

    expect(filesThat(true, $static, 'core', 'app'))->toBe([
        'Catalog/Catalog.php',
        'Format/Places.php',
    ]);
});

test('the packages are the pinned ones, so that one commit builds one thing', function () {
    $installed = json_decode((string) file_get_contents(__DIR__.'/../../vendor/composer/installed.json'), true)[
        'packages'
    ];
    $pinned = array_filter(explode("\n", (string) file_get_contents(__DIR__.'/../../composer.versions')));

    expect(
        array_map(fn (array $package) => "{$package['name']}:{$package['version']}", $installed),
    )->toEqualCanonicalizing($pinned);
});

test('every view compiles to PHP that reads', function () {
    $compiler = new Illuminate\View\Compilers\BladeCompiler(new Illuminate\Filesystem\Filesystem(), sys_get_temp_dir());
    $parser = (new PhpParser\ParserFactory())->createForHostVersion();
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__.'/../../resources/views', FilesystemIterator::SKIP_DOTS),
        ) as $view
    ) {
        // Tags of components are found by the framework's running container; what is between them is what is asked
        // here.
        $source = (string) preg_replace('/<\/?x-[^>]*>/s', '', (string) file_get_contents($view->getPathname()));
        try {
            $read = $parser->parse($compiler->compileString($source));
        } catch (PhpParser\Error $fault) {
            $read = $fault->getMessage();
        }
        expect($read)->toBeArray((string) $view);
    }
});

test('a line is read without turning the head', function () {
    $long = [];
    foreach (Finder::create()->files()->name('*.php')->in([__DIR__.'/../../app', __DIR__.'/../../core']) as $file) {
        foreach (explode("\n", $file->getContents()) as $i => $line) {
            // A policy of the browser's is one value.
            if (mb_strlen($line) > 120 && ! str_contains($line, 'Content-Security-Policy')) {
                $long[] = "{$file->getFilename()}:".($i + 1);
            }
        }
    }

    expect($long)->toBe([]);
});

test('no two files of tests have one name for two things: they are all read into one house', function () {
    $names = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__.'/..', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        if (str_ends_with($file->getFilename(), 'Test.php') || $file->getFilename() === 'Pest.php') {
            preg_match_all('/^(?:function|const) (\w+)/m', (string) file_get_contents($file->getPathname()), $found);
            array_push($names, ...$found[1]);
        }
    }

    expect(array_keys(array_filter(array_count_values($names), fn (int $times) => $times > 1)))->toBe([]);
});
