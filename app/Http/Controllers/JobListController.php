<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\ShelfKit;
use App\Models\ShelfPart;
use App\Words\Speaker;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** The jobs, and whatever else has a name like what is sought. */
final class JobListController
{
    private const PAGE = 12;

    public function __invoke(Request $request): View
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
            'found' => $words === '' ? [] : self::beside($words),
            'jobs' => $jobs,
            'words' => $words,
            'archived' => $archived,
            'units' => Job::usualUnits(),
        ]);
    }

    /** @return array<string, string> address => name, of hardware and pages */
    private static function beside(string $words): array
    {
        $named = [];
        foreach (ShelfKit::inOrder() as $kit) {
            $named[route('shelf.kit', $kit)] = $kit->name;
        }
        foreach (ShelfPart::query()->orderBy('name')->get() as $part) {
            $named[route('shelf.parts.show', $part)] = $part->name;
        }
        foreach (['jobs', 'board', 'schedule', 'shelf', 'rules', 'practice', 'words'] as $page) {
            $named[route($page)] = Speaker::words("top.nav.{$page}");
        }

        return array_filter($named, fn (string $name) => mb_stripos($name, $words) !== false);
    }
}
