<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Devices;
use App\Firm\Role;
use App\Http\AsksForPerson;
use App\Http\Named;
use App\Models\Firm;
use App\Models\Invitation;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** The people of a firm: who is in it as what, who is invited, who has left. */
final class PeopleController
{
    use AsksForPerson;

    public function update(Request $request, int $person): RedirectResponse
    {
        /** @var array{role: string} $said */
        $said = $request->validate(['role' => ['required', Rule::enum(Role::class)]]);

        return $this->unlessLastOwner($person, fn (User $known) => $known->update(['role' => $said['role']]));
    }

    /** Whoever leaves signs in no more; what they did keeps their name. */
    public function leave(int $person): RedirectResponse
    {
        return $this->unlessLastOwner($person, function (User $known): void {
            $known->forceFill(['left_at' => now()])->save();
            Devices::endAll($known);
            // A link that was given out for them before lets them in no more.
            Invitation::query()->where('user_id', $known->id)->delete();
        });
    }

    public function rename(Request $request): RedirectResponse
    {
        Firm::here()->update(['name' => Named::in($request, 'firm', 120, $this->sentences())]);

        return to_route('firm');
    }

    /** @param  callable(User): mixed  $do */
    private function unlessLastOwner(int $person, callable $do): RedirectResponse
    {
        return DB::transaction(function () use ($person, $do): RedirectResponse {
            $known = User::ofFirm($person);
            $owners = User::query()->stillHere()->where(['firm_id' => $known->firm_id, 'role' => Role::Owner]);
            if ($owners->whereKeyNot($known->id)->doesntExist()) {
                return to_route('firm')->withErrors(['role' => Speaker::words('firm.last-owner')]);
            }
            $do($known);

            return to_route('firm');
        });
    }
}
