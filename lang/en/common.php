<?php

declare(strict_types=1);

// What many pages say.
return [
    'page' => [
        'drawing' => 'Drawing',
        'what-it-means' => 'What it means',
        'what' => 'What',
        'no-answer-from-yoke-line' => 'No answer from Yoke Line: the last change is',
        'not-kept' => 'not saved',
        'it-still-stands-in-its' => '. It is still in its field. Change it again when the connection is back.',
        'no' => 'No.',
        'section-at-the-jamb' => 'Section at the jamb',
        'passage' => 'passage',
        'all-jobs' => 'All jobs',
        'save' => 'Save',
        'units' => 'Units',
        'on-paper' => 'On paper:',
        'pdf' => ':name (PDF)',
        'show-only' => 'Show only',
        'snags' => 'Snags',
        'open-again' => 'Open again',
        'print' => 'Print',
        'back-to-the-jobs' => 'Back to the jobs',
        'doorway' => 'Doorway',
        'materials' => 'Materials',
        'people' => 'People',
        'leave-it' => 'Leave it',
    ],
];
