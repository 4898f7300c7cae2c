<?php

declare(strict_types=1);

namespace App\Files;

use App\Database\Row;
use App\Firm\Here;
use App\Firm\Roll;
use App\Models\Firm;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\Price;
use App\Models\ShelfKit;
use App\Models\ShelfPart;
use App\Rules\Level;
use App\Rules\RuleBook;
use App\Shop\Prices;
use App\Shop\Rate;
use App\Shop\Setting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;
use Throwable;
use YokeLine\Catalog\Catalog;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Unit;
use YokeLine\Stock\SoldBy;
use ZipArchive;

/**
 * Everything a house has, as one ZIP: `firm.json` with its rules, prices and how it reckons, `kits.json`, and each job
 * as the ZIP that it is by
 * itself. Brought in where there is nothing, it is the same house; elsewhere its jobs stand beside those that are
 * there.
 */
final class FirmArchive
{
    private const VERSION = 1;

    private const MOST_BYTES = 4_000_000;

    private const MOST_JOB_BYTES = 200_000_000;

    /** Writes the ZIP and says where it is; the caller deletes it. */
    public static function write(): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'firm');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $jobs = $written = [];
        /** @var list<Job> $all */
        $all = Job::query()->orderBy('id')->get()->all();
        foreach ($all as $i => $job) {
            $name = sprintf('%03d-%s', $i + 1, Str::limit(Str::slug($job->name) ?: 'job', 60, ''));
            $zip->addFile($written[] = JobArchive::write($job), "jobs/{$name}.zip");
            // Packed already.
            $zip->setCompressionName("jobs/{$name}.zip", ZipArchive::CM_STORE);
            $jobs[] = $name;
        }
        $prices = new Prices();
        $zip->addFromString('kits.json', self::kits()->toJson(pretty: true)."\n");
        $zip->addFromString('parts.json', ShelfPart::file()->toJson(pretty: true)."\n");
        $zip->addFromString(
            'firm.json',
            Document::of([
                'format' => 'yoke-line/firm',
                'version' => self::VERSION,
                'reckons' => array_combine(
                    array_column(Setting::cases(), 'value'),
                    array_map($prices->setting(...), Setting::cases()),
                ),
                'prices' => (object) Price::query()
                    ->orderBy('key')
                    ->get()
                    ->mapWithKeys(fn (Price $price) => [
                        $price->key => $price->per === SoldBy::Piece ? $price->cents : $price->rate()->plain(),
                    ])
                    ->all(),
                'rules' => HouseRule::query()
                    ->whereNull('job_id')
                    ->orderBy('method')
                    ->get(['method', 'value', 'why'])
                    ->toArray(),
                'jobs' => $jobs,
                'name' => Firm::here()->name,
                'people' => Roll::write(),
                'edits' => self::edits(),
            ])->toJson(pretty: true)."\n",
        );
        $zip->close();
        array_map(unlink(...), $written);

        return $path;
    }

    /** The shelf as a file of kits. */
    public static function kits(): Document
    {
        return Document::of([
            'format' => 'yoke-line/kits',
            'version' => 1,
            'units' => 'mm',
            'kits' => array_map(fn (ShelfKit $row) => $row->document->root, ShelfKit::inOrder()),
        ]);
    }

    /** Whether a ZIP brings a whole house; one that does not read brings none. */
    public static function isOne(string $path): bool
    {
        $zip = new ZipArchive();

        return $zip->open($path, ZipArchive::RDONLY) === true && $zip->locateName('firm.json') !== false;
    }

    /**
     * What a ZIP brings, a whole house or one job: all of it, or nothing where anything does not read.
     *
     * @throws UnreadableFile
     */
    public static function read(string $path): void
    {
        $zip = Zip::open($path);
        if (! $zip->has('firm.json')) {
            JobArrival::read($path);

            return;
        }
        $firm = Zip::document($zip->text('firm.json', self::MOST_BYTES), 'firm.json');
        if ($firm->get('format') !== 'yoke-line/firm') {
            throw UnreadableFile::wrongFormat('yoke-line/firm', $firm->get('format'));
        }
        if ($firm->get('version') !== self::VERSION) {
            throw UnreadableFile::unknownVersion($firm->get('version'));
        }
        $kits = Zip::document($zip->text('kits.json', self::MOST_BYTES), 'kits.json');
        // Houses that went out before there were any have none.
        $parts = $zip->has('parts.json')
            ? Zip::document($zip->text('parts.json', self::MOST_BYTES), 'parts.json')
            : null;
        $rules = self::rules($firm);
        $prices = self::prices($firm);
        $arrived = [];
        try {
            foreach ((array) $firm->get('jobs') as $i => $name) {
                $arrived[] = self::job($zip, is_string($name) ? $name : '', "jobs[{$i}]")->id;
            }
            DB::transaction(function () use ($firm, $kits, $parts, $rules, $prices): void {
                ShelfKit::bringIn($kits);
                $parts === null || ShelfPart::bringIn($parts);
                self::reckon($firm);
                foreach ($prices as $key => $rate) {
                    (new Prices())->set((string) $key, $rate->cents, $rate->per);
                }
                self::bringEdits($firm);
                Roll::bringIn((array) $firm->get('people'));
                self::call($firm->get('name'));
                foreach ($rules as $method => [$value, $why]) {
                    HouseRule::query()->updateOrCreate(
                        ['job_id' => null, 'method' => $method],
                        ['value' => $value, 'why' => $why],
                    );
                }
            });
        } catch (Throwable $problem) {
            array_map(JobArrival::discard(...), $arrived);

            throw $problem;
        }
    }

    /** @return list<array<string, mixed>> who changed what of kits, prices and the house's own rules */
    private static function edits(): array
    {
        $edits = [];
        foreach (
            DB::table('edits')
                ->where('firm_id', app(Here::class)->firm())
                ->where('subject', 'not like', 'rules job %')
                ->orderBy('id')
                ->lazyById(500) as $row
        ) {
            $edits[] = [
                'subject' => $row->subject,
                'place' => $row->place,
                'before' => (new Row($row))->json('before'),
                'after' => (new Row($row))->json('after'),
                'who' => $row->who,
                'at' => $row->created_at,
            ];
        }

        return $edits;
    }

    /** A house that has no name yet takes that of what comes in. */
    private static function call(mixed $name): void
    {
        if (is_string($name) && Firm::here()->name === '') {
            Firm::here()->update(['name' => mb_substr($name, 0, 120)]);
        }
    }

    private static function bringEdits(Document $firm): void
    {
        foreach ((array) $firm->get('edits') as $i => $row) {
            $at = $row instanceof stdClass && is_string($row->at ?? null) ? strtotime($row->at) : false;
            if (
                ! ($row instanceof stdClass) ||
                $at === false ||
                ! is_string($row->subject ?? null) ||
                ! is_string($row->place ?? null) ||
                ! is_string($row->who ?? null)
            ) {
                throw UnreadableFile::at("edits[{$i}]", 'edit-incomplete');
            }
            $edit = [
                'firm_id' => app(Here::class)->firm(),
                'subject' => mb_substr($row->subject, 0, 120),
                'place' => mb_substr($row->place, 0, 190),
                'before' => json_encode($row->before ?? null),
                'after' => json_encode($row->after ?? null),
                'who' => mb_substr($row->who, 0, 80),
                'browser' => '',
                'created_at' => date('Y-m-d H:i:s', $at),
            ];
            // Values are compared here: not every database compares what it keeps as JSON.
            $values = ['before' => 1, 'after' => 1];
            $isThere = DB::table('edits')
                ->where(array_diff_key($edit, $values))
                ->get(array_keys($values))
                ->contains(fn (stdClass $row) => (array) $row === array_intersect_key($edit, $values));
            $isThere || DB::table('edits')->insert($edit);
        }
    }

    private static function job(Zip $zip, string $name, string $at): Job
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        try {
            $zip->copy("jobs/{$name}.zip", $path, self::MOST_JOB_BYTES);

            return JobArrival::read($path);
        } catch (UnreadableFile $problem) {
            throw $problem->within($at);
        } finally {
            unlink($path);
        }
    }

    private static function reckon(Document $firm): void
    {
        foreach (Setting::cases() as $setting) {
            $typed = $firm->get("reckons.{$setting->value}");
            $refusal = is_string($typed) ? (new Prices())->settle($setting, $typed) : null;
            if ($refusal !== null) {
                throw new UnreadableFile(["reckons.{$setting->value}" => $refusal]);
            }
        }
    }

    /** @return array<string, Rate> */
    private static function prices(Document $firm): array
    {
        $prices = [];
        foreach (
            $firm->get('prices') instanceof stdClass ? get_object_vars($firm->get('prices')) : [] as $key => $cents
        ) {
            $prices[(string) $key] =
                (is_int($cents) && $cents >= 0 ? new Rate($cents, SoldBy::Piece) : null) ??
                (is_string($cents) ? Rate::read($cents) : null) ??
                throw UnreadableFile::at("prices {$key}", 'price-in-cents');
        }

        return $prices;
    }

    /** @return array<string, array{string, string}> */
    private static function rules(Document $firm): array
    {
        $rules = [];
        foreach ((array) $firm->get('rules') as $i => $row) {
            $method =
                $row instanceof stdClass && is_string($row->method ?? null)
                    ? Catalog::whole()->rules()[$row->method] ?? null
                    : null;
            if ($method === null || ! is_string($row->value ?? null)) {
                throw UnreadableFile::at("rules[{$i}].method", 'no-rule');
            }
            $rules[$method->rule] = [
                (new RuleBook(Level::company()))->read($method, $row->value, Unit::Millimetre),
                is_string($row->why ?? null) ? mb_substr($row->why, 0, 250) : '',
            ];
        }

        return $rules;
    }
}
