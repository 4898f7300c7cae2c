<?php

declare(strict_types=1);

namespace App\Models;

use App\Firm\Ability;
use App\Firm\Here;
use App\Http\Editor;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Level;

/**
 * One wall, or one drill, that somebody practises on.
 *
 * @property int $id
 * @property string $learner  whose it is: an account, or a browser where nobody signs in
 * @property string $name  what they were called
 * @property string $level  of `Level`, or `drill`
 * @property int $seed
 * @property Unit $units
 * @property ?string $truth  a document; null of a drill
 * @property ?string $measured  the same as a tape reads it
 * @property list<string> $places  that were measured
 * @property bool $is_swept
 * @property ?array<string, mixed> $answers  as they were typed
 * @property ?Carbon $done_at
 * @property Carbon $created_at
 */
final class PracticeRound extends Model
{
    use DoneBy, OfFirm;

    public const DRILL = 'drill';

    protected $table = 'practice_rounds';

    protected $fillable = [
        'learner', 'name', 'level', 'seed', 'units', 'truth', 'measured', 'places', 'is_swept', 'answers', 'done_at',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'units' => Unit::class,
        'places' => 'array',
        'is_swept' => 'boolean',
        'answers' => 'array',
        'done_at' => 'datetime',
    ];

    /** A learner's own; whoever plans sees those of all. */
    public function resolveRouteBinding(mixed $value, mixed $field = null): ?self
    {
        $round = self::query()->find((int) (is_scalar($value) ? $value : 0));

        return $round?->isMine() === true || app(Here::class)->may(Ability::Plan) ? $round : null;
    }

    public function isMine(): bool
    {
        return $this->learner === Editor::here()->browser;
    }

    public function isDrill(): bool
    {
        return $this->level === self::DRILL;
    }

    public function level(): Level
    {
        return Level::from($this->level);
    }

    /** @return Builder<self> */
    public static function of(string $learner): Builder
    {
        return self::query()->where('learner', $learner);
    }
}
