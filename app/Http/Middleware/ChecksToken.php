<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** The framework's check that a form came from one of our pages, without a cookie that scripts can read. */
final class ChecksToken extends ValidateCsrfToken
{
    /** @var bool */
    protected $addHttpCookie = false;
}
