<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Marking\LineForm;
use App\Marking\Proofs;
use App\Models\Doorway;
use App\Record\Log;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use YokeLine\Measure\UnreadableLength;

/** The rail line proved another way than it was marked. */
final class LineController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return $this->view('marks.line', LineForm::of($request, $doorway));
    }

    public function change(Request $request, Doorway $doorway): View
    {
        return $this->view('marks.line-rows', LineForm::after($request, $doorway));
    }

    public function prove(Request $request, Doorway $doorway): View
    {
        $form = LineForm::of($request, $doorway);
        $way = $request->string('way')->value();
        $typed = trim($request->string('read')->value());
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

        return $this->view('marks.line-rows', $form, $refused);
    }

    /**
     * @param  view-string  $name
     * @param  array<string, array{typed: string, says: string}>  $refused
     */
    private function view(string $name, LineForm $form, array $refused = []): View
    {
        return view($name, [
            'form' => $form,
            'proofs' => new Proofs($form, (new Log($form->doorway))->last('proof'), $refused),
        ]);
    }
}
