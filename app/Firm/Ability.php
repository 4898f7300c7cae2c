<?php

declare(strict_types=1);

namespace App\Firm;

/** What a page lets somebody do. */
enum Ability: string
{
    /** Read what there is of the jobs one is on. */
    case See = 'see';
    /** Tell what was measured and done: survey, steps, photographs, checks. */
    case Record = 'record';
    /** Decide: jobs, doorways, hardware, rules, orders, schedule. */
    case Plan = 'plan';
    /** People, prices, and what is kept of it all. */
    case Own = 'own';
}
