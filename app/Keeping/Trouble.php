<?php

declare(strict_types=1);

namespace App\Keeping;

use Throwable;

/** What keeps the house from taking anything in, and is neither a fault of what was typed nor of the code. */
enum Trouble: string
{
    case Full = 'disk-full';
    case ReadOnly = 'read-only';
    case Missing = 'missing';
    case Damaged = 'damaged';
    case HalfUpdated = 'half-updated';

    /** The trouble behind a fault; null where it is another one. */
    public static function of(Throwable $fault): ?self
    {
        for ($at = $fault; $at !== null; $at = $at->getPrevious()) {
            /** @var array<string, self> $known */
            $known = (array) config('trouble');
            foreach ($known as $says => $trouble) {
                if (str_contains($at->getMessage(), $says)) {
                    return $trouble;
                }
            }
        }

        return null;
    }
}
