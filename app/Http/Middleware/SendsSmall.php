<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Compresses pages for browsers that take it: a van's connection is slow. */
final class SendsSmall
{
    private const WORTH_IT = 1400;

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $content = $response->getContent();
        if (
            $content !== false &&
            strlen($content) > self::WORTH_IT &&
            in_array('gzip', $request->getEncodings(), true) &&
            ! $response->headers->has('Content-Encoding')
        ) {
            $response->setContent((string) gzencode($content, 1));
            $response->headers->add([
                'Content-Encoding' => 'gzip',
                'Vary' => 'Accept-Encoding',
                'Content-Length' => (string) strlen((string) $response->getContent()),
            ]);
        }

        return $response;
    }
}
