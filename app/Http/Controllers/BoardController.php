<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\Counts;
use App\Board\Standing;
use App\Models\Doorway;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\Request;

/** What is next at every doorway, and what each waits for. */
final class BoardController
{
    private const PAGE = 40;

    /** How many are worked out at one look where many have changed. */
    private const AT_ONCE = 60;

    public function __invoke(Request $request): View
    {
        /** @var Doorway $changed */
        foreach (
            Doorway::query()
                ->atWork()
                ->with('revision', 'job')
                ->whereNull('waits_for')
                ->orderByDesc('updated_at')
                ->limit(self::AT_ONCE)
                ->get() as $changed
        ) {
            Standing::keep($changed);
        }
        $only = $request->query('waits');
        $only = is_string($only) && in_array($only, Standing::WAITS, true) ? $only : null;
        $doorways = Doorway::query()
            ->atWork()
            ->with('job')
            ->when($only !== null, fn (Builder $of) => $of->where('waits_for', $only))
            ->when($request->boolean('snags'), fn (Builder $of) => $of->where('snags', '>', 0))
            ->when($request->boolean('week'), fn (Builder $of) => $of->where('updated_at', '>=', now()->startOfWeek()))
            ->orderByDesc('updated_at')
            ->orderByDesc('id')
            ->simplePaginate(self::PAGE)
            ->withQueryString();

        return view('jobs.board', [
            'doorways' => $doorways,
            'counts' => Counts::here(),
            'only' => $only,
            'snags' => $request->boolean('snags'),
            'week' => $request->boolean('week'),
        ]);
    }
}
