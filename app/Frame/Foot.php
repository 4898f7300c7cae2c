<?php

declare(strict_types=1);

namespace App\Frame;

use App\Firm\Ability;
use App\Firm\Here;
use App\Keeping\Kept;
use App\Models\Doorway;

/** The bar at the thumb of a phone, as HTML: the same on every page of a doorway, and made of many addresses. */
final class Foot
{
    public static function of(string $at, ?Doorway $doorway): string
    {
        $page = (string) request()->route()?->getName();

        return Kept::of(
            'foot',
            // Who may lead the firm has one place more.
            [$at, $doorway?->id, $page, app(Here::class)->may(Ability::Own), app()->getLocale(), url('/')],
            fn () => view('frame.foot', ['at' => $at, 'doorway' => $doorway])->render(),
        );
    }
}
