<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\JobArchive;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use YokeLine\Format\UnreadableFile;

/** A job that comes or goes whole. */
final class JobFileController
{
    public function show(Job $job): BinaryFileResponse
    {
        return response()->download(JobArchive::write($job), (Str::slug($job->name) ?: 'job').'.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['file' => 'required|file|max:20480'], ['file.required' => 'Choose the ZIP of a job to bring in.', 'file.uploaded' => 'The file did not arrive whole; try again.', 'file.max' => 'The ZIP of a job is under 20 MB; this one is larger.']);
        /** @var UploadedFile $file */
        $file = $request->file('file');
        try {
            JobArchive::read($file->getRealPath());
        } catch (UnreadableFile $problem) {
            return to_route('jobs')->with('job_problems', ['name' => $file->getClientOriginalName(), 'problems' => $problem->problems]);
        }

        return to_route('jobs');
    }
}
