<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Words\Terms;
use Illuminate\Contracts\View\View;

/** The words of the trade, all on a page or one where one hesitates. */
final class GlossaryController
{
    public function index(): View
    {
        return view('glossary.page', ['words' => Terms::all()]);
    }

    public function show(string $word): View
    {
        isset(Terms::all()[$word]) || abort(404);

        return view('glossary.word', ['word' => $word, 'is' => Terms::all()[$word]]);
    }
}
