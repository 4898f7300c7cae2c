<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\JobDays;
use App\Day\OpenSteps;
use App\Models\Job;
use Illuminate\Contracts\View\View;

/** The days of all jobs under one another. Each job's are worked out as they are looked at, the page stands before. */
final class ScheduleController
{
    private const PAGE = 12;

    /** So long steps are worked out before it is told how far that is. */
    private const AT_ONCE_S = 2.0;

    public function index(): View
    {
        return view('shop.schedule', [
            'jobs' => Job::query()->whereNull('archived_at')->orderByDesc('id')->simplePaginate(self::PAGE),
        ]);
    }

    public function job(Job $job): View
    {
        return $this->once($job, 'schedule.job', 'shop.schedule-job');
    }

    /** One job's own page, where it had to be worked out first. */
    public function plan(Job $job): View
    {
        return $this->once($job, 'day-plan.plan', 'shop.days');
    }

    /**
     * Once the steps of all its doorways are worked out; until then how far that is, which asks for the rest.
     *
     * @param  view-string  $view
     */
    private function once(Job $job, string $route, string $view): View
    {
        $doorways = (new JobDays($job, planNow: false))->planned();
        $read = OpenSteps::readAhead($doorways, self::AT_ONCE_S);

        return $read < $doorways->count()
            ? view('shop.planning', ['url' => route($route, $job), 'read' => $read, 'of' => $doorways->count()])
            : view($view, ['days' => new JobDays($job)]);
    }
}
