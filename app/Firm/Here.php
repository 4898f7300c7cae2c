<?php

declare(strict_types=1);

namespace App\Firm;

use App\Models\Firm;
use App\Models\User;
use Illuminate\Contracts\Auth\Factory;

/**
 * Whose house this is and who is in it, for the request that is being answered. In the open house, on one's own
 * machine, nobody signs in and everybody may do everything.
 */
final class Here
{
    private ?int $within = null;

    private bool $isNobody = false;

    public function __construct(private readonly Factory $guard, private readonly bool $isOpen) {}

    /** Whether nobody signs in. */
    public function isOpen(): bool
    {
        return $this->isOpen;
    }

    public function person(): ?User
    {
        $person = $this->isOpen || $this->isNobody ? null : $this->guard->guard()->user();

        return $person instanceof User ? $person : null;
    }

    /** The firm that everything asked for belongs to. */
    public function firm(): int
    {
        return $this->within ?? ($this->person()->firm_id ?? Firm::FIRST);
    }

    /** A path as it is given out to others: by the name that they call this machine by, not by mine. */
    public function address(string $path): string
    {
        return $this->isOpen ? url($path) : rtrim(config()->string('app.url'), '/').$path;
    }

    public function may(Ability $ability): bool
    {
        return $this->isOpen || ($this->person()?->role->may($ability) ?? false);
    }

    /**
     * Done by nobody of here: behind a guest's link, or long ago by those whose work comes in.
     *
     * @template T
     * @param  callable(): T  $do
     * @return T
     */
    public function asNobodyOf(int $firm, callable $do): mixed
    {
        [$before, $this->isNobody] = [$this->isNobody, true];
        try {
            return $this->within($firm, $do);
        } finally {
            $this->isNobody = $before;
        }
    }

    /**
     * Something done in another firm than one's own: behind a guest's link, or where nobody asks.
     *
     * @template T
     * @param  callable(): T  $do
     * @return T
     */
    public function within(int $firm, callable $do): mixed
    {
        [$before, $this->within] = [$this->within, $firm];
        try {
            return $do();
        } finally {
            $this->within = $before;
        }
    }
}
