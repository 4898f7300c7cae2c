<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Ledger;
use App\Frame\DoorwayFrame;
use App\Http\Editor;
use App\Kits\KitForm;
use App\Models\Doorway;
use App\Models\ShelfKit;
use App\Plain;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use YokeLine\Holding\Anchoring;

/** Pages of a doorway on which nothing of it is set. */
final class PlaceController
{
    /** The sheet of the kit that it hangs from; of one that its file brought along, what the shelf would show of it. */
    public function kit(Request $request, Doorway $doorway): View
    {
        $frame = new DoorwayFrame($doorway, 'rail.kit');
        $row = ShelfKit::called(Plain::text($frame->setout()->document->get('brief.kit')));

        return view('frame.kit', [
            'frame' => $frame,
            'form' => $row === null ? null : new KitForm($row, Editor::of($request)->units),
            'ledger' => $row === null ? null : new Ledger("kit {$row->key}", Editor::of($request)),
        ]);
    }

    public function loads(Doorway $doorway): View
    {
        $frame = new DoorwayFrame($doorway, 'anchors.loads');
        $plan = $frame->setout()->plan ?? abort(404);

        return view('frame.loads', ['frame' => $frame, 'plan' => $plan, 'anchoring' => Anchoring::of($plan)]);
    }

    public function templates(Doorway $doorway): View
    {
        return view('marks.templates', ['doorway' => $doorway]);
    }

    public function files(Doorway $doorway): View
    {
        return view('papers.files', ['doorway' => $doorway, 'frame' => new DoorwayFrame($doorway, 'papers.files')]);
    }
}
