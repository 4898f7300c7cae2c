<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Editor;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pages and papers are in the language of who asks for them. */
final class SpeaksTheirLanguage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        app()->setLocale(Editor::of($request)->language);

        return $next($request);
    }
}
