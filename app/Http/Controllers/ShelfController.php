<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Kits\KitForm;
use App\Models\ShelfKit;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

final class ShelfController
{
    public function index(Request $request): View
    {
        $units = Editor::of($request)->units;

        return view('shelf.index', ['kits' => array_map(fn (ShelfKit $row) => new KitForm($row, $units), ShelfKit::inOrder())]);
    }

    public function show(Request $request, ShelfKit $kit): View
    {
        return view('shelf.kit', ['form' => new KitForm($kit, Editor::of($request)->units)]);
    }

    /** A kit from nothing, or a copy of another. */
    public function store(Request $request): RedirectResponse
    {
        $name = $request->validate(['name' => 'required|string|max:120'], ['name.required' => 'A kit needs a name.'])['name'];
        $of = ShelfKit::called((string) $request->input('of'))->document ?? Document::of(['units' => Editor::of($request)->units->value ?? 'mm', 'hang' => ['single']]);
        $kit = ShelfKit::place($name, $of->with('name', $name));

        return to_route('shelf.kit', $kit);
    }

    public function change(Request $request, ShelfKit $kit): View
    {
        $form = new KitForm($kit, Editor::of($request)->units);
        $place = (string) $request->input('place');
        try {
            $document = $request->boolean('remove') ? $kit->document->without($place) : $form->with($place, (string) $request->input('value'));
            $kit->update(['document' => $document, 'name' => (string) ($document->get('name') ?? $kit->name)]);
            $form = new KitForm($kit, Editor::of($request)->units);
        } catch (UnreadableFile $problem) {
            $form = new KitForm($kit, Editor::of($request)->units, [$place => ['typed' => (string) $request->input('value'), 'says' => implode(' ', $problem->problems)]]);
        }

        return view('shelf.sheet', ['form' => $form]);
    }
}
