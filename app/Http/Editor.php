<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Str;
use YokeLine\Measure\Unit;

/** Who works at this browser, and which units they read: told once, kept in the session. */
final readonly class Editor
{
    private function __construct(public string $name, public string $browser, public ?Unit $units) {}

    /** Where no browser asks: the demo, an import by the command line. */
    public static function named(string $name, string $browser = ''): self
    {
        return new self($name, $browser, null);
    }

    /** Of the request that is being answered. */
    public static function here(): self
    {
        return self::of(request());
    }

    public static function of(Request $request): self
    {
        $session = $request->session();
        $browser = (string) $session->get('browser');
        if ($browser === '') {
            $session->put('browser', $browser = (string) Str::ulid());
        }

        return new self(
            (string) $session->get('who', 'Someone'),
            $browser,
            Unit::tryFrom((string) $session->get('units')),
        );
    }
}
