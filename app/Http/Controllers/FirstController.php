<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Role;
use App\Http\AsksForPerson;
use App\Models\Firm;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** The first start: whoever holds the link that the machine itself gave out becomes the owner. */
final class FirstController
{
    use AsksForPerson;

    public function show(Request $request): View
    {
        User::query()->doesntExist() || abort(404);

        return view('firm.first', ['action' => $request->fullUrl()]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $said = $this->person($request, ['firm' => 'required|string|max:120']);
        $owner = DB::transaction(function () use ($said): User {
            User::query()->lockForUpdate()->doesntExist() || abort(404);
            Firm::query()->whereKey(Firm::FIRST)->update(['name' => $said['firm']]);

            return User::create([
                'firm_id' => Firm::FIRST,
                'name' => $said['name'],
                'email' => $said['email'],
                'password' => $said['password'],
                'role' => Role::Owner,
            ]);
        });
        Auth::login($owner);
        $request->session()->regenerate();

        return to_route('jobs');
    }
}
