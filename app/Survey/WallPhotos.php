<?php

declare(strict_types=1);

namespace App\Survey;

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Record\Log;
use Illuminate\Support\Facades\DB;

/** The photographs of a doorway's wall, and which of them is true to scale. */
final readonly class WallPhotos
{
    /** @param  list<WallPhoto>  $all  the newest first */
    private function __construct(public array $all) {}

    public static function of(Doorway $doorway): self
    {
        $points = (new Log($doorway))->last('points');
        $survey = $doorway->setout(null)->doorway->survey;

        return new self(
            array_values(LogEntry::query()
                ->where('doorway_id', $doorway->id)
                ->where('kind', 'photo')
                ->orderByDesc('id')
                ->get()
                ->map(fn (LogEntry $photo) => WallPhoto::of($photo, $points[$photo->uid] ?? null, $survey))
                ->all()),
        );
    }

    /** What lies behind the drawing: the newest that is true to scale; null where none is. */
    public static function behind(Doorway $doorway): ?WallPhoto
    {
        $isMarked = DB::table('log_entries')->where('doorway_id', $doorway->id)->where('kind', 'points')->exists();

        return $isMarked ? self::of($doorway)->true() : null;
    }

    public function find(string $uid): ?WallPhoto
    {
        return array_column($this->all, null, 'uid')[$uid] ?? null;
    }

    /** The newest that is true to scale; null where none is. */
    public function true(): ?WallPhoto
    {
        return array_values(array_filter($this->all, fn (WallPhoto $photo) => $photo->fitted !== null))[0] ?? null;
    }
}
