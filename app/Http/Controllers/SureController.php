<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Marking\SureForm;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** How sure a plan is, by how far its measurements may be off. */
final class SureController
{
    public function show(Request $request, Doorway $doorway): View
    {
        return view('record.sure', ['form' => SureForm::of($request, $doorway)]);
    }

    public function change(Request $request, Doorway $doorway): View
    {
        return view('record.sure-rows', ['form' => SureForm::after($request, $doorway)]);
    }
}
