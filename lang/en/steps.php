<?php

declare(strict_types=1);

// The steps of the work: what is done, why it comes when it does, how tight, what one has in hand.
return [
    'do' => [
        'look' => 'Look at the wall, the floor and what is in the way', 'measure' => 'Measure', 'scan' => 'Find the studs', 'choose' => 'Choose and size', 'order' => 'Order', 'box-check' => 'Check the kit’s box',
        'trial' => 'Try one hanger on an off-cut', 'leaf-in' => 'Bring the door in', 'trim-leaf' => 'Trim the door', 'mark-leaf' => 'Mark the door', 'bore-leaf' => 'Drill the door', 'groove' => 'Cut the groove',
        'coat-leaf' => 'Coat the door', 'fit-hangers' => 'Fit the hangers', 'fit-discs' => 'Fit the jump discs', 'fit-triggers' => 'Fit the triggers', 'fit-pulls' => 'Fit the handles', 'cut-board' => 'Cut the header board',
        'mark-board' => 'Mark the header board', 'bore-board' => 'Drill the header board', 'coat-board' => 'Coat the header board', 'cut-rail' => 'Cut the rail', 'bore-rail' => 'Drill the rail', 'join-rail' => 'Join the rail',
        'stops-on' => 'Put the stops on the rail, in their bay', 'catches-on' => 'Put the catches on the rail', 'door-off' => 'Take the existing door off', 'fill-jambs' => 'Fill the hinge and strike places',
        'isolate' => 'Isolate: current or water off', 'open-wall' => 'Open the wall', 'move-hazard' => 'Have the cable or pipe moved', 'patch-wall' => 'Patch the wall', 'move-obstacle' => 'Move what is in the way',
        'ease' => 'Ease the moulding', 'mark-wall' => 'Mark the wall', 'mark-line' => 'Draw the rail line', 'prove-line' => 'Check the line another way', 'bore-wall' => 'Drill the wall', 'board-up' => 'Put the board up and tack it',
        'board-fix' => 'Fix the board', 'rail-up' => 'Put the rail up, loose', 'rail-true' => 'Level and tighten the rail', 'hang' => 'Hang the door', 'discs-in' => 'Turn the jump discs in', 'set-stops' => 'Set the stops',
        'buffer' => 'Fix the buffer to the wall', 'set-catches' => 'Set the catches', 'mark-guide' => 'Mark the guide, door plumb', 'fix-guide' => 'Fix the guide', 'prove-run' => 'Final checks', 'paint-patch' => 'Paint the patch',
        'make-good' => 'Make good', 'hand-over' => 'Hand over',
    ],
    'why' => [
        'mark-leaf' => 'Only now is it known what the box holds and what the door really measures.', 'coat-leaf' => 'The holes and the groove are coated too.', 'fit-hangers' => 'Nothing is screwed to wet paint.',
        'stops-on' => 'They cannot pass a standoff once the rail is up.', 'catches-on' => 'At the bench both hands are free.', 'open-wall' => 'Nobody opens a wall over something live.',
        'mark-wall' => 'Nothing is drilled before door and kit are there and checked.', 'prove-line' => 'A wrong height is found before it is drilled.', 'board-up' => 'It is drilled and dry, and the line is checked.',
        'rail-up' => 'Everything that cannot go on later is on.', 'hang' => 'The rail is level, the door is dry, and its parts are on.', 'discs-in' => 'Without them the door can come off the rail.',
        'set-stops' => 'With the door hanging, where it really stops.', 'mark-guide' => 'With the door plumb, at both ends of its travel.', 'prove-run' => 'Everything that moves is set.',
        'door-off' => 'The room keeps its door as long as it can.', 'paint-patch' => 'It is dry and the rail is up: no wrench marks it any more.',
    ],
    'tight' => [
        'rail-true' => 'Ratchet, by hand, from end to end, the awkward one first: snug and a quarter turn.', 'board-fix' => 'Driver with the clutch low: the board crushes before a screw strips.', 'fit-pulls' => 'By hand.', 'fix-guide' => 'By hand.',
        'fit-hangers' => 'Snug on the washer: the door crushes before a nut strips.', 'set-stops' => 'Snug, so that it does not creep, with the buffer towards the door.',
    ],
    'tools' => [
        'box-check' => ['the kit’s sheet', 'tape'], 'trial' => ['off-cut', 'drill', 'one hanger', 'rule'], 'leaf-in' => ['blankets', 'scales', 'tape', 'calliper'], 'trim-leaf' => ['track saw or plane', 'square', 'tape'],
        'mark-leaf' => ['door drawing', 'square', 'sharp pencil', 'template'], 'bore-leaf' => ['drill', 'bits in steps', 'backing board', 'clamps', 'square'], 'groove' => ['router', 'fence', 'grooving bit'],
        'coat-leaf' => ['brush or roller', 'masking tape'], 'fit-hangers' => ['two wrenches'], 'fit-discs' => ['driver, by hand'], 'fit-triggers' => ['driver, by hand'], 'fit-pulls' => ['driver, by hand'],
        'cut-board' => ['saw', 'square', 'tape'], 'mark-board' => ['tape', 'square', 'pencil'], 'bore-board' => ['drill', 'bits in steps', 'mark on the bit'], 'coat-board' => ['brush or roller'],
        'cut-rail' => ['metal saw', 'file', 'vice'], 'bore-rail' => ['centre punch', 'drill, oil', 'deburrer'], 'join-rail' => ['joining pins or plate', 'key'], 'stops-on' => ['key'],
        'catches-on' => ['key', 'the kit’s sheet: left and right differ'], 'door-off' => ['driver', 'hammer and pin punch', 'wedges'], 'fill-jambs' => ['filler', 'knife', 'plates'], 'isolate' => ['tester', 'a note on the switch'],
        'open-wall' => ['knife', 'keyhole saw', 'dust mask'], 'move-hazard' => ['a licensed person'], 'patch-wall' => ['patch', 'joint compound', 'knife', 'sanding block'], 'move-obstacle' => ['driver', 'filler'],
        'ease' => ['plane', 'sanding block'], 'mark-wall' => ['tape', 'masking tape', 'pencil', 'plumb'], 'mark-line' => ['level or laser', 'tape', 'pencil'], 'prove-line' => ['gauge block or template', 'tape'],
        'bore-wall' => ['drill', 'bits in steps', 'mark on the bit', 'detector'], 'board-up' => ['props', 'level', 'driver'], 'board-fix' => ['driver, clutch low'], 'rail-up' => ['props', 'ratchet', 'level'],
        'rail-true' => ['ratchet, by hand', 'long level'], 'hang' => ['blankets', 'a helper'], 'discs-in' => ['driver, by hand'], 'set-stops' => ['key', 'tape'], 'buffer' => ['driver'], 'set-catches' => ['key'],
        'mark-guide' => ['plumb or level', 'tape', 'pencil'], 'fix-guide' => ['drill', 'driver, by hand'], 'prove-run' => ['tape', 'level', 'known weight'], 'paint-patch' => ['brush', 'wall paint'],
        'make-good' => ['filler', 'brush', 'cloth'], 'hand-over' => ['this sheet'],
    ],
    'cards' => [
        'choose' => 'Look, measure, choose', 'box' => 'Open the box', 'leaf' => 'Door at the bench', 'bench' => 'Board and rail at the bench', 'ready' => 'Make ready', 'line' => 'Mark and check the line', 'carries' => 'What carries the rail',
        'rail' => 'Rail up', 'hang' => 'Hang and set', 'finish' => 'Final checks and hand over',
    ],
    'of' => ['left' => 'left', 'right' => 'right', 'rear' => 'rear', 'front' => 'front', 'coat' => 'coat :n'],
    'after' => [
        'dry' => ':step, and :minutes minutes to dry', 'cure' => ':step, and :hours hours to cure', 'kit' => ':step, and the kit delivered', 'leaf' => ':step, and the door delivered', 'board' => ':step, and the board delivered',
    ],
    'minutes' => ':n min',
    'hours' => ':n h',
];
