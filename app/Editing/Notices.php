<?php

declare(strict_types=1);

namespace App\Editing;

use App\Http\Editor;
use App\Models\WaitingNotice;
use App\Words\StoredMessage;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What editors are told the next time they open anything. */
final class Notices
{
    /** Older ones are of no use any more. */
    private const KEPT = 50;

    /**
     * @param  string  $browser  to whom
     * @param  string  $about  what it is about: a later notice about the same thing stands in its place
     * @param  array<string, mixed>  $putBack
     */
    public static function leave(
        string $browser,
        ?int $doorway,
        string $about,
        StoredMessage $says,
        array $putBack = [],
    ): void {
        WaitingNotice::query()->updateOrCreate(
            ['browser' => $browser, 'doorway_id' => $doorway, 'about' => mb_substr($about, 0, 190)],
            ['says' => $says, 'put_back' => $putBack],
        );
    }

    /**
     * Told on the page one is led to next.
     *
     * @param  list<Notice>  $notices
     */
    public static function carry(Editor $editor, ?int $doorway, array $notices): void
    {
        foreach ($notices as $notice) {
            self::leave($editor->browser, $doorway, sha1($notice->says->write()), $notice->says, $notice->putBack);
        }
    }

    /** How many wait. */
    public static function to(Editor $editor): Builder
    {
        return DB::table('notices')->where('browser', $editor->browser)->selectRaw('count(*)');
    }

    /** @return Collection<int, WaitingNotice> */
    public static function waiting(Editor $editor): Collection
    {
        // Mostly there is none, and every page asks.
        if (DB::table('notices')->where('browser', $editor->browser)->doesntExist()) {
            return new Collection();
        }

        /** @var Collection<int, WaitingNotice> */
        return WaitingNotice::query()->where('browser', $editor->browser)->latest('id')->limit(self::KEPT)->get();
    }
}
