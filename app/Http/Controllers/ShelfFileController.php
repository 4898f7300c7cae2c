<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\FirmArchive;
use App\Models\ShelfKit;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use YokeLine\Format\Document;
use YokeLine\Format\UnreadableFile;

/** Kits that come and go as a file. */
final class ShelfFileController
{
    public function store(Request $request): RedirectResponse
    {
        $request->validate(
            ['file' => 'required|file|max:2048'],
            [
                'file.required' => Speaker::words('refusals.choose-kits'),
                'file.max' => Speaker::words('refusals.kits-large'),
            ],
        );
        /** @var UploadedFile $file */
        $file = $request->file('file');
        try {
            ShelfKit::bringIn(Document::fromJson((string) $file->getContent()));
        } catch (UnreadableFile $problem) {
            return to_route('shelf')->with('kit_problems', Refusals::each($problem));
        }

        return to_route('shelf');
    }

    public function show(): Response
    {
        return response(
            FirmArchive::kits()->toJson(pretty: true)."\n",
            headers: [
                'Content-Type' => 'application/json',
                'Content-Disposition' => 'attachment; filename="kits.json"',
            ],
        );
    }
}
