<?php

declare(strict_types=1);

// What can hurt someone: the danger first, then the cure.
return [
    'mass' => 'The door weighs :mass: lift and hang it with :people people, hands clear of rail and wheels.',
    'mass-assumed' => 'The door weighs about :mass if it is solid softwood; weigh it. Lift and hang it with :people people, hands clear of rail and wheels.',
    'lift' => 'Lift with :people people, hands clear of rail and wheels.',
    'ladder' => 'The rail can fall while it is put up. Work from a ladder or platform on firm ground, with two people, or with props that hold it before hands leave it.',
    'props' => 'It can fall. Ladder or platform on firm ground; two people, or props before hands leave it.',
    'drill-masonry' => 'Drilling masonry: wear eye and ear protection and a dust mask.',
    'drill-wall' => 'Drilling and cutting: wear eye and ear protection, and a dust mask for boards, linings and old paint, which may hold lead or asbestos.',
    'dust' => 'Wear eye and ear protection, and a dust mask for boards and old paint.',
    'old-paint' => 'Old paint and linings may hold lead or asbestos.',
    'lintel' => 'A lintel carries the wall over the opening: drill it only where the plan says, no larger and no deeper. If in doubt ask a structural engineer.',
    'no-hazard' => 'No cable or pipe is recorded here. Search the wall before any hole, and isolate before opening it.',
    'hazard' => 'There is a cable or pipe in this wall. Drill nothing near it; moving it is work for an electrician or plumber.',
    'search' => 'Search the wall for cables and pipes first; isolate before opening it.',
    'glass' => 'Broken glass cuts: the glass in the door must be safety glass.',
    'heated' => 'Is the floor heated? Then do not drill the guide into it.',
    'discs' => 'A door without its jump discs can come off the rail. Turn them in before anyone lets go.',
    'until-discs' => 'Until the discs are in, the door can come off the rail.',
    'fingers' => 'Fingers can be trapped at the jamb and the stops. Think of children.',
    'fingers-here' => 'Fingers can be trapped at the jamb and the stops.',
    'fixings' => 'Use fixings as the kit’s maker says. Never test by hanging on the rail: pull down on the door with a known weight.',
    'known-weight' => 'Never test by hanging on the rail: pull down on the door with a known weight.',
    'local' => 'Fire, escape, privacy and accessible-width rules are local. Structure, wiring and fire protection are for those licensed for them.',
    'hinge' => 'The door falls when its last hinge is free: wedge it.',
    'dead' => 'Prove it dead with a tester, or shut with the tap open, and keep others from turning it on again.',
    'open-wall' => 'Wear eye protection and a dust mask. Old linings may hold asbestos, old paint lead: have them tested first.',
    'licensed' => 'Work for an electrician or plumber. Isolate first.',
    'children' => 'Fingers can be trapped at the jamb and at the stops. Show children, and do not let them swing on the door.',
    'nothing-hung' => 'Hang nothing on the door or on the rail.',
];
