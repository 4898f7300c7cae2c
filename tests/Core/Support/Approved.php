<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use BackedEnum;
use Closure;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use UnitEnum;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Shape;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/**
 * What was worked out once, looked at and found right, kept beside the tests line by line: whoever changes a number is
 * told which one. With APPROVE=1 it is written anew; what then differs is read before it is committed.
 */
final class Approved
{
    private const FOLDER = __DIR__.'/../../approved';

    /** So many values within each other are told. */
    private const DEEPEST = 9;

    /** @var array<int, array{string, object}> where a thing was told that is met again: held, or its id is another's */
    private array $met = [];

    private function __construct() {}

    /**
     * A test for each thing that a room works out, of doorways of every kind.
     *
     * @param  array<string, Closure(Plan, Setout): mixed>  $things  how each is worked out, by what it is called
     * @param  ?list<string>  $doorways  where not of all
     */
    public static function ofDoorways(string $room, array $things, ?array $doorways = null): void
    {
        $of = Doorways::ofEveryKind();
        $of = $doorways === null ? $of : array_intersect_key($of, array_flip($doorways));
        foreach ($things as $thing => $work) {
            test("{$thing}: as it was approved", function (string $name, array $changes) use (
                $room,
                $thing,
                $work,
                $of,
            ) {
                $called = array_search([$name, $changes], $of);
                $setout = Setout::quick(Doorways::document($name, $changes), Doorways::kits());
                Approved::holds("{$room}/{$thing}/{$called}", $work($setout->plan, $setout));
            })->with($of);
        }
    }

    /**
     * A test of what each of some fields changes of what a room works out, and of what is found: how many lines differ,
     * a mark that hangs on all of them, and the first.
     *
     * @param  array<string, Field>  $fields
     * @param  array<string, mixed>  $around  changes to the doorway that they are told at
     * @param  Closure(?Plan, Setout): mixed  $work
     */
    public static function ofFields(
        string $room,
        string $thing,
        array $fields,
        string $doorway,
        array $around,
        Closure $work,
    ): void {
        $lines = function (array $changes) use ($doorway, $around, $work): array {
            try {
                $setout = Setout::quick(Doorways::document($doorway, [...$around, ...$changes]), Doorways::kits());

                return self::lines([$work($setout->plan, $setout), array_map(
                    fn (Finding $finding) => [$finding->code, $finding->severity, $finding->with],
                    $setout->findings,
                )]);
            } catch (UnreadableFile $refused) {
                return self::lines(array_map(fn (Message $why) => $why->how, $refused->problems));
            }
        };
        foreach (self::together($fields) as $which => $some) {
            test("what {$which} changes of {$thing} is as it was approved", function () use (
                $room,
                $thing,
                $which,
                $some,
                $lines,
            ) {
                $usual = $lines([]);
                $changed = [];
                foreach ($some as $field) {
                    foreach (Doorways::toldAt($field) as $value) {
                        $is = $lines([str_replace('[]', '[0]', $field->path) => $value]);
                        $differs = array_values([...array_diff($is, $usual), ...array_diff($usual, $is)]);
                        $changed["{$field->path} ".json_encode($value)] = $differs === [] ? 'nothing' : implode(' ', [
                            count($differs), substr(sha1(implode("\n", $differs)), 0, 10), $differs[0],
                        ]);
                    }
                }
                Approved::holds("{$room}/fields/{$thing}/{$which}", $changed);
            });
        }
    }

    /** @return array<string, Field> what is asked of a doorway, but of a leaf that is built */
    public static function asked(): array
    {
        $of = Catalog::whole()->of(...);

        return array_diff_key($of('survey') + $of('brief'), $of('brief.leaf.made'), $of('brief.rules.making'));
    }

    /**
     * Fields of one kind of thing, a dozen at a time: a test of all of them would take long, and say little.
     *
     * @param  array<string, Field>  $fields
     * @return array<string, list<Field>>
     */
    public static function together(array $fields): array
    {
        $together = [];
        foreach ($fields as $field) {
            $together[implode('.', array_slice(explode('.', str_replace('[]', '', $field->path)), 0, 2))][] = $field;
        }
        $dozens = [];
        foreach ($together as $of => $all) {
            foreach (array_chunk($all, 12) as $nth => $some) {
                $dozens[$of.($nth === 0 ? '' : ' '.($nth + 1))] = $some;
            }
        }

        return $dozens;
    }

    /** @param  string  $name  of the file that it is kept in: `Drawing/elevation/kiln-room` */
    public static function holds(string $name, mixed $value): void
    {
        $file = self::FOLDER."/{$name}.txt";
        $told = implode("\n", self::lines($value))."\n";
        if (getenv('APPROVE') === '1') {
            is_dir(dirname($file)) || mkdir(dirname($file), recursive: true);
            file_put_contents($file, $told);
        }
        expect($told)->toBe((string) @file_get_contents($file), "{$name} is as it was approved");
    }

