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
        $html = e($says);
        $kept = [];
        foreach (app(Books::class)->made('terms', self::patterns(...)) as $word => $pattern) {
            $html = (string) preg_replace_callback(
                (string) $pattern,
                function (array $found) use ($word, &$kept): string {
                    $kept[] = self::link((string) $word, $found[0]);

                    return "\0".(count($kept) - 1)."\0";
                },
                $html,
                1,
            );
        }

        return (string) preg_replace_callback("/\0(\d+)\0/", fn (array $found) => $kept[(int) $found[1]], $html);
    }

    private static function link(string $word, string $says): string
    {
        return '<a class="term" href="'.route('words').'#'.$word.'" data-term="'.route('words.word', $word).'">'.
            $says.
            '</a>';
    }

    /** @return array<string, string> the longest first: a rail line is no rail */
    private static function patterns(): array
    {
        $named = [];
        foreach (Glossary::words() as $word) {
            $named[$word] = self::says($word, 'named');
        }
        uasort($named, fn (string $a, string $b) => self::longest($b) <=> self::longest($a));

        return array_map(fn (string $words) => "/(?<![\\p{L}\0])(?:{$words})(?![\\p{L}])/iu", $named);
    }

    private static function longest(string $words): int
    {
        return max(array_map(mb_strlen(...), explode('|', $words)));
    }
}
