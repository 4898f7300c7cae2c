<?php

declare(strict_types=1);

namespace App\Models;

use App\Editing\Notices;
use App\Firm\Here;
use App\Firm\Role;
use App\Http\Editor;
use App\Words\StoredMessage;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as SignsIn;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Support\Carbon;

/**
 * Somebody of a firm.
 *
 * @property int $id
 * @property int $firm_id
 * @property string $name
 * @property string $email
 * @property string $password  hashed
 * @property Role $role
 * @property ?string $second_secret  where there is one a code is asked for after the password
 * @property int $second_count  the step whose code was taken last
 * @property ?Carbon $left_at  signs in no more
 * @property Firm $firm
 */
final class User extends Model implements SignsIn
{
    use Authenticatable;

    public const SHORTEST_PASSWORD = 12;

    public const LONGEST_PASSWORD = 128;

    protected $table = 'users';

    protected $fillable = ['firm_id', 'name', 'email', 'password', 'role'];

    /** @var array<string, mixed> */
    protected $attributes = [
        'left_at' => null,
        'second_secret' => null,
        'second_count' => 0,
    ];

    /** @var list<string> */
    protected $hidden = ['password', 'second_secret'];

    /** @var array<string, string> */
    protected $casts = [
        'password' => 'hashed',
        'second_secret' => 'encrypted',
        'role' => Role::class,
        'left_at' => 'datetime',
    ];

    /** There is none: only a session lets anybody in, and a session can be ended. */
    public function getRememberTokenName(): string
    {
        return '';
    }

    /** @return BelongsTo<Firm, $this> */
    public function firm(): BelongsTo
    {
        return $this->belongsTo(Firm::class);
    }

    /** @return BelongsToMany<Job, $this> the jobs that an installer is on */
    public function jobs(): BelongsToMany
    {
        return $this->belongsToMany(Job::class, 'crews');
    }

    /** @param  Builder<self>  $people */
    public function scopeStillHere(Builder $people): void
    {
        $people->whereNull('left_at');
    }

    /** Somebody of the firm that one is in. */
    public static function ofFirm(int $id): self
    {
        /** @var self */
        return self::query()->where('firm_id', app(Here::class)->firm())->findOrFail($id);
    }

    /** @return list<self> those of a firm who are put on jobs */
    public static function installers(int $firm): array
    {
        /** @var list<self> */
        return self::query()
            ->stillHere()
            ->where(['firm_id' => $firm, 'role' => Role::Installer])
            ->orderBy('name')
            ->get()
            ->all();
    }

    /** Whoever did it, the one whose account it is gets told. */
    public function renewPassword(#[\SensitiveParameter] string $password): void
    {
        $this->forceFill(['password' => $password])->save();
        $on = now()->format('Y-m-d H:i');
        $says = StoredMessage::change('password-changed', ['on' => $on]);
        Notices::leave(Editor::account($this), null, 'password', $says);
    }

    /** As it is written in a table: an address is the same in capitals. */
    public static function plain(string $email): string
    {
        return mb_strtolower(trim($email));
    }
}
