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

    public static function of(Request $request): self
    {
        $session = $request->session();
        $browser = (string) $session->get('browser');
        if ($browser === '') {
            $session->put('browser', $browser = (string) Str::ulid());
        }

        return new self((string) $session->get('who', 'Someone'), $browser, Unit::tryFrom((string) $session->get('units')));
    }
}
