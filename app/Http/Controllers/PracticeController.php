<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Doorway;
use App\Models\Job;
use App\Models\PracticeRound;
use App\Practice\Record;
use App\Practice\Rounds;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Level;

/** Where somebody begins to practise, and sees how they stand. */
final class PracticeController
{
    /** So many doorways are offered as walls. */
    private const REAL_ONES = 40;

    public function index(Request $request): View
    {
        $learner = Editor::of($request)->browser;

        return view('practice.index', [
            'record' => new Record($learner),
            'rounds' => PracticeRound::of($learner)->latest('id')->limit(8)->get(),
            'doorways' => Doorway::query()->with('job')->whereNotNull('revision_id')->latest('id')
                ->limit(self::REAL_ONES)->get(),
            'units' => self::units($request),
        ]);
    }

    public function begin(Request $request): RedirectResponse
    {
        $levels = [...array_column(Level::graded(), 'value'), PracticeRound::DRILL];
        $request->validate(
            ['level' => ['required', Rule::in($levels)], 'seed' => 'nullable|integer|min:1|max:'.Rounds::GREATEST_SEED],
            ['seed.*' => Speaker::words('practice.page.no-seed', ['most' => (string) Rounds::GREATEST_SEED])],
        );
        $rounds = new Rounds(Editor::of($request));
        $level = Level::tryFrom($request->string('level')->value());
        $seed = $request->integer('seed') ?: null;

        return to_route('practice.round', $level === null
            ? $rounds->drill(self::units($request))
            : $rounds->begin($level, self::units($request), $seed));
    }

    /** A wall of a real job, with nothing in it of whose it is. */
    public function real(Request $request): RedirectResponse
    {
        $doorway = Doorway::query()->whereNotNull('revision_id')->findOrFail($request->integer('doorway'));
        $round = (new Rounds(Editor::of($request)))->from($doorway);

        return $round === null
            ? to_route('practice')->withErrors(['doorway' => Speaker::words('practice.page.no-wall')])
            : to_route('practice.round', $round);
    }

    /** For a foreman: who has practised. */
    public function people(): View
    {
        $learners = PracticeRound::query()->whereNotNull('done_at')->latest('id')->get()->unique('learner');

        return view('practice.people', [
            'records' => $learners->map(fn (PracticeRound $round) => new Record($round->learner))->values(),
        ]);
    }

    /** What somebody has shown, to be printed. */
    public function certificate(PracticeRound $round): View
    {
        return view('practice.certificate', ['record' => new Record($round->learner), 'round' => $round]);
    }

    private static function units(Request $request): Unit
    {
        return Editor::of($request)->units ?? Job::usualUnits();
    }
}
