<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;
use stdClass;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;
use YokeLine\Format\PartReader;
use YokeLine\Format\UnreadableFile;

/**
 * A part that the company keeps and that belongs to no kit.
 *
 * @property int $id
 * @property string $key
 * @property string $name
 * @property LooseKind $kind
 * @property Document $document
 */
final class ShelfPart extends Model
{
    use OfFirm;

    protected $table = 'parts';

    protected $fillable = ['key', 'name', 'kind', 'document'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class, 'kind' => LooseKind::class];

    public function getRouteKeyName(): string
    {
        return 'key';
    }

    /** @return list<self> by kind and name */
    public static function inOrder(): array
    {
        /** @var list<self> */
        return self::query()->orderBy('kind')->orderBy('name')->get()->all();
    }

    public static function place(string $name, LooseKind $kind, Document $sheet): self
    {
        $key = $wanted = Str::slug($name) ?: $kind->value;
        for ($n = 2; self::query()->where('key', $key)->exists(); $n++) {
            $key = "{$wanted}-{$n}";
        }

        return self::create([
            'key' => $key,
            'name' => $name,
            'kind' => $kind,
            'document' => $sheet->with('name', $name)->with('kind', $kind->value),
        ]);
    }

    /**
     * Parts of a file; one that is on the shelf just so is left as it is.
     *
     * @throws UnreadableFile where one does not read; then none is taken
     */
    public static function bringIn(Document $file): void
    {
        if ($file->get('format') !== 'yoke-line/parts') {
            throw UnreadableFile::wrongFormat('yoke-line/parts', $file->get('format'));
        }
        $sheets = [];
        foreach ((array) $file->get('parts') as $i => $part) {
            $sheet = Document::fromJson((string) json_encode($part instanceof stdClass ? $part : new stdClass()));
            $problems = PartReader::of($sheet)->problems();
            if ($problems !== []) {
                throw (new UnreadableFile($problems))->within("parts[{$i}]");
            }
            $sheets[] = $sheet;
        }
        foreach ($sheets as $sheet) {
            $name = is_string($sheet->get('name')) ? mb_substr($sheet->get('name'), 0, 120) : '';
            $there = array_filter(self::inOrder(), fn (self $other) => $other->document->equals($sheet));
            $there === [] && self::place($name, PartReader::of($sheet)->kind(), $sheet);
        }
    }

    /** All of them as a file. */
    public static function file(): Document
    {
        return Document::of([
            'format' => 'yoke-line/parts',
            'version' => 1,
            'parts' => array_map(fn (self $row) => $row->document->root, self::inOrder()),
        ]);
    }
}
