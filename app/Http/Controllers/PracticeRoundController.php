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
        $isNew = self::take($request, $round);
        $back = to_route('practice.round', $round);

        return $isNew || $round->done_at !== null
            ? $back
            : $back->withErrors(['places' => Speaker::words('practice.page.measure-something')]);
    }

    public function answer(Request $request, PracticeRound $round): RedirectResponse
    {
        abort_unless($round->isMine(), 404);
        if ($round->isDrill()) {
            /** @var array<string, string> $answers */
            $answers = array_filter((array) $request->input('answers', []), is_string(...));
            Rounds::done($round, $answers, (new DrillPage($round))->marks($answers));

            return to_route('practice.round', $round);
        }
        self::take($request, $round);
        /** @var array<string, mixed> $typed */
        $typed = $request->only(array_map(fn (Ask $ask) => $ask->value, Ask::toAnswer()));
        try {
            $answers = Answers::read($typed, $round->units);
        } catch (UnreadableFile $refused) {
            return to_route('practice.round', $round)->withInput()->withErrors(Refusals::each($refused));
        }
        Rounds::done($round, $typed, Outcome::of($round, $answers)->marks());

        return to_route('practice.round', $round);
    }

    /** Readings that are asked for, or that were taken with no connection. Whether there are any by now. */
    private static function take(Request $request, PracticeRound $round): bool
    {
        if ($round->done_at !== null) {
            return false;
        }
        $wanted = array_filter((array) $request->input('places', []), is_string(...));
        $known = array_keys(WallPage::wallOf($round)->readings());
        $round->update([
            'places' => array_values(array_intersect($known, [...$round->places, ...$wanted])),
            'is_swept' => $round->is_swept || in_array(WallPage::SWEEP, $wanted, true),
        ]);

        return $round->places !== [] || $round->is_swept;
    }
}
