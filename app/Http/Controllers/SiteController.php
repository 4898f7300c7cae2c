<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Site\Entries;
use App\Site\SiteRun;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** On site: one step at a time, and what comes back from there. */
final class SiteController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('site.page', ['run' => new SiteRun($doorway, Editor::of($request)->units)]);
    }

    /**
     * Entries as they were made, perhaps without a connection; what was kept, what was refused and why, and the steps
     * as they then are.
     */
    public function entries(Request $request, Doorway $doorway): JsonResponse
    {
        $editor = Editor::of($request);
        $taken = (new Entries($doorway, new SiteRun($doorway, $editor->units), $editor->name))->take(
            array_values((array) $request->input('entries')),
        );

        return response()->json([
            ...$taken,
            'html' => view('site.steps', ['run' => new SiteRun($doorway, $editor->units)])->render(),
        ]);
    }
}
