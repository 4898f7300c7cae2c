<?php

declare(strict_types=1);

namespace App\Models;

use App\Plain;
use App\Words\AsMessage;
use App\Words\StoredMessage;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use LogicException;
use YokeLine\Format\Document;

/**
 * A doorway as it was after one change. Never changed itself.
 *
 * @property int $id
 * @property int $doorway_id
 * @property ?int $parent_id
 * @property int $number
 * @property Document $document
 * @property StoredMessage $what
 * @property ?int $user_id  whose account
 * @property string $who  as they call themselves
 * @property string $browser  tells one editor from another who has given no name
 * @property ?int $undoes  the own change that this one takes back
 * @property ?string $uid  named by whoever entered it, where it was entered to be sent later
 * @property Carbon $created_at
 * @property ?Revision $parent
 */
final class Revision extends Model
{
    use DoneBy;

    /** Its document as it is kept, unread. */
    public function written(): string
    {
        return Plain::text($this->getAttributes()['document'] ?? null);
    }

    public const UPDATED_AT = null;

    protected $table = 'revisions';

    protected $fillable = ['doorway_id', 'parent_id', 'number', 'document', 'what', 'who', 'browser', 'undoes', 'uid'];

    /** @var array<string, string> */
    protected $casts = ['document' => DocumentCast::class, 'what' => AsMessage::class, 'created_at' => 'datetime'];

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('A revision is never changed.'));
    }

    /** @return BelongsTo<Revision, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }
}
