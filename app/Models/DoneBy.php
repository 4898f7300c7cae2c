<?php

declare(strict_types=1);

namespace App\Models;

use App\Firm\Here;

/** Says whose account it was done by; the name beside it is what they were called then. */
trait DoneBy
{
    protected static function bootDoneBy(): void
    {
        self::creating(fn (self $new) => $new->setAttribute('user_id', app(Here::class)->person()?->id));
    }
}
