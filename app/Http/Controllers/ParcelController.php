<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Job;
use App\Parcels\Parcel;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A whole job to give out, made ready doorway by doorway. */
final class ParcelController
{
    public function show(Job $job): View
    {
        return view('jobs.documents', ['job' => $job]);
    }

    public function begin(Request $request, Job $job): View
    {
        $kind = $request->input('kind') === 'archive' ? 'archive' : 'sheets';

        return view('jobs.parcel', [
            'parcel' => Parcel::begin(
                $job,
                $kind,
                $request->input('paper') === 'Letter' ? 'Letter' : 'A4',
                Editor::of($request)->units,
            ),
        ]);
    }

    public function next(string $parcel): View
    {
        $found = Parcel::find($parcel);
        $found->next();

        return view('jobs.parcel', ['parcel' => $found]);
    }

    public function file(string $parcel): BinaryFileResponse
    {
        $found = Parcel::find($parcel);
        (is_file($found->file()) && $found->isReady()) || abort(404, Speaker::words('refusals.parcel-not-ready'));

        return response()->download($found->file(), $found->name());
    }
}