    /** @return list<string> */
    public static function lines(mixed $value): array
    {
        return (new self())->told($value);
    }

    /** @return list<string> each value by where it stands: what a thing is made of, and what it answers when asked */
    private function told(mixed $value, string $at = '', int $deep = 0): array
    {
        $line = fn (string $is): array => [ltrim("{$at} {$is}")];

        return match (true) {
            $value instanceof Document => $line('(document)'),
            $value instanceof Doorway, $value instanceof Kit => $line('('.$value::class.')'),
            $value instanceof Length => $line(self::millimetres($value)),
            $value instanceof Span => $line(self::millimetres($value->low).' to '.self::millimetres($value->high)),
            $value instanceof Quantity => $line(round($value->value, 4)." {$value->of->name}"),
            $value instanceof Message => $this->told(
                $value->with,
                rtrim("{$at} {$value->key} {$value->how}"),
                $deep + 1,
            ) ?: $line("{$value->key} {$value->how}"),
            $value instanceof Scene => array_map(fn (string $is) => trim("{$at} {$is}"), self::drawn($value)),
            $value instanceof UnitEnum => $line($value instanceof BackedEnum ? (string) $value->value : $value->name),
            is_float($value) => $line((string) round($value, 4)),
            is_string($value) => $line($value === '' ? '""' : strtr($value, ["\n" => '\n'])),
            is_scalar($value), $value === null => $line(json_encode($value, JSON_THROW_ON_ERROR)),
            $deep > self::DEEPEST => $line('…'),
            is_array($value) => $this->each($value, $at, $deep),
            isset($this->met[spl_object_id($value)]) => $line("as {$this->met[spl_object_id($value)][0]}"),
            default => $this->inside($value, $at, $deep),
        };
    }

    /**
     * @param  array<mixed>  $values
     * @return list<string>
     */
    private function each(array $values, string $at, int $deep): array
    {
        // Sentences are not counted: one more would change the number of each after it.
        $isText = array_is_list($values) && array_filter($values, is_string(...)) === $values;
        $lines = [];
        foreach ($values as $key => $value) {
            array_push($lines, ...$this->told($value, $isText ? $at : ltrim("{$at}.{$key}", '.'), $deep + 1));
        }

        return $values === [] ? [trim("{$at} none")] : $lines;
    }

    /** @return list<string> */
    private function inside(object $value, string $at, int $deep): array
    {
        $this->met[spl_object_id($value)] = [$at, $value];

        return $this->each(self::within($value), $at, $deep);
    }

    /** @return array<string, mixed> what is public, and what is answered to a question that says nothing more */
    private static function within(object $value): array
    {
        $within = get_object_vars($value);
        foreach ((new ReflectionClass($value))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            $gives = $method->getReturnType();
            $is = $gives instanceof ReflectionNamedType ? $gives->getName() : '';
            $isAsked = ! $method->isStatic() && ! $method->isConstructor() && $method->getNumberOfParameters() === 0 &&
                str_starts_with($method->class, 'YokeLine') && ! str_starts_with($method->class, 'YokeLine\Measure') &&
                ! in_array($is, ['self', 'static', 'void', $value::class], true);
            if ($isAsked) {
                $within["{$method->name}()"] = $method->invoke($value);
            }
        }

        return $within;
    }

    /** @return list<string> by layer and kind how many shapes there are, and what they come to */
    private static function drawn(Scene $scene): array
    {
        $shapes = [];
        foreach ($scene->shapes as $shape) {
            self::gather($shape, $shapes);
        }
        $round = fn (float $mm): string => (string) round($mm, 2);
        $lines = [implode(' ', [
            $scene->name, ...array_map($round, [$scene->left, $scene->top, $scene->width, $scene->height]),
        ])];
        foreach ($shapes as $kind => $each) {
            $mark = substr(sha1(implode("\n", $each)), 0, 10);
            $lines[] = "{$kind} ".count($each)." {$mark} ".mb_substr($each[0], 0, 60);
        }

        return $lines;
    }

    /** @param  array<string, list<string>>  $shapes  by layer and kind */
    private static function gather(Shape $shape, array &$shapes): void
    {
        $numbers = (string) preg_replace_callback(
            '/-?\d+\.\d+/',
            fn (array $found) => (string) round((float) $found[0], 2),
            json_encode($shape->attributes, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
        $shapes["{$shape->layer} {$shape->kind}"][] = strtr(trim($numbers, '{}'), ['"' => '']).$shape->text;
        foreach ($shape->inside as $inside) {
            self::gather($inside, $shapes);
        }
    }

    private static function millimetres(Length $length): string
    {
        return rtrim(rtrim(sprintf('%.6f', $length->nm / 1_000_000), '0'), '.');
    }
}
