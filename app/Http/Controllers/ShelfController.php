<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Ledger;
use App\Http\Editor;
use App\Http\Named;
use App\Kits\KitForm;
use App\Models\ShelfKit;
use App\Plain;
use App\Words\Places;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Message;

final class ShelfController
{
    public function index(Request $request): View
    {
        $units = Editor::of($request)->units;

        return view('shelf.index', [
            'kits' => array_map(fn (ShelfKit $row) => new KitForm($row, $units), ShelfKit::inOrder()),
        ]);
    }

    public function show(Request $request, ShelfKit $kit): View
    {
        return view('shelf.kit', [
            'form' => new KitForm($kit, Editor::of($request)->units),
            'ledger' => self::ledger($request, $kit),
        ]);
    }

    /** A kit from nothing, or a copy of another. */
    public function store(Request $request): RedirectResponse
    {
        $name = Named::in($request, 'name', 120, ['name.required' => Speaker::words('refusals.kit-needs-name')]);
        $of =
            ShelfKit::called($request->string('of')->value())->document ??
            Document::of(['units' => Editor::of($request)->units->value ?? 'mm', 'hang' => ['single']]);
        $kit = ShelfKit::place($name, $of->with('name', $name));

        return to_route('shelf.kit', $kit);
    }

    public function change(Request $request, ShelfKit $kit): View
    {
        $place = $request->string('place')->value();
        try {
            $kit = DB::transaction(function () use ($request, $kit, $place): ShelfKit {
                // As it is now: another may have set another number of it since this one was read.
                $kit = $kit->refresh();
                $document = $request->boolean('remove')
                    ? $kit->document->without($place)
                    : (new KitForm($kit, Editor::of($request)->units))->with(
                        $place,
                        $request->string('value')->value(),
                    );
                self::ledger($request, $kit)->write(
                    $place,
                    new Message('shelf', ['what' => Places::called("kit.{$place}"), 'name' => $kit->name], 'number-of'),
                    $kit->document->get($place),
                    $document->get($place),
                    $request->integer('seen'),
                );
                $kit->update(['document' => $document, 'name' => Plain::text($document->get('name') ?? $kit->name)]);

                return $kit;
            });
            $form = new KitForm($kit, Editor::of($request)->units);
        } catch (UnreadableFile $problem) {
            $form = new KitForm($kit, Editor::of($request)->units, [
                $place => ['typed' => $request->string('value')->value(), 'says' => Refusals::whole($problem)],
            ]);
        }

        return view('shelf.sheet', ['form' => $form, 'ledger' => self::ledger($request, $kit)]);
    }

    private static function ledger(Request $request, ShelfKit $kit): Ledger
    {
        return new Ledger("kit {$kit->key}", Editor::of($request));
    }
}
