<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Devices;
use App\Firm\Here;
use App\Http\AsksForPerson;
use App\Http\Named;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;

/** What somebody sets of themselves: name, password, and where they have signed in. */
final class AccountController
{
    use AsksForPerson;

    public function __construct(private readonly Here $here) {}

    public function show(Request $request): View
    {
        return view('firm.account', [
            'person' => $this->me(),
            'devices' => Devices::of($this->me(), $request->session()->getId()),
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $this->me()->update(['name' => Named::in($request, 'name', 60, $this->sentences())]);

        return to_route('account');
    }

    public function password(Request $request): RedirectResponse
    {
        if (! Hash::check($request->string('now')->value(), $this->me()->password)) {
            return to_route('account')->withErrors(['now' => Speaker::words('firm.refused.now')]);
        }
        /** @var array{password: string} $said */
        $said = $request->validate($this->newPassword(), $this->sentences());
        $this->me()->renewPassword($said['password']);
        Devices::endAll($this->me(), $request->session()->getId());

        return to_route('account')->with('said', Speaker::words('firm.password-set'));
    }

    public function signOutThere(string $device): RedirectResponse
    {
        Devices::end($this->me(), $device);

        return to_route('account');
    }

    private function me(): User
    {
        return $this->here->person() ?? abort(404);
    }
}
