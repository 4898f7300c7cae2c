<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Words\Speaker;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers only where it is called by an address of its own: a page elsewhere cannot make a browser ask it under another
 * name.
 */
final class AnswersItsHosts
{
    public function handle(Request $request, Closure $next): Response
    {
        // The header itself: what the framework reads of it may come from a proxy.
        $host = strtolower((string) preg_replace('/:\d+$/', '', (string) $request->headers->get('Host')));
        if (! in_array($host, (array) config('app.hosts'), true)) {
            return response(Speaker::words('refusals.no-host'), Response::HTTP_MISDIRECTED_REQUEST, [
                'Content-Type' => 'text/plain; charset=UTF-8',
            ]);
        }

        /** @var Response */
        return $next($request);
    }
}
