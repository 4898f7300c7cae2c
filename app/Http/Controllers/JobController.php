<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Editor;
use App\Models\Job;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use YokeLine\Measure\Unit;

final class JobController
{
    private const PAGE = 12;

    public function index(Request $request): View
    {
        $words = trim($request->string('q')->value());
        $archived = $request->boolean('archived');
        $jobs = Job::query()
            ->inList($archived)
            ->namedLike($words)
            ->with(['doorways' => fn ($doorways) => $doorways->whereNull('archived_at', not: $archived)->orderBy('id')])
            ->orderByDesc('id')
            ->simplePaginate(self::PAGE)
            ->withQueryString();

        return view('jobs.index', [
            'jobs' => $jobs,
            'words' => $words,
            'archived' => $archived,
            'editor' => Editor::of($request),
            'units' => Job::usualUnits(),
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
