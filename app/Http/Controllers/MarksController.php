<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Marking\MarkingForm;
use App\Marking\Proofs;
use App\Marking\Ticks;
use App\Models\Doorway;
use App\Record\Log;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Measure\UnreadableLength;

/**
 * From the plan to the pencil: the marks as a tape reads them, ticked off as they are made; the line proved another
 * way.
 */
final class MarksController
{
    public function show(Request $request, Doorway $doorway): View|RedirectResponse
    {
        $form = MarkingForm::of($request, $doorway);

        return $form->setout->plan === null ? to_route('bench', [$doorway, 'wall']) : $this->view('marks.page', $form);
    }

    public function change(Request $request, Doorway $doorway): View
    {
        return $this->view('marks.marks', MarkingForm::after($request, $doorway));
    }

    public function tick(Request $request, Doorway $doorway): View
    {
        $form = MarkingForm::of($request, $doorway);
        $about = (string) $request->input('mark');
        $mark = Ticks::mark($form->plan(), $about) ?? abort(404, Speaker::words('refusals.no-mark'));
        (new Log($doorway))->add(
            'mark',
            $about,
            ['made' => $request->boolean('made'), 'place' => Log::write($mark->place)],
            Editor::of($request)->name,
        );

        return $this->view('marks.marks', $form);
    }

    public function prove(Request $request, Doorway $doorway): View
    {
        $form = MarkingForm::of($request, $doorway);
        $way = (string) $request->input('way');
        $typed = trim((string) $request->input('read'));
        in_array($way, Proofs::WAYS, true) || abort(404, Speaker::words('refusals.no-proof'));
        $refused = [];
        try {
            if ($typed !== '') {
                (new Log($doorway))->add(
                    'proof',
                    $way,
                    (new Proofs($form, []))->entry($way, $typed),
                    Editor::of($request)->name,
                );
            }
        } catch (UnreadableLength $problem) {
            $refused = [$way => ['typed' => $typed, 'says' => Refusals::say($problem->why)]];
        }

        return $this->view('marks.marks', $form, $refused);
    }

    /**
     * @param  view-string  $name
     * @param  array<string, array{typed: string, says: string}>  $refused
     */
    private function view(string $name, MarkingForm $form, array $refused = []): View
    {
        $log = new Log($form->doorway);

        return view($name, [
            'form' => $form,
            'ticks' => new Ticks($log->last('mark'), $form->setout->write),
            'proofs' => new Proofs($form, $log->last('proof'), $refused),
        ]);
    }
}
