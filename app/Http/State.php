<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Doorway;
use App\Models\Job;
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

        return self::named(
            match (true) {
                $doorway instanceof Doorway => "doorway-{$doorway->id}",
                $job instanceof Job => "job-{$job->id}",
                default => self::EVERYTHING,
            },
        );
    }

    public static function named(string $of): self
    {
        [$kind, $id] = [...explode('-', $of, 2), '0'];
        $parts = match ($kind) {
            'doorway' => [
                DB::table('doorways')->where('id', (int) $id)->value('revision_id'),
                DB::table('log_entries')->where('doorway_id', (int) $id)->max('id'),
            ],
            'job' => [
                DB::table('doorways')->where('job_id', (int) $id)->max('revision_id'),
                DB::table('log_entries')
                    ->whereIn('doorway_id', DB::table('doorways')->where('job_id', (int) $id)->select('id'))
                    ->max('id'),
                DB::table('jobs')->where('id', (int) $id)->value('updated_at'),
                DB::table('orders')->where('job_id', (int) $id)->max('id'),
                DB::table('prices')->max('updated_at'),
            ],
            default => [
                DB::table('revisions')->max('id'),
                DB::table('log_entries')->max('id'),
                DB::table('jobs')->max('updated_at'),
                DB::table('doorways')->max('updated_at'),
                DB::table('kits')->max('updated_at'),
                DB::table('house_rules')->max('updated_at'),
                DB::table('prices')->max('updated_at'),
            ],
        };

        return new self(
            $of,
            implode('.', array_map(fn (mixed $part) => is_scalar($part) ? (string) $part : '', $parts)),
        );
    }
}
