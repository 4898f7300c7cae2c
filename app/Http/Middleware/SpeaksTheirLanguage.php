<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Editor;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pages are in the language of who asks for them; a paper that is asked for in another is in that one. */
final class SpeaksTheirLanguage
{
    /** What is printed or sent as it is; pages fetch parts of themselves, which would come in another language. */
    private const PAPERS = ['papers.sheet', 'give-out', 'offer.paper', 'hand-over.paper'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $asked = $request->routeIs(...self::PAPERS) ? $request->query('language') : null;
        app()->setLocale(isset(Editor::LANGUAGES[$asked]) ? $asked : Editor::of($request)->language);

        return $next($request);
    }
}
