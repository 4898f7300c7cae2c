<?php

declare(strict_types=1);

namespace App\Keeping;

use Throwable;

/** What keeps the house from taking anything in: nothing that anybody typed, and nothing that a change of the code mends. */
enum Trouble: string
{
    case Full = 'disk-full';
    case ReadOnly = 'read-only';
    case Missing = 'missing';
    case Damaged = 'damaged';
    case HalfUpdated = 'half-updated';

    /** As SQLite, PostgreSQL and the system say it. */
    private const SAID = [
        'database or disk is full' => self::Full,
        'No space left on device' => self::Full,
        'could not extend file' => self::Full,
        'readonly database' => self::ReadOnly,
        // It is there, and what is written beside it cannot be.
        'unable to open database file' => self::ReadOnly,
        'Read-only file system' => self::ReadOnly,
        'read-only transaction' => self::ReadOnly,
        'does not exist. Ensure this is' => self::Missing,
        'Connection refused' => self::Missing,
        'malformed' => self::Damaged,
        'file is not a database' => self::Damaged,
        'disk I/O error' => self::Damaged,
        'no such table' => self::HalfUpdated,
        'no such column' => self::HalfUpdated,
        'has no column named' => self::HalfUpdated,
        'Undefined table' => self::HalfUpdated,
        'Undefined column' => self::HalfUpdated,
    ];

    /** The trouble behind a fault; null where it is another one. */
    public static function of(Throwable $fault): ?self
    {
        for ($at = $fault; $at !== null; $at = $at->getPrevious()) {
            foreach (self::SAID as $says => $trouble) {
                if (str_contains($at->getMessage(), $says)) {
                    return $trouble;
                }
            }
        }

        return null;
    }
}
