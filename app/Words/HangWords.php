<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;
use YokeLine\Ways\Choice;

/** How doors hang, in words. */
final class HangWords
{
    /** An arrangement in a line. */
    public static function choice(Choice $choice, string $kit): Message
    {
        return new Message(
            'hangs',
            [
                'hangs' => count($choice->hang->waysToOpen()) > 1
                    ? new Message("hangs.choice.{$choice->hang->value}", [], $choice->opens->value)
                    : new Message('hangs.choice', [], $choice->hang->value),
                'covers' => new Message('hangs.cover', [], $choice->cover->value),
                'kit' => $kit,
                'on' => new Message('hangs', [], $choice->backing->isHeader() ? 'on-header' : 'on-wall'),
            ],
            'chosen',
        );
    }

    /** How a door opens, for who buys it. */
    public static function opens(Plan $plan): string
    {
        return self::say(
            "opens.{$plan->hang()->value}".
                (count($plan->hang()->waysToOpen()) > 1 ? ".{$plan->doorway->brief->opens->value}" : ''),
        );
    }

    private static function say(string $key): string
    {
        $words = Lang::get("hangs.{$key}");

        return is_string($words) ? $words : $key;
    }
}
