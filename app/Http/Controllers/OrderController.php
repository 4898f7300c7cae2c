<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use YokeLine\Work\Order;

/** The steps of a doorway in their order. */
final class OrderController
{
    public function __invoke(Request $request, Doorway $doorway): View
    {
        $setout = $doorway->setout(Editor::of($request)->units);

        return view('marks.order', [
            'doorway' => $doorway,
            'setout' => $setout,
            'order' => Order::of($setout->plan ?? abort(404)),
        ]);
    }
}
