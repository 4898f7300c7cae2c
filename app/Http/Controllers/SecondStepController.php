<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Here;
use App\Firm\OneTimeCode;
use App\Models\User;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;

/** A second step at one's own sign-in: set up with a telephone, and taken off with the password. */
final class SecondStepController
{
    private const SESSION = 'second.secret';

    public function __construct(private readonly Here $here) {}

    public function begin(Request $request): RedirectResponse
    {
        $request->session()->put(self::SESSION, OneTimeCode::secret());

        return to_route('account');
    }

    /** It is asked for from now on, once a first code shows that the telephone has it. */
    public function confirm(Request $request): RedirectResponse
    {
        $secret = Plain::text($request->session()->get(self::SESSION));
        $count = $secret === '' ? null : OneTimeCode::count($secret, $request->string('code')->value());
        if ($count === null) {
            return to_route('account')->withErrors(['code' => Speaker::words('firm.refused.code')]);
        }
        $this->me()->forceFill(['second_secret' => $secret, 'second_count' => $count])->save();
        $request->session()->forget(self::SESSION);

        return to_route('account')->with('said', Speaker::words('firm.second-set'));
    }

    public function remove(Request $request): RedirectResponse
    {
        if (! Hash::check($request->string('with')->value(), $this->me()->password)) {
            return to_route('account')->withErrors(['with' => Speaker::words('firm.refused.now')]);
        }
        $this->me()->forceFill(['second_secret' => null])->save();

        return to_route('account')->with('said', Speaker::words('firm.second-off'));
    }

    private function me(): User
    {
        return $this->here->person() ?? abort(404);
    }
}
