<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\FirstBolt;
use YokeLine\Doorway\Tightened;
use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * In which turn the bolts of a rail go in and are tightened, as numbers of its holes from the left: the trade's rules
 * page 9, section 1.
 */
final readonly class Drive
{
    /**
     * @param  list<int>  $insert
     * @param  list<int>  $tighten
     */
    private function __construct(public array $insert, public array $tighten) {}

    public static function of(Plan $plan): self
    {
        $rules = $plan->doorway->brief->rules->schedule;
        $holding = array_map(fn (Length $x) => $x->nm, Anchoring::of($plan)->supports);
        $holds = array_map(fn (Length $x) => in_array($x->nm, $holding, true), $plan->rail->holes);

        return self::inTurn($holds, $rules->firstBolt, $rules->tightened);
    }

    /** @param  list<bool>  $holds  hole by hole, whether what is behind it holds a bolt */
    public static function inTurn(array $holds, FirstBolt $first, Tightened $tightened): self
    {
        $count = count($holds);
        $insert = match ($first) {
            FirstBolt::Ends => array_values(
                array_unique([...array_intersect([1, $count], self::across($count)), ...self::across($count)]),
            ),
            FirstBolt::Middle => self::fromMiddle($count),
            FirstBolt::Across => self::across($count),
        };
        $tighten = match ($tightened) {
            Tightened::Each => $insert,
            Tightened::LevelThen => self::across($count),
            Tightened::FromMiddle => self::fromMiddle($count),
        };

        // What merely clamps is drawn up once what holds has been.
        $holdsAt = fn (int $hole): bool => $holds[$hole - 1] ?? false;

        return new self($insert, [
            ...array_filter($tighten, $holdsAt),
            ...array_filter($tighten, fn (int $hole) => ! $holdsAt($hole)),
        ]);
    }

    /** @return list<int> */
    private static function across(int $count): array
    {
        return $count === 0 ? [] : range(1, $count);
    }

    /** @return list<int> the middle one, the lesser of two, then outward with the left one first */
    private static function fromMiddle(int $count): array
    {
        $middle = intdiv($count + 1, 2);
        $holes = self::across($count);
        usort($holes, fn (int $a, int $b) => [abs($a - $middle), $a] <=> [abs($b - $middle), $b]);

        return $holes;
    }
}
