<?php

declare(strict_types=1);

// Hardware kits.
return [
    'page' => [
        'shelf' => 'Hardware kits',
        'kits-as-the-company-keeps' => 'Kits as the company keeps them',
        'name-of-the-kit' => 'Name of the kit',
        'name-of-the-new-kit' => 'Name of the new kit',
        'new-kit' => 'New kit',
        'bring-in-kits' => 'Import kits',
        'give-them-out' => 'Export kits',
        'that-file-could-not-be' => 'That file could not be read. Nothing was changed.',
        'carries-leaf-to-thick' => ':hangs; carries :mass; door :low to :high thick',
        'numbers-of-its-sheet-are' => ':count numbers of its sheet are still to be entered.',
        'copy' => 'Copy',
        'kit' => 'Kit',
        'the-kits-sheet' => 'The kit’s sheet',
        'the-same-height-three-ways' => 'The same height, three ways: from the top edge of the door up',
        'to-the-hole-centre-the' => 'to the hole centre: the rise, and the rail line',
        'to-the-rails-top-where' => 'to the top of the rail, where the wheel sits',
        'to-the-rails-foot-the' => 'to the bottom of the rail: the top gap',
        'the-drawing-comes-once-the' => 'The drawing comes once the sheet is entered; :count numbers are still wanted.',
        'doorways-keep-the-kit-as' => 'Doorways keep the kit as it was when they were planned; those that use this one are told when it changes.',
        'agrees' => 'Its numbers agree.',
        'not-all-entered' => 'Some numbers are still missing.',
        'look-again' => 'Check these numbers again.',
    ],
    'number-of' => ':what_within of :name',
    'parts' => [
        'title' => 'Parts without a kit',
        'why' => 'Guides, handles, anchors and boards that you keep by themselves. Each is one tap away where a door takes it.',
        'kind' => 'Kind',
        'name' => 'Name of the part',
        'new' => 'New part',
        'part' => 'Part',
        'remove' => 'Remove',
        'used' => [
            'guide' => 'It is taken where a door’s rules ask for a guide of its style that the kit does not hold.',
            'handle' => 'It is offered under Door, for either side.',
            'anchor' => 'It is offered under Anchors, on masonry.',
            'board' => 'It is offered under Rail, where a header board carries it.',
        ],
    ],
    'kinds' => ['guide' => 'Floor guide', 'handle' => 'Handle', 'anchor' => 'Masonry anchor', 'board' => 'Board'],
];
