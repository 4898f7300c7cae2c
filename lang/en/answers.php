<?php

declare(strict_types=1);

// What each answer of a field that has but a few is called; '' is not answered.
$noYes = ['no' => 'no', 'yes' => 'yes'];
$ends = ['corner' => 'corner', 'open' => 'open end'];
$handle = ['none' => 'none', 'bar' => 'bar', 'cup' => 'cup', 'flush' => 'flush pull'];
$purpose = ['' => 'not said', 'sight' => 'privacy', 'sound' => 'sound', 'light' => 'light', 'space' => 'space', 'looks' => 'looks'];

return [
    'units' => ['mm' => 'millimetres', 'in' => 'inches'],
    'survey.wall.ends.left' => $ends,
    'survey.wall.ends.right' => $ends,
    'survey.wall.lining.kind' => ['gypsum' => 'gypsum', 'plank' => 'plank', 'plaster' => 'plaster', 'tile' => 'tile', 'masonry' => 'masonry'],
    'survey.opening.is' => ['doorway' => 'a doorway', 'niche' => 'a niche', 'screen' => 'a stretch of wall'],
    'survey.opening.was' => ['none' => 'none', 'hinged-in' => 'hinged, into this room', 'hinged-out' => 'hinged, out of this room', 'folding' => 'folding'],
    'survey.floor.finish' => [
        '' => 'not said', 'board' => 'board', 'tile' => 'tile', 'stone' => 'stone', 'concrete' => 'concrete', 'carpet' => 'carpet', 'laminate' => 'laminate', 'vinyl' => 'vinyl',
    ],
    'survey.floor.drillable' => $noYes,
    'survey.hazards[].kind' => ['cable' => 'cable', 'pipe' => 'pipe', 'gas' => 'gas pipe'],
    'survey.hazards[].moved' => ['no' => 'stays', 'yes' => 'is moved'],
    'survey.obstacles[].kind' => [
        'switch' => 'switch', 'socket' => 'socket', 'thermostat' => 'thermostat', 'vent' => 'vent', 'radiator' => 'radiator', 'shelf' => 'shelf', 'furniture' => 'furniture',
    ],
    'survey.obstacles[].moved' => ['no' => 'stays', 'yes' => 'is moved'],
    'survey.solids[].kind' => ['blocking' => 'blocking', 'lintel' => 'lintel'],
    'brief.purpose' => $purpose,
    'brief.hang' => ['single' => 'one', 'biparting' => 'two, meeting', 'bypass' => 'two, passing'],
    'brief.opens' => ['left' => '← left', 'right' => 'right →'],
    'brief.leaf.construction.kind' => [
        '' => 'not said', 'softwood' => 'solid softwood', 'hardwood' => 'solid hardwood', 'mdf' => 'fibreboard', 'plywood' => 'plywood', 'chipboard' => 'chipboard', 'hollow' => 'hollow core',
    ],
    'brief.pulls.front.kind' => $handle,
    'brief.pulls.wall.kind' => $handle,
    'brief.backing' => [
        'header' => 'a header board', 'direct' => 'the wall', 'auto' => 'the wall, else a header board', 'site-drilled' => 'new holes at studs', 'masonry' => 'masonry',
        'toggle' => 'the wall, with toggles',
    ],
    'brief.header.align' => ['centred' => 'in the middle', 'rail-low' => 'low on the board', 'on-casing' => 'board on the casing'],
    'brief.header.reach' => ['overrun' => 'past the rail', 'rail' => 'same as the rail', 'wall' => 'wall to wall'],
    'brief.rules.cover' => ['opening' => 'past jambs', 'casing' => 'casing', 'just-enough' => 'just enough'],
    'brief.rules.surplus' => ['trailing' => 'trailing', 'even' => 'both', 'leading' => 'leading'],
    'brief.rules.reach' => ['head' => 'over the head', 'casing-top' => 'to the top of the casing', 'above-casing' => 'above the casing'],
    'brief.rules.sizes' => ['stock' => 'stock, if one fits', 'made-to-order' => 'made to order'],
    'brief.rules.parked' => ['no' => 'it slides', 'yes' => 'it stays where it is'],
    'brief.rules.rail_reach' => ['needed' => 'as long as needed', 'wall' => 'the whole wall'],
    'brief.rules.open_end' => ['stop' => 'a stop on the rail', 'buffer' => 'a buffer on the wall'],
    'brief.rules.jump_discs' => ['two' => 'two', 'one' => 'one'],
    'brief.rules.soft_close' => ['auto' => 'if it fits', 'off' => 'without'],
    'brief.rules.washers' => $noYes,
    'brief.rules.line_found' => [
        'worked-out' => 'calculated, then checked', 'laid-out' => 'door and rail laid out on the floor', 'packing' => 'door stood on packing at the wall', 'template' => 'a template on the casing',
    ],
    'brief.rules.height_means' => ['hole' => 'centre of the holes', 'top' => 'top of the rail', 'foot' => 'bottom of the rail'],
    'brief.rules.heights' => ['level' => 'one mark and a level', 'places' => 'a tape reading at every mark', 'laser' => 'a laser'],
    'brief.rules.wheels' => ['quiet' => 'quiet plastic tread', 'steel' => 'steel'],
    'brief.rules.guide' => ['kit' => 'the one in the kit', 'fin' => 'fin in a groove', 'shoe' => 'shoe on the floor', 'roller' => 'roller on the wall'],
    'brief.rules.groove' => ['full' => 'full length', 'stopped' => 'stopped short of the leading edge'],
    'brief.rules.guide_touch' => ['clear' => 'clear all the way', 'touching' => 'touching at both ends'],
    'brief.rules.wall_pull' => ['flush' => 'flush', 'proud' => 'projecting, kept off the jamb by depth or a stop'],
    'brief.rules.holes_found' => [
        'readings' => 'tape readings, then a check with the rail', 'held-up' => 'the rail held up as its own template', 'bench' => 'marked on the board at the bench', 'from-first' => 'from the first bolt, marked through the rail',
    ],
    'brief.rules.first_bolt' => ['ends' => 'one end, then the far end', 'middle' => 'the middle', 'across' => 'from one side to the other'],
    'brief.rules.tightened' => ['level-then' => 'all loose, level, then end to end', 'each' => 'each one as it goes in', 'from-middle' => 'all loose, then from the middle out'],
    'brief.rules.board_held' => ['helper' => 'a helper', 'props' => 'props', 'tacked' => 'tacking nails'],
    'brief.rules.old_leaf' => ['auto' => 'first if it is in the way, else last', 'first' => 'first', 'last' => 'last, after a trial hang'],
    'brief.rules.leaf_holes' => ['play' => '0.5 to 1 of play', 'tight' => 'tight'],
    'brief.rules.finish' => ['before' => 'before it is hung', 'in-place' => 'in place'],
    'brief.rules.looks' => ['wall' => 'like the wall, filled', 'leaf' => 'like the door', 'capped' => 'capped', 'coloured' => 'heads coloured before'],
    'brief.rules.trim' => ['shared' => 'shared between opposite edges', 'one-edge' => 'off one edge'],
    'brief.rules.props' => ['no' => 'a helper', 'yes' => 'props'],
    'brief.rules.trial' => ['no' => 'trusted', 'yes' => 'tried first'],
    'marking.rail_up' => ['no' => 'is not up', 'yes' => 'is up'],
    'marking.pulls.board' => ['end-l right' => 'left end', 'end-r left' => 'right end'],
    'marking.pulls.rail' => ['end-l right' => 'left end', 'end-r left' => 'right end'],
    'kit.units' => ['mm' => 'millimetres', 'in' => 'inches'],
    'kit.hang' => ['single' => 'one door', 'single, biparting' => 'one door, or two meeting', 'biparting' => 'two doors meeting', 'bypass' => 'two doors passing'],
    'kit.height.datum' => ['hole' => 'the hole centre', 'rail-top' => 'the top of the rail', 'rail-foot' => 'the bottom of the rail', 'wheel-top' => 'the top of the wheel'],
    'kit.rail.material' => ['steel' => 'steel', 'stainless' => 'stainless steel', 'aluminium' => 'aluminium'],
    'kit.rail.cuttable' => $noYes,
    'kit.rail.holes.free' => $noYes,
    'kit.hanger.style' => ['face-strap' => 'strap on the face', 'top-plate' => 'plate on the top edge'],
    'kit.stop.style' => ['clamp-on' => 'clamps on', 'collar' => 'collar', 'slide-on' => 'slides on', 'drilled' => 'drilled', 'buffer' => 'buffer on the wall'],
    'kit.stop.passes_standoffs' => $noYes,
    'kit.guide.style' => ['t-fin' => 'fin in a groove', 'double-fin' => 'two fins', 'u-shoe' => 'shoe', 'wall-roller' => 'roller on the wall'],
];
