<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Str;
use YokeLine\Measure\Unit;

/** Who works at this browser, which units they read and which language: told once, kept in the session. */
final readonly class Editor
{
    /** What ships, each by its own name. */
    public const LANGUAGES = ['en' => 'English', 'es' => 'Español'];

    private function __construct(
        public string $name,
        public string $browser,
        public ?Unit $units,
        public string $language,
    ) {}

    /** Where no browser asks: the demo, an import by the command line. */
    public static function named(string $name, string $browser = ''): self
    {
        return new self($name, $browser, null, app()->getLocale());
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
            // The browser's own, until one is chosen.
            (string) $session->get(
                'language',
                $request->getPreferredLanguage(array_keys(self::LANGUAGES)) ?? config('app.locale'),
            ),
        );
    }
}
