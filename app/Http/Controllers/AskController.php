<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Station;
use App\Http\Editor;
use App\Keeping\Kept;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What the bench tells when it is asked: the cures that cure, every number, where one comes from. */
final class AskController
{
    public function findings(Request $request, Doorway $doorway, Station $station): Response
    {
        return response(Kept::of(
            'found',
            [$station->value, ...$doorway->hangsOn()],
            fn () => view('bench.found', [
                'bench' => new Bench($doorway, $station, Editor::of($request)->units, proveNow: true),
            ])->render(),
        ));
    }

    public function numbers(Request $request, Doorway $doorway): View
    {
        $bench = new Bench($doorway, Station::Rail, Editor::of($request)->units);
        abort_if($bench->setout->plan === null, 404);

        return view('bench.numbers', ['bench' => $bench]);
    }

    public function why(Request $request, Doorway $doorway, string $key): View
    {
        $setout = $doorway->setout(Editor::of($request)->units);

        return view('bench.why', ['sum' => $setout->plan?->sums()[$key] ?? abort(404), 'write' => $setout->write]);
    }
}
