<?php

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Marking\MarkingOut;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Work\Order;

/** From the plan to the pencil: the marks as a tape reads them, and the steps in their order. */
final class MarksController
{
    public function marks(Request $request, Doorway $doorway): View|RedirectResponse
    {
        $setout = $doorway->setout(Editor::of($request)->units);

        return $setout->plan === null ? to_route('bench', [$doorway, 'wall']) : view('marks.page', ['doorway' => $doorway, 'setout' => $setout, 'out' => new MarkingOut($setout->plan, $setout->write, $request)]);
    }

    public function order(Request $request, Doorway $doorway): View|RedirectResponse
    {
        $setout = $doorway->setout(Editor::of($request)->units);

        return $setout->plan === null ? to_route('bench', [$doorway, 'wall']) : view('marks.order', ['doorway' => $doorway, 'setout' => $setout, 'order' => Order::of($setout->plan)]);
    }
}
