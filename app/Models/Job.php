<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One customer's work: one or more doorways.
 *
 * @property int $id
 * @property string $name
 * @property ?Carbon $archived_at
 * @property Carbon $updated_at
 */
final class Job extends Model
{
    protected $fillable = ['name'];

    protected $casts = ['archived_at' => 'datetime'];

    /** @return HasMany<Doorway, $this> */
    public function doorways(): HasMany
    {
        return $this->hasMany(Doorway::class);
    }

    /**
     * By its own name or a doorway's.
     *
     * @param  Builder<self>  $query
     */
    public function scopeNamedLike(Builder $query, string $words): void
    {
        $like = '%'.addcslashes($words, '%_\\').'%';
        $query->where(fn (Builder $any) => $any
            ->whereRaw("name like ? escape '\\'", [$like])
            ->orWhereHas('doorways', fn (Builder $doorways) => $doorways->whereNull('archived_at')->whereRaw("name like ? escape '\\'", [$like])));
    }
}
