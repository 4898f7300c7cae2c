<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use YokeLine\Practice\Skill;

/**
 * Whether one answer was right, for the record of whoever gave it.
 *
 * @property int $practice_round_id
 * @property string $learner
 * @property Skill $skill
 * @property string $ask  what was asked
 * @property bool $is_right
 * @property ?string $slip  the mistake, where it has a name
 * @property Carbon $created_at
 */
final class PracticeMark extends Model
{
    use OfFirm;

    public const UPDATED_AT = null;

    protected $table = 'practice_marks';

    protected $fillable = ['practice_round_id', 'learner', 'skill', 'ask', 'is_right', 'slip'];

    /** @var array<string, string> */
    protected $casts = ['skill' => Skill::class, 'is_right' => 'boolean'];

    /** @return Builder<self> the oldest first */
    public static function of(string $learner): Builder
    {
        return self::query()->where('learner', $learner)->orderBy('id');
    }
}
