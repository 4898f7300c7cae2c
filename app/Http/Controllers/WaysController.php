<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Change;
use App\Editing\Notices;
use App\Http\Editor;
use App\Models\Doorway;
use App\Plain;
use App\Ways\WaysHere;
use App\Words\Refusals;
use App\Words\StoredMessage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;
use YokeLine\Format\UnreadableFile;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Ways\Search;

final class WaysController
{
    /** Stands between two states of the list; the browser shows the last one that came whole. */
    private const NEXT = "\n<!-- next -->\n";

    private const SHOW_AT = [0.12, 0.4, 0.9];

    public function index(Request $request, Doorway $doorway): View
    {
        return view('ways.index', ['here' => new WaysHere($doorway, Editor::of($request)->units)]);
    }

    /** The list as it grows, while the rest is worked. */
    public function list(Request $request, Doorway $doorway): StreamedResponse|Response
    {
        $here = new WaysHere($doorway, Editor::of($request)->units, max(Search::AT_ONCE, $request->integer('most')));
        /** @var array<string, mixed> $set */
        $set = $request->only(array_keys($here->weights()->of));
        $weights = $here->weights()->with(array_map(Plain::number(...), $set));
        try {
            $here->search();
        } catch (NotYetMeasured) {
            return response('<p class="nothing">'.e($here->firstOfAll()).'</p>');
        }
        $request->session()->save();

        return response()->stream(
            function () use ($here, $weights) {
                foreach ($here->rankings(self::SHOW_AT) as $ranking) {
                    echo view('ways.list', ['here' => $here, 'ranking' => $ranking, 'weights' => $weights])->render(),
                    self::NEXT;
                    if (ob_get_level() > 0) {
                        ob_flush();
                    }
                    flush();
                }
            },
            headers: [
                'Content-Type' => 'text/html; charset=utf-8',
                'X-Accel-Buffering' => 'no',
                'Cache-Control' => 'no-store',
            ],
        );
    }

    public function take(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        $changes = json_decode($request->string('changes')->value(), true);
        $says = mb_substr($request->string('says')->value(), 0, 1000);
        try {
            Notices::carry(
                $editor,
                $doorway->id,
                (new Change(
                    is_array($changes) ? $changes : [],
                    StoredMessage::change('chose', ['what' => StoredMessage::read($says)->message()]),
                    $editor,
                ))->applyTo($doorway, $request->integer('base')),
            );
        } catch (UnreadableFile $problem) {
            return to_route('door.options', $doorway)->withErrors(['way' => Refusals::whole($problem)]);
        }

        return to_route('door.size', $doorway);
    }
}
