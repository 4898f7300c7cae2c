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
use App\Rules\Level;
use App\Rules\RuleBook;
use App\Scanning\WallSweep;
use App\Site\NotTaken;
use App\Site\Photo;
use App\Words\StoredMessage;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;
use Throwable;
use YokeLine\Catalog\Catalog;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\Fields;
use YokeLine\Format\ItemIds;
use YokeLine\Format\UnreadableFile;
use YokeLine\Holding\Scan\Trace;
use YokeLine\Measure\Unit;

/**
 * A job that comes in from a ZIP, piece by piece, so that nobody waits for it: no list shows it till all of it is here,
 * and one that cannot be read
 * leaves nothing behind.
 */
final class JobArrival
{
    /** Changes or entries that are written in one go. */
    private const PIECE = 20;

    private const MOST_JOB_BYTES = 4_000_000;

    private const MOST_DOORWAY_BYTES = 1_000_000;

    /** Of the one file that a history or a log was before it had lines. */
    private const MOST_OLD_BYTES = 8_000_000;

    private const MOST_PHOTO_BYTES = 12_000_000;

    private const MOST_TRACE_BYTES = 6_000_000;

    /** What was begun and stopped half way is swept after so long. */
    private const LOST_AFTER_H = 2;

    /**
     * @var array<int, int> rows of the doorway at hand, by the number of the change: the documents themselves would
     * fill the memory
     */
    private array $kept = [];

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
            (new self($zip, $job, $file->get('version') !== 1))->bringIn($file);
        } catch (Throwable $problem) {
            self::discard($job->id);

            throw $problem;
        }

        return $job;
    }

    private function bringIn(Document $file): void
    {
        foreach (self::rows($file, 'rules') as $i => $row) {
            $this->rule($row, "rules[{$i}]");
        }
        $ids = $put = [];
        foreach (self::rows($file, 'doorways') as $i => $row) {
            $doorway = $this->doorway($row, "doorways[{$i}]");
            $ids[] = $doorway->id;
            $put[$doorway->id] = self::moment($row->archived_at ?? null);
        }
        DB::transaction(function () use ($file): void {
            foreach ($file->get('orders') === null ? [] : self::rows($file, 'orders') as $i => $row) {
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
                    'archived_at' => self::moment($file->get('archived_at')),
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
            'why' => self::words($row->why ?? ''),
        ]);
    }

    private function doorway(stdClass $row, string $at): Doorway
    {
        $name =
            is_string($row->file ?? null) && preg_match('/^[\w-]{1,100}$/', $row->file) === 1
                ? $row->file
                : throw UnreadableFile::at("{$at}.file", 'doorway-file');
        $now = self::checked(
            $this->zip->text("doorways/{$name}.json", self::MOST_DOORWAY_BYTES),
            "doorways/{$name}.json",
        );
        $doorway = new Doorway(['job_id' => $this->job->id, 'name' => '', 'verdict' => '', 'summary' => '']);
        $doorway
            ->setRelation('job', $this->job)
            ->forceFill(['archived_at' => now()])
            ->save();
        $this->kept = [];
        $this->history($doorway, $name);
        /** @var ?Revision $current */
        $current = Revision::query()->find(is_int($row->change ?? null) ? $this->kept[$row->change] ?? 0 : 0);
        if ($current === null || ! $current->document->equals(ItemIds::given($now))) {
            throw UnreadableFile::at("doorways/{$name}.json", 'history-disagrees');
        }
        $doorway->moveTo($current, $doorway->plan($current->document));
        $this->log($doorway, $name);
        foreach (JobArchive::photos($doorway) as $file) {
            if (is_array($row->photos ?? null) && ! in_array($file, $row->photos, true)) {
                // It was lost before the job went out.
                continue;
            }
            try {
                Photo::write(
                    $doorway,
                    pathinfo($file, PATHINFO_FILENAME),
                    $this->zip->text("photos/{$name}/{$file}", self::MOST_PHOTO_BYTES),
                );
            } catch (NotTaken $problem) {
                throw new UnreadableFile(["photos/{$name}/{$file}" => $problem->why]);
            }
        }
        if (($row->trace ?? false) === true) {
            (new WallSweep($doorway, $doorway->setout(null)))->keep(
                Trace::read($this->zip->text("traces/{$name}.csv", self::MOST_TRACE_BYTES)),
            );
        }
        DB::transaction(fn () => $this->offers($doorway, is_array($row->offers ?? null) ? $row->offers : [], $at));

        return $doorway;
    }

    private function history(Doorway $doorway, string $name): void
    {
        $before = null;
        foreach (self::inPieces($this->linesOf('history', $name, 'changes')) as $piece) {
            // Read and checked before the lock is taken.
            $made = [];
            foreach ($piece as [$place, $change]) {
                $before = self::checked(
                    (string) json_encode($change->document ?? null, JSON_PRESERVE_ZERO_FRACTION),
                    $place,
                    $before,
                );
                $made[] = [$place, $change, $before];
            }
            DB::transaction(function () use ($doorway, $made): void {
                foreach ($made as [$place, $change, $document]) {
                    if (! is_int($change->change ?? null) || isset($this->kept[$change->change])) {
                        throw UnreadableFile::at($place, 'change-incomplete');
                    }
                    $of = fn (string $key) => is_int($change->{$key} ?? null)
                        ? $this->kept[$change->{$key}] ?? null
                        : null;
                    $revision = new Revision([
                        'doorway_id' => $doorway->id,
                        'parent_id' => $of('after'),
                        'undoes' => $of('undoes'),
                        'number' => $change->change,
                        'document' => $document,
                        'what' => StoredMessage::read(
                            is_string($change->what ?? null) ? mb_substr($change->what, 0, 4000) : '',
                        ),
                        'who' => self::words($change->who ?? ''),
                        'browser' => '',
                    ]);
                    $revision->setCreatedAt(self::moment($change->at ?? null) ?? now());
                    $revision->save();
                    $this->kept[$change->change] = $revision->id;
                }
            });
        }
    }

    private function log(Doorway $doorway, string $name): void
    {
        // Jobs given out before there was a log have none.
        if (! $this->zip->has("log/{$name}.json") && ! $this->zip->has("log/{$name}.jsonl")) {
            return;
        }
        foreach (self::inPieces($this->linesOf('log', $name, 'entries')) as $piece) {
            DB::transaction(function () use ($doorway, $piece): void {
                foreach ($piece as [$place, $entry]) {
                    $this->entry($doorway, $entry, $place);
                }
            });
        }
    }

    private function entry(Doorway $doorway, stdClass $entry, string $place): void
    {
        $revision = $this->kept[is_int($entry->change ?? null) ? $entry->change : 0] ?? null;
        $at = self::moment($entry->at ?? null);
        if (
            $revision === null ||
            $at === null ||
            self::words($entry->uid ?? '') === '' ||
            self::words($entry->kind ?? '') === '' ||
            ! (($entry->data ?? null) instanceof stdClass)
        ) {
            throw UnreadableFile::at($place, 'entry-incomplete');
        }
        LogEntry::create([
            'doorway_id' => $doorway->id,
            'revision_id' => $revision,
            'uid' => mb_substr(self::words($entry->uid), 0, 40),
            'kind' => mb_substr(self::words($entry->kind), 0, 20),
            'about' => mb_substr(self::words($entry->about ?? ''), 0, 80),
            'data' => json_decode((string) json_encode($entry->data), true),
            'who' => mb_substr(self::words($entry->who ?? ''), 0, 80),
            'at' => $at,
        ]);
    }

    /** @param  array<mixed>  $offers */
    private function offers(Doorway $doorway, array $offers, string $at): void
    {
        foreach ($offers as $i => $offer) {
            $revision =
                $offer instanceof stdClass && is_int($offer->change ?? null)
                    ? $this->kept[$offer->change] ?? null
                    : null;
            if ($revision === null || ! is_int($offer->cents ?? null)) {
                throw UnreadableFile::at("{$at}.offers[{$i}]", 'offer-incomplete');
            }
            $made = new Offer([
                'doorway_id' => $doorway->id,
                'revision_id' => $revision,
                'cents' => $offer->cents,
                'accepted_by' => self::words($offer->accepted_by ?? ''),
                'accepted_at' => self::moment($offer->accepted_at ?? null),
            ]);
            $made->setCreatedAt(self::moment($offer->at ?? null) ?? now());
            $made->save();
        }
    }

    private function order(stdClass $row, string $at): void
    {
        $lines = (array) ($row->lines ?? []);
        if (
            self::words($row->reference ?? '') === '' ||
            array_filter($lines, fn (mixed $count) => ! is_int($count) && ! is_float($count)) !== []
        ) {
            throw UnreadableFile::at($at, 'order-incomplete');
        }
        // The same order twice in one house would be asked for twice: a copy has a reference of its own.
        $reference = mb_substr(self::words($row->reference), 0, 40);
        $order = SupplyOrder::create([
            'job_id' => $this->job->id,
            'reference' => SupplyOrder::query()->where('reference', $reference)->exists()
                ? strtolower((string) Str::ulid())
                : $reference,
            'lines' => $lines,
            'is_answered' => ($row->answered ?? false) === true,
        ]);
        foreach (is_array($row->receipts ?? null) ? $row->receipts : [] as $receipt) {
            if (
                $receipt instanceof stdClass &&
                in_array($receipt->kind ?? null, ['received', 'returned'], true) &&
                is_numeric($receipt->count ?? null)
            ) {
                Receipt::create([
                    'order_id' => $order->id,
                    'delivery' => mb_substr(self::words($receipt->delivery ?? ''), 0, 60),
                    'key' => mb_substr(self::words($receipt->key ?? ''), 0, 120),
                    'count' => (float) $receipt->count,
                    'kind' => $receipt->kind,
                ]);
            }
        }
    }

    /** @return iterable<array{string, stdClass}> each with its place in words */
    private function linesOf(string $folder, string $name, string $key): iterable
    {
        if ($this->hasLines) {
            foreach ($this->zip->lines("{$folder}/{$name}.jsonl", self::MOST_DOORWAY_BYTES) as $n => $line) {
                yield ["{$folder}/{$name}.jsonl line {$n}", $line->root];
            }

            return;
        }
        foreach (
            self::rows(
                Zip::document(
                    $this->zip->text("{$folder}/{$name}.json", self::MOST_OLD_BYTES),
                    "{$folder}/{$name}.json",
                ),
                $key,
            ) as $i => $row
        ) {
            yield ["{$folder}/{$name}.json {$key}[{$i}]", $row];
        }
    }

    /**
     * @param  iterable<array{string, stdClass}>  $lines
     * @return iterable<list<array{string, stdClass}>>
     */
    private static function inPieces(iterable $lines): iterable
    {
        $piece = [];
        foreach ($lines as $line) {
            $piece[] = $line;
            if (count($piece) === self::PIECE) {
                yield $piece;
                $piece = [];
            }
        }
        if ($piece !== []) {
            yield $piece;
        }
    }

    /** What was left of a job that stopped half way. */
    private static function sweep(): void
    {
        foreach (
            DB::table('jobs')->where('arriving_since', '<', now()->subHours(self::LOST_AFTER_H))->pluck('id') as $job
        ) {
            self::discard((int) $job);
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
        array_map(Photo::forget(...), array_map(intval(...), $doorways));
    }

    /**
     * @param  ?Document  $before  one that was checked already
     *
     * @throws UnreadableFile with the file's name before the place
     */
    private static function checked(string $json, string $file, ?Document $before = null): Document
    {
        try {
            $document = Document::fromJson($json);
            DoorwayFile::check($document, $before);
            DoorwayReader::read($document);

            return $document;
        } catch (UnreadableFile $problem) {
            throw $problem->within($file);
        }
    }

    /** @return list<stdClass> */
    private static function rows(Document $file, string $key): array
    {
        $rows = $file->get($key);
        if (! is_array($rows) || array_filter($rows, fn (mixed $row) => ! ($row instanceof stdClass)) !== []) {
            throw UnreadableFile::at($key, 'no-list');
        }

        /** @var list<stdClass> */
        return array_values($rows);
    }

    private static function moment(mixed $written): ?Carbon
    {
        return is_string($written) && strtotime($written) !== false ? Carbon::parse($written) : null;
    }

    private static function words(mixed $written): string
    {
        return is_string($written) ? mb_substr($written, 0, 250) : '';
    }
}
