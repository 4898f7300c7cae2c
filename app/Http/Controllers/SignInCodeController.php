<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\HalfSignedIn;
use App\Firm\OneTimeCode;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** The second step of whoever has one, after the password was right. */
final class SignInCodeController
{
    private const TRIES = 5;

    public function show(Request $request): View|RedirectResponse
    {
        return HalfSignedIn::of($request->session()) === null ? to_route('sign-in') : view('firm.code');
    }

    public function try(Request $request): RedirectResponse
    {
        $person = HalfSignedIn::of($request->session());
        if ($person === null) {
            return to_route('sign-in');
        }
        $key = "code {$person->id}";
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            $in = ['seconds' => RateLimiter::availableIn($key)];

            return to_route('sign-in.code')->withErrors(['code' => Speaker::words('firm.wait', $in)]);
        }
        RateLimiter::hit($key);
        if (! OneTimeCode::take($person, $request->string('code')->value())) {
            return to_route('sign-in.code')->withErrors(['code' => Speaker::words('firm.refused.code')]);
        }
        RateLimiter::clear($key);
        HalfSignedIn::forget($request->session());
        Auth::login($person);
        $request->session()->regenerate();

        return redirect()->intended(route('jobs'));
    }
}
