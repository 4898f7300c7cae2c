<?php

declare(strict_types=1);

namespace App\Frame;

use App\Http\Editor;
use App\Models\Doorway;
use Illuminate\Support\Facades\Cache;

/** Who else looks at a doorway. Not a record: it is forgotten after some minutes. */
final class Present
{
    private const HERE_S = 180;

    private const AGAIN_S = 60;

    /** @return list<string> the names of the others, once each; and one is here oneself from now on */
    public static function besides(Editor $editor, Doorway $doorway): array
    {
        $key = "here.{$doorway->id}";
        $now = now()->getTimestamp();
        $kept = Cache::get($key, []);
        $here = [];
        foreach (is_array($kept) ? $kept : [] as $browser => $one) {
            if (is_array($one) && is_string($one[0] ?? null) && ($one[1] ?? 0) > $now - self::HERE_S) {
                $here[(string) $browser] = $one;
            }
        }
        // Told again now and then, not at each look.
        if (($here[$editor->browser][1] ?? 0) < $now - self::AGAIN_S) {
            Cache::put($key, [...$here, $editor->browser => [$editor->name, $now]], self::HERE_S);
        }
        unset($here[$editor->browser]);

        return array_values(array_unique(array_column($here, 0)));
    }
}
