<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use YokeLine\Catalog\Field;
use YokeLine\Measure\Message;

/** The rules of a house in words: the question, why it is answered as it usually is, and what an answer is called. */
final class RuleWords
{
    public static function section(Field $rule): string
    {
        return self::say("sections.{$rule->section}");
    }

    public static function ask(Field $rule): string
    {
        return self::say("ask.{$rule->rule}");
    }

    public static function why(Field $rule): string
    {
        return self::say("why.{$rule->rule}");
    }

    /** What an answer is called; what was typed, where it is a length. */
    public static function answer(Field $rule, string $said): string
    {
        return $said === '' ? self::say('as-usual') : FieldWords::answers($rule->path)[$said] ?? $said;
    }

    public static function kept(Field $rule, string $answer, string $why): string
    {
        return self::say($why === '' ? 'kept' : 'kept-because', [
            'question' => self::ask($rule),
            'answer' => $answer,
            'why' => $why,
        ]);
    }

    /** How many of the doorways that follow a rule it changes. */
    public static function effect(int $changed, int $following): string
    {
        return Lang::choice('rules.effect.'.($changed === 0 ? 'none' : 'some'), $following, ['changed' => $changed]);
    }

    /** The question has only these answers. */
    public static function oneOf(Field $rule): Message
    {
        return new Message('rules', ['answers' => implode(', ', FieldWords::answers($rule->path))], 'one-of');
    }

    /** @param  array<string, string>  $with */
    private static function say(string $key, array $with = []): string
    {
        $words = Lang::get("rules.{$key}", $with);

        return is_string($words) ? $words : $key;
    }
}
