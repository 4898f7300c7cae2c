<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Speaker;
use Illuminate\Http\Request;

/** A name as it came in with a form. */
final class Named
{
    public static function doorway(Request $request): string
    {
        return $request->validate(
            ['name' => 'required|string|max:120'],
            [
                'name.required' => Speaker::words('refusals.doorway-needs-name'),
                'name.max' => Speaker::words('refusals.name-long'),
            ],
        )['name'];
    }
}
