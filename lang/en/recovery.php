<?php

declare(strict_types=1);

// What can be found on site, what is asked of it, what it means, and the ways out of it.
return [
    'of' => ':Which: :what',
    'harm' => ['Nothing shows', 'Hardware or a plug shows', 'The door is cut', 'The wall is opened'],
    'rows' => [
        'line' => 'The rail line is out of level, bowed, too high or too low',
        'hole-missed' => 'A hole has no stud behind it',
        'hazard' => 'A cable or pipe is where a screw should go',
        'wall-ends' => 'The wall ends too soon',
        'rubs' => 'The door rubs on something behind it',
        'off-guide' => 'The door runs off its guide',
        'leaf-differs' => 'The door is wider or thicker than drawn',
        'bounces' => 'The door jumps or bounces',
        'kit-differs' => 'A part of the kit differs from its sheet',
        'wrong-edge' => 'Holes were drilled from the wrong mark',
        'stud' => 'There is one more stud',
        'solid' => 'There is wood in the wall between studs',
        'obstacle' => 'Something is in the way on the wall',
        'floor' => 'The floor is higher or lower somewhere',
        'size' => 'A size is not as measured',
        'part' => 'A part of the kit is missing or wrong',
    ],
    'asks' => [
        'which-part' => 'Which part',
        'how-many' => 'How many',
        'how-so' => 'What is wrong with it',
        'kind' => 'What it is',
        'from' => 'From, along the wall',
        'to' => 'To, along the wall',
        'lowest-if-seen' => 'Lowest point from the floor, if seen',
        'highest-if-seen' => 'Highest point from the floor, if seen',
        'end' => 'Which end',
        'ends-at' => 'It ends at',
        'on-what' => 'On what',
        'stands-out' => 'It projects from the wall by',
        'leaf-width' => 'Door width',
        'leaf-thick-lead' => 'Thickness at the leading hanger',
        'leaf-thick-trail' => 'Thickness at the trailing hanger',
        'disc-gap' => 'Gap between disc and rail',
        'trial-gap' => 'Top gap of one hanger on an off-cut',
        'trial-hole' => 'Its hole was drilled down from the top',
        'hole-drilled-at' => 'Hole :n was drilled at, along the wall',
        'middle-at' => 'Its middle, along the wall',
        'wide' => 'Its width',
        'bottom' => 'Its bottom, from the floor',
        'top' => 'Its top, from the floor',
        'where' => 'Where, along the wall',
        'there' => 'The floor there is',
        'by' => 'By how much',
        'which-size' => 'Which size',
        'is' => 'It is',
        'stud' => 'Stud at :at: its true centre',
        'line-at' => 'Hole centre at :at, up from the floor there',
    ],
    'sizes' => [
        'survey.wall.ceiling' => 'ceiling above the floor',
        'survey.opening.left' => 'left jamb, along the wall',
        'survey.opening.width' => 'width of the opening, reading :n',
        'survey.opening.height' => 'height of the opening, reading :n',
    ],
    'means' => [
        'sheet-says' => 'The sheet says :gap.',
        'true-studs' => 'Worked with the studs where they really are.',
        'read-twice' => 'Read it at two places at least.',
        'creeps' => 'The door runs by itself: :creep, a pull of :pull.',
        'stays' => 'The door stays where it is left: :creep at most.',
        'too-high' => 'The line is level and :by too high.',
        'too-low' => 'The line is level and :by too low.',
        'line-right' => 'The line is where it should be, as near as a level can tell.',
        'hazard-clear' => 'Nothing is planned within :zone of it. Still isolate before you drill anywhere near.',
        'hazard-near' => 'Within :zone of it: :what. Do not drill there.',
        'clear' => ':clearance is left behind the door: enough.',
        'rubs' => ':clearance is left behind the door, :short less than is wanted.',
        'guide-room' => 'The guide has room for its whole length.',
        'guide-short' => 'The guide is :by_up short of room.',
        'as-drawn' => 'It is as drawn.',
        'kept' => 'It is now part of the survey.',
        'nothing-new' => 'Nothing new is wrong because of it.',
    ],
    'near' => ['hole' => 'the hole of the rail at :at', 'stud' => 'the stud at :at'],
    'hangs' => [
        'plumb' => ':When: gap :left left, :right right, least :least; it hangs plumb.',
        'left' => ':When: gap :left left, :right right, least :least; its top leans :lean to the left.',
        'right' => ':When: gap :left left, :right right, least :least; its top leans :lean to the right.',
    ],
    'longer' => [
        'none' => 'No longer rail that fits the wall is in stock.',
        'one' => 'With :length only one hole holds.',
        'apart' => 'With :length, :hits holes hold, but :gap apart; :most is the most.',
        'ends' => 'With :length, :hits holes hold, but too far from an end.',
    ],
    'rebored' => [
        'up' => 'hole :n up :by',
        'down' => 'hole :n down :by',
        'up-plugged' => 'hole :n up :by (plug it and let it set first)',
        'down-plugged' => 'hole :n down :by (plug it and let it set first)',
    ],
    'guide-to' => 'Guide to :at.',
    'left-as-is' => 'Left as it is',
    'do-over' => 'To do again: :what',
    'found' => 'Found on site: :what',
    'taken' => 'On site, :found: :way',

    'hole-missed' => [
        'slide' => [
            'title' => 'Slide the rail to :to',
            'says' => [
                'bolted' => 'What is bolted holds the rail: it has no slack left.',
                'holds' => ':best_hits of :of holes hold there.',
                'falls' => ':best_hits of :of holes hold there. That does not carry it.',
            ],
        ],
        'header' => [
            'title' => 'A header board :board wide on every stud',
            'says' => [
                'no-room' => 'There is no room for one over the casing.',
                'fits' => 'At most :board_at_most fits over the casing. Everything stands :thickness further out: :clearance is left behind the door.',
            ],
        ],
        'longer-rail' => [
            'title' => ['none' => 'A longer rail', 'holds' => 'A rail of :length'],
            'says' => ['none' => ':why', 'holds' => 'Its holes meet solid wood.'],
        ],
        'new-holes' => [
            'title' => 'New holes in the rail at the studs',
            'says' => [
                'holds' => 'At :holes, each with its bolt, spacer, washer and sleeve.',
                'few' => 'Fewer than two holes would hold.',
                'apart' => 'Two would be :gap apart; :most is the most.',
                'left-end' => 'From the left end to the first good fixing is more than :first_fixing_within.',
                'right-end' => 'From the right end to the first good fixing is more than :first_fixing_within.',
            ],
        ],
        'blocking' => [
            'title' => 'Blocking behind it',
            'says' => 'Open the wall, screw a block between the studs, make the wall good.',
        ],
        'toggle' => [
            'title' => 'A toggle in it',
            'says' => 'A help only: it carries nothing, and the rest must hold by itself.',
        ],
    ],
    'hazard' => [
        'shift' => [
            'title' => [
                'nowhere' => 'Slide the rail',
                'bored' => 'Slide the rail to :to',
                'left' => 'Slide the rail to :to',
                'right' => 'Slide the rail to :to',
            ],
            'says' => [
                'nowhere' => 'Nowhere in its slack is every hole clear of it.',
                'bored' => 'Its holes are drilled: the rail has no slack left.',
                'left' => ':by to the left: every hole is then clear of it.',
                'right' => ':by to the right: every hole is then clear of it.',
            ],
        ],
        'skip' => [
            'title' => 'Leave that hole empty',
            'says' => [
                'carries' => 'The others carry the rail, :spacing apart where it is left out; :limit is the most. Check the loads again under Anchors.',
                'falls' => 'The others would not carry the rail: they are too far apart, or too far from an end.',
            ],
        ],
        'move-hazard' => [
            'title' => 'Have it moved',
            'says' => [
                'cable' => 'Work for an electrician. The wall is opened and made good.',
                'pipe' => 'Work for a plumber. The wall is opened and made good.',
            ],
        ],
    ],
    'wall-ends' => [
        'slide' => [
            'title' => 'Slide the rail to :rail_left',
            'says' => [
                'fits' => 'The door travels :travel; a passage of :passage is left, :passage_lost less.',
                'bolted' => 'The rail is up and bolted.',
                'too-long' => 'The rail does not fit on this wall as it is.',
            ],
        ],
        'cut-rail' => [
            'title' => 'Cut :cut_off off its :side end',
            'says' => [
                'cut' => 'Deburr the cut and put an end cap on it.',
                'cut-and-drill' => 'Deburr the cut and put an end cap on it. The last hole left is :last_hole_to_end from the cut, more than :limit: drill one at :new_hole_at.',
                'too-short' => 'The rail left would be too short, or the kit’s rail may not be cut.',
                'inside' => 'It does not pass the end of the wall.',
            ],
        ],
        'buffer' => [
            'title' => 'A buffer on the wall instead of the open stop',
            'says' => [
                'gains' => 'The door travels :gains further; a passage of :passage is left. The buffer must meet solid wall or casing.',
                'nothing' => 'It would gain nothing here.',
            ],
        ],
    ],
    'line' => [
        'true-in-play' => [
            'title' => 'Level it in the play of its holes',
            'says' => [
                'up-up' => 'Loosen, left end up, right end up, as far as the holes let you. Tighten from the middle.',
                'up-down' => 'Loosen, left end up, right end down, as far as the holes let you. Tighten from the middle.',
                'down-up' => 'Loosen, left end down, right end up, as far as the holes let you. Tighten from the middle.',
                'down-down' => 'Loosen, left end down, right end down, as far as the holes let you. Tighten from the middle.',
            ],
        ],
        'rebore' => [
            'title' => [
                'nothing' => 'Drill holes again',
                'holes' => 'Drill one hole again|Drill :count holes again',
            ],
            'says' => [
                'nothing' => 'Nothing to drill: it comes level in the play of its holes.',
                'holes' => 'Take the rail off. Drill :each. The strength of a hole beside its plug is not checked again.',
            ],
        ],
        'live-with-it' => [
            'title' => 'Leave the line as it is',
            'says' => [
                'creeps' => 'The door would run by itself: :creep is more than :most.',
                'stays' => 'The door stays where it is left. Set the guide where it holds least: :least.',
                'loose' => 'The guide would hold only :least.',
            ],
        ],
        'gap' => [
            'title' => 'Make the floor gap :gap',
            'says' => [
                'gap' => 'The door hangs with the line. The guide then holds :bite; :bite_wanted is wanted.',
                'groove' => 'The door hangs with the line. The guide then holds :bite; :bite_wanted is wanted. Cut the groove to :groove_at_least_up.',
            ],
        ],
        'holes' => [
            'title' => [
                'plate' => 'Pack :by under each plate',
                'holes' => 'Drill the hanger holes at :holes',
                'plugged' => 'Drill the hanger holes at :holes',
            ],
            'says' => [
                'plate' => 'The floor gap stays; the top gap becomes :top_gap.',
                'holes' => 'The floor gap stays; the top gap becomes :top_gap.',
                'plugged' => 'The floor gap stays; the top gap becomes :top_gap. Plug the old holes and let them set first.',
            ],
        ],
        'trim' => [
            'title' => 'Cut :cut_off_foot off the bottom of the door',
            'says' => [
                'no-help' => 'Cutting it would not help: the line is too high.',
                'too-much' => 'Only :limit may come off.',
                'not-told' => 'It is not entered how much may come off.',
                'cut' => 'Coat the cut edge.',
                'groove' => 'Coat the cut edge. Cut the groove :cut_off_foot deeper.',
            ],
        ],
        'board-moved' => [
            'title' => [
                'up' => 'Move the board up :by',
                'down' => 'Move the board down :by',
                'up-plugged' => 'Move the board up :by',
                'down-plugged' => 'Move the board down :by',
            ],
            'says' => [
                'up' => 'Take rail and board off, and put them up again where they were planned.',
                'down' => 'Take rail and board off, and put them up again where they were planned.',
                'up-plugged' => 'Take rail and board off, and put them up again where they were planned. Plug the old screw holes first.',
                'down-plugged' => 'Take rail and board off, and put them up again where they were planned. Plug the old screw holes first.',
            ],
        ],
    ],
    'rubs' => [
        'spacer' => [
            'title' => 'A spacer of :thickness behind every standoff',
            'says' => ':clearance is then left behind the door. Everything stands :thickness further out: check the bolts again.',
        ],
        'thinner-board' => [
            'title' => 'A thinner board',
            'says' => [
                'thinner' => 'One of :thin. The door comes nearer the wall as well: look at what projects next furthest.',
                'fixed' => 'The board is fixed.',
                'other' => 'The :what projects furthest: a thinner board brings the door nearer to it.',
            ],
        ],
        'ease' => [
            'title' => 'Take :off off the moulding',
            'says' => 'Plane or sand it where the door passes, and touch it up.',
        ],
    ],
    'off-guide' => [
        'park-less' => [
            'title' => [
                'no-room' => 'Park :by past the jamb',
                'no-room-short' => 'Park :by short of the jamb',
                'stands' => 'Park :by past the jamb',
                'stands-short' => 'Park :by short of the jamb',
            ],
            'says' => [
                'no-room' => 'The room for the guide does not grow enough: the jamb limits it.',
                'no-room-short' => 'The room for the guide does not grow enough: the jamb limits it.',
                'stands' => 'The guide goes to :at. A passage of :passage is left, :passage_lost less.',
                'stands-short' => 'The guide goes to :at. A passage of :passage is left, :passage_lost less.',
            ],
        ],
        'shut-later' => [
            'title' => 'Let it shut :shift further over',
            'says' => 'It then covers :covers_left at the leading jamb; the rule is :wanted.',
        ],
        'wider-leaf' => [
            'title' => 'A wider door: :width',
            'says' => [
                'made' => 'At least :least_width. Made to order; it takes time to come.',
                'stock' => 'At least :least_width. It takes time to come.',
            ],
        ],
        'wall-roller' => [
            'title' => 'A roller on the wall',
            'says' => [
                'stands' => 'It goes on the wall beside the casing.',
                'past-leaf' => 'The casing ends where the door no longer is.',
            ],
        ],
    ],
    'leaf-differs' => [
        'take-as-is' => [
            'title' => 'Use it as it is',
            'says' => [
                'rail' => 'The rail as it lies does not reach past its stops.',
                'kit' => 'The kit takes :least to :greatest; :clearance would be left behind the door.',
                'alike' => 'Stops to :stops. :guide Under the cap nuts: :packs.',
                'washers' => 'Stops to :stops. :guide Under the cap nuts: :packs. Put :washers of washers under the strap on the thinner side.',
            ],
        ],
        'trim' => [
            'title' => 'Cut :each_edge off each edge',
            'says' => [
                'cut' => 'Coat the cut edges.',
                'not-told' => 'Coat the cut edges. It is not entered how much may come off: ask its maker.',
                'too-much' => 'Only :limit may come off an edge.',
                'not-wider' => 'It is not wider than drawn.',
            ],
        ],
    ],
    'bounces' => [
        'disc-gap' => [
            'title' => ['none' => 'Set the disc', 'set' => 'Set the discs :to below the rail', 'loose' => 'Set the discs :to below the rail'],
            'says' => [
                'none' => 'This kit has no jump disc.',
                'set' => 'They are :from away; from :lift_off_at on the door can come off.',
                'loose' => 'They are :from away; from :lift_off_at on the door can come off. Do not move the door before.',
            ],
        ],
        'catch' => [
            'title' => 'A catch',
            'says' => [
                'none' => 'This kit has none.',
                'takes' => 'The soft close takes the last of the way.',
                'too-short' => 'Door or travel is too short for it.',
            ],
        ],
    ],
    'kit-differs' => [
        'bore-by-sheet' => [
            'title' => 'Drill by the sheet, move the line',
            'says' => 'The line goes to :yoke_line, the top gap is :top_gap. Only while the line is not drilled; else the gap under the door becomes :gap.',
        ],
        'plan-again' => [
            'title' => 'Plan again with the true rise',
            'says' => 'The rise is :rise: the line goes to :yoke_line, or the door changes.',
        ],
        'bore-by-true' => [
            'title' => 'Drill the hanger holes at :holes',
            'says' => [
                'as-planned' => 'Floor gap, line and top gap stay as planned.',
                'bored' => 'The door is drilled already.',
                'too-high' => 'The hole would come too near the top of the door.',
            ],
        ],
    ],
    'wrong-edge' => [
        'slide-rail' => [
            'title' => 'Slide the rail to :rail_left',
            'says' => [
                'unlike' => 'They are not all off by the same.',
                'more' => 'The rail goes where its holes are. Every stop reads :by more on the rail.',
                'less' => 'The rail goes where its holes are. Every stop reads :by less on the rail.',
                'no-slack' => 'Its left end may lie from :low to :high.',
            ],
        ],
        'bore-anew' => [
            'title' => 'Drill them again where they belong',
            'says' => [
                'near' => ':apart is nearer than :least_apart: plug the old ones first and let them set. The hardware hides them.',
                'near-shows' => ':apart is nearer than :least_apart: plug the old ones first and let them set. One of them shows: colour its plug.',
                'far' => 'Plug the old ones. The hardware hides them.',
                'far-shows' => 'Plug the old ones. One of them shows: colour its plug.',
            ],
        ],
    ],
];
