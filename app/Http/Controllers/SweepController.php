<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Change;
use App\Editing\Notices;
use App\Http\Editor;
use App\Models\Doorway;
use App\Scanning\WallSweep;
use App\Words\Refusals;
use App\Words\Speaker;
use App\Words\StoredMessage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use YokeLine\Format\UnreadableFile;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Holding\Scan\Trace;

/** Finding what is in the wall: by a file of traces, or by the simulated scanner. */
final class SweepController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return $this->page($request, $doorway, null);
    }

    /** One pass of the simulated scanner, as it comes from an instrument: row by row. */
    public function pass(Request $request, Doorway $doorway): JsonResponse
    {
        $height = $request->float('height');
        abort_unless(in_array($height, SimulatedWall::HEIGHTS, true), 404);
        $rows = (new WallSweep($doorway, $doorway->setout(null)))->pass($height, $request->query('way') !== 'back');

        return response()->json(['height' => $height, 'rows' => $rows]);
    }

    /** What a trace says, before anything is taken. */
    public function read(Request $request, Doorway $doorway): View
    {
        $request->validate(
            ['file' => 'nullable|file|max:8192', 'csv' => 'nullable|string|max:8000000'],
            ['file.max' => Speaker::words('refusals.traces-large')],
        );
        $file = $request->file('file');
        $trace = match (true) {
            $file instanceof UploadedFile => Trace::read((string) $file->getContent()),
            $request->boolean('simulated') => (new WallSweep($doorway, $doorway->setout(null)))->simulated()->trace(),
            default => Trace::read($request->string('csv')->value()),
        };

        return $this->page($request, $doorway, $trace);
    }

    public function take(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        $sweep = new WallSweep($doorway, $doorway->setout(null));
        $trace = Trace::read($request->string('csv')->value());
        try {
            $change = new Change($sweep->changes($sweep->scan($trace)), StoredMessage::change('swept'), $editor);
            Notices::carry($editor, $doorway->id, $change->applyTo($doorway, $request->integer('base')));
            $sweep->keep($trace);
        } catch (UnreadableFile $problem) {
            return to_route('wall.studs', $doorway)->withErrors(Refusals::each($problem));
        }

        return to_route('anchors.fixings', $doorway);
    }

    private function page(Request $request, Doorway $doorway, ?Trace $trace): View
    {
        $setout = $doorway->setout(Editor::of($request)->units);
        $sweep = new WallSweep($doorway, $setout);

        return view('sweep', [
            'doorway' => $doorway,
            'sweep' => $sweep,
            'write' => $setout->write,
            'trace' => $trace,
            'scan' => $trace === null || $trace->sweeps === [] || ! $sweep->isMeasured() ? null : $sweep->scan($trace),
            'heights' => SimulatedWall::HEIGHTS,
        ]);
    }
}
