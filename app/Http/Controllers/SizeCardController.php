<?php

namespace App\Http\Controllers;

use App\Bench\Change;
use App\Bench\Places;
use App\Fitting\SizeCardForm;
use App\Http\Editor;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;

final class SizeCardController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('fitting.page', ['form' => new SizeCardForm($doorway, Editor::of($request)->units)]);
    }

    public function change(Request $request, Doorway $doorway): View
    {
        $editor = Editor::of($request);
        $place = (string) $request->input('place');
        $refused = [];
        try {
            $changes = [$place => (new SizeCardForm($doorway, $editor->units))->read($place, (string) $request->input('value'))];
            (new Change($changes, Places::summary($changes), $editor->name, $editor->browser))->applyTo($doorway, $request->integer('base'));
        } catch (UnreadableFile $problem) {
            $refused = [$place => ['typed' => (string) $request->input('value'), 'says' => implode(' ', $problem->problems)]];
        }

        return view('fitting.card', ['form' => new SizeCardForm($doorway, $editor->units, $refused)]);
    }
}
