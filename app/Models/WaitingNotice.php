<?php

declare(strict_types=1);

namespace App\Models;

use App\Words\AsMessage;
use App\Words\StoredMessage;
use Illuminate\Support\Carbon;

/**
 * Something that waits to be told to an editor who was not there: what of theirs another set otherwise.
 *
 * @property int $id
 * @property string $browser  to whom
 * @property ?int $doorway_id  whose document it is about; null for kits, prices and rules
 * @property StoredMessage $says
 * @property array<string, mixed> $put_back
 * @property Carbon $created_at
 */
final class WaitingNotice extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'notices';

    protected $fillable = ['browser', 'doorway_id', 'about', 'says', 'put_back'];

    /** @var array<string, string> */
    protected $casts = ['says' => AsMessage::class, 'put_back' => 'array', 'created_at' => 'datetime'];
}
