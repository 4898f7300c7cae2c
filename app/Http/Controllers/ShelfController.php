<?php

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Kits\KitForm;
use App\Models\ShelfKit;
use App\Shelf;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
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
        $kit = $this->place($name, $of->with('name', $name));

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

    public function bringIn(Request $request): RedirectResponse
    {
        $request->validate(['file' => 'required|file|max:2048'], ['file.required' => 'Choose a file of kits to bring in.', 'file.max' => 'A file of kits is under 2 MB; this one is larger.']);
        /** @var UploadedFile $file */
        $file = $request->file('file');
        try {
            foreach (Shelf::sheets(Document::fromJson((string) $file->getContent())) as $sheet) {
                $this->place((string) $sheet->get('name'), $sheet);
            }
        } catch (UnreadableFile $problem) {
            return to_route('shelf')->with('kit_problems', $problem->problems);
        }

        return to_route('shelf');
    }

    public function giveOut(): Response
    {
        $kits = array_map(fn (ShelfKit $row) => $row->document->root, ShelfKit::inOrder());
        $file = Document::of(['format' => 'yoke-line/kits', 'version' => 1, 'units' => 'mm', 'kits' => $kits]);

        return response($file->toJson(pretty: true)."\n", headers: ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="kits.json"']);
    }

    /** One that is on the shelf already stays as it is, and the new one stands beside it. */
    private function place(string $name, Document $sheet): ShelfKit
    {
        $key = $wanted = Str::slug($name) ?: 'kit';
        for ($n = 2; ShelfKit::called($key) !== null; $n++) {
            $key = "{$wanted}-{$n}";
        }

        return ShelfKit::create(['key' => $key, 'name' => $name, 'document' => $sheet->with('id', $key)]);
    }
}
