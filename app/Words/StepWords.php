<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use YokeLine\Measure\Message;
use YokeLine\Work\After;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;
use YokeLine\Work\WorkCard;

/** Steps in words: what is done, why it comes after what it comes after, how tight, with what in hand. */
final class StepWords
{
    public static function step(Step $step): string
    {
        $of = array_map(
            fn (string $one) => ctype_digit($one) ? self::say('of.coat', ['n' => (int) $one]) : self::say("of.{$one}"),
            array_slice(explode('.', $step->id), 1),
        );

        return implode(', ', [self::kind($step->kind()), ...$of]);
    }

    /** The step without which leaf, rail or coat it is. */
    public static function kind(StepKind $kind): string
    {
        return self::say("do.{$kind->value}");
    }

    /** A step by its id, as the log keeps it. */
    public static function named(string $id): string
    {
        return StepKind::tryFrom(explode('.', $id)[0]) === null ? $id : self::step(new Step($id, 1, 0, 'wall', []));
    }

    /** The step of an id, yet to be said. */
    public static function called(string $id): Message
    {
        return new Message('step', [], $id);
    }

    /** '' where nobody asks. */
    public static function why(Step $step): string
    {
        return self::sayIfAny("why.{$step->kind()->value}");
    }

    public static function howTight(Step $step): string
    {
        return self::sayIfAny("tight.{$step->kind()->value}");
    }

    /** @return list<string> */
    public static function tools(Step $step): array
    {
        $tools = Lang::get("steps.tools.{$step->kind()->value}");

        return is_array($tools) ? array_values(array_filter($tools, is_string(...))) : [];
    }

    public static function card(WorkCard $card): string
    {
        return self::say("cards.{$card->value}");
    }

    public static function after(After $after): string
    {
        $step = lcfirst(self::named($after->step));

        return $after->lag === null
            ? $step
            : self::say("after.{$after->lag}", [
                'step' => $step,
                'minutes' => $after->minutes,
                'hours' => intdiv($after->minutes, 60),
                'days' => intdiv($after->minutes, 24 * 60),
            ]);
    }

    /** Minutes as they are said: five-minute starts, half hours from an hour on. */
    public static function about(int $minutes): string
    {
        if ($minutes < 60) {
            return self::say('minutes', ['n' => max(5, (int) (round($minutes / 5) * 5))]);
        }
        $halves = (int) round($minutes / 30);

        return self::say('hours', ['n' => intdiv($halves, 2).($halves % 2 === 1 ? ' ½' : '')]);
    }

    private static function sayIfAny(string $key): string
    {
        return Lang::has("steps.{$key}") ? self::say($key) : '';
    }

    /** @param  array<string, string|int>  $with */
    private static function say(string $key, array $with = []): string
    {
        $words = Lang::get("steps.{$key}", $with);

        return is_string($words) ? $words : $key;
    }
}
