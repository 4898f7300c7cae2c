<?php

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Station;
use App\Http\Editor;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The set-out sheet, for paper. */
final class SheetController
{
    public function __invoke(Request $request, Doorway $doorway): View|RedirectResponse
    {
        $bench = new Bench($doorway, Station::Rail, Editor::of($request)->units);
        if ($bench->setout->plan === null) {
            return to_route('bench', [$doorway, 'wall']);
        }

        return view('sheet', ['bench' => $bench, 'plan' => $bench->setout->plan, 'paper' => $request->query('paper') === 'letter' ? 'letter' : 'A4']);
    }
}
