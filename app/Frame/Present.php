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

    /** @return list<string> the names of the others, once each; and one is here oneself from now on */
    public static function besides(Editor $editor, Doorway $doorway): array
    {
        $key = "here.{$doorway->id}";
        $kept = Cache::get($key, []);
        $here = [];
        foreach (is_array($kept) ? $kept : [] as $browser => $one) {
            if (is_array($one) && is_string($one[0] ?? null) && ($one[1] ?? 0) > now()->getTimestamp() - self::HERE_S) {
                $here[(string) $browser] = $one;
            }
        }
        Cache::put($key, [...$here, $editor->browser => [$editor->name, now()->getTimestamp()]], self::HERE_S);
        unset($here[$editor->browser]);

        return array_values(array_unique(array_column($here, 0)));
    }
}
