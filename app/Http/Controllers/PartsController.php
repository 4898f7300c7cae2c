<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The leaf for the shop, and hanger, stop and guide as they are held in the hand. */
final class PartsController
{
    public function __invoke(Request $request, Doorway $doorway): View
    {
        $setout = $doorway->setout(Editor::of($request)->units);

        return view('marks.parts', [
            'doorway' => $doorway,
            'setout' => $setout,
            'plan' => $setout->plan,
            'write' => $setout->write,
        ]);
    }
}
