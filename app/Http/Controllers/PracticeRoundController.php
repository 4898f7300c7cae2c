<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\PracticeRound;
use App\Practice\DrillPage;
use App\Practice\Outcome;
use App\Practice\Rounds;
use App\Practice\WallPage;
use App\Words\Refusals;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Format\UnreadableFile;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Ask;

/** One wall or one drill: measured, answered, and what came of it. */
final class PracticeRoundController
{
    public function show(PracticeRound $round): View
    {
        if ($round->isDrill()) {
            return $round->done_at === null
                ? view('practice.drill', ['page' => new DrillPage($round)])
                : view('practice.drilled', [
                    'round' => $round,
                    'rows' => (new DrillPage($round))->judged($round->answers ?? []),
                ]);
        }

        return $round->done_at === null
            ? view('practice.wall', ['page' => new WallPage($round)])
            : view('practice.outcome', [
                'outcome' => Outcome::of($round, Answers::read($round->answers ?? [], $round->units)),
            ]);
    }

    public function measure(Request $request, PracticeRound $round): RedirectResponse
    {
        abort_if($round->isDrill() || ! $round->isMine(), 404);
        $wanted = array_filter((array) $request->input('places', []), is_string(...));
        $known = array_keys(WallPage::wallOf($round)->readings());
        $places = array_values(array_intersect($known, [...$round->places, ...$wanted]));
        if ($round->done_at === null && $places === []) {
            return to_route('practice.round', $round)
                ->withErrors(['places' => Speaker::words('practice.page.measure-something')]);
        }
        if ($round->done_at === null) {
            $isSwept = $round->is_swept || in_array(WallPage::SWEEP, $wanted, true);
            $round->update(['places' => $places, 'is_swept' => $isSwept]);
        }

        return to_route('practice.round', $round);
    }

    public function answer(Request $request, PracticeRound $round): RedirectResponse
    {
        abort_unless($round->isMine(), 404);
        if ($round->isDrill()) {
            $answers = array_filter((array) $request->input('answers', []), is_string(...));
            Rounds::done($round, $answers, (new DrillPage($round))->marks($answers));

            return to_route('practice.round', $round);
        }
        $typed = $request->only(array_map(fn (Ask $ask) => $ask->value, Ask::toAnswer()));
        try {
            $answers = Answers::read($typed, $round->units);
        } catch (UnreadableFile $refused) {
            return to_route('practice.round', $round)->withInput()->withErrors(Refusals::each($refused));
        }
        Rounds::done($round, $typed, Outcome::of($round, $answers)->marks());

        return to_route('practice.round', $round);
    }
}
