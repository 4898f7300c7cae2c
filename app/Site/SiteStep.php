<?php

declare(strict_types=1);

namespace App\Site;

use YokeLine\Work\SiteMeasurement;
use YokeLine\Work\Step;

/** One step as it is shown on site. */
final readonly class SiteStep
{
    /**
     * @param  'open'|'done'|'skipped'  $state
     * @param  list<array{string, bool}>  $before  what must be true first, and whether it is
     * @param  list<array{string, string}>  $readings  number and what it is of
     * @param  list<string>  $hand  which way round, how tight
     * @param  list<array{SiteMeasurement, string, string}>  $asks  what is asked, was last typed, and is off
     */
    public function __construct(
        public Step $step,
        public string $title,
        public string $card,
        public string $state,
        public string $reason,
        public array $before,
        public string $drawing,
        public array $readings,
        public array $hand,
        public array $asks,
    ) {}
}
