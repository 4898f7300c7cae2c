<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Marking\MarkingForm;
use App\Marking\Ticks;
use App\Models\Doorway;
use App\Record\Log;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** From the plan to the pencil: the marks as a tape reads them, ticked off as they are made. */
final class MarksController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return $this->view('marks.page', MarkingForm::of($request, $doorway));
    }

    public function change(Request $request, Doorway $doorway): View
    {
        return $this->view('marks.marks', MarkingForm::after($request, $doorway));
    }

    public function tick(Request $request, Doorway $doorway): View
    {
        $form = MarkingForm::of($request, $doorway);
        $about = $request->string('mark')->value();
        $mark = Ticks::mark($form->plan(), $about) ?? abort(404, Speaker::words('refusals.no-mark'));
        (new Log($doorway))->add(
            'mark',
            $about,
            ['made' => $request->boolean('made'), 'place' => Log::write($mark->place)],
            Editor::of($request)->name,
        );

        return $this->view('marks.marks', $form);
    }

    /** @param  view-string  $name */
    private function view(string $name, MarkingForm $form): View
    {
        return view($name, [
            'form' => $form,
            'ticks' => new Ticks((new Log($form->doorway))->last('mark'), $form->setout->write),
        ]);
    }
}
