<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Firm\Here;
use App\Keeping\Backups;
use App\Models\Firm;
use App\Models\Invitation;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\DB;

/** What is of the firm as a whole: its people, and what is kept of its work. */
final class FirmController
{
    public function __invoke(Here $here): View
    {
        return view('firm.firm', [
            'here' => $here,
            'firm' => Firm::here(),
            // Another database than a file is kept by whoever runs it.
            'backups' => DB::getDriverName() === 'sqlite' ? Backups::here() : null,
            'people' => User::query()->where('firm_id', $here->firm())->orderBy('left_at')->orderBy('name')->get(),
            'invitations' => Invitation::query()->open()->orderBy('id')->get(),
        ]);
    }
}
