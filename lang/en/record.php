<?php

declare(strict_types=1);

// The log of a doorway, the final checks and the hand-over.
return [
    'does-not-hold' => 'Does not hold: :what',
    'kinds' => [
        'plan' => 'plan',
        'step' => 'steps',
        'measured' => 'measured',
        'mark' => 'marks',
        'proof' => 'line checks',
        'found' => 'found',
        'decision' => 'decisions',
        'note' => 'notes',
        'photo' => 'photographs',
        'run' => 'final checks',
        'snag' => 'snags',
        'signature' => 'signed',
    ],
    'log' => [
        'step-done' => ':step done',
        'step-skipped' => ':step skipped',
        'step-open' => ':step opened again',
        'measured' => ':what: :is, planned :planned',
        'marked' => 'Marked :mark',
        'unmarked' => 'Taken back: :mark',
        'proof' => 'Line checked, :way: read :read, expected :expected, :verdict',
        'decision' => ':what (:harm). :why',
        'photo' => 'Photograph',
        'run-holds' => ':what: holds',
        'run-fails' => ':what: does not hold',
        'run-read-holds' => ':what: :is, expected :planned, holds',
        'run-read-fails' => ':what: :is, expected :planned, does not hold',
        'signature' => 'Signed by :name',
    ],
    'verdicts' => [
        'agrees' => 'agrees',
        'look-again' => 'look again',
        'wrong' => 'wrong',
    ],
    'snags' => [
        'open' => 'open',
        'settled' => 'resolved',
        'accepted' => 'accepted',
    ],
];
