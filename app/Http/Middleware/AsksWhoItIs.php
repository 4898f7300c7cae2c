<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Firm\Here;
use App\Firm\Policy;
use App\Plain;
use App\Words\Speaker;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Nothing of a firm is told or taken before it is known who asks, and that they may (`Policy`). */
final class AsksWhoItIs
{
    public function __construct(private readonly Here $here) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        /** @var Route $route */
        $route = $request->route();
        if ($route->named('customer.*')) {
            return $this->here->asNobodyOf(
                self::firmOf($route->originalParameter('doorway')),
                fn () => $next($request),
            );
        }
        if ($this->here->isOpen()) {
            return $route->named('people.*', 'account', 'account.*', ...Policy::OPEN)
                ? redirect()->route('jobs')
                : $next($request);
        }
        if ($this->here->person()?->left_at !== null) {
            Auth::logout();
        }
        if (Policy::isOpen($route)) {
            return $next($request);
        }
        if ($this->here->person() === null) {
            return self::toSignIn($request);
        }
        $this->here->may(Policy::ability($route)) || abort(403, Speaker::words('firm.may-not'));

        return $next($request);
    }

    /** The whole page goes to the way in, also where only a part of it was asked for; one comes back to it. */
    private static function toSignIn(Request $request): Response
    {
        $where = route('sign-in');
        if ($request->headers->has('HX-Request')) {
            return response('', Response::HTTP_UNAUTHORIZED, ['HX-Redirect' => $where]);
        }

        return $request->expectsJson() || ! $request->isMethod('GET')
            ? response(Speaker::words('firm.signed-out'), Response::HTTP_UNAUTHORIZED)
            : redirect()->guest($where);
    }

    private static function firmOf(mixed $doorway): int
    {
        $firm = DB::table('doorways')
            ->join('jobs', 'jobs.id', 'doorways.job_id')
            ->where('doorways.id', Plain::number($doorway))
            ->value('jobs.firm_id');

        return Plain::number($firm);
    }
}
