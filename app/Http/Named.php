<?php

declare(strict_types=1);

namespace App\Http;

use App\Words\Speaker;
use Illuminate\Http\Request;

/** A name, or other words that may not be missing, as they came in with a form. */
final class Named
{
    public static function doorway(Request $request): string
    {
        return self::in($request, 'name', 120, [
            'name.required' => Speaker::words('refusals.doorway-needs-name'),
            'name.max' => Speaker::words('refusals.name-long'),
        ]);
    }

    /** @param  array<string, string>  $sentences  by field and rule: why it is refused */
    public static function in(Request $request, string $field, int $most, array $sentences): string
    {
        /** @var array<string, string> $said */
        $said = $request->validate([$field => "required|string|max:{$most}"], $sentences);

        return $said[$field];
    }
}
