<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Marking\SureForm;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** How sure a plan is, by how far its measurements may be off. */
final class SureController
{
    public function show(Request $request, Doorway $doorway): View|RedirectResponse
    {
        $form = SureForm::of($request, $doorway);

        return $form->setout->plan === null
            ? to_route('bench', [$doorway, 'wall'])
            : view('record.sure', ['form' => $form]);
    }

    public function change(Request $request, Doorway $doorway): View
    {
        return view('record.sure-rows', ['form' => SureForm::after($request, $doorway)]);
    }
}
