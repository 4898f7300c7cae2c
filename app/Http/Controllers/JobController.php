<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Ability;
use App\Firm\Here;
use App\Models\Job;
use App\Models\User;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Measure\Unit;

final class JobController
{
    public function show(Job $job, Here $here): View
    {
        return view('jobs.show', [
            'job' => $job->load(['doorways' => fn ($doorways) => $doorways->whereNull('archived_at')->orderBy('id')]),
            // Who may be put on it.
            'installers' => ! $here->isOpen() && $here->may(Ability::Plan) ? User::installers($here->firm()) : [],
        ]);
    }

    public function store(Request $request): RedirectResponse
    {
        $job = Job::create([...$this->named($request), 'units' => $this->units($request) ?? Job::usualUnits()]);

        return to_route('jobs')->with('opened', $job->id);
    }

    public function update(Request $request, Job $job): RedirectResponse
    {
        $job->update([...$this->named($request), 'units' => $this->units($request) ?? $job->units]);

        return to_route('jobs');
    }

    public function archive(Job $job): RedirectResponse
    {
        $job->forceFill(['archived_at' => now()])->save();

        return to_route('jobs');
    }

    public function restore(Job $job): RedirectResponse
    {
        $job->forceFill(['archived_at' => null])->save();

        return to_route('jobs');
    }

    private function units(Request $request): ?Unit
    {
        return $request->enum('units', Unit::class);
    }

    /** @return array{name: string} */
    private function named(Request $request): array
    {
        /** @var array{name: string} */
        return $request->validate(
            ['name' => 'required|string|max:120'],
            [
                'name.required' => Speaker::words('refusals.job-needs-name'),
                'name.max' => Speaker::words('refusals.name-long'),
            ],
        );
    }
}
