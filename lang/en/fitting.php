<?php

declare(strict_types=1);

// What a measure of a door in hand means.
return [
    'measure' => 'Measure its :what.',
    'measure-thickness' => 'Measure it at both hangers: they can differ.',
    'none-works' => 'No :what works here. :because.',
    'too-little' => ':short_up too little: :least is the minimum. :because.',
    'serves' => ':size works as it is.',
    'too-much' => ':over_up too much: :greatest is the maximum, and only :trim may come off each edge. :because.',
    'too-much-untold' => ':over_up too much: :greatest is the maximum, and its trim limit is not entered. :because.',
    'trim' => 'Trim :half_fine off each of the two edges, :over_up in all; :trim an edge is allowed. Coat the cut edges.',
    'kit-takes' => ':is thick: the kit takes :least to :greatest.',
    'spacer' => 'Put a spacer of :short_up behind every standoff: :clearance would be left behind the door, :wanted is wanted.',
    'washers' => 'Put washers of :by_fine under the strap where it is :thin, so that both hang in one line.',
    'under-nuts' => 'Washers under the cap nuts of the bolts: :packs.',
    'weigh' => 'Weigh it.',
    'too-heavy' => ':mass: :by carries :most.',
    'carried' => ':mass of :most.',
    'knock' => 'Knock along the stiles and the top to find where it is solid. It is not known yet.',
    'not-solid' => 'The hanger at the :edge edge, :at in, has no solid member round its bolts.',
    'solid' => 'Both hangers have a solid member round their bolts.',
];
