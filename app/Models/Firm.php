<?php

declare(strict_types=1);

namespace App\Models;

use App\Firm\Here;
use App\Shelf;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;

/**
 * Those who work together: everything belongs to one firm.
 *
 * @property int $id
 * @property string $name
 */
final class Firm extends Model
{
    /** The usual case: there is no other. */
    public const FIRST = 1;

    protected $table = 'firms';

    protected $fillable = ['name'];

    /** @return HasMany<User, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** A new one, with the hardware that ships on its shelf. */
    public static function begin(string $name): self
    {
        return DB::transaction(function () use ($name): self {
            $firm = self::create(['name' => $name]);
            app(Here::class)->within($firm->id, function (): void {
                foreach (Shelf::shippedFiles() as $file) {
                    ShelfKit::bringIn(Document::fromJson((string) file_get_contents($file)));
                }
                ShelfPart::bringIn(
                    Document::fromJson((string) file_get_contents(resource_path('kits/parts.json'))),
                );
            });

            return $firm;
        });
    }

    public static function here(): self
    {
        /** @var self */
        return self::query()->findOrFail(app(Here::class)->firm());
    }
}
