<?php

declare(strict_types=1);

// Pages that say what went wrong: what happened, what of it is lost, where to go.
return [
    'back' => 'Go back',
    '403' => [
        'title' => 'This is not open to you',
        'says' => 'Whoever runs Yoke Line here has not opened this page to you.',
        'kept' => 'Nothing was changed.',
    ],
    '404' => [
        'title' => 'There is nothing here',
        'says' => 'The address leads to no page. A job or a doorway may have been archived, or the address was copied short.',
        'kept' => 'Nothing was changed. Archived jobs are listed under Jobs, Archive.',
    ],
    '405' => [
        'title' => 'This address is not for opening',
        'says' => 'It takes what a page sends, and shows nothing by itself.',
        'kept' => 'Nothing was changed.',
    ],
    '413' => [
        'title' => 'That file is too large',
        'says' => 'More was sent than one request takes. The page you came from says how large a file may be.',
        'kept' => 'Nothing was changed. Go back: what you typed still stands in its fields.',
    ],
    '419' => [
        'title' => 'This page has stood open too long',
        'says' => 'What you sent was not taken, because the page it came from is older than your session.',
        'kept' => 'Nothing was changed. Go back: what you typed still stands in its fields. Load the page anew in another tab before you send it again.',
    ],
    '421' => [
        'title' => 'Not the address of this place',
        'says' => 'Yoke Line answers only under its own address.',
        'kept' => 'Nothing was changed.',
    ],
    '429' => [
        'title' => 'That was too often',
        'says' => 'So many requests came that they are held back for a minute.',
        'kept' => 'Nothing was changed. Wait a minute and try again.',
    ],
    '500' => [
        'title' => 'Something here went wrong',
        'says' => 'It is a fault of Yoke Line and not of what you typed. It stands in the log, so that it can be mended.',
        'kept' => 'What was saved before is as it was. Go back: what you typed still stands in its fields.',
    ],
    '503' => [
        'title' => 'Back in a moment',
        'says' => 'Yoke Line is being brought up to date.',
        'kept' => 'What was saved is as it was. Try again in a minute.',
    ],
    'disk-full' => [
        'title' => 'The disk is full',
        'says' => 'Nothing more can be kept on the machine that Yoke Line runs on. Whoever runs it makes room; ./yoke doctor says how much is free.',
        'kept' => 'What was saved before is as it was. Go back: what you typed still stands in its fields, and can be sent again afterwards.',
    ],
    'read-only' => [
        'title' => 'Nothing can be written',
        'says' => 'The machine that Yoke Line runs on lets nothing be written where its data are. Whoever runs it finds out why with ./yoke doctor.',
        'kept' => 'What was saved before is as it was. Go back: what you typed still stands in its fields.',
    ],
    'missing' => [
        'title' => 'The data are not there',
        'says' => 'The database is not where it should be, or does not answer. Whoever runs Yoke Line brings it back with ./yoke restore, or starts what serves it.',
        'kept' => 'Nothing was written in its place. Go back: what you typed still stands in its fields.',
    ],
    'damaged' => [
        'title' => 'The data are damaged',
        'says' => 'The database cannot be read as a whole. Whoever runs Yoke Line stops it and brings the last backup back with ./yoke restore.',
        'kept' => 'Nothing more is taken until then. Go back: what you typed still stands in its fields.',
    ],
    'half-updated' => [
        'title' => 'The update is not finished',
        'says' => 'The database is of another version than Yoke Line. Whoever runs it starts it anew: it makes a backup and brings the database up to date.',
        'kept' => 'What was saved before is as it was. Go back: what you typed still stands in its fields.',
    ],
];
