<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Http\Named;
use App\Models\Doorway;
use App\Paper\OfferSheet;
use App\Shop\DoorwayOffer;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** What a customer is offered, and whether it was accepted. */
final class OfferController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('shop.offer', ['offer' => new DoorwayOffer($doorway, Editor::of($request)->units)]);
    }

    /** Accepted for the plan as it stands. */
    public function accept(Request $request, Doorway $doorway): RedirectResponse
    {
        $name = Named::in($request, 'name', 120, ['name.required' => Speaker::words('refusals.who-accepts')]);
        $refused = (new DoorwayOffer($doorway, Editor::of($request)->units))->accept($name);

        return to_route('papers.quote', $doorway)->withErrors($refused === null ? [] : ['name' => $refused]);
    }

    public function paper(Request $request, Doorway $doorway): Response
    {
        $units = Editor::of($request)->units;
        $doorway->setout($units)->plan ?? abort(404, Speaker::words('refusals.no-plan'));
        $file = Str::slug($doorway->name) ?: 'doorway';

        return response(
            OfferSheet::of(
                new DoorwayOffer($doorway, $units),
                $request->query('paper') === 'letter' ? 'Letter' : 'A4',
            ),
            headers: [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => "attachment; filename=\"{$file}-offer.pdf\"",
            ],
        );
    }
}
