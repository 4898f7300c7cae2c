<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Cache;
use YokeLine\Drawing\Glossary;
use YokeLine\Drawing\Svg;
use YokeLine\Format\Document;
use YokeLine\Setout;

/** The words of the trade: each with a line and a small drawing behind it, wherever it is read. */
final class Terms
{
    /** @return array<string, string> word => what it is called, in the order one meets them on a wall */
    public static function all(): array
    {
        return array_combine(
            Glossary::words(),
            array_map(fn (string $word) => self::says($word, 'is'), Glossary::words()),
        );
    }

    /** @param  'is'|'named'|'says'  $what */
    public static function says(string $word, string $what): string
    {
        return Speaker::words("glossary.words.{$word}.{$what}");
    }

    /** Drawn of a doorway that ships with it. */
    public static function drawing(string $word): string
    {
        return Cache::rememberForever('glossary.'.app()->getLocale().".{$word}", function () use ($word): string {
            $example = Document::fromJson((string) file_get_contents(resource_path('doorways/example.json')));
            $setout = Setout::quick($example, []);

            return $setout->plan === null
                ? ''
                : Svg::write(Glossary::of($word, $setout->plan, Speaker::in($setout->write)));
        });
    }

    /** A sentence as HTML, with each word of the trade leading to what it is, the first time it stands there. */
    public static function linked(string $says): string
    {
        /** @var array<string, string> $words */
        $words = app(Books::class)->made('terms', self::named(...));
        /** @var array<string, string> $links */
        $links = app(Books::class)->made('terms links', self::links(...));
        $seen = [];

        /** @var array{string} $pattern */
        $pattern = app(Books::class)->made('terms pattern', fn () => [self::pattern($words)]);

        return (string) preg_replace_callback(
            $pattern[0],
            function (array $found) use ($words, $links, &$seen): string {
                $word = $words[mb_strtolower($found[0])] ?? '';
                $link = isset($seen[$word]) ? null : $links[$word] ?? null;
                $seen[$word] = true;

                return $link === null ? $found[0] : "{$link}{$found[0]}</a>";
            },
            e($says),
        );
    }

    /** @return array<string, string> the tag that leads to each word */
    private static function links(): array
    {
        $links = [];
        foreach (Glossary::words() as $word) {
            [$page, $own] = [route('words', absolute: false), route('words.word', $word, false)];
            $links[$word] = "<a class=\"term\" href=\"{$page}#{$word}\" data-term=\"{$own}\">";
        }

        return $links;
    }

    /** @return array<string, string> each word as it stands in sentences => which of the words it is */
    private static function named(): array
    {
        $named = [];
        foreach (Glossary::words() as $word) {
            foreach (explode('|', self::says($word, 'named')) as $stands) {
                $named[mb_strtolower($stands)] = $word;
            }
        }
        // The longest first: a rail line is no rail.
        uksort($named, fn (string $a, string $b) => mb_strlen($b) <=> mb_strlen($a));

        return $named;
    }

    /** @param  array<array-key, mixed>  $words */
    private static function pattern(array $words): string
    {
        $any = implode('|', array_map(fn (int|string $word) => preg_quote((string) $word, '/'), array_keys($words)));

        return "/(?<!\\p{L})(?:{$any})(?!\\p{L})/iu";
    }
}
