<?php

declare(strict_types=1);

// The pages on which a doorway is set up: groups of fields, rows of several, notes and what can be added.
return [
    'stations' => ['wall' => 'Wall', 'leaf' => 'Door', 'rail' => 'Rail', 'anchors' => 'Anchors'],
    'groups' => [
        'wall' => 'Wall', 'opening' => 'Opening', 'base' => 'Bottom of the wall', 'floor' => 'Floor levels', 'studs' => 'Studs', 'things' => 'On the wall and in front of it', 'hazards' => 'In the wall',
        'purpose' => 'Purpose', 'hang' => 'How it hangs', 'leaf' => 'Door', 'stock' => 'Stock sizes',
        'kit' => 'Hardware kit', 'carries' => 'What carries the rail', 'rail' => 'Rail and stops', 'room' => 'Clearances',
        'alternatives' => 'Other ways to fix it', 'wood' => 'Wood', 'anchor' => 'Anchor, from its data sheet', 'solids' => 'Wood between studs',
        'tapes' => 'Along the wall', 'other-tapes' => 'Other tapes', 'heights' => 'Heights', 'check' => 'Checking the line',
        'plus-minus' => 'Plus or minus', 'in-hand' => 'The door as delivered',
        'kit-sheet' => 'Kit', 'kit-height' => 'From the top of the door up to the rail', 'kit-rail' => 'Rail', 'kit-standoff' => 'Standoff and bolt', 'kit-hanger' => 'Hanger', 'kit-stop' => 'Stop',
        'kit-guide' => 'Floor guide', 'kit-disc' => 'Jump disc and soft close', 'kit-two' => 'Two rails', 'kit-box' => 'In the box',
    ],
    'notes' => [
        'wall' => 'Measured along the wall from the left corner or from your pencil line.',
        'floor' => 'At both jambs and as far as the door will go. Up is plus, from any level line.',
        'studs' => 'Their middles, along the same tape.',
        'things' => 'Drag them on the drawing, or move them with the arrow keys.',
        'hazards' => 'Heights are from the floor. Nothing is drilled near them.',
        'stock' => 'The sizes your yard keeps. Clear them to have every door made to order.',
        'anchors' => 'Drag the rail within its slack, or move it with the arrow keys. ↺ lets it find its own place.',
        'wood' => 'Where nothing is said, light spruce is assumed.',
        'solids' => 'Lintels and blocking. Studs are entered under Wall.',
        'tapes' => 'A tape run you choose stays. Others are added only where it does not reach.',
        'laser' => 'What the tape reads up to the laser at the high spot.',
        'check' => 'Where along the wall it is checked, and what the door stands on.',
        'plus-minus' => 'Which tape, which level? A cheap level is good to 2 mm over a doorway, a laser to less than 1 mm.',
        'in-hand' => 'Solid members across the door are measured from its leading edge.',
        'kit-height' => 'As the sheet states it, and what it is measured to.',
        'kit-rise' => 'That is :rise to the hole centre. The rail line is calculated from there.',
        'kit-box' => 'What is not in the box is bought.',
    ],
    'rows' => [
        'from-to' => 'From, to', 'ends' => 'Ends', 'crown' => 'Crown moulding', 'lining' => 'Lining', 'width' => 'Width', 'height' => 'Height', 'casing' => 'Casing', 'baseboard' => 'Baseboard', 'carpet' => 'Carpet',
        'floor-level' => 'Level :n', 'stud' => 'Stud :n', 'thing' => 'Thing :n', 'solid' => 'Blocking :n', 'purpose' => 'First, then', 'board' => 'Header board', 'studs' => 'Studs', 'plank' => 'Plank',
        'size' => 'Size', 'run' => 'Tape run :n', 'thickness' => 'Thickness', 'member' => 'Member :n', 'kit-height' => 'Height to', 'top-gap' => 'Top gap', 'section' => 'Section', 'bolt' => 'Bolt', 'wheel' => 'Wheel',
        'disc' => 'Jump disc', 'soft-close' => 'Soft close', 'part' => 'Part :n', 'leaf-thickness' => 'Door thickness',
    ],
    'links' => [
        'readings' => 'Import readings from a table', 'ways' => 'Options that would work here', 'rules' => 'House rules of this doorway', 'size-card' => 'Size card, and a door in hand', 'sweep' => 'Sweep the wall for studs',
    ],
    'offers' => ['add' => '+ :what', 'lintel' => '+ lintel over the opening', 'holds' => '✓ :what. :costs.', 'does-not-hold' => '✗ :what. :costs.'],
    'not-said' => 'not said',
    'least-hooked' => 'as few hooks as possible',
    'hook-to' => ['left' => ':hook, to the left', 'right' => ':hook, to the right'],
];
