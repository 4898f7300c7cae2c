<?php

declare(strict_types=1);

namespace App\Firm;

use Illuminate\Routing\Route;

/**
 * Who may use which address. What is not named here is read by whoever is on the job, and changed only by who plans:
 * a new address is closed until somebody opens it.
 */
final class Policy
{
    /** Open to who has not signed in: the way in, and guests behind a signed link. */
    public const OPEN = [
        'sign-in',
        'sign-in.*',
        'join',
        'join.*',
        'first',
        'first.begin',
        'invited',
        'invited.come',
        'customer.*',
    ];

    /** Changes that are told from the wall. */
    private const RECORD = [
        'editor',
        'notices.*',
        'sign-out',
        'account.*',
        'parcels',
        'parcels.next',
        'jobs.begin',
        'walk.entries',
        'site.entries',
        'photo.piece',
        'wall.photos.*',
        'found',
        'found.*',
        'marks.tick',
        'marks.prove',
        'prove.say',
        'hand-over.sign',
        'readings.preview',
        'readings.take',
        'sweep.*',
        'rules.preview',
        'practice.begin',
        'practice.real',
        'practice.measure',
        'practice.answer',
    ];

    private const OWN = [
        'people.*',
        'firm',
        'firm.*',
        'materials.price',
        'prices.bring-in',
    ];

    /** Reading that tells more than a job: it takes who plans. */
    private const PLANNED = ['practice.people', 'prices', 'jobs.give-out', 'shelf.give-out'];

    public static function isOpen(Route $route): bool
    {
        return $route->named(...self::OPEN);
    }

    public static function ability(Route $route): Ability
    {
        return match (true) {
            $route->named(...self::OWN) => Ability::Own,
            $route->named(...self::RECORD) => Ability::Record,
            $route->named(...self::PLANNED) => Ability::Plan,
            $route->methods()[0] === 'GET' => Ability::See,
            default => Ability::Plan,
        };
    }
}
