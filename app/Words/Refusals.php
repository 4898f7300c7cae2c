<?php

declare(strict_types=1);

namespace App\Words;

use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/** What could not be read, in sentences. */
final class Refusals
{
    public static function say(Message $why): string
    {
        return Speaker::in(Unit::Millimetre)->say($why);
    }

    /** @return array<string, string> place => what is wrong there */
    public static function each(UnreadableFile $refused): array
    {
        return array_map(self::say(...), $refused->problems);
    }

    public static function whole(UnreadableFile $refused): string
    {
        return implode(' ', self::each($refused));
    }

    /** What is wrong at that place; where it is elsewhere, all that is. */
    public static function at(string $place, UnreadableFile $refused): string
    {
        return self::each($refused)[$place] ?? self::whole($refused);
    }

    /** @return list<string> each with the place where it stands, as a file names it */
    public static function placed(UnreadableFile $refused): array
    {
        $says = self::each($refused);

        return array_map(
            fn (string $place, string $why) => $place === '' ? $why : "{$place}: {$why}",
            array_keys($says),
            $says,
        );
    }
}
