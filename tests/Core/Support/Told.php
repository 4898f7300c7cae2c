<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use BackedEnum;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use UnitEnum;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Shape;
use YokeLine\Format\Document;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Span;

/** Anything that the core works out, line by line, as it can be held against what it was. */
final class Told
{
    /** So many values within each other are told. */
    private const DEEPEST = 9;

    /** @var array<int, array{string, object}> where a thing was told that is met again: held, or its id is another's */
    private array $met = [];

    private function __construct() {}

    /** @return list<string> each value by where it stands: what a thing is made of, and what it answers when asked */
    public static function lines(mixed $value): array
    {
        return (new self())->told($value);
    }

    /** @return list<string> */
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
