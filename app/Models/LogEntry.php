<?php

declare(strict_types=1);

namespace App\Models;

use App\Words\StoredMessage;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use LogicException;

/**
 * One thing that happened at a doorway. Never changed, never taken out.
 *
 * @property int $id
 * @property int $doorway_id
 * @property Revision $revision
 * @property int $revision_id  the plan it happened under
 * @property string $uid  named by whoever entered it
 * @property string $kind
 * @property string $about
 * @property array<string, mixed> $data
 * @property ?int $user_id  whose account
 * @property string $who
 * @property Carbon $at  when it was entered, which may be before it arrived
 */
final class LogEntry extends Model
{
    use DoneBy;

    public $timestamps = false;

    protected $table = 'log_entries';

    protected $fillable = ['doorway_id', 'revision_id', 'uid', 'kind', 'about', 'data', 'who', 'at'];

    /** @var array<string, string> */
    protected $casts = ['data' => 'array', 'at' => 'datetime'];

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** What is kept under that name as it is: a code, a name, the strokes of a hand; '' where nothing is. */
    public function plain(string $name): string
    {
        return is_string($this->data[$name] ?? null) ? $this->data[$name] : '';
    }

    /** What is told in words under that name, in the reader's language; what a person typed, as it stands. */
    public function text(string $name): string
    {
        return $this->told($name)->says();
    }

    public function told(string $name): StoredMessage
    {
        $kept = $this->data[$name] ?? '';

        return StoredMessage::read(is_string($kept) ? $kept : '');
    }

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('The log is never changed.'));
        self::deleting(fn () => throw new LogicException('The log only grows.'));
    }
}
