<?php

declare(strict_types=1);

// The words of the trade: what each is called, which words in sentences mean it, and what it is.
return [
    'page' => [
        'title' => 'Words of the trade',
        'close' => 'Close',
        'all' => 'All words',
    ],
    'words' => [
        'opening' => [
            'is' => 'Opening',
            'named' => 'opening|openings|doorway|doorways',
            'says' => 'The hole in the wall that the door covers.',
        ],
        'jamb' => [
            'is' => 'Jamb',
            'named' => 'jamb|jambs',
            'says' => 'The side of the opening, left or right.',
        ],
        'head' => [
            'is' => 'Head',
            'named' => 'head of the opening',
            'says' => 'The upper edge of the opening.',
        ],
        'casing' => [
            'is' => 'Casing',
            'named' => 'casing|casings',
            'says' => 'The flat trim around the opening. It stands out of the wall, and the door must clear it.',
        ],
        'baseboard' => [
            'is' => 'Baseboard',
            'named' => 'baseboard|baseboards',
            'says' => 'The board along the foot of the wall. The door must clear it too.',
        ],
        'crown' => [
            'is' => 'Crown moulding',
            'named' => 'crown moulding',
            'says' => 'The moulding where wall and ceiling meet. It takes away from the height for the rail.',
        ],
        'stud' => [
            'is' => 'Stud',
            'named' => 'stud|studs',
            'says' => 'An upright timber inside the wall. What carries the door is bolted into these.',
        ],
        'lining' => [
            'is' => 'Lining',
            'named' => 'lining|wall lining',
            'says' => 'What faces the wall: gypsum board, plaster, planks. It holds little by itself.',
        ],
        'door' => [
            'is' => 'Door',
            'named' => 'door leaf',
            'says' => 'What slides: the panel that covers the opening.',
        ],
        'stile' => [
            'is' => 'Stile',
            'named' => 'stile|stiles',
            'says' => 'The upright member along each side edge of the door. Hangers are bolted into it.',
        ],
        'pull' => [
            'is' => 'Handle',
            'named' => 'handle|handles',
            'says' => 'What the door is moved by. On the side of the wall it must lie flush.',
        ],
        'rail' => [
            'is' => 'Rail',
            'named' => 'rail|rails',
            'says' => 'The bar that the door’s wheels run on.',
        ],
        'rail-line' => [
            'is' => 'Rail line',
            'named' => 'rail line',
            'says' => 'The level line through the rail’s holes. Everything is measured up to it.',
        ],
        'header-board' => [
            'is' => 'Header board',
            'named' => 'header board|header boards',
            'says' => 'A board fixed to the studs, which the rail is bolted to where its holes miss them.',
        ],
        'standoff' => [
            'is' => 'Standoff',
            'named' => 'standoff|standoffs',
            'says' => 'The spacer between wall and rail. It gives the door room to pass the casing.',
        ],
        'hanger' => [
            'is' => 'Hanger',
            'named' => 'hanger|hangers',
            'says' => 'The strap with its wheel that the door hangs by. A door has two or more.',
        ],
        'stop' => [
            'is' => 'Stop',
            'named' => 'stop|stops',
            'says' => 'A block on the rail that ends the door’s run.',
        ],
        'guide' => [
            'is' => 'Floor guide',
            'named' => 'floor guide|floor guides|guide',
            'says' => 'A fin at the floor that keeps the foot of the door from swinging out.',
        ],
        'groove' => [
            'is' => 'Groove',
            'named' => 'groove|grooves',
            'says' => 'The slot along the bottom edge of the door that the floor guide runs in.',
        ],
        'soft-close' => [
            'is' => 'Soft close',
            'named' => 'soft close',
            'says' => 'A catch that takes the door before its end and draws it in gently.',
        ],
        'trigger' => [
            'is' => 'Trigger',
            'named' => 'trigger|triggers',
            'says' => 'The pin on the door that the soft close takes hold of.',
        ],
        'jump-disc' => [
            'is' => 'Jump disc',
            'named' => 'jump disc|jump discs',
            'says' => 'A disc on the door just below the rail, which keeps it from being lifted off.',
        ],
        'overlap' => [
            'is' => 'Overlap',
            'named' => 'overlap|overlaps',
            'says' => 'How far the shut door reaches past the opening at each side.',
        ],
        'head-overlap' => [
            'is' => 'Overlap over the head',
            'named' => 'over the head',
            'says' => 'How far the door reaches over the upper edge of the opening.',
        ],
        'floor-gap' => [
            'is' => 'Floor gap',
            'named' => 'floor gap',
            'says' => 'The air between door and floor, at the highest spot of the floor.',
        ],
        'travel' => [
            'is' => 'Travel',
            'named' => 'travel',
            'says' => 'How far the door slides from shut to open.',
        ],
        'passage' => [
            'is' => 'Passage',
            'named' => 'passage|passages',
            'says' => 'The width one can walk through when the door is open.',
        ],
        'headroom' => [
            'is' => 'Headroom',
            'named' => 'headroom',
            'says' => 'The height between the door and the ceiling, or the moulding below it.',
        ],
        'parked' => [
            'is' => 'Parked',
            'named' => 'parks|parked',
            'says' => 'Where the door stands when it is open.',
        ],
    ],
];
