<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Site\Entries;
use App\Site\NotTaken;
use App\Site\Photo;
use App\Site\Pieces;
use App\Site\SiteRun;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** On site: one step at a time, and what comes back from there. */
final class SiteController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('site.page', ['run' => new SiteRun($doorway, Editor::of($request)->units)]);
    }

    /**
     * Entries as they were made, perhaps without a connection; what was kept, what was refused and why, and the steps
     * as they then are.
     */
    public function entries(Request $request, Doorway $doorway): JsonResponse
    {
        $editor = Editor::of($request);
        $taken = (new Entries($doorway, new SiteRun($doorway, $editor->units), $editor->name))->take(
            array_values((array) $request->input('entries')),
        );

        return response()->json([
            ...$taken,
            'html' => view('site.steps', ['run' => new SiteRun($doorway, $editor->units)])->render(),
        ]);
    }

    /** A piece of a photograph: how much of it is here, or that it is kept, or why it is not. */
    public function piece(Request $request, Doorway $doorway, string $uid): JsonResponse
    {
        $pieces = new Pieces($doorway, $uid);
        $kept = LogEntry::query()->where('doorway_id', $doorway->id)->where('uid', $uid)->exists();
        try {
            $whole = $kept
                ? null
                : $pieces->take($request->getContent(), $request->integer('from'), $request->integer('of'));
            if ($whole !== null) {
                $editor = Editor::of($request);
                (new Entries($doorway, new SiteRun($doorway, $editor->units), $editor->name))->photograph(
                    $uid,
                    $request->string('about')->value(),
                    $request->string('says')->value(),
                    $request->query('at'),
                    $whole,
                );
                $pieces->forget();
            }
        } catch (NotTaken $problem) {
            $pieces->forget();

            return response()->json(['refused' => Refusals::say($problem->why)]);
        }

        return response()->json(['kept' => $kept || $whole !== null, 'have' => $pieces->have()]);
    }

    public function photo(Doorway $doorway, string $file): BinaryFileResponse
    {
        $path = Photo::path($doorway, $file);
        is_file($path) || abort(404, Speaker::words('refusals.no-photo'));

        return response()->file($path, ['Cache-Control' => 'private, max-age=31536000']);
    }
}
