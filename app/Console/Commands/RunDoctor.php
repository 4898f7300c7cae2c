<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Doctor;
use App\Words\Speaker;
use Illuminate\Console\Command;

final class RunDoctor extends Command
{
    protected $signature = 'yoke:doctor';

    protected $description = 'Says in plain words what is wrong here, and what to do';

    public function handle(): int
    {
        $looks = Doctor::looks();
        foreach ($looks as $of => $wrong) {
            $what = Speaker::words("keeping.looked-at.{$of}");
            $this->line($wrong === null ? "  {$what}: ".Speaker::words('keeping.well') : "! {$what}: {$wrong}");
        }

        return array_filter($looks) === [] ? self::SUCCESS : self::FAILURE;
    }
}
