<?php

declare(strict_types=1);

use App\Models\WaitingNotice;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\Browser\Support\BrowserTestCase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(BrowserTestCase::class)->in('Browser');

/** @return list<string> what waits to be told to those who were not there, the oldest first */
function toldInTheMeantime(): array
{
    return array_values(
        WaitingNotice::query()
            ->orderBy('id')
            ->get()
            ->map(fn (WaitingNotice $notice) => $notice->says->says())
            ->all(),
    );
}
