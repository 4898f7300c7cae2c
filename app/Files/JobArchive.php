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
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;
use stdClass;
use YokeLine\Anchoring\Scan\Trace;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;
use YokeLine\Methods\Methods;
use ZipArchive;

/**
 * A job whole, as one ZIP: `job.json` with its house rules, each doorway as its open file, each doorway's history and log with its photographs, and what a
 * scanner sent of its wall. Brought in again nothing is missing; a ZIP that cannot be read changes nothing.
 */
final class JobArchive
{
    private const MOST_BYTES = 60_000_000;

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
        $zip->addFromString("history/{$name}.json", self::history($doorway));
        $zip->addFromString("log/{$name}.json", self::log($doorway));
        foreach (self::photos($doorway) as $file) {
            $zip->addFile(Photo::path($doorway, $file), "photos/{$name}/{$file}");
        }
        if ($doorway->trace !== null) {
            $zip->addFromString("traces/{$name}.csv", $doorway->trace->csv);
        }
        $zip->close();

        return ['file' => $name, 'change' => $doorway->revision->number, 'archived_at' => $doorway->archived_at?->toJSON(), 'trace' => $doorway->trace !== null, 'offers' => self::offers($doorway)];
    }

    /** @param  list<array<string, mixed>>  $doorways  as `addDoorway` gave them */
    public static function addJob(string $path, Job $job, array $doorways): void
    {
        $zip = self::open($path);
        $rules = HouseRule::query()->where('job_id', $job->id)->orderBy('method')->get(['method', 'value', 'why'])->toArray();
        $zip->addFromString('job.json', Document::of(['format' => 'yoke-line/job', 'version' => 1, 'name' => $job->name, 'archived_at' => $job->archived_at?->toJSON(), 'rules' => $rules, 'day_plan' => self::dayPlan($job->day_plan, $job->doorways()->orderBy('id')->pluck('id')->flip()->all()), 'orders' => self::orders($job), 'doorways' => $doorways])->toJson(pretty: true)."\n");
        $zip->close();
    }

    private static function open(string $path): ZipArchive
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE) === true || throw new RuntimeException('There is no room to write a ZIP.');

        return $zip;
    }

    /** @throws UnreadableFile */
    public static function read(string $path): Job
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new UnreadableFile(['' => 'This is not a ZIP file.']);
        }
        $size = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $size += $zip->statIndex($i)['size'] ?? 0;
        }
        if ($size > self::MOST_BYTES) {
            throw new UnreadableFile(['' => 'Unpacked, this ZIP is larger than a job can be.']);
        }

        return DB::transaction(fn () => self::bringIn($zip));
    }

    private static function bringIn(ZipArchive $zip): Job
    {
        $file = Document::fromJson(self::entry($zip, 'job.json'));
        if ($file->get('format') !== 'yoke-line/job') {
            throw UnreadableFile::wrongFormat('job', $file->get('format'));
        }
        if ($file->get('version') !== 1) {
            throw UnreadableFile::unknownVersion($file->get('version'));
        }
        $name = $file->get('name');
        if (! is_string($name) || trim($name) === '' || mb_strlen($name) > 120) {
            throw new UnreadableFile(['name' => 'A job has a name of 1 to 120 letters.']);
        }
        $job = Job::create(['name' => $name]);
        $job->forceFill(['archived_at' => self::moment($file->get('archived_at'))])->save();
        foreach (self::rows($file, 'rules') as $i => $row) {
            self::rule($job, $row, "rules[{$i}]");
        }
        $ids = [];
        foreach (self::rows($file, 'doorways') as $i => $row) {
            $ids[] = self::doorway($zip, $job, $row, "doorways[{$i}]")->id;
        }
        $days = $file->get('day_plan');
        $job->forceFill(['day_plan' => $days instanceof stdClass ? self::dayPlan((array) json_decode((string) json_encode($days), true), $ids) : null])->save();
        foreach ($file->get('orders') === null ? [] : self::rows($file, 'orders') as $i => $row) {
            self::order($job, $row, "orders[{$i}]");
        }

        return $job;
    }

    private static function rule(Job $job, stdClass $row, string $at): void
    {
        $method = is_string($row->method ?? null) ? Methods::all()[$row->method] ?? null : null;
        if ($method === null || ! is_string($row->value ?? null)) {
            throw new UnreadableFile(["{$at}.method" => 'This is no question of the house rules.']);
        }
        HouseRule::create(['job_id' => $job->id, 'method' => $method->key, 'value' => (new RuleBook(Level::job($job)))->read($method, $row->value, Unit::Millimetre), 'why' => self::words($row->why ?? '')]);
    }

    private static function doorway(ZipArchive $zip, Job $job, stdClass $row, string $at): Doorway
    {
        $name = is_string($row->file ?? null) ? $row->file : throw new UnreadableFile(["{$at}.file" => 'The name of the doorway’s file is wanted here.']);
        $now = self::checked(self::entry($zip, "doorways/{$name}.json"), "doorways/{$name}.json");
        $doorway = new Doorway(['job_id' => $job->id, 'name' => '', 'verdict' => '', 'summary' => '']);
        $doorway->forceFill(['archived_at' => self::moment($row->archived_at ?? null)])->save();
        $kept = [];
        foreach (self::rows(Document::fromJson(self::entry($zip, "history/{$name}.json")), 'changes') as $i => $change) {
            $place = "history/{$name}.json changes[{$i}]";
            if (! is_int($change->change ?? null) || isset($kept[$change->change]) || ! ($change->document ?? null) instanceof stdClass) {
                throw new UnreadableFile([$place => 'A change has a number of its own and the doorway as it was after it.']);
            }
            $revision = new Revision(['doorway_id' => $doorway->id, 'parent_id' => is_int($change->after ?? null) ? ($kept[$change->after] ?? null)?->id : null, 'number' => $change->change, 'document' => self::checked((string) json_encode($change->document), $place), 'what' => self::words($change->what ?? ''), 'who' => self::words($change->who ?? ''), 'browser' => '']);
            $revision->setCreatedAt(self::moment($change->at ?? null) ?? now());
            $revision->save();
            $kept[$change->change] = $revision;
        }
        $current = $kept[$row->change ?? 0] ?? null;
        if ($current === null || ! $current->document->equals($now)) {
            throw new UnreadableFile(["doorways/{$name}.json" => 'The doorway and its history do not agree; which of them is right is not for a program to say.']);
        }
        $doorway->moveTo($current, $doorway->plan($current->document));
        // Jobs given out before there was a log have none.
        foreach ($zip->locateName("log/{$name}.json") === false ? [] : self::rows(Document::fromJson(self::entry($zip, "log/{$name}.json")), 'entries') as $i => $entry) {
            $revision = $kept[is_int($entry->change ?? null) ? $entry->change : 0] ?? null;
            $at = self::moment($entry->at ?? null);
            if ($revision === null || $at === null || self::words($entry->uid ?? '') === '' || self::words($entry->kind ?? '') === '' || ! ($entry->data ?? null) instanceof stdClass) {
                throw new UnreadableFile(["log/{$name}.json entries[{$i}]" => 'An entry has a name, a kind, a moment, what it says, and the change it was made under.']);
            }
            LogEntry::create(['doorway_id' => $doorway->id, 'revision_id' => $revision->id, 'uid' => mb_substr(self::words($entry->uid), 0, 40), 'kind' => mb_substr(self::words($entry->kind), 0, 20), 'about' => mb_substr(self::words($entry->about ?? ''), 0, 80), 'data' => json_decode((string) json_encode($entry->data), true), 'who' => mb_substr(self::words($entry->who ?? ''), 0, 80), 'at' => $at]);
        }
        foreach (self::photos($doorway) as $file) {
            try {
                Photo::write($doorway, pathinfo($file, PATHINFO_FILENAME), self::entry($zip, "photos/{$name}/{$file}"));
            } catch (NotTaken $problem) {
                throw new UnreadableFile(["photos/{$name}/{$file}" => $problem->getMessage()]);
            }
        }
        if (($row->trace ?? false) === true) {
            (new WallSweep($doorway, $doorway->setout(null)))->keep(Trace::read(self::entry($zip, "traces/{$name}.csv")));
        }
        foreach (is_array($row->offers ?? null) ? $row->offers : [] as $i => $offer) {
            $revision = $offer instanceof stdClass ? $kept[$offer->change ?? 0] ?? null : null;
            if ($revision === null || ! is_int($offer->cents ?? null)) {
                throw new UnreadableFile(["{$at}.offers[{$i}]" => 'An offer has its price in cents and the change it was for.']);
            }
            $made = new Offer(['doorway_id' => $doorway->id, 'revision_id' => $revision->id, 'cents' => $offer->cents, 'accepted_by' => self::words($offer->accepted_by ?? ''), 'accepted_at' => self::moment($offer->accepted_at ?? null)]);
            $made->setCreatedAt(self::moment($offer->at ?? null) ?? now());
            $made->save();
        }

        return $doorway;
    }

    /**
     * A day plan names doorways by their number in the list while it is away, by their own where it is at home.
     *
     * @param  ?array<array-key, mixed>  $days
     * @param  array<int, int>  $names  the other name of each doorway
     * @return ?array<array-key, mixed>
     */
    private static function dayPlan(?array $days, array $names): ?array
    {
        if ($days === null) {
            return null;
        }
        if (is_array($days['doorways'] ?? null)) {
            $days['doorways'] = array_values(array_filter(array_map(fn (mixed $one) => is_int($one) ? $names[$one] ?? null : null, $days['doorways']), is_int(...)));
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
            $offers[] = ['change' => $offer->revision->number, 'cents' => $offer->cents, 'accepted_by' => $offer->accepted_by, 'accepted_at' => $offer->accepted_at?->toJSON(), 'at' => $offer->created_at->toJSON()];
        }

        return $offers;
    }

    /** @return list<array<string, mixed>> what was ordered for it, and what came */
    private static function orders(Job $job): array
    {
        $orders = [];
        /** @var SupplyOrder $order */
        foreach (SupplyOrder::query()->with('receipts')->where('job_id', $job->id)->orderBy('id')->get() as $order) {
            $orders[] = ['reference' => $order->reference, 'lines' => (object) $order->lines, 'answered' => $order->is_answered, 'receipts' => $order->receipts->sortBy('id')->map(fn (Receipt $one) => ['delivery' => $one->delivery, 'key' => $one->key, 'count' => $one->count, 'kind' => $one->kind])->values()->all()];
        }

        return $orders;
    }

    private static function order(Job $job, stdClass $row, string $at): void
    {
        $lines = (array) ($row->lines ?? []);
        if (self::words($row->reference ?? '') === '' || array_filter($lines, fn (mixed $count) => ! is_int($count) && ! is_float($count)) !== []) {
            throw new UnreadableFile([$at => 'An order has its reference, and how many of which.']);
        }
        // The same order twice in one house would be asked for twice: a copy has a reference of its own.
        $reference = mb_substr(self::words($row->reference), 0, 40);
        $order = SupplyOrder::create(['job_id' => $job->id, 'reference' => SupplyOrder::query()->where('reference', $reference)->exists() ? strtolower((string) Str::ulid()) : $reference, 'lines' => $lines, 'is_answered' => ($row->answered ?? false) === true]);
        foreach (is_array($row->receipts ?? null) ? $row->receipts : [] as $receipt) {
            if ($receipt instanceof stdClass && in_array($receipt->kind ?? null, ['received', 'returned'], true) && is_numeric($receipt->count ?? null)) {
                Receipt::create(['order_id' => $order->id, 'delivery' => mb_substr(self::words($receipt->delivery ?? ''), 0, 60), 'key' => mb_substr(self::words($receipt->key ?? ''), 0, 120), 'count' => (float) $receipt->count, 'kind' => $receipt->kind]);
            }
        }
    }

    private static function history(Doorway $doorway): string
    {
        $numbers = $doorway->revisions()->pluck('number', 'id');
        $changes = [];
        /** @var Revision $revision */
        foreach ($doorway->revisions()->orderBy('number')->get() as $revision) {
            $changes[] = ['change' => $revision->number, 'after' => $revision->parent_id === null ? null : $numbers[$revision->parent_id], 'what' => $revision->what, 'who' => $revision->who, 'at' => $revision->created_at->toJSON(), 'document' => $revision->document->root];
        }

        return Document::of(['changes' => $changes])->toJson()."\n";
    }

    private static function log(Doorway $doorway): string
    {
        $numbers = $doorway->revisions()->pluck('number', 'id');
        $entries = [];
        /** @var LogEntry $entry */
        foreach (LogEntry::query()->where('doorway_id', $doorway->id)->orderBy('id')->get() as $entry) {
            $entries[] = ['uid' => $entry->uid, 'change' => $numbers[$entry->revision_id], 'kind' => $entry->kind, 'about' => $entry->about, 'data' => (object) $entry->data, 'who' => $entry->who, 'at' => $entry->at->toJSON()];
        }

        return Document::of(['entries' => $entries])->toJson()."\n";
    }

    /** @return list<string> the files of its photographs */
    private static function photos(Doorway $doorway): array
    {
        $files = [];
        /** @var LogEntry $entry */
        foreach (LogEntry::query()->where('doorway_id', $doorway->id)->where('kind', 'photo')->orderBy('id')->get() as $entry) {
            $files[] = $entry->data['file'] ?? null;
        }

        return array_values(array_filter($files, fn (mixed $file) => is_string($file) && preg_match('/^[\w-]+\.jpg$/', $file) === 1));
    }

    /** @throws UnreadableFile with the file's name before the place */
    private static function checked(string $json, string $file): Document
    {
        try {
            return DoorwayFile::read($json);
        } catch (UnreadableFile $problem) {
            throw new UnreadableFile(array_combine(array_map(fn (string $place) => trim("{$file} {$place}"), array_keys($problem->problems)), $problem->problems));
        }
    }

    private static function entry(ZipArchive $zip, string $name): string
    {
        $text = $zip->getFromName($name);

        return $text === false ? throw new UnreadableFile([$name => 'This file is missing in the ZIP.']) : $text;
    }

    /** @return list<stdClass> */
    private static function rows(Document $file, string $key): array
    {
        $rows = $file->get($key);
        if (! is_array($rows) || array_filter($rows, fn (mixed $row) => ! $row instanceof stdClass) !== []) {
            throw new UnreadableFile([$key => 'A list is wanted here.']);
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
