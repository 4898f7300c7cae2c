<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Packed;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Compresses pages for browsers that take it: a van's connection is slow. */
final class SendsSmall
{
    private const WORTH_IT = 1400;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $takes = in_array('gzip', $request->getEncodings(), true);
        if ($response instanceof Packed) {
            return $takes ? $response : $response->unpacked();
        }
        $content = $response->getContent();
        if (
            $takes &&
            $content !== false &&
            strlen($content) > self::WORTH_IT &&
            ! $response->headers->has('Content-Encoding')
        ) {
            $response->setContent($packed = Packed::pack($content));
            $response->headers->add(Packed::headers($packed));
        }

        return $response;
    }
}
