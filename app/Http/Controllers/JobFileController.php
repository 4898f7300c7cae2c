<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\FirmArchive;
use App\Files\JobArchive;
use App\Files\Zip;
use App\Firm\Ability;
use App\Firm\Here;
use App\Models\Job;
use App\Words\Refusals;
use App\Words\Speaker;
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
        return response()
            ->download(JobArchive::write($job), (Str::slug($job->name) ?: 'job').'.zip', [
                'Content-Type' => 'application/zip',
            ])
            ->deleteFileAfterSend();
    }

    /** All jobs, kits, rules and prices of the house. */
    public function firm(): BinaryFileResponse
    {
        return response()
            ->download(FirmArchive::write(), 'yoke-line-'.now()->format('Y-m-d').'.zip', [
                'Content-Type' => 'application/zip',
            ])
            ->deleteFileAfterSend();
    }

    public function store(Request $request, Here $here): RedirectResponse
    {
        $request->validate(
            ['file' => 'required|file|max:'.Zip::MOST_MB * 1024],
            [
                'file.required' => Speaker::words('refusals.choose-job'),
                'file.uploaded' => Speaker::words('refusals.not-whole'),
                'file.max' => Speaker::words('refusals.job-large', ['most' => Zip::MOST_MB]),
            ],
        );
        /** @var UploadedFile $file */
        $file = $request->file('file');
        // A whole firm brings its prices along.
        ! FirmArchive::isOne($file->getRealPath()) || $here->may(Ability::Own) ||
            abort(403, Speaker::words('firm.may-not'));
        try {
            FirmArchive::read($file->getRealPath());
        } catch (UnreadableFile $problem) {
            return to_route('jobs')->with('job_problems', [
                'name' => $file->getClientOriginalName(),
                'problems' => Refusals::each($problem),
            ]);
        }

        return to_route('jobs');
    }
}
