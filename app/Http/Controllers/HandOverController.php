<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Paper\HandOverSheet;
use App\Site\Entries;
use App\Site\HandOver;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The run is proved, what is open is settled, and the customer signs. */
final class HandOverController
{
    public function prove(Request $request, Doorway $doorway): View
    {
        return view('record.prove', ['over' => $this->over($request, $doorway)]);
    }

    /** One check or one snag. */
    public function say(Request $request, Doorway $doorway): RedirectResponse
    {
        $editor = Editor::of($request);
        $entry = [
            'uid' => (string) Str::ulid(),
            'kind' => $request->string('kind')->value(),
            'about' => $request->string('about')->value() ?: (string) Str::ulid(),
            'data' => $request->only(['holds', 'typed', 'units', 'says', 'state', 'reason']),
        ];
        $refused = (new Entries($doorway, $this->over($request, $doorway)->run, $editor->name))->take([$entry])[
            'refused'
        ];
        $back = to_route('record.checks', $doorway)->withFragment($entry['about']);

        return $refused === []
            ? $back
            : $back->with('refused', [
                'about' => $entry['about'],
                'typed' => $request->string('typed')->value(),
                'says' => array_values($refused)[0],
            ]);
    }

    public function show(Request $request, Doorway $doorway): View
    {
        return view('record.hand-over', ['over' => $this->over($request, $doorway)]);
    }

    public function sign(Request $request, Doorway $doorway): RedirectResponse
    {
        $name = mb_substr($request->string('name')->value(), 0, 120);
        $problem = $this->over($request, $doorway)->sign(
            $name,
            $request->string('strokes')->value(),
            Editor::of($request)->name,
        );
        if ($problem !== null) {
            return to_route('record.handover', $doorway)->with('not_signed', $problem)->withInput();
        }

        return to_route('record.handover', $doorway);
    }

    public function paper(Request $request, Doorway $doorway): Response
    {
        $file = Str::slug($doorway->name) ?: 'doorway';

        return response(
            HandOverSheet::of(
                $this->over($request, $doorway),
                $request->query('paper') === 'letter' ? 'Letter' : 'A4',
            ),
            headers: [
                'Content-Type' => 'application/pdf',
                'Content-Disposition' => "attachment; filename=\"{$file}-hand-over.pdf\"",
            ],
        );
    }

    private function over(Request $request, Doorway $doorway): HandOver
    {
        return new HandOver($doorway, Editor::of($request)->units);
    }
}
