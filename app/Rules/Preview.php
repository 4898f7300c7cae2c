<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\Doorway;
use App\Words\Refusals;
use YokeLine\Catalog\Field;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;

/** A rule as it would be: before and after of every doorway that follows it. */
final readonly class Preview
{
    /** Doorways shown with before and after; the rest is counted. */
    private const SHOWN = 60;

    /** @param  list<Effect>  $effects  those that change anything */
    private function __construct(public array $effects, public int $count, public ?string $refused) {}

    public static function of(RuleBook $book, Field $rule, string $said, Unit $units): self
    {
        try {
            $value = $book->read($rule, $said, $units);
        } catch (UnreadableFile $problem) {
            return new self([], 0, Refusals::whole($problem));
        }
        $followers = $book->followers($rule);
        $effects = array_map(
            fn (Doorway $doorway) => new Effect(
                $doorway->name,
                $doorway->setout($units),
                $doorway->plan($book->on($doorway->revision->document, $rule, $value, '')),
            ),
            array_slice($followers, 0, self::SHOWN),
        );

        return new self(
            array_values(array_filter($effects, fn (Effect $effect) => $effect->changesAnything())),
            count($followers),
            null,
        );
    }
}
