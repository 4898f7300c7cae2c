<?php

declare(strict_types=1);

use App\Keeping\Trouble;

// What SQLite, PostgreSQL and the system say where something is wrong with the machine.
return [
    'database or disk is full' => Trouble::Full,
    'No space left on device' => Trouble::Full,
    'could not extend file' => Trouble::Full,
    'readonly database' => Trouble::ReadOnly,
    // It is there, and what is written beside it cannot be.
    'unable to open database file' => Trouble::ReadOnly,
    'Read-only file system' => Trouble::ReadOnly,
    'read-only transaction' => Trouble::ReadOnly,
    'does not exist. Ensure this is' => Trouble::Missing,
    'Connection refused' => Trouble::Missing,
    'malformed' => Trouble::Damaged,
    'file is not a database' => Trouble::Damaged,
    'disk I/O error' => Trouble::Damaged,
    'no such table' => Trouble::HalfUpdated,
    'no such column' => Trouble::HalfUpdated,
    'has no column named' => Trouble::HalfUpdated,
    'Undefined table' => Trouble::HalfUpdated,
    'Undefined column' => Trouble::HalfUpdated,
];
