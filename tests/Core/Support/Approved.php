<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Closure;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/**
 * What was worked out once, looked at and found right, kept beside the tests line by line: whoever changes a number is
 * told which one. With APPROVE=1 it is written anew; what then differs is read before it is committed.
 */
final class Approved
{
    private const FOLDER = __DIR__.'/../../approved';

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

                return Told::lines([$work($setout->plan, $setout), array_map(
                    fn (Finding $finding) => [$finding->code, $finding->severity, $finding->with],
                    $setout->findings,
                )]);
            } catch (UnreadableFile $refused) {
                return Told::lines(array_map(fn (Message $why) => $why->how, $refused->problems));
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
        $told = implode("\n", Told::lines($value))."\n";
        if (getenv('APPROVE') === '1') {
            is_dir(dirname($file)) || mkdir(dirname($file), recursive: true);
            file_put_contents($file, $told);
        }
        expect($told)->toBe((string) @file_get_contents($file), "{$name} is as it was approved");
    }
}
