<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Closure;
use Pest\Mutate\Mutation;
use PHPUnit\Event\Facade;

/** The tests that run a line, with a fault in it. */
final class Trial
{
    /**
     * Tests are chosen for so many seconds, as long as they take while they tell their lines (alone, two to five times
     * shorter): those that are the most about a line by themselves, and the next only where these notice nothing.
     * What all of them do not notice lives, whatever slower ones might say.
     */
    public const SECONDS = [2.0, 6.0];

    /** What was put in may go round for ever: then it is given up. */
    private const LONGEST_S = 12;

    private function __construct() {}

    /**
     * Tried with one part of the tests after the other, until one of them notices it.
     *
     * @param  list<list<string>>  $parts  as they are covered
     * @param  Closure(Verdict): void  $end  what is done with what came of it
     * @param  Verdict  $so  what came of it so far
     */
    public static function through(
        Mutation $mutation,
        array $parts,
        AtOnce $atOnce,
        Closure $end,
        Verdict $so = Verdict::Uncovered,
    ): void {
        $tests = array_shift($parts);
        if ($tests === null || $so->isCaught()) {
            $end($so);

            return;
        }
        $atOnce->add(
            fn () => self::of($mutation, $tests),
            fn (Run $run) => self::through($mutation, $parts, $atOnce, $end, Verdict::of($run)),
        );
    }

    /** @param  list<string>  $tests */
    private static function of(Mutation $mutation, array $tests): Run
    {
        $files = array_values(array_unique(array_map(self::file(...), $tests)));

        return Run::begin(
            [...$files, '--filter='.ChosenOnly::these($tests)],
            function () use ($mutation): void {
                self::put(self::declaredIn((string) $mutation->file->getRealPath()), $mutation->modifiedSourcePath);
                Facade::instance()->registerTracer(new Judge());
            },
            self::LONGEST_S,
        );
    }

    /** Has a class come with its fault in it, wherever it is first asked for. */
    private static function put(string $class, string $file): void
    {
        spl_autoload_register(
            function (string $asked) use ($class, $file): void {
                if ($asked === $class) {
                    require $file;
                }
            },
            prepend: true,
        );
    }

    /** `core/Stock/Bar.php` has `YokeLine\Stock\Bar` in it. */
    private static function declaredIn(string $path): string
    {
        preg_match('#/(core|app)/(.+)\.php$#', $path, $found);

        return ['core' => 'YokeLine\\', 'app' => 'App\\'][$found[1] ?? 'core'].strtr($found[2] ?? '', '/', '\\');
    }

    /** `P\Tests\Core\GapTest::__pest_evaluable_it_is#` stands in `tests/Core/GapTest.php`. */
    private static function file(string $test): string
    {
        return 'tests/'.strtr((string) preg_replace('/^P?\\\\?Tests\\\\|::.*$/s', '', $test), '\\', '/').'.php';
    }
}
