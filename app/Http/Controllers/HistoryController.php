<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Notices;
use App\Editing\Undo;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Revision;
use App\Words\StoredMessage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class HistoryController
{
    private const PAGE = 60;

    public function index(Doorway $doorway): View
    {
        $revisions = $doorway
            ->revisions()
            ->select(['id', 'doorway_id', 'parent_id', 'number', 'what', 'who', 'created_at'])
            ->orderByDesc('number')
            ->simplePaginate(self::PAGE);

        return view('history', ['doorway' => $doorway, 'revisions' => $revisions]);
    }

    public function goTo(Request $request, Doorway $doorway, Revision $revision): RedirectResponse
    {
        abort_unless($revision->doorway_id === $doorway->id, 404);
        $editor = Editor::of($request);
        $doorway->rewrite(
            fn () => $revision->document,
            StoredMessage::change('back-to', ['n' => $revision->number]),
            $editor,
        );

        return to_route('wall.measure', $doorway);
    }

    public function undo(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        Notices::carry($editor, $doorway->id, (new Undo($doorway, $editor))->undo());

        // To the page that it was asked from; on the bench that is the bench as it then is.
        return back(303);
    }

    public function redo(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        Notices::carry($editor, $doorway->id, (new Undo($doorway, $editor))->redo());

        return back(303);
    }
}
