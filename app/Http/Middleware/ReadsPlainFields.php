<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/**
 * Lets a field be one piece of text, as the forms send it: a list where one is wanted is as if nothing was sent,
 * and bytes that are no text become question marks. So no controller has to ask what it was handed.
 */
final class ReadsPlainFields extends TransformsRequest
{
    private const LISTS = ['answers', 'comes', 'doorways', 'entries', 'places', 'studs', 'told'];

    protected function cleanValue($key, $value): mixed
    {
        if (is_array($value) && ! str_contains((string) $key, '.') && ! in_array($key, self::LISTS, true)) {
            return null;
        }

        return parent::cleanValue($key, $value);
    }

    protected function transform($key, $value): mixed
    {
        return is_string($value) ? mb_scrub($value) : $value;
    }
}
