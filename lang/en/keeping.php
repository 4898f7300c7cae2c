<?php

declare(strict_types=1);

// Backups, bringing them back, and what is wrong with a machine.
return [
    'backed-up' => 'Backed up to :path',
    'restored' => 'The backup is back.',
    'aside' => 'What was there before is kept in :path. Delete it when you no longer need it.',
    'well' => 'well',
    'not-restored' => [
        'not-whole' => 'This file cannot be opened as a backup, or is not whole. Nothing was changed.',
        'no-backup' => 'This is a ZIP, but no backup of Yoke Line. Nothing was changed.',
        'newer' => 'This backup is of a newer version of Yoke Line. Bring this one up to date first. Nothing was changed.',
        'damaged' => ':file in this backup is damaged or missing. Nothing was changed; try an older backup.',
    ],
    'looked-at' => [
        'php' => 'PHP',
        'folder' => 'Rights',
        'disk' => 'Disk',
        'database' => 'Database',
        'version' => 'Version',
        'photos' => 'Photographs',
        'backup' => 'Backup',
        'clock' => 'Clock',
        'certificate' => 'Certificate',
    ],
    'doctor' => [
        'broken' => 'This could not be looked at: :why',
        'php-lacks' => 'PHP lacks :names. ./yoke up installs what is missing.',
        'not-writable' => 'Nothing can be written to :path. Give it to the user that runs Yoke Line.',
        'disk-full' => 'Only :mb MB are free at :path. Make room: entries are refused when it is full.',
        'no-database' => 'There is no database at :path. Bring a backup back with ./yoke restore, or start anew with ./yoke up.',
        'damaged' => 'The database is damaged (:why). Stop Yoke Line and bring the last backup back with ./yoke restore.',
        'newer' => 'The database is of a newer version of Yoke Line. Run that version.',
        'half-updated' => 'The database is not up to date. Start ./yoke up or ./yoke serve: it makes a backup first.',
        'photos-missing' => 'Named in the record and not on the disk: :count. Bring them back from a backup.',
        'no-backup' => 'There is no backup yet. Make one with ./yoke backup; ./yoke serve makes one every night.',
        'backup-old' => 'The last backup is of :on. Make one with ./yoke backup.',
        'clock-back' => 'The clock was set back: the last change was kept at :last and it is :now. Set the clock right.',
        'certificate-ends' => 'The certificate ends on :on. Start ./yoke serve anew: it makes another.',
    ],
    'page' => [
        'backups' => 'Backups',
        'last' => 'The last good one was made on :on.',
        'none' => 'There is none yet.',
        'old' => 'There is no backup of the last three days. Make one with <code>./yoke backup</code>, and see with <code>./yoke doctor</code> why none was made at night.',
        'where' => 'They are in :path: the last of 7 days, 4 weeks and 12 months. Keep a copy on another machine.',
    ],
];
