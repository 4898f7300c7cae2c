<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\OneTimeCode;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/** The second step of whoever has one, after the password was right. */
final class SignInCodeController
{
    /** Whose password was right, and until when that counts. */
    public const SESSION = 'sign-in.half';

    public const LASTS_S = 300;

    private const TRIES = 5;

    public function show(Request $request): View|RedirectResponse
    {
        return self::half($request) === null ? to_route('sign-in') : view('firm.code');
    }

    public function try(Request $request): RedirectResponse
    {
        $person = self::half($request);
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
        $request->session()->forget(self::SESSION);
        // Not remembered: a second step is asked for again at the next sign-in.
        Auth::login($person);
        $request->session()->regenerate();

        return redirect()->intended(route('jobs'));
    }

    private static function half(Request $request): ?User
    {
        $half = $request->session()->get(self::SESSION);

        /** @var ?User */
        return is_array($half) && is_int($half[1] ?? null) && $half[1] > now()->getTimestamp()
            ? User::query()->stillHere()->whereKey($half[0] ?? 0)->first()
            : null;
    }
}
