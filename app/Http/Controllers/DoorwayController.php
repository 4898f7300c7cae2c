<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Change;
use App\Http\Editor;
use App\Http\Named;
use App\Models\Doorway;
use App\Models\Job;
use App\Survey\NewDoorway;
use App\Words\StoredMessage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Measure\Unit;

final class DoorwayController
{
    public function store(Request $request, Job $job): RedirectResponse
    {
        $doorway = NewDoorway::begin(
            $job,
            Named::doorway($request),
            $request->enum('units', Unit::class) ?? $job->units,
            Editor::of($request),
        );

        return to_route('wall.measure', $doorway);
    }

    public function update(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        $name = Named::doorway($request);
        (new Change(['name' => $name], StoredMessage::change('named', ['name' => $name]), $editor))->applyTo(
            $doorway,
            (int) $doorway->revision_id,
        );

        return to_route('jobs');
    }

    public function archive(Doorway $doorway): RedirectResponse
    {
        $doorway->forceFill(['archived_at' => now()])->save();

        return to_route('jobs');
    }

    public function restore(Doorway $doorway): RedirectResponse
    {
        $doorway->forceFill(['archived_at' => null])->save();
        $doorway->job->forceFill(['archived_at' => null])->save();

        return to_route('jobs');
    }
}
