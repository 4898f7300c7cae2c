<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Change;
use App\Editing\Notices;
use App\Http\Editor;
use App\Meter\DistanceMeter;
use App\Models\Doorway;
use App\Words\Refusals;
use App\Words\Speaker;
use App\Words\StoredMessage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use YokeLine\Format\ReadingsCsv;
use YokeLine\Format\UnreadableFile;

/** Readings that come from elsewhere than the keyboard: a table, a meter. */
final class ReadingsController
{
    public function show(Doorway $doorway): View
    {
        return view('readings', ['doorway' => $doorway, 'text' => '', 'read' => null]);
    }

    /** What would be taken, line by line, before anything is. */
    public function preview(Request $request, Doorway $doorway): View
    {
        $request->validate(
            ['file' => 'nullable|file|max:1024', 'text' => 'nullable|string|max:200000'],
            [
                'file.max' => Speaker::words('refusals.readings-large'),
                'text.max' => Speaker::words('refusals.readings-long'),
            ],
        );
        $file = $request->file('file');
        $text = $file instanceof UploadedFile ? (string) $file->getContent() : $request->string('text')->value();
        $text = mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1');

        return view('readings', [
            'doorway' => $doorway,
            'text' => $text,
            'read' => ReadingsCsv::read($text, $units = $doorway->setout(null)->doorway->units),
            'say' => Speaker::in($units)->say(...),
        ]);
    }

    public function take(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        $read = ReadingsCsv::read($request->string('text')->value(), $doorway->setout(null)->doorway->units);
        try {
            if ($read->isUsable()) {
                Notices::carry(
                    $editor,
                    $doorway->id,
                    (new Change($read->changes, StoredMessage::change('imported-readings'), $editor))->applyTo(
                        $doorway,
                        $request->integer('base'),
                    ),
                );
            }
        } catch (UnreadableFile $problem) {
            return to_route('wall.readings', $doorway)->withErrors(Refusals::placed($problem));
        }

        return to_route('wall.measure', $doorway);
    }

    public function meter(Request $request, DistanceMeter $meter): JsonResponse
    {
        return response()->json(['meter' => $meter->name(), 'reading' => $meter->next(Editor::of($request)->browser)]);
    }
}
