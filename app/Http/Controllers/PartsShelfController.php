<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Ledger;
use App\Http\Editor;
use App\Kits\PartForm;
use App\Models\ShelfPart;
use App\Words\Places;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Message;

/** Guides, handles, anchors and boards that belong to no kit. */
final class PartsShelfController
{
    public function index(): View
    {
        return view('shelf.parts', ['parts' => ShelfPart::inOrder()]);
    }

    public function show(Request $request, ShelfPart $part): View
    {
        return view('shelf.part', [
            'form' => new PartForm($part, Editor::of($request)->units),
            'ledger' => self::ledger($request, $part),
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        /** @var array{name: string, kind: string} $said */
        $said = $request->validate(
            ['name' => 'required|string|max:120', 'kind' => ['required', Rule::enum(LooseKind::class)]],
            ['name.required' => Speaker::words('refusals.part-needs-name')],
        );
        $sheet = Document::of(['units' => Editor::of($request)->units->value ?? 'mm']);
        $part = ShelfPart::place($said['name'], LooseKind::from($said['kind']), $sheet);

        return to_route('shelf.parts.show', $part);
    }

    public function change(Request $request, ShelfPart $part): View
    {
        $place = $request->string('place')->value();
        $said = $request->string('value')->value();
        $called = Places::called("part.{$place}");
        try {
            $part = DB::transaction(function () use ($request, $part, $place, $said, $called): ShelfPart {
                $part = $part->refresh();
                $document = (new PartForm($part, Editor::of($request)->units))->with($place, $said);
                self::ledger($request, $part)->write(
                    $place,
                    new Message('shelf', ['what' => $called, 'name' => $part->name], 'number-of'),
                    $part->document->get($place),
                    $document->get($place),
                    $request->integer('seen'),
                );
                $name = $document->get('name');
                $part->update(['document' => $document, 'name' => is_string($name) ? $name : $part->name]);

                return $part;
            });
            $form = new PartForm($part, Editor::of($request)->units);
        } catch (UnreadableFile $problem) {
            $form = new PartForm($part, Editor::of($request)->units, [
                $place => ['typed' => $said, 'says' => Refusals::whole($problem)],
            ]);
        }

        return view('shelf.part-sheet', ['form' => $form, 'ledger' => self::ledger($request, $part)]);
    }

    public function destroy(ShelfPart $part): RedirectResponse
    {
        $part->delete();

        return to_route('shelf.parts');
    }

    private static function ledger(Request $request, ShelfPart $part): Ledger
    {
        return new Ledger("part {$part->key}", Editor::of($request));
    }
}
