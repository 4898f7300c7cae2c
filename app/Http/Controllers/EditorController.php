<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YokeLine\Measure\Unit;

/** What someone says of themselves at this browser: a name, and the units and the language to read in. */
final class EditorController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $said = $request->validate([
            'who' => 'sometimes|required|string|max:60',
            'units' => ['sometimes', Rule::enum(Unit::class)],
            'language' => ['sometimes', Rule::in(array_keys(Editor::LANGUAGES))],
        ]);
        $request->session()->put($said);

        return back();
    }
}
