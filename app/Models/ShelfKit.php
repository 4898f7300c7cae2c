<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use YokeLine\Format\Document;

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
