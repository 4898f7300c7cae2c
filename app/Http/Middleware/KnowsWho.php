<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use YokeLine\Measure\Unit;

/** Who works at this browser and which units they read: told once, kept in the session. */
final class KnowsWho
{
    public function handle(Request $request, Closure $next): Response
    {
        $request->attributes->set('who', (string) $request->session()->get('who', 'Someone'));
        $request->attributes->set('units', Unit::tryFrom((string) $request->session()->get('units')));

        return $next($request);
    }
}
