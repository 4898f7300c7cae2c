<?php

declare(strict_types=1);

namespace App\Models;

use App\Firm\Here;
use App\Firm\Role;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use YokeLine\Measure\Unit;

/**
 * One customer's work: one or more doorways.
 *
 * @property int $id
 * @property string $name
 * @property Unit $units  that its lists and totals speak
 * @property ?Carbon $archived_at
 * @property ?Carbon $arriving_since  it is not all here yet
 * @property ?array<string, mixed> $day_plan  crew, hours, doorways and what was set by hand
 * @property Carbon $updated_at
 */
final class Job extends Model
{
    use OfFirm;

    protected $table = 'jobs';

    protected $fillable = ['name', 'units'];

    /** @var array<string, string> */
    protected $attributes = ['units' => 'mm'];

    /** @var array<string, string> */
    protected $casts = [
        'archived_at' => 'datetime',
        'arriving_since' => 'datetime',
        'day_plan' => 'array',
        'units' => Unit::class,
    ];

    protected static function booted(): void
    {
        self::addGlobalScope('here', fn (Builder $query) => $query->whereNull('jobs.arriving_since'));
        // An installer finds the jobs that he is on.
        self::addGlobalScope('crew', function (Builder $query): void {
            $person = app(Here::class)->person();
            $person?->role !== Role::Installer ||
                $query->whereIn('jobs.id', DB::table('crews')->select('job_id')->where('user_id', $person->id));
        });
    }

    /** What a new one speaks where nobody says: as most do, of two as the first. */
    public static function usualUnits(): Unit
    {
        return self::query()->groupBy('units')->orderByRaw('count(*) desc, min(id)')->first(['units'])->units ??
            Unit::Millimetre;
    }

    /** @return HasMany<Doorway, $this> */
    public function doorways(): HasMany
    {
        return $this->hasMany(Doorway::class);
    }

    /** @return BelongsToMany<User, $this> the installers that are on it */
    public function crew(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'crews');
    }

    /** @return Collection<int, Doorway> those that are not put away, in the order they were begun */
    public function doorwaysAtWork(): Collection
    {
        /** @var Collection<int, Doorway> $doorways */
        $doorways = $this->doorways()->with('revision', 'job')->whereNull('archived_at')->orderBy('id')->get();

        return $doorways;
    }

    /**
     * The jobs at work, or what was put away: whole jobs, and jobs of which a doorway was.
     *
     * @param  Builder<self>  $query
     */
    public function scopeInList(Builder $query, bool $archived): void
    {
        if ($archived) {
            $query->where(
                fn (Builder $any) => $any
                    ->whereNotNull('archived_at')
                    ->orWhereIn('id', Doorway::query()->select('job_id')->whereNotNull('archived_at')),
            );
        } else {
            $query->whereNull('archived_at');
        }
    }

    /**
     * By its own name or a doorway's; every job where no words are given.
     *
     * @param  Builder<self>  $query
     */
    public function scopeNamedLike(Builder $query, string $words): void
    {
        if ($words !== '') {
            $like = '%'.strtr($words, ['!' => '!!', '%' => '!%', '_' => '!_']).'%';
            // Of capitals each database has its own way.
            $is = (DB::getDriverName() === 'pgsql' ? 'ilike' : 'like')." ? escape '!'";
            $query->where(
                fn (Builder $any) => $any->whereRaw("name {$is}", [$like])->orWhereIn(
                    'id',
                    Doorway::query()
                        ->select('job_id')
                        ->whereRaw("name {$is}", [$like]),
                ),
            );
        }
    }
}
