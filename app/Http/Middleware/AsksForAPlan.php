<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Frame\DoorwayFrame;
use App\Models\Doorway;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A page that shows what comes of a plan says what will be there where nothing can be planned yet. */
final class AsksForAPlan
{
    public function handle(Request $request, Closure $next): Response
    {
        $doorway = $request->route('doorway');
        if ($doorway instanceof Doorway && $doorway->setout(null)->plan === null) {
            $frame = new DoorwayFrame($doorway, (string) $request->route()?->getName());

            return response(view('frame.unplanned', ['frame' => $frame]));
        }

        /** @var Response */
        return $next($request);
    }
}
