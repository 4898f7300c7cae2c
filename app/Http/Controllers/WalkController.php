<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Frame\DoorwayFrame;
use App\Http\Editor;
use App\Http\Named;
use App\Models\Doorway;
use App\Models\Job;
use App\Survey\NewDoorway;
use App\Survey\Told;
use App\Survey\WalkPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use YokeLine\Measure\Unit;

/** The walk along a wall with a phone in the hand: one measurement a screen, also with no connection. */
final class WalkController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('survey.walk', ['walk' => WalkPage::of($doorway, Editor::of($request)->units)]);
    }

    /** Before there is a doorway: it is begun on the page, and arrives when it can. */
    public function beginning(Request $request, Job $job): View
    {
        return view('survey.begin', ['walk' => WalkPage::beginning($job, Editor::of($request)->units)]);
    }

    public function begin(Request $request, Job $job): JsonResponse
    {
        $request->validate(['uid' => ['required', 'regex:/^[\w-]{8,40}$/']]);
        $doorway = NewDoorway::begin(
            $job,
            Named::doorway($request),
            $request->enum('units', Unit::class) ?? $job->units,
            Editor::of($request),
            $request->string('uid')->value(),
        );

        return response()->json(['doorway' => $doorway->id, 'base' => $doorway->revisions()->min('id')]);
    }

    public function entries(Request $request, Doorway $doorway): JsonResponse
    {
        return response()->json(
            (new Told($doorway, Editor::of($request)))->take(
                array_values((array) $request->input('entries')),
                $request->integer('base'),
            ),
        );
    }

    /** What comes of what was told: whether it works, what is assumed, where to go. */
    public function verdict(Doorway $doorway): View
    {
        return view('survey.verdict', [
            'doorway' => $doorway,
            'howFar' => (new DoorwayFrame($doorway, 'wall.measure'))->howFar(),
        ]);
    }
}
