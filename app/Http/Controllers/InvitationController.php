<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Here;
use App\Firm\Role;
use App\Http\AsksForPerson;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** The links that bring somebody into a firm: given out, and taken back. */
final class InvitationController
{
    use AsksForPerson;

    public function invite(Request $request): RedirectResponse
    {
        /** @var array{name: string, role: string} $said */
        $said = $request->validate(
            ['name' => 'required|string|max:60', 'role' => ['required', Rule::enum(Role::class)]],
            $this->sentences(),
        );

        return self::given(Invitation::write(Role::from($said['role']), $said['name']), $said['name']);
    }

    public function withdraw(int $invitation): RedirectResponse
    {
        Invitation::query()->whereKey($invitation)->delete();

        return to_route('firm');
    }

    /** Somebody who is here and has lost the password gets a link for a new one. */
    public function again(int $person): RedirectResponse
    {
        $known = User::ofFirm($person);

        return self::given(Invitation::write($known->role, $known->name, $known), $known->name);
    }

    private static function given(string $token, string $name): RedirectResponse
    {
        $link = app(Here::class)->address(route('invited', $token, false));

        return to_route('firm')->with('given', ['link' => $link, 'name' => $name]);
    }
}
