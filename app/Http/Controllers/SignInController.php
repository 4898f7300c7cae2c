<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\HalfSignedIn;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Timebox;

/** The way in and out. */
final class SignInController
{
    /** Tries of one name from one place in a minute, and of all names from one place. */
    private const TRIES = 5;

    private const TRIES_OF_ALL = 20;

    /** A wrong name takes as long as a wrong password, in microseconds. */
    private const TAKES = 400_000;

    public function show(): View
    {
        return view('firm.sign-in', ['isFirst' => User::query()->doesntExist()]);
    }

    public function try(Request $request): RedirectResponse
    {
        $email = User::plain($request->string('email')->value());
        $keys = [
            'sign-in '.sha1("{$email} {$request->ip()}") => self::TRIES,
            "sign-in {$request->ip()}" => self::TRIES_OF_ALL,
        ];
        foreach ($keys as $key => $most) {
            if (RateLimiter::tooManyAttempts($key, $most)) {
                return self::refuse($email, 'wait', ['seconds' => RateLimiter::availableIn($key)]);
            }
        }
        array_map(fn (string $key) => RateLimiter::hit($key), array_keys($keys));
        $isRight = (new Timebox())->call(fn () => Auth::validate([
            'email' => $email,
            'password' => $request->string('password')->value(),
            'left_at' => null,
        ]), self::TAKES);
        if (! $isRight) {
            return self::refuse($email, 'not-in');
        }
        RateLimiter::clear(array_key_first($keys));
        $person = User::query()->where('email', $email)->firstOrFail();
        if ($person->second_secret !== null) {
            HalfSignedIn::keep($request->session(), $person);

            return to_route('sign-in.code');
        }
        Auth::login($person);
        $request->session()->regenerate();

        return redirect()->intended(route('jobs'));
    }

    /** @param  array<string, int>  $with */
    private static function refuse(string $email, string $why, array $with = []): RedirectResponse
    {
        $says = Speaker::words("firm.{$why}", $with);

        return to_route('sign-in')->withInput(['email' => $email])->withErrors(['email' => $says]);
    }

    public function out(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return to_route('sign-in');
    }
}
