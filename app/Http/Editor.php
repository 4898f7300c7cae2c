<?php

declare(strict_types=1);

namespace App\Http;

use App\Firm\Here;
use App\Models\Doorway;
use App\Models\Job;
use App\Models\User;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use YokeLine\Measure\Unit;

/**
 * Who works at this browser and in which language: told once, kept in the session. So are the jobs that they look at in
 * another unit than each has.
 */
final readonly class Editor
{
    /** What ships, each by its own name. */
    public const LANGUAGES = ['en' => 'English', 'es' => 'Español'];

    private function __construct(
        public string $name,
        public string $browser,
        /** Which one looks in; null where everything speaks its own. */
        public ?Unit $units,
        public string $language,
    ) {}

    /** What units are looked in for: the job that a page belongs to, or the house. */
    public static function place(Request $request): string
    {
        [$job, $doorway] = [$request->route('job'), $request->route('doorway')];

        return match (true) {
            $job instanceof Job => "job-{$job->id}",
            $doorway instanceof Doorway => "job-{$doorway->job_id}",
            default => 'house',
        };
    }

    /** Where no browser asks: the demo, an import by the command line. */
    public static function named(string $name, string $browser = ''): self
    {
        return new self($name, $browser, null, app()->getLocale());
    }

    /** What somebody is told apart by, at whichever browser. */
    public static function account(User $person): string
    {
        return "user {$person->id}";
    }

    /** Of the request that is being answered. */
    public static function here(): self
    {
        return self::of(request());
    }

    public static function of(Request $request): self
    {
        $session = $request->session();
        $person = app(Here::class)->person();
        // Whoever has signed in is the same at every browser.
        $browser = $person === null ? Plain::text($session->get('browser')) : self::account($person);
        if ($browser === '') {
            $session->put('browser', $browser = (string) Str::ulid());
        }

        $someone = fn () => Str::ucfirst(Speaker::words('changes.someone'));

        return new self(
            $person->name ?? Plain::text($session->get('who', $someone)),
            $browser,
            Unit::tryFrom(Plain::text($session->get('units.'.self::place($request)))),
            Plain::text($session->get('language', fn () => self::preferred($request))),
        );
    }

    /** The browser's own language, until one is chosen. */
    private static function preferred(Request $request): string
    {
        $known = $request->attributes->get('preferred');
        $preferred = is_string($known)
            ? $known
            : $request->getPreferredLanguage(array_keys(self::LANGUAGES)) ?? config()->string('app.locale');
        $request->attributes->set('preferred', $preferred);

        return $preferred;
    }
}
