<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Devices;
use App\Http\AsksForPerson;
use App\Models\Invitation;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Whoever follows an invitation: says who they are, once, and is in. */
final class InvitedController
{
    use AsksForPerson;

    public function show(string $token): View
    {
        return view('firm.invited', ['invitation' => self::found($token), 'token' => $token]);
    }

    public function come(Request $request, string $token): RedirectResponse
    {
        $invitation = self::found($token);
        $known = $invitation->user;
        /** @var array{name: string, email: string, password: string} $said */
        $said = $known === null
            ? $this->person($request)
            : [
                'name' => $known->name,
                'email' => $known->email,
                ...(array) $request->validate($this->newPassword(), $this->sentences()),
            ];
        $person = $invitation->use($said['name'], $said['email'], $said['password']) ?? self::gone();
        Devices::endAll($person);
        Auth::login($person);
        $request->session()->regenerate();

        return to_route('jobs');
    }

    private static function found(string $token): Invitation
    {
        return Invitation::find($token) ?? self::gone();
    }

    private static function gone(): never
    {
        abort(404, Speaker::words('firm.invitation-gone'));
    }
}
