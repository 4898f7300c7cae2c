<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Doorway;
use App\Models\Job;
use App\Models\LogEntry;
use App\Models\Offer;
use App\Models\Revision;
use App\Scanning\WallSweep;
use App\Site\NotTaken;
use App\Site\Photo;
use App\Words\StoredMessage;
use Illuminate\Support\Facades\DB;
use stdClass;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\ItemIds;
use YokeLine\Format\UnreadableFile;
use YokeLine\Holding\Scan\Trace;

/** A doorway of a job that comes in: its history and its log piece by piece, photographs, trace and offers. */
final class DoorwayArrival
{
    /** Changes or entries that are written in one go. */
    private const PIECE = 20;

    private const MOST_DOORWAY_BYTES = 1_000_000;

    /** Of the one file that a history or a log was before it had lines. */
    private const MOST_OLD_BYTES = 8_000_000;

    private const MOST_PHOTO_BYTES = 12_000_000;

    private const MOST_TRACE_BYTES = 6_000_000;

    /** @var array<int, int> rows by the number of the change: the documents themselves would fill the memory */
    private array $kept = [];

    public function __construct(
        private readonly Zip $zip,
        private readonly Job $job,
        private readonly bool $hasLines,
    ) {}

    /** @throws UnreadableFile with its place, as far as it was read */
    public function read(stdClass $row, string $at): Doorway
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
        $this->history($doorway, $name);
        /** @var ?Revision $current */
        $current = Revision::query()->find(is_int($row->change ?? null) ? $this->kept[$row->change] ?? 0 : 0);
        if ($current === null || ! $current->document->equals(ItemIds::given($now))) {
            throw UnreadableFile::at("doorways/{$name}.json", 'history-disagrees');
        }
        $doorway->moveTo($current, $doorway->outline($current->document));
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
                        'who' => Arrived::words($change->who ?? ''),
                        'browser' => '',
                    ]);
                    $revision->setCreatedAt(Arrived::moment($change->at ?? null) ?? now());
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
        $at = Arrived::moment($entry->at ?? null);
        if (
            $revision === null ||
            $at === null ||
            Arrived::words($entry->uid ?? '') === '' ||
            Arrived::words($entry->kind ?? '') === '' ||
            ! (($entry->data ?? null) instanceof stdClass)
        ) {
            throw UnreadableFile::at($place, 'entry-incomplete');
        }
        LogEntry::create([
            'doorway_id' => $doorway->id,
            'revision_id' => $revision,
            'uid' => mb_substr(Arrived::words($entry->uid), 0, 40),
            'kind' => mb_substr(Arrived::words($entry->kind), 0, 20),
            'about' => mb_substr(Arrived::words($entry->about ?? ''), 0, 80),
            'data' => json_decode((string) json_encode($entry->data), true),
            'who' => mb_substr(Arrived::words($entry->who ?? ''), 0, 80),
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
                'accepted_by' => Arrived::words($offer->accepted_by ?? '') ?: null,
                'accepted_at' => Arrived::moment($offer->accepted_at ?? null),
            ]);
            $made->setCreatedAt(Arrived::moment($offer->at ?? null) ?? now());
            $made->save();
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
            Arrived::rows(
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
}
