<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Offer;
use App\Models\Receipt;
use App\Models\Revision;
use App\Models\SupplyOrder;
use App\Plain;
use App\Site\Photo;
use Illuminate\Support\Str;
use RuntimeException;
use YokeLine\Format\Document;
use ZipArchive;

/**
 * A job whole, as one ZIP: `job.json` with its house rules, each doorway as its open file, each doorway's history and
 * log a line to a change or an
 * entry, its photographs, and what a scanner sent of its wall. Brought in again nothing is missing (`JobArrival`).
 */
final class JobArchive
{
    public const VERSION = 2;

    /** Writes the ZIP and says where it is; the caller deletes it. */
    public static function write(Job $job): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        unlink($path);
        $rows = [];
        /** @var Doorway $doorway */
        foreach ($job->doorways()->with('revision', 'trace')->orderBy('id')->get() as $i => $doorway) {
            $rows[] = self::addDoorway($path, $i, $doorway);
        }
        self::addJob($path, $job, $rows);

        return $path;
    }

    /** @return array<string, mixed> what `job.json` says of it */
    public static function addDoorway(string $path, int $i, Doorway $doorway): array
    {
        $zip = self::open($path);
        $name = sprintf('%02d-%s', $i + 1, Str::slug($doorway->name) ?: 'doorway');
        $zip->addFromString("doorways/{$name}.json", $doorway->revision->document->toJson(pretty: true)."\n");
        $zip->addFromString("history/{$name}.jsonl", self::history($doorway));
        $zip->addFromString("log/{$name}.jsonl", self::log($doorway));
        // One that is lost from the disk keeps nothing else from going out.
        $photos = array_values(
            array_filter(self::photos($doorway), fn (string $file) => is_file(Photo::path($doorway, $file))),
        );
        foreach ($photos as $file) {
            $zip->addFile(Photo::path($doorway, $file), "photos/{$name}/{$file}");
        }
        if ($doorway->trace !== null) {
            $zip->addFromString("traces/{$name}.csv", $doorway->trace->csv);
        }
        $zip->close();

        return [
            'file' => $name,
            'photos' => $photos,
            'change' => $doorway->revision->number,
            'archived_at' => $doorway->archived_at?->toJSON(),
            'trace' => $doorway->trace !== null,
            'offers' => self::offers($doorway),
        ];
    }

    /** @param  list<array<string, mixed>>  $doorways  as `addDoorway` gave them */
    public static function addJob(string $path, Job $job, array $doorways): void
    {
        $zip = self::open($path);
        $rules = HouseRule::query()
            ->where('job_id', $job->id)
            ->orderBy('method')
            ->get(['method', 'value', 'why'])
            ->toArray();
        $zip->addFromString(
            'job.json',
            Document::of([
                'format' => 'yoke-line/job',
                'version' => self::VERSION,
                'name' => $job->name,
                'units' => $job->units->value,
                'archived_at' => $job->archived_at?->toJSON(),
                'rules' => $rules,
                'day_plan' => self::dayPlan($job->day_plan, self::places($job)),
                'orders' => self::orders($job),
                'doorways' => $doorways,
            ])->toJson(pretty: true)."\n",
        );
        $zip->close();
    }

    private static function open(string $path): ZipArchive
    {
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE) === true ||
            throw new RuntimeException('There is no room to write a ZIP.');

        return $zip;
    }

    /** @return array<int, int> where each doorway stands in the list, by its own number */
    private static function places(Job $job): array
    {
        $doorways = $job->doorways()->orderBy('id')->pluck('id')->all();

        return array_flip(array_map(Plain::number(...), array_values($doorways)));
    }

    /**
     * A day plan names doorways by their number in the list while it is away, by their own where it is at home.
     *
     * @param  ?array<array-key, mixed>  $days
     * @param  array<int, int>  $names  the other name of each doorway
     * @return ?array<array-key, mixed>
     */
    public static function dayPlan(?array $days, array $names): ?array
    {
        if ($days === null) {
            return null;
        }
        if (is_array($days['doorways'] ?? null)) {
            $days['doorways'] = array_values(
                array_filter(
                    array_map(fn (mixed $one) => is_int($one) ? $names[$one] ?? null : null, $days['doorways']),
                    is_int(...),
                ),
            );
        }
        $stands = [];
        foreach (is_array($days['stands'] ?? null) ? $days['stands'] : [] as $task => $stand) {
            [$doorway, $step] = array_pad(explode('/', (string) $task, 2), 2, '');
            if (isset($names[(int) $doorway]) && is_array($stand) && is_int($stand['at'] ?? null)) {
                $stands[$names[(int) $doorway]."/{$step}"] = $stand;
            }
        }

        return isset($days['stands']) ? [...$days, 'stands' => $stands] : $days;
    }

    /** @return list<array<string, mixed>> */
    private static function offers(Doorway $doorway): array
    {
        $offers = [];
        /** @var Offer $offer */
        foreach (Offer::query()->with('revision')->where('doorway_id', $doorway->id)->orderBy('id')->get() as $offer) {
            $offers[] = [
                'change' => $offer->revision->number,
                'cents' => $offer->cents,
                'accepted_by' => $offer->accepted_by,
                'accepted_at' => $offer->accepted_at?->toJSON(),
                'at' => $offer->created_at->toJSON(),
            ];
        }

        return $offers;
    }

    /** @return list<array<string, mixed>> what was ordered for it, and what came */
    private static function orders(Job $job): array
    {
        $orders = [];
        /** @var SupplyOrder $order */
        foreach (SupplyOrder::query()->with('receipts')->where('job_id', $job->id)->orderBy('id')->get() as $order) {
            $orders[] = [
                'reference' => $order->reference,
                'lines' => (object) $order->lines,
                'answered' => $order->is_answered,
                'at' => $order->created_at->toJSON(),
                'receipts' => $order->receipts
                    ->sortBy('id')
                    ->map(
                        fn (Receipt $one) => [
                            'delivery' => $one->delivery,
                            'key' => $one->key,
                            'count' => $one->count,
                            'kind' => $one->kind,
                            'at' => $one->created_at->toJSON(),
                        ],
                    )
                    ->values()
                    ->all(),
            ];
        }

        return $orders;
    }

    /** A change to a line. */
    private static function history(Doorway $doorway): string
    {
        $numbers = $doorway->revisions()->pluck('number', 'id');
        $lines = '';
        /** @var Revision $revision */
        foreach ($doorway->revisions()->orderBy('number')->lazy(100) as $revision) {
            $lines .=
                Document::of(
                    array_filter(
                        [
                            'change' => $revision->number,
                            'after' => $numbers[$revision->parent_id ?? 0] ?? null,
                            'undoes' => $numbers[$revision->undoes ?? 0] ?? null,
                            'what' => $revision->what->write(),
                            'who' => $revision->who,
                            'at' => $revision->created_at->toJSON(),
                            'document' => $revision->document->root,
                        ],
                        fn (mixed $value) => $value !== null,
                    ),
                )->toJson()."\n";
        }

        return $lines;
    }

    /** An entry to a line. */
    private static function log(Doorway $doorway): string
    {
        $numbers = $doorway->revisions()->pluck('number', 'id');
        $lines = '';
        /** @var LogEntry $entry */
        foreach (LogEntry::query()->where('doorway_id', $doorway->id)->orderBy('id')->lazy(200) as $entry) {
            $lines .=
                Document::of([
                    'uid' => $entry->uid,
                    'change' => $numbers[$entry->revision_id],
                    'kind' => $entry->kind,
                    'about' => $entry->about,
                    'data' => (object) $entry->data,
                    'who' => $entry->who,
                    'at' => $entry->at->toJSON(),
                ])->toJson()."\n";
        }

        return $lines;
    }

    /** @return list<string> the files of its photographs */
    public static function photos(Doorway $doorway): array
    {
        $files = [];
        /** @var LogEntry $entry */
        foreach (
            LogEntry::query()->where('doorway_id', $doorway->id)->where('kind', 'photo')->orderBy('id')->get() as $entry
        ) {
            $files[] = $entry->data['file'] ?? null;
        }

        return array_values(
            array_filter($files, fn (mixed $file) => is_string($file) && preg_match('/^[\w-]+\.jpg$/', $file) === 1),
        );
    }
}
