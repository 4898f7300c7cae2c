<?php

declare(strict_types=1);

namespace App;

use App\Firm\Here;
use App\Models\ShelfKit;
use App\Models\ShelfPart;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use stdClass;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;
use YokeLine\Format\KitReader;
use YokeLine\Format\PartReader;
use YokeLine\Format\UnreadableFile;

/**
 * The kits that can be chosen from: the company's own, or those of a file. A part that belongs to no kit is told by its
 * kind, its JSON and its name.
 *
 * @phpstan-type Part array{string, string, string}
 */
final class Shelf
{
    /** @var ?array<string, Kit> */
    private ?array $kits = null;

    /** @var ?list<ShelfPart> */
    private ?array $parts = null;

    /** @var ?array{array<string, string>, list<Part>} JSON of kits by id, and the other parts */
    private ?array $sheets = null;

    private ?string $stamp = null;

    /** @param  ?string  $file  a file of kits; the company's shelf where none is given */
    public function __construct(private readonly ?string $file = null) {}

    /** @return list<string> those in millimetres, and those in inches */
    public static function shippedFiles(): array
    {
        return [resource_path('kits/kits.json'), resource_path('kits/kits-inch.json')];
    }

    /**
     * @return array<string, Kit> by id
     *
     * @throws UnreadableFile
     */
    public function kits(): array
    {
        return $this->kits ??= $this->file === null ? $this->kept() : self::ofFile($this->file);
    }

    /**
     * What it keeps that belongs to no kit, asked for once.
     *
     * @return list<ShelfPart>
     */
    public function parts(LooseKind $kind): array
    {
        $this->parts ??= ShelfPart::inOrder();

        return array_values(array_filter($this->parts, fn (ShelfPart $part) => $part->kind === $kind));
    }

    /** The kit's own document, as a doorway takes it along; null where it is not on the shelf. */
    public function sheet(string $id): ?stdClass
    {
        return ShelfKit::called($id)?->document->root;
    }

    /**
     * Every kit of a file, each a document of its own that says its units.
     *
     * @return array<string, Document> by id
     *
     * @throws UnreadableFile
     */
    public static function sheets(Document $file): array
    {
        $sheets = [];
        foreach (array_keys(KitReader::read($file)) as $i => $id) {
            $kit = $file->get("kits[{$i}]");
            $sheets[$id] = Document::fromJson(
                (string) json_encode([
                    'units' => $file->get('units') ?? 'mm',
                    ...get_object_vars($kit instanceof stdClass ? $kit : new stdClass()),
                ]),
            );
        }

        return $sheets;
    }

    /** Another one for every other state of the shelf. */
    public function stamp(): string
    {
        return $this->stamp ??= hash('xxh128', serialize($this->documents()));
    }

    /** @return array{array<string, string>, list<Part>} kits by id, and the other parts */
    private function documents(): array
    {
        return $this->sheets ??= $this->asked();
    }

    /** @return array{array<string, string>, list<Part>} in one, because every page asks */
    private function asked(): array
    {
        $of = fn (string $table) => DB::table($table)->where('firm_id', app(Here::class)->firm());
        $kits = $of('kits')->select(['key', 'document', 'name'])->selectRaw("'' as kind");
        $parts = $of('parts')->selectRaw("'' as key")->addSelect(['document', 'name', 'kind']);
        [$sheets, $loose] = [[], []];
        /** @var stdClass&object{key: string, document: string, name: string, kind: string} $row */
        foreach ($kits->unionAll($parts)->orderBy('name')->get() as $row) {
            $row->kind === ''
                ? ($sheets[$row->key] = $row->document)
                : ($loose[] = [$row->kind, $row->document, $row->name]);
        }

        return [$sheets, $loose];
    }

    /** @return array<string, Kit> */
    private function kept(): array
    {
        try {
            // Read once for each state of the shelf: every page needs all of them.
            /** @var array<string, Kit> */
            return Cache::rememberForever("shelf {$this->stamp()}", fn () => self::read(...$this->documents()));
        } catch (QueryException) {
            // No database has been made here yet: the command line plans from what ships with the product.
            return array_merge(...array_map(self::ofFile(...), self::shippedFiles()));
        }
    }

    /**
     * @param  array<string, string>  $sheets  JSON by id
     * @param  list<Part>  $parts
     * @return array<string, Kit>
     */
    private static function read(array $sheets, array $parts): array
    {
        $guides = array_filter($parts, fn (array $part) => $part[0] === LooseKind::Guide->value);
        $loose = [];
        foreach ($guides as [, $json]) {
            try {
                $loose[] = PartReader::of(Document::fromJson($json))->guide();
            } catch (UnreadableFile) {
                // Half told yet.
            }
        }
        $kits = [];
        foreach ($sheets as $key => $json) {
            try {
                $kits[$key] = KitReader::sheet(Document::fromJson($json))->besides(...$loose);
            } catch (UnreadableFile) {
                // Half told yet: the shelf shows it, no doorway can choose it.
            }
        }

        return $kits;
    }

    /** @return array<string, Kit> */
    private static function ofFile(string $file): array
    {
        return KitReader::read(Document::fromJson((string) file_get_contents($file)));
    }
}
