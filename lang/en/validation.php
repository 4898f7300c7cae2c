<?php

declare(strict_types=1);

// What a form field of a page is refused for, where the page does not say it better.
return [
    'required' => 'Fill this in.',
    'string' => 'Write text here.',
    'file' => 'Choose a file.',
    'uploaded' => 'The file did not arrive complete. Try again.',
    'in' => 'Choose one of those that are offered.',
    'enum' => 'Choose one of those that are offered.',
    'max' => ['string' => 'Write at most :max letters.', 'file' => 'The file is larger than :max kB.'],
];
