<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Here;
use App\Firm\Role;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Which installers are on a job. */
final class CrewController
{
    public function __invoke(Request $request, Job $job, Here $here): RedirectResponse
    {
        $installer = User::query()
            ->stillHere()
            ->where(['firm_id' => $here->firm(), 'role' => Role::Installer])
            ->findOrFail($request->integer('person'));
        $request->boolean('on')
            ? $job->crew()->syncWithoutDetaching([$installer->id])
            : $job->crew()->detach($installer->id);

        return to_route('jobs.show', $job);
    }
}
