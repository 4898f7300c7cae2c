<?php

declare(strict_types=1);

namespace App\Models;

use App\Shelf;
use Illuminate\Support\Str;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

/**
 * One kit as the company keeps it.
 *
 * @property int $id
 * @property string $key  what doorways name it by
 * @property string $name
 * @property Document $document
 */
final class ShelfKit extends Model
{
    use OfFirm;

    protected $table = 'kits';

    protected $fillable = ['key', 'name', 'document'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class];

    /** @return list<self> by name */
    public static function inOrder(): array
    {
        /** @var list<self> */
        return self::query()->orderBy('name')->get()->all();
    }

    public static function called(string $key): ?self
    {
        /** @var ?self */
        return self::query()->where('key', $key)->first();
    }

    /**
     * Kits of a file: one that is on the shelf just so is left as it is, one whose name is free takes it, any other
     * stands beside.
     *
     * @throws UnreadableFile where one does not read; then none is taken
     */
    public static function bringIn(Document $file): void
    {
        foreach (Shelf::sheets($file) as $id => $sheet) {
            $here = self::called($id);
            if ($here === null) {
                self::create(['key' => $id, 'name' => $sheet->get('name'), 'document' => $sheet]);
            } elseif (self::alike($here->document) !== self::alike($sheet)) {
                self::place(is_string($sheet->get('name')) ? $sheet->get('name') : $id, $sheet);
            }
        }
    }

    /** What a kit is, whichever units its file says first. */
    private static function alike(Document $sheet): string
    {
        $kit = get_object_vars($sheet->root);
        $kit['units'] ??= 'mm';
        ksort($kit);

        return (string) json_encode($kit);
    }

    /** One that is on the shelf already stays as it is, and the new one stands beside it. */
    public static function place(string $name, Document $sheet): self
    {
        $key = $wanted = Str::slug($name) ?: 'kit';
        for ($n = 2; self::called($key) !== null; $n++) {
            $key = "{$wanted}-{$n}";
        }

        return self::create(['key' => $key, 'name' => $name, 'document' => $sheet->with('id', $key)]);
    }

    public function getRouteKeyName(): string
    {
        return 'key';
    }
}
