<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Paper\SheetContent;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The set-out sheet on the screen; on paper it is the same, as PDF. */
final class SheetController
{
    public function __invoke(Request $request, Doorway $doorway): View
    {
        return view('sheet', ['content' => new SheetContent($doorway, Editor::of($request)->units)]);
    }
}
