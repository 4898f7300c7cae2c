<?php

declare(strict_types=1);

namespace App\Models;

use App\Firm\Here;
use Illuminate\Database\Eloquent\Builder;

/** Belongs to a firm: no other one finds it, whatever it asks by. */
trait OfFirm
{
    protected static function bootOfFirm(): void
    {
        self::addGlobalScope(
            'firm',
            fn (Builder $query) => $query->where($query->qualifyColumn('firm_id'), app(Here::class)->firm()),
        );
        self::creating(fn (self $new) => $new->setAttribute('firm_id', app(Here::class)->firm()));
    }
}
