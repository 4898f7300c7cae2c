<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Doorway;
use App\Models\LogEntry;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/** The log of a doorway: it only grows, and what holds now is what was said last, whenever it arrived. */
final readonly class Log
{
    public function __construct(private Doorway $doorway) {}

    /**
     * @param  array<string, mixed>  $data
     * @param  ?string  $uid  named by whoever enters it: the same name again is the same entry
     */
    public function add(
        string $kind,
        string $about,
        array $data,
        string $who,
        ?string $uid = null,
        ?Carbon $at = null,
    ): LogEntry {
        Doorway::query()
            ->whereKey($this->doorway->id)
            ->toBase()
            ->update(['waits_for' => null]);

        $at ??= $this->afterAll();

        return LogEntry::query()->firstOrCreate(
            ['doorway_id' => $this->doorway->id, 'uid' => $uid ?? (string) Str::ulid()],
            [
                'revision_id' => $this->doorway->revision_id,
                'kind' => $kind,
                'about' => $about,
                'data' => $data,
                'who' => $who,
                'at' => $at,
            ],
        );
    }

    /** Now; where the clock was set back, after what is there already: what is said last counts. */
    private function afterAll(): Carbon
    {
        $last = LogEntry::query()->where('doorway_id', $this->doorway->id)->where('at', '>', now())->max('at');

        return is_string($last) ? Carbon::parse($last)->addSecond() : now();
    }

    /** @return array<string, LogEntry> what was said last of each thing of a kind */
    public function last(string $kind): array
    {
        $last = [];
        /** @var LogEntry $entry */
        foreach (
            LogEntry::query()
                ->where('doorway_id', $this->doorway->id)
                ->where('kind', $kind)
                ->orderBy('at')
                ->orderBy('id')
                ->get() as $entry
        ) {
            $last[$entry->about] = $entry;
        }

        return $last;
    }

    /** When it was entered. A phone whose clock is ahead enters nothing in the future. */
    public static function moment(mixed $written): Carbon
    {
        $at = is_string($written) && strtotime($written) !== false ? Carbon::parse($written) : Carbon::now();

        return $at->isFuture() ? Carbon::now() : $at;
    }

    /** A length as an entry keeps it: exact, in millimetres. */
    public static function write(Length $length): string
    {
        return (new LengthWriter(Unit::Millimetre))->exact($length);
    }

    public static function read(mixed $written): Length
    {
        return LengthReader::read(is_scalar($written) ? $written : '', Unit::Millimetre);
    }
}
