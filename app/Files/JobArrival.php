<?php

declare(strict_types=1);

namespace App\Files;

use App\Firm\Here;
use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Receipt;
use App\Models\SupplyOrder;
use App\Plain;
use App\Rules\Level;
use App\Rules\RuleBook;
use App\Site\Photo;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;
use Throwable;
use YokeLine\Catalog\Catalog;
use YokeLine\Format\Document;
use YokeLine\Format\Fields;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;

/**
 * A job that comes in from a ZIP, piece by piece, so that nobody waits for it: no list shows it till all of it is here,
 * and one that cannot be read leaves nothing behind.
 */
final class JobArrival
{
    private const MOST_JOB_BYTES = 4_000_000;

    /** What was begun and stopped half way is swept after so long. */
    private const LOST_AFTER_H = 2;

    private function __construct(
        private readonly Zip $zip,
        private readonly Job $job,
        private readonly bool $hasLines,
    ) {}

    /** @throws UnreadableFile */
    public static function read(string $path): Job
    {
        self::sweep();
        $zip = Zip::open($path);
        $file = Zip::document($zip->text('job.json', self::MOST_JOB_BYTES), 'job.json');
        if ($file->get('format') !== 'yoke-line/job') {
            throw UnreadableFile::wrongFormat('job', $file->get('format'));
        }
        if (! in_array($file->get('version'), [1, JobArchive::VERSION], true)) {
            throw UnreadableFile::unknownVersion($file->get('version'));
        }
        $name = $file->get('name');
        if (! is_string($name) || trim($name) === '' || mb_strlen($name) > 120) {
            throw UnreadableFile::at('name', 'job-name');
        }
        $units = ($fields = new Fields($file, Unit::Millimetre))->choice('units', Unit::class);
        $fields->settle();
        $job = new Job(['name' => $name, 'units' => $units]);
        $job->forceFill(['arriving_since' => now()])->save();
        try {
            $arrival = new self($zip, $job, $file->get('version') !== 1);
            // What others did is not done by whoever brings it in.
            $here = app(Here::class);
            $here->asNobodyOf($here->firm(), fn () => $arrival->bringIn($file));
        } catch (Throwable $problem) {
            self::discard($job->id);

            throw $problem;
        }

        return $job;
    }

    private function bringIn(Document $file): void
    {
        foreach (Arrived::rows($file, 'rules') as $i => $row) {
            $this->rule($row, "rules[{$i}]");
        }
        $ids = $put = [];
        foreach (Arrived::rows($file, 'doorways') as $i => $row) {
            $doorway = (new DoorwayArrival($this->zip, $this->job, $this->hasLines))->read($row, "doorways[{$i}]");
            $ids[] = $doorway->id;
            $put[$doorway->id] = Arrived::moment($row->archived_at ?? null);
        }
        DB::transaction(function () use ($file): void {
            foreach ($file->get('orders') === null ? [] : Arrived::rows($file, 'orders') as $i => $row) {
                $this->order($row, "orders[{$i}]");
            }
        });
        $days = $file->get('day_plan');
        DB::transaction(function () use ($file, $days, $ids, $put): void {
            foreach ($put as $id => $at) {
                Doorway::query()
                    ->whereKey($id)
                    ->toBase()
                    ->update(['archived_at' => $at]);
            }
            $this->job
                ->forceFill([
                    'arriving_since' => null,
                    'archived_at' => Arrived::moment($file->get('archived_at')),
                    // What went out before jobs had a unit speaks as its first doorway does.
                    'units' => $file->get('units') === null
                            ? $this->job->doorways()->oldest('id')->first()?->setout(null)->doorway->units ??
                                $this->job->units
                            : $this->job->units,
                    'day_plan' => $days instanceof stdClass
                            ? JobArchive::dayPlan((array) json_decode((string) json_encode($days), true), $ids)
                            : null,
                ])
                ->save();
        });
    }

    private function rule(stdClass $row, string $at): void
    {
        $method = is_string($row->method ?? null) ? Catalog::whole()->rules()[$row->method] ?? null : null;
        if ($method === null || ! is_string($row->value ?? null)) {
            throw UnreadableFile::at("{$at}.method", 'no-rule');
        }
        HouseRule::create([
            'job_id' => $this->job->id,
            'method' => $method->rule,
            'value' => (new RuleBook(Level::job($this->job)))->read($method, $row->value, Unit::Millimetre),
            'why' => Arrived::words($row->why ?? ''),
        ]);
    }

    private function order(stdClass $row, string $at): void
    {
        $lines = (array) ($row->lines ?? []);
        if (
            Arrived::words($row->reference ?? '') === '' ||
            array_filter($lines, fn (mixed $count) => ! is_int($count) && ! is_float($count)) !== []
        ) {
            throw UnreadableFile::at($at, 'order-incomplete');
        }
        // The same order twice in one house would be asked for twice: a copy has a reference of its own.
        $reference = mb_substr(Arrived::words($row->reference), 0, 40);
        $order = new SupplyOrder([
            'job_id' => $this->job->id,
            'reference' => SupplyOrder::query()->where('reference', $reference)->exists()
                ? strtolower((string) Str::ulid())
                : $reference,
            'lines' => $lines,
            'is_answered' => ($row->answered ?? false) === true,
        ]);
        $ordered = Arrived::moment($row->at ?? null) ?? now();
        $order->setCreatedAt($ordered)->save();
        foreach (is_array($row->receipts ?? null) ? $row->receipts : [] as $receipt) {
            if (
                $receipt instanceof stdClass &&
                in_array($receipt->kind ?? null, ['received', 'returned'], true) &&
                is_numeric($receipt->count ?? null)
            ) {
                $came = new Receipt([
                    'order_id' => $order->id,
                    'delivery' => mb_substr(Arrived::words($receipt->delivery ?? ''), 0, 60),
                    'key' => mb_substr(Arrived::words($receipt->key ?? ''), 0, 120),
                    'count' => (float) $receipt->count,
                    'kind' => $receipt->kind,
                ]);
                $came->setCreatedAt(Arrived::moment($receipt->at ?? null) ?? $ordered)->save();
            }
        }
    }

    /** What was left of a job that stopped half way. */
    private static function sweep(): void
    {
        foreach (
            DB::table('jobs')->where('arriving_since', '<', now()->subHours(self::LOST_AFTER_H))->pluck('id') as $job
        ) {
            self::discard(Plain::number($job));
        }
    }

    /** Takes out all of a job that is not to stay. */
    public static function discard(int $job): void
    {
        $doorways = DB::table('doorways')->where('job_id', $job)->pluck('id')->all();
        DB::transaction(function () use ($job, $doorways): void {
            DB::table('doorways')
                ->whereIn('id', $doorways)
                ->update(['revision_id' => null]);
            DB::table('revisions')
                ->whereIn('doorway_id', $doorways)
                ->update(['parent_id' => null, 'undoes' => null]);
            foreach (['offers', 'log_entries', 'traces', 'notices', 'revisions'] as $table) {
                DB::table($table)->whereIn('doorway_id', $doorways)->delete();
            }
            DB::table('doorways')->whereIn('id', $doorways)->delete();
            DB::table('receipts')
                ->whereIn('order_id', DB::table('orders')->where('job_id', $job)->select('id'))
                ->delete();
            foreach (['orders', 'house_rules'] as $table) {
                DB::table($table)->where('job_id', $job)->delete();
            }
            DB::table('jobs')->where('id', $job)->delete();
        });
        array_map(Photo::forget(...), array_map(Plain::number(...), $doorways));
    }
}
