<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\DoorwayFile;
use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Words\Refusals;
use App\Words\Speaker;
use App\Words\StoredMessage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use YokeLine\Format\UnreadableFile;

final class FileController
{
    private const MOST_KB = 2048;

    /** Brings a doorway in; a file that cannot be read leaves everything as it was and says where it is wrong. */
    public function store(Request $request, Job $job): RedirectResponse
    {
        $request->validate(
            ['file' => 'required|file|max:'.self::MOST_KB],
            [
                'file.required' => Speaker::words('refusals.choose-doorway'),
                'file.uploaded' => Speaker::words('refusals.not-whole'),
                'file.max' => Speaker::words('refusals.doorway-large'),
            ],
        );
        $editor = Editor::of($request);
        /** @var UploadedFile $file */
        $file = $request->file('file');
        try {
            $document = DoorwayFile::read((string) $file->getContent());
        } catch (UnreadableFile $problem) {
            return to_route('jobs')->with('file_problems', [
                'job' => $job->id,
                'name' => $file->getClientOriginalName(),
                'problems' => Refusals::each($problem),
            ]);
        }
        $doorway = Doorway::begin($job, $document, StoredMessage::change('imported-file'), $editor);

        return to_route('wall.measure', $doorway);
    }

    public function show(Doorway $doorway): Response
    {
        $name = Str::slug($doorway->name) ?: 'doorway';

        return response(
            $doorway->revision->document->toJson(pretty: true)."\n",
            headers: [
                'Content-Type' => 'application/json',
                'Content-Disposition' => "attachment; filename=\"{$name}.json\"",
            ],
        );
    }
}
