<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Board\Standing;
use App\Frame\Place;
use App\Models\Doorway;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** From addresses that were given out before, and from those of a doorway and its stations, to the pages there. */
final class LeadOnController
{
    /** What pages were called in addresses before each hung from its station, and the stations themselves. */
    public const OLD = [
        'wall', 'door', 'leaf', 'rail', 'anchors', 'marks', 'site', 'record', 'papers', 'sweep', 'readings', 'ways',
        'size-card', 'parts', 'order', 'log', 'compare', 'sure', 'prove', 'hand-over', 'history', 'sheet', 'offer',
    ];

    public const OF_JOBS = ['paper' => 'documents', 'supply' => 'orders', 'day-plan' => 'schedule'];

    private const LED_TO = [
        'leaf' => 'door.size',
        'sweep' => 'wall.studs',
        'readings' => 'wall.readings',
        'ways' => 'door.options',
        'size-card' => 'door.in-hand',
        'parts' => 'marks.door',
        'order' => 'site.order',
        'log' => 'record.log',
        'compare' => 'record.compare',
        'sure' => 'record.tolerance',
        'prove' => 'record.checks',
        'hand-over' => 'record.handover',
        'history' => 'record.changes',
        'sheet' => 'papers.sheet',
        'offer' => 'papers.quote',
    ];

    /** To the page on which its next step is taken. */
    public function whereItIs(Doorway $doorway): RedirectResponse
    {
        Standing::keep($doorway);

        return to_route(Standing::PAGES[$doorway->waits_for] ?? 'site.steps', $doorway);
    }

    public function ofJob(string $job, string $old): RedirectResponse
    {
        return redirect("/jobs/{$job}/".self::OF_JOBS[$old], 301);
    }

    public function leadOn(Request $request, Doorway $doorway, string $old): RedirectResponse
    {
        $page = self::LED_TO[$old] ?? Place::from($old)->pages()[0];

        $query = (string) $request->getQueryString();

        return redirect(route($page, $doorway).($query === '' ? '' : "?{$query}"), 301);
    }
}
