<?php

declare(strict_types=1);

namespace Tests\Mutation;

use Pest\Bootstrappers\BootOverrides;
use ReflectionClass;
use Tests\Demo;

/**
 * All that tests need and that is not ours, loaded once for every copy of this process; and the demo, which is worked
 * out as it should be, without a fault.
 *
 * @phpstan-import-type Held from Demo
 */
final class Warm
{
    /** What most of it comes into use by. */
    private const PROBE = ['tests/Feature/JobsTest.php', 'tests/Core/Planner'];

    private const LONGEST_S = 120;

    /** @param  string  $folder  where it may write */
    public static function up(string $folder): void
    {
        // Pest has some classes of PHPUnit in a way of its own, which have to come before them.
        (new BootOverrides())->boot();
        class_alias(ChosenOnly::class, 'PHPUnit\Runner\Filter\IncludeNameFilterIterator');
        $left = "{$folder}/warm";
        $probe = Run::begin(
            self::PROBE,
            fn () => register_shutdown_function(
                fn () => file_put_contents($left, serialize([self::loaded(), Demo::held()])),
            ),
            self::LONGEST_S,
        );
        Run::firstOver([$probe->process => $probe]);
        $probe->code() === 0 || exit("Tests do not pass as they are.\n");
        /** @var array{list<string>, Held} $found */
        $found = unserialize((string) file_get_contents($left), ['allowed_classes' => false]);
        [$classes, $demo] = $found;
        Demo::hold($demo);
        foreach ($classes as $class) {
            class_exists($class) || interface_exists($class) || trait_exists($class);
        }
    }

    /** @return list<class-string> of the libraries, in the order they came */
    private static function loaded(): array
    {
        return array_values(array_filter(
            [...get_declared_interfaces(), ...get_declared_traits(), ...get_declared_classes()],
            fn (string $class) => str_contains((string) (new ReflectionClass($class))->getFileName(), '/vendor/'),
        ));
    }
}
