<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was offered for a doorway, for one plan of it, and who accepted it.
 *
 * @property int $id
 * @property int $doorway_id
 * @property int $revision_id
 * @property int $cents  tax included
 * @property ?string $accepted_by
 * @property ?Carbon $accepted_at
 * @property ?int $user_id  whose account
 * @property Carbon $created_at
 * @property Revision $revision
 */
final class Offer extends Model
{
    use DoneBy;

    public const UPDATED_AT = null;

    protected $table = 'offers';

    protected $fillable = ['doorway_id', 'revision_id', 'cents', 'accepted_by', 'accepted_at'];

    /** @var array<string, string> */
    protected $casts = ['accepted_at' => 'datetime', 'created_at' => 'datetime'];

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }
}
