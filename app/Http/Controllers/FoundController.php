<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Change;
use App\Editing\Notices;
use App\Http\Editor;
use App\Models\Doorway;
use App\Site\FoundForm;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;
use YokeLine\Recovery\Problems;

/** Something is not as planned: what was found, the ways out, and the one that is taken. */
final class FoundController
{
    public function show(Request $request, Doorway $doorway, string $row): View
    {
        return view('site.found', ['form' => $this->form($request, $doorway, $row)]);
    }

    public function tell(Request $request, Doorway $doorway, string $row): View
    {
        $form = $this->form($request, $doorway, $row);
        $refused = $form->tell((array) $request->input('told'), Editor::of($request));

        return view('site.found', ['form' => $this->form($request, $doorway, $row, $refused)]);
    }

    /**
     * Takes a way out: the plan goes on from it, the old one stays in the history, and what is to be done over is open
     * again.
     */
    public function take(Request $request, Doorway $doorway, string $row): RedirectResponse
    {
        $editor = Editor::of($request);
        $form = $this->form($request, $doorway, $row);
        if ($request->input('way') === 'leave') {
            return $this->leave($form, $request->string('why')->trim()->value(), $editor);
        }
        $way = $form->way($request->string('way')->value()) ?? abort(404, Speaker::words('site.refusals.no-way'));
        try {
            if ($way->changes !== []) {
                Notices::carry(
                    $editor,
                    $doorway->id,
                    (new Change($way->changes, $form->taken($way), $editor))->applyTo(
                        $doorway,
                        $request->integer('base'),
                    ),
                );
            }
        } catch (UnreadableFile $problem) {
            return to_route('found', [$doorway, $row])->with('not_taken', Refusals::whole($problem));
        }
        $form->decided($way, $editor->name);

        return to_route('site.steps', $doorway);
    }

    private function leave(FoundForm $form, string $why, Editor $editor): RedirectResponse
    {
        if ($why === '') {
            return to_route('found', [$form->doorway, $form->row])->with(
                'not_taken',
                Speaker::words('site.refusals.why-left'),
            );
        }
        $form->left($why, $editor->name);

        return to_route('site.steps', $form->doorway);
    }

    /** @param  array<string, array{typed: string, says: string}>  $refused */
    private function form(Request $request, Doorway $doorway, string $row, array $refused = []): FoundForm
    {
        in_array($row, Problems::ROWS, true) || abort(404, Speaker::words('site.refusals.nothing-to-find'));

        return new FoundForm($doorway, $row, Editor::of($request)->units, $refused);
    }
}
