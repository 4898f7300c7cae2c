<?php

declare(strict_types=1);

/** A doorway that shows each finding: its code, the changes that bring it, and kits changed for it. */
return [
    'measure-disagrees' => ['measure-disagrees', ['survey.opening.width' => [862, 884, 861]]],
    'leaf-clearance' => ['leaf-clearance', ['survey.opening.casing.thickness' => 27]],
    'leaf-clearance, touching' => ['leaf-clearance', ['survey.opening.casing.thickness' => 36]],
    'guide-window, narrow leaf' => ['guide-window', ['brief.leaf.width' => 955]],
    'guide-window, parked past' => ['guide-window', ['brief.rules.park' => 20]],
    'guide-bite' => ['guide-bite', ['brief.rules.gap' => 18]],
    'travel-cut' => ['travel-cut', ['survey.wall.to' => 2700]],
    'passage, parked short' => ['passage', ['brief.rules.park' => -40]],
    'passage, none' => ['passage', ['survey.wall.to' => 1880, 'survey.wall.from' => -1500]],
    'headroom' => [
        'headroom',
        ['survey.wall.ceiling' => 2240, 'brief.backing' => 'direct', 'brief.leaf.height' => 2138],
    ],
    'top-gap' => [
        'top-gap',
        ['brief.kit' => 'tight', 'brief.header.thickness' => 38, 'brief.leaf.width' => 1067],
        ['tight' => ['rise' => 22]],
    ],
    'catch-depth' => [
        'catch-depth',
        ['brief.kit' => 'deep-catch', 'brief.header.thickness' => 38, 'brief.leaf.width' => 1067],
        ['deep-catch' => ['catch_depth' => 34]],
    ],
    'header-casing' => ['header-casing', ['brief.leaf.height' => 2074]],
    'header-ceiling' => ['header-ceiling', ['survey.wall.ceiling' => 2280, 'brief.header.width' => 184]],
    'header-short' => ['header-short', ['brief.header.align' => 'on-casing', 'brief.leaf.height' => 2200]],
    'header-short, narrow' => ['header-short', ['brief.header.width' => 50]],
    'rail-room' => ['rail-room', ['survey.wall.from' => 845]],
    'rail-room, not cut' => [
        'rail-room',
        ['brief.kit' => 'fixed', 'brief.header.thickness' => 38, 'brief.leaf.width' => 1067],
        ['fixed' => ['rail.lengths' => [1525], 'rail.cuttable' => false]],
    ],
    'shut-room' => ['shut-room', ['survey.wall.from' => 850]],
    'leaf-thickness, thick' => ['leaf-thickness', ['brief.leaf.thickness' => 52]],
    'leaf-thickness, thin' => ['leaf-thickness', ['brief.leaf.thickness' => 28]],
    'leaf-mass' => ['leaf-mass', ['brief.leaf.mass_kg' => 70, 'brief.kit' => 'round-25-strap']],
    'leaf-mass, assumed' => ['leaf-mass', ['brief.kit' => 'weak'], ['weak' => ['capacity_kg' => 30]]],
    'kit-cannot-hang' => ['kit-cannot-hang', ['brief.kit' => 'flat-40-bypass']],
    'pull-reach' => [
        'pull-reach',
        ['brief.pulls' => ['wall' => ['kind' => 'flush', 'width' => 60, 'height' => 180, 'projection' => 0]]],
    ],
    'pull-reach, proud' => [
        'pull-reach',
        [
            'brief.pulls' => ['wall' => ['kind' => 'bar', 'width' => 20, 'height' => 200, 'projection' => 40]],
            'brief.leaf.stile' => 140,
        ],
    ],
    'pull-reach, at the corner' => [
        'pull-reach',
        [
            'survey.wall.from' => 880,
            'brief.rules.side_overlap' => 15,
            'brief.leaf.stile' => 60,
            'brief.pulls' => ['front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45]],
        ],
    ],
    'soft-close-room, narrow' => ['soft-close-room', ['survey.opening.width' => [600], 'brief.leaf.width' => 700]],
    'soft-close-room, short' => ['soft-close-room', ['survey.wall.to' => 1950, 'survey.wall.from' => 0]],
    'jump-disc-fouls, trigger' => [
        'jump-disc-fouls',
        ['brief.kit' => 'short-catch'],
        ['short-catch' => ['soft_close.catch_length' => 70]],
    ],
    'jump-disc-fouls, plate' => ['jump-disc-fouls', ['brief.kit' => 'flat-40-top']],
    'centre-stops' => [
        'centre-stops',
        [
            'brief.hang' => 'biparting',
            'brief.rules.meeting_gap' => 3,
            'survey.wall.from' => -900,
            'survey.wall.to' => 3640,
            'brief.leaf.width' => 620,
            'brief.kit' => 'near',
        ],
        ['near' => ['hanger.inset' => 60]],
    ],
    'leaf-narrow' => ['leaf-narrow', ['brief.leaf.width' => 914]],
    'leaf-short' => ['leaf-short', ['brief.leaf.height' => 2074, 'brief.backing' => 'direct']],
    'hanger-inset' => ['hanger-inset', ['brief.rules.hanger_inset' => 12]],
    'hanger-solid' => ['hanger-solid', ['brief.leaf.stile' => 80]],
    'covered, a switch' => [
        'covered',
        [
            'survey.obstacles' => [
                [
                    'name' => 'switch',
                    'kind' => 'switch',
                    'x' => [2000, 2086],
                    'y' => [1100, 1186],
                    'projection' => 12,
                ],
            ],
        ],
    ],
    'covered-socket' => [
        'covered-socket',
        [
            'survey.obstacles' => [
                [
                    'name' => 'socket',
                    'kind' => 'socket',
                    'x' => [2100, 2186],
                    'y' => [300, 446],
                    'projection' => 12,
                ],
            ],
        ],
    ],
    'leaf-clearance, a radiator' => [
        'leaf-clearance',
        [
            'survey.obstacles' => [
                [
                    'name' => 'radiator',
                    'kind' => 'radiator',
                    'x' => [2100, 2500],
                    'y' => [100, 700],
                    'projection' => 95,
                ],
            ],
        ],
    ],
    'obstacle-collides, furniture' => [
        'obstacle-collides',
        [
            'survey.obstacles' => [
                [
                    'name' => 'shelf unit',
                    'kind' => 'furniture',
                    'x' => [2100, 2600],
                    'y' => [0, 1800],
                    'projection' => 400,
                    'stands_off' => 60,
                ],
            ],
        ],
    ],
    'obstacle-collides, the front pull' => [
        'obstacle-collides',
        [
            'survey.obstacles' => [
                [
                    'name' => 'stool',
                    'kind' => 'furniture',
                    'x' => [2100, 2600],
                    'y' => [0, 1000],
                    'projection' => 400,
                    'stands_off' => 90,
                ],
            ],
            'brief.pulls' => ['front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45]],
        ],
    ],
    'obstacle-in-opening' => [
        'obstacle-in-opening',
        [
            'survey.obstacles' => [
                ['name' => 'vent', 'kind' => 'vent', 'x' => [1200, 1400], 'y' => [1800, 1900], 'projection' => 12],
            ],
        ],
    ],
    'obstacle-behind-rail' => [
        'obstacle-behind-rail',
        [
            'survey.obstacles' => [
                ['name' => 'lamp', 'kind' => 'lamp', 'x' => [2000, 2100], 'y' => [2150, 2250], 'projection' => 60],
            ],
        ],
    ],
    'aisle' => [
        'aisle',
        [
            'brief.rules.aisle' => 800,
            'survey.obstacles' => [
                [
                    'name' => 'bench',
                    'kind' => 'furniture',
                    'x' => [2000, 2600],
                    'y' => [0, 800],
                    'projection' => 600,
                    'stands_off' => 700,
                ],
            ],
        ],
    ],
    'uncovers' => [
        'uncovers',
        ['survey.opening.is' => 'niche', 'survey.wall.to' => 1880, 'survey.wall.from' => -1500],
    ],
    'over-capacity' => [
        'over-capacity',
        ['brief.leaf.mass_kg' => 52, 'brief.kit' => 'soft-wheels', 'brief.rules.hangers' => 2],
        ['soft-wheels' => ['wheels' => [], 'wheel' => ['material' => 'nylon', 'capacity_kg' => 25]]],
    ],
    'wheel-worst' => [
        'wheel-worst',
        ['brief.leaf.mass_kg' => 52, 'brief.kit' => 'soft-wheels'],
        ['soft-wheels' => ['wheels' => [], 'wheel' => ['material' => 'nylon', 'capacity_kg' => 25]]],
    ],
    'kit-usual' => [
        'kit-usual',
        ['brief.kit' => 'silent', 'brief.header.thickness' => 38, 'brief.leaf.width' => 1067],
        ['silent' => ['stop.body' => null]],
    ],
    'runs-off' => ['runs-off', ['brief.ends.open.by' => 'none']],
    'buffer-far' => ['buffer-far', ['brief.ends.shut.by' => 'wall-buffer']],
    'wheel-overloaded' => [
        'wheel-overloaded',
        ['brief.leaf.mass_kg' => 52, 'brief.kit' => 'either-wheels'],
        [
            'either-wheels' => [
                'wheels' => [
                    ['material' => 'nylon', 'capacity_kg' => 25],
                    ['material' => 'steel', 'capacity_kg' => 45],
                ],
            ],
        ],
    ],
    'floor-not-drilled' => ['floor-not-drilled', ['survey.floor.drillable' => false, 'brief.leaf.width' => 1067]],
    'groove-stopped-short' => ['groove-stopped-short', ['brief.rules.groove' => 'stopped']],
    'template-not-level' => [
        'template-not-level',
        ['brief.rules.line_found' => 'template', 'survey.opening.height' => [2062, 2068]],
    ],
];
