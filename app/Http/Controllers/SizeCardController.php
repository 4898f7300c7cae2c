<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Fitting\SizeCardForm;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class SizeCardController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('fitting.page', ['form' => SizeCardForm::of($request, $doorway)]);
    }

    public function change(Request $request, Doorway $doorway): View
    {
        return view('fitting.card', ['form' => SizeCardForm::after($request, $doorway)]);
    }
}
