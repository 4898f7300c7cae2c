<?php

declare(strict_types=1);

namespace App\Models;

use App\Firm\Role;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A way into a firm, for one person, once, for seven days. What the link holds is kept only as its hash.
 *
 * @property int $id
 * @property int $firm_id
 * @property Role $role
 * @property string $name
 * @property ?int $user_id  somebody who is here already, and has lost the password
 * @property Carbon $expires_at
 * @property Firm $firm
 * @property ?User $user
 */
final class Invitation extends Model
{
    use OfFirm;

    public const DAYS = 7;

    public const UPDATED_AT = null;

    protected $table = 'invitations';

    protected $fillable = ['role', 'name', 'token_hash', 'user_id', 'expires_at'];

    /** @var array<string, string> */
    protected $casts = ['role' => Role::class, 'expires_at' => 'datetime', 'created_at' => 'datetime'];

    /** @return BelongsTo<Firm, $this> */
    public function firm(): BelongsTo
    {
        return $this->belongsTo(Firm::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return string what its link holds: it is told this once */
    public static function write(Role $role, string $name, ?User $user = null): string
    {
        $token = Str::random(40);
        self::create([
            'role' => $role,
            'name' => $name,
            'token_hash' => hash('sha256', $token),
            'user_id' => $user?->id,
            'expires_at' => now()->addDays(self::DAYS),
        ]);

        return $token;
    }

    public static function find(string $token): ?self
    {
        /** @var ?self whichever firm it leads into */
        return self::query()
            ->withoutGlobalScope('firm')
            ->with('firm', 'user')
            ->where('token_hash', hash('sha256', $token))
            ->where('expires_at', '>', now())
            ->first();
    }

    /** @param  Builder<self>  $open */
    public function scopeOpen(Builder $open): void
    {
        $open->where('expires_at', '>', now());
    }

    /**
     * Whoever follows it comes in; of two who do at once, one.
     *
     * @return ?User null where it was used meanwhile
     */
    public function use(string $name, string $email, #[\SensitiveParameter] string $password): ?User
    {
        return DB::transaction(function () use ($name, $email, $password): ?User {
            if (self::query()->withoutGlobalScope('firm')->whereKey($this->id)->delete() === 0) {
                return null;
            }
            if ($this->user !== null) {
                // Whoever gave the link lets them in again: with the telephone a second step may be lost, too.
                $this->user->forceFill(['second_secret' => null, 'left_at' => null]);
                $this->user->renewPassword($password);

                return $this->user;
            }

            return User::create([
                'firm_id' => $this->firm_id,
                'name' => $name,
                'email' => User::plain($email),
                'password' => $password,
                'role' => $this->role,
            ]);
        });
    }
}
