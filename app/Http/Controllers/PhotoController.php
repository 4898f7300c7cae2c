<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\LogEntry;
use App\Site\NotTaken;
use App\Site\Photo;
use App\Site\Pieces;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Photographs of a doorway, as they come from a phone. */
final class PhotoController
{
    /** A piece of one: how much of it is here, or that it is kept, or why it is not. */
    public function piece(Request $request, Doorway $doorway, string $uid): JsonResponse
    {
        $pieces = new Pieces($doorway, $uid);
        $kept = LogEntry::query()->where('doorway_id', $doorway->id)->where('uid', $uid)->exists();
        try {
            $whole = $kept
                ? null
                : $pieces->take($request->getContent(), $request->integer('from'), $request->integer('of'));
            if ($whole !== null) {
                Photo::keep(
                    $doorway,
                    $uid,
                    $request->string('about')->value(),
                    $request->string('says')->value(),
                    Editor::of($request)->name,
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

    public function show(Doorway $doorway, string $file): BinaryFileResponse
    {
        $path = Photo::path($doorway, $file);
        is_file($path) || abort(404, Speaker::words('refusals.no-photo'));

        return response()->file($path, ['Cache-Control' => 'private, max-age=31536000']);
    }
}
