<?php

declare(strict_types=1);

// What scripts say on a page.
return [
    'no-reading' => 'No reading came.',
    'seen' => 'OK',
    'waiting' => ':count waiting to be sent',
    'no-connection' => 'no connection',
    'may-not' => 'Your role does not change this; it stays as it was. Whoever plans the job can do it.',
    'sign-in-again' => 'Sign in again',
    'done-waiting' => 'Done, waiting to be sent.',
    'skipped-waiting' => 'Skipped: :why. Waiting to be sent.',
    'refused-with' => 'The server refused it (:status).',
    'refused' => 'The server refused it.',
    'a-photograph' => 'A photograph',
    'not-saved' => ':what of :at was not saved: :why',
    'try-again' => 'Try again',
    'discard' => 'Discard',
    'photo-unreadable' => 'This photograph cannot be read here. Use a JPEG, a PNG or a WebP.',
    'photo-saved' => 'The photograph is saved.',
    'say-why' => 'Write why it is skipped.',
    'note-saved' => 'The note is saved.',
    'no-scanner' => 'The scanner does not answer. Try again.',
    'no-ways' => 'The options did not come. Load the page again.',
    'sweeping' => ':height up',
    'passage' => ':passage of passage',
    'catch-none' => 'none',
    'catch-shut' => 'bites, shut',
    'catch-open' => 'bites, open',
    'catch-free' => 'free',
];
