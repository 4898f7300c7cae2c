<?php

declare(strict_types=1);

namespace App\Http;

use App\Firm\Here;
use App\Models\Doorway;
use App\Models\Job;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What a page was drawn from: where it differs when the page is seen again, the page shows what no longer stands. */
final readonly class State
{
    private const EVERYTHING = 'everything';

    /** @param  string  $of  `doorway-12`, `job-3` or `everything` */
    private function __construct(public string $of, public string $is) {}

    public static function shownOn(Request $request): self
    {
        $doorway = $request->route('doorway');
        $job = $request->route('job');

        return match (true) {
            // Of the very one that is shown.
            $doorway instanceof Doorway => self::made("doorway-{$doorway->id}", [
                $doorway->revision_id,
                self::lastEntry($doorway->id)->value('id'),
            ]),
            $job instanceof Job => self::named("job-{$job->id}"),
            default => self::named(self::EVERYTHING),
        };
    }

    public static function named(string $of): self
    {
        [$kind, $id] = [...explode('-', $of, 2), '0'];
        $firm = app(Here::class)->firm();
        $ofFirm = fn (string $table) => DB::table($table)->where('firm_id', $firm)->max('updated_at');
        $doorways = Doorway::query()->toBase();
        $parts = match ($kind) {
            'doorway' => [
                (clone $doorways)->where('id', (int) $id)->value('revision_id'),
                self::lastEntry((int) $id)->value('id'),
            ],
            'job' => [
                (clone $doorways)->where('job_id', (int) $id)->max('revision_id'),
                DB::table('log_entries')
                    ->whereIn('doorway_id', (clone $doorways)->where('job_id', (int) $id)->select('id'))
                    ->max('id'),
                Job::query()->toBase()->where('id', (int) $id)->value('updated_at'),
                DB::table('orders')->where('job_id', (int) $id)->max('id'),
                $ofFirm('prices'),
            ],
            default => [
                // The newest first, and the first that is found: none of the others is looked at.
                (clone $doorways)->orderByDesc('revision_id')->value('revision_id'),
                DB::table('log_entries')
                    ->whereExists((clone $doorways)->whereColumn('doorways.id', 'log_entries.doorway_id'))
                    ->orderByDesc('id')
                    ->value('id'),
                $ofFirm('jobs'),
                (clone $doorways)->orderByDesc('updated_at')->value('updated_at'),
                $ofFirm('kits'),
                $ofFirm('house_rules'),
                $ofFirm('prices'),
            ],
        };

        return self::made($of, $parts);
    }

    /** @param  array<mixed>  $parts */
    private static function made(string $of, array $parts): self
    {
        return new self(
            $of,
            implode('.', array_map(fn (mixed $part) => is_scalar($part) ? (string) $part : '', $parts)),
        );
    }

    /** The last of a doorway's entries in the log. */
    public static function lastEntry(int $doorway): Builder
    {
        return DB::table('log_entries')->where('doorway_id', $doorway)->selectRaw('max(id) as id');
    }
}
