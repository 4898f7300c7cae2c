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
        /** @var array<string, string> $said */
        $said = $request->validate([
            'who' => 'sometimes|required|string|max:60',
            'units' => ['sometimes', Rule::enum(Unit::class)],
            'own' => ['sometimes', Rule::enum(Unit::class)],
            'at' => ['sometimes', 'regex:/^(house|job-\d{1,18})$/'],
            'language' => ['sometimes', Rule::in(array_keys(Editor::LANGUAGES))],
        ]);
        $session = $request->session();
        if (isset($said['units'])) {
            $at = 'units.'.($said['at'] ?? 'house');
            // What speaks so by itself is not looked at otherwise.
            $said['units'] === ($said['own'] ?? '') ? $session->forget($at) : $session->put($at, $said['units']);
        }
        $session->put(array_diff_key($said, ['units' => 0, 'own' => 0, 'at' => 0]));

        return back();
    }
}
