<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Day\JobDays;
use App\Models\Job;
use Illuminate\Contracts\View\View;

/** The days of all jobs under one another. Each job's are worked out as they are looked at, the page stands before. */
final class ScheduleController
{
    private const PAGE = 12;

    public function index(): View
    {
        return view('shop.schedule', [
            'jobs' => Job::query()->whereNull('archived_at')->orderByDesc('id')->simplePaginate(self::PAGE),
        ]);
    }

    public function job(Job $job): View
    {
        return view('shop.schedule-job', ['days' => new JobDays($job)]);
    }

    /** One job's own page, where it had to be worked out first. */
    public function plan(Job $job): View
    {
        return view('shop.days', ['days' => new JobDays($job)]);
    }
}
