<?php

declare(strict_types=1);

// What the inspection finds: a headline without a full stop, then what follows from it or what to do.
return [
    'of-leaf' => ':Leaf: :what',
    'mark-at' => ':mark at :at',
    'summary' => 'Door :width × :height, rail line :line_unit',

    'aisle' => [
        'says' => ':free left to walk between the open door and the :what',
        'more' => ':wanted is wanted. The door and its handle stand :front out from the wall.',
    ],
    'between-leaves' => [
        'says' => 'Only :between between the two doors',
        'more' => 'The straps and bolt heads of the rear door run there. :wanted is wanted.',
    ],
    'board-joint' => [
        'says' => 'No board reaches from stud to stud',
        'more' => 'The header is :length long. A joint must sit on the centre of a stud, clear of the rail bolts, and no stud is within reach of the longest board.',
    ],
    'board-jointed' => [
        'says' => 'The header board comes in :count pieces',
        'more' => 'Joint them at :joints, on studs. Put two screws into each piece there, :clear from its end, in pilot holes: they keep the ends flush and carry nothing.',
    ],
    'bolt-short' => [
        'says' => 'The kit’s bolts are too short: :length is needed',
        'more' => 'They are :kit long.',
    ],
    'bracket-off-board' => [
        'says' => 'A row of bracket bolts is :edge from the edge of the board',
        'more' => ':least is the minimum. The highest row is :highest_row above the rail line.',
    ],
    'built-out' => [
        'says' => 'The rail stands :arm out from the wall',
        'more' => 'The door pries at the wall with :moment_Nm. Pack solid behind the whole board, fix the packing to every stud, and use screws longer by :build_out.',
    ],
    'cable-behind' => [
        'says' => 'There is a :what behind a hole of the rail|There is a :what behind :count holes of the rail',
        'more' => [
            'carries' => 'Do not drill within :zone of it, however short the bolt. The other holes still carry the rail: leave these empty. Moving it is work for an electrician or plumber.',
            'falls' => 'Do not drill within :zone of it, however short the bolt. Without these holes the rail is not held. Moving it is work for an electrician or plumber.',
        ],
    ],
    'carpet' => [
        'says' => 'How high is the pile of the carpet?',
        'more' => 'A tape on pile reads short. Stand it on a rigid plate and enter plate and pile once; every reading allows for them.',
    ],
    'centre-stops' => [
        'says' => [
            'little' => 'Two stops do not fit in the middle: there is only :space',
            'none' => 'There is no room for a stop in the middle',
        ],
        'more' => [
            'little' => 'Two stops take :wanted. One double-faced stop :space wide fits.',
            'none' => 'Two stops take :wanted.',
        ],
    ],
    'covered' => [
        'says' => ':What is behind the door :when',
        'more' => [
            'breathes' => 'It must be free to give off its air.',
            'reached' => 'Nobody can reach it there.',
        ],
    ],
    'covered-socket' => [
        'says' => ':What is behind the door :when',
        'more' => ['reached' => 'A plug in it must lie flat behind the door.'],
    ],
    'end-fixing' => [
        'says' => 'The last fixing is :end from the end of the rail',
        'more' => 'The kit allows :most at most.',
    ],
    'floor-falls' => [
        'says' => 'The floor falls :fall under the door',
        'more' => 'The gap grows from :low to :gap_max at :at. There the tape reads :tape_up for the same line.',
    ],
    'floor-not-drilled' => [
        'says' => 'The guide is screwed to a floor that must not be drilled',
        'more' => 'A roller on the wall holds the door without it.',
    ],
    'groove-stopped-short' => [
        'says' => 'With the door open the guide leaves its groove',
        'more' => 'It stands :near from the leading edge. The groove stops :from short of it, so :wanted is wanted.',
    ],
    'guide-bite' => [
        'says' => [
            'little' => 'The :part of the guide holds the door by only :hold',
            'none' => 'The :part of the guide does not reach the door',
        ],
        'more' => ':least is the minimum that holds. The gap there is :gap_at.',
    ],
    'guide-holds' => [
        'says' => 'The :part of the guide holds the door by :hold of its :height',
        'more' => ['groove' => 'Cut the groove at least :deep deep.'],
    ],
    'guide-room' => [
        'says' => 'The guide has :spare_down to spare',
        'more' => [
            'passage' => 'It stays under the door, shut and open, and out of the passage.',
            'anywhere' => 'It stays under the door, shut and open.',
        ],
    ],
    'guide-window' => [
        'says' => 'The guide is :shortfall_up short of room',
        'more' => [
            'passage' => 'It is :length long. Under the door both shut and open, and out of the passage, there is :room.',
            'anywhere' => 'It is :length long. Under the door both shut and open there is :room.',
        ],
    ],
    'hanger-inset' => [
        'says' => 'Hangers :inset in from the edge hang over it',
        'more' => 'Half a hanger is :least.',
    ],
    'hanger-solid' => [
        'says' => [
            'stile' => 'The strap bolts reach past the stile',
            'made' => 'Where :what goes there is no solid wood',
        ],
        'more' => [
            'stile' => 'They are :inset from the edge and need :wanted of solid wood. The stile is :stile wide. Order a solid block or rail there.',
            'made' => 'From :u_from to :u_to of the leading edge, :v_from to :v_to up. Have a block put in there, or put it elsewhere.',
        ],
    ],
    'hazards-overlap' => [
        'says' => ':What and :other are marked at one place',
        'more' => 'Both begin at :low. Both count: nothing is drilled near either.',
    ],
    'header-casing' => [
        'says' => 'The header board overlaps the casing by :over_up',
        'more' => 'Its bottom is at :foot, the casing reaches up to :casing.',
    ],
    'header-ceiling' => [
        'says' => 'The header board is :over_up too high',
        'more' => 'Its top would be at :top_up, under a ceiling of :ceiling.',
    ],
    'header-short' => [
        'says' => 'The rail line is only :edge from the edge of the board',
        'more' => ':wanted is the minimum that holds a bolt.',
    ],
    'header-span' => [
        'says' => 'The header board spans :gap between studs',
        'more' => 'Over an opening the lintel may hold it too. Record the lintel if it is wood.',
    ],
    'header-thin' => [
        'says' => 'The header board gives a bolt only :wood of wood',
        'more' => ':least is wanted. Bolts on studs go through the board into the stud and are not affected. For the others use a denser board, a washer :washer × :washer_thick under each standoff, or a bolt with a nut and a :nut_washer washer behind the board, put in before the board goes up.',
    ],
    'headroom' => [
        'says' => 'Headroom is :short_up short',
        'more' => 'The door cannot be lifted onto the rail: that needs :needed_up, the ceiling leaves :room.',
    ],
    'headroom-clear' => [
        'says' => ':spare_down of headroom to spare',
        'more' => 'Lifting the door on needs :needed, the ceiling leaves :room.',
    ],
    'holds' => [
        'says' => 'The most loaded fixing is at :used of its limit',
        'more' => 'It is the :fixing at :x. This is a guide for choosing fixings, not a structural design. The kit maker’s instructions and local codes come first.',
    ],
    'hole-misses-stud' => [
        'says' => 'One hole of the rail has nothing solid behind it|:count holes of the rail have nothing solid behind them',
        'more' => [
            'spare' => 'The others are near enough together: leave it empty.|The others are near enough together: leave them empty.',
            'needed' => 'A rail that is not in wood comes down. A toggle there helps and carries nothing.',
        ],
    ],
    'hole-not-solid' => [
        'says' => [
            'told' => 'A hole is outside the solid parts of the door|:count holes are outside the solid parts of the door',
            'made' => 'Where :what goes there is no solid wood',
        ],
        'more' => [
            'told' => 'From the leading edge: :marks. A screw in a panel holds nothing. Have a block put in, or drill elsewhere.',
            'made' => 'From :u_from to :u_to of the leading edge, :v_from to :v_to up. Have a block put in there, or drill elsewhere.',
        ],
    ],
    'jump-disc-fouls' => [
        'says' => 'The jump disc hits :what',
        'more' => 'The disc sits :disc from the edge of the door, :what :other. With a guide on the wall, one disc at the other end is enough.',
    ],
    'kit-bracket' => [
        'says' => 'Two rails need a bracket',
        'more' => 'Enter how far apart the rails are, and how high the rows of bolt holes of the bracket lie above the rail line.',
    ],
    'kit-cannot-hang' => [
        'says' => [
            'single' => ':kit does not hang single doors',
            'biparting' => ':kit does not hang two doors that meet',
            'bypass' => ':kit does not hang two doors that pass',
        ],
        'more' => 'Its hangers and stops are made for another arrangement.',
    ],
    'kit-capacity' => [
        'says' => 'How much does it carry?',
        'more' => 'A kit without a capacity carries nothing.',
    ],
    'kit-changed' => [
        'says' => 'The kit on file has changed since',
        'more' => 'This doorway is planned with the kit as it was.',
    ],
    'kit-disc' => [
        'says' => 'The jump disc holds nothing down',
        'more' => 'The door lifts off at :lift_on; the disc leaves :gap.',
    ],
    'kit-ends' => [
        'says' => 'The first hole is further from the end than a fixing may be',
        'more' => 'It is :first_hole; :first_fixing_within is allowed.',
    ],
    'kit-guide' => [
        'says' => [
            'little' => 'The guide holds too little over a usual gap',
            'none' => 'The guide is no taller than a usual gap',
        ],
        'more' => 'It is :reach high. Over a gap of :gap it would hold :hold, and :min_engagement is wanted.',
    ],
    'kit-hangs-nothing' => [
        'says' => 'It hangs no door',
        'more' => 'Choose whether it is for one door, two that meet or two that pass.',
    ],
    'kit-hole' => [
        'says' => [
            'high' => 'The first hole is only :hole below the top of the door',
            'misses' => 'The first hole misses the door',
            'unknown' => 'Where are the holes of the strap?',
        ],
        'more' => [
            'high' => 'That is hole to wheel less rise and half the rail. :least of wood is wanted over the hole.',
            'misses' => 'That is hole to wheel less rise and half the rail. :least of wood is wanted over the hole.',
            'unknown' => 'A face strap is bolted through the door. Measure from its upper hole to where the wheel sits on the rail.',
        ],
    ],
    'kit-holes' => [
        'says' => [
            'listed' => 'A listed hole lies past the end of every rail',
            'ends' => 'The end holes pass each other on the shortest rail',
        ],
        'more' => [
            'listed' => 'The longest rail is :longest.',
            'ends' => 'Twice :first_hole is more than :shortest.',
        ],
    ],
    'kit-inset' => [
        'says' => 'The hanger projects past the edge of the door',
        'more' => 'Half of it is :half, its inset :inset.',
    ],
    'kit-rail' => ['says' => 'How high and how thick is the rail?', 'more' => ''],
    'kit-rise' => [
        'says' => 'Rise and rail leave a top gap of :top_gap',
        'more' => ':low to :high is wanted: with less the door rubs, with more it can lift off. Is the height given from another place on the rail?',
    ],
    'kit-spacing' => [
        'says' => 'Its holes are further apart than its fixings may be',
        'more' => 'They are :max_spacing apart; :max_fixing_spacing is allowed.',
    ],
    'kit-thickness' => ['says' => 'How thick a door does it take?', 'more' => ''],
    'kit-unknown' => [
        'says' => ['none' => 'No kit is chosen yet', 'gone' => 'There is no kit “:kit” among the hardware kits'],
        'more' => '',
    ],
    'leaf-clearance' => [
        'says' => ['near' => 'Only :clearance behind the door', 'meets' => 'The door runs into the :what'],
        'more' => 'The :what projects :proud, the back of the door runs :leaf_back out. :wanted between them is wanted.',
    ],
    'leaf-clears' => [
        'says' => 'The door clears the :what by :clearance',
        'more' => 'Its back runs :leaf_back in front of the wall.',
    ],
    'leaf-mass' => [
        'says' => 'The door weighs :mass_kg',
        'more' => [
            'assumed' => 'The kit carries :capacity_kg. Solid softwood is assumed: enter what the door is made of, or weigh it.',
            'known' => 'The kit carries :capacity_kg.',
        ],
    ],
    'leaf-narrow' => [
        'says' => 'The door is :open_up too narrow',
        'more' => 'It needs :needed_up to cover what the rule asks. :open_up stays open.',
    ],
    'leaf-short' => [
        'says' => 'The door is :open_up too low',
        'more' => 'It needs :needed_up (:rule).',
    ],
    'leaf-thickness' => [
        'says' => 'A door :thickness thick does not suit this kit',
        'more' => 'It takes :least to :greatest.',
    ],
    'masonry-edge' => [
        'says' => 'The hole at :x is too near an edge of the masonry',
        'more' => 'Keep :clear from the opening and from a corner, or it breaks out. This hole is counted as carrying nothing.',
    ],
    'mass-assumed' => [
        'says' => 'About :mass_kg if the door is solid softwood',
        'more' => 'Enter what the door is made of, or weigh it. The kit carries :capacity_kg.',
    ],
    'measure-disagrees' => [
        'says' => 'Measure :what :n again',
        'more' => ':reading differs from the readings beside it by more than :by.',
    ],
    'mid-overlap' => [
        'says' => 'The doors overlap by only :overlap',
        'more' => ':wanted is wanted in the middle.',
    ],
    'not-checked' => [
        'says' => 'One fixing could not be checked|:count fixings could not be checked',
        'more' => [
            'anchor' => 'Enter what the anchor’s data sheet allows in tension and shear.',
            'board' => 'Nobody publishes what a bolt holds in this board.',
        ],
    ],
    'obstacle-behind-rail' => [
        'says' => ['rail' => ':What is where the rail goes', 'header' => ':What is where the header board goes'],
        'more' => 'It is on the wall from :low to :high.',
    ],
    'obstacle-collides' => [
        'says' => ['near' => ':What passes the :obstacle by only :room', 'meets' => ':What hits the :obstacle'],
        'more' => 'The :obstacle stands :stands_off to :high from the wall; :what sweeps :low to :high2.',
    ],
    'obstacle-in-opening' => [
        'says' => ':Obstacle would be inside the opening',
        'more' => 'Things on the wall are measured from the same zero as the jambs. Is its place right?',
    ],
    'off-the-wall' => [
        'says' => ['thing' => ':What is not on this wall', 'stud' => 'Stud :n is not in this wall'],
        'more' => 'It is marked at :low; the wall runs from :from to :to.',
    ],
    'old-door' => [
        'says' => ':floor_m2 of floor become free',
        'more' => [
            'hinged-in' => 'That is where the existing door swung. To make good: hinge places, strike plate, stop bead. Take it off first: it is in the way of rail and door.',
            'hinged-out' => 'That is in the other room, where the existing door swung. To make good: hinge places, strike plate, stop bead. It can stay until the new door has hung on trial.',
            'folding' => 'That is where the existing door folded. To make good: hinge places, strike plate, stop bead, the track in the head. Take it off first: it is in the way of rail and door.',
        ],
    ],
    'open-end' => [
        'says' => 'People come round the :side end of this wall',
        'more' => 'The open door stands :room from it and :out out: its edge is at shoulder height. Park it shorter, or mark the edge.',
    ],
    'over-capacity' => [
        'says' => 'Each wheel would carry :wheel_kg',
        'more' => 'A :material wheel of this kit takes :capacity_kg.',
    ],
    'over-worked' => [
        'says' => 'The :fixing at :x is overloaded: :used of its limit',
        'more' => ':shear of shear and :tension of pull, with a factor of :factor on the load. This is a guide for choosing fixings, not a structural design.',
    ],
    'parked' => [
        'says' => 'The door stands there for good',
        'more' => 'It is hung, stopped at both sides and not slid.',
    ],
    'passage' => [
        'says' => ['none' => 'No passage is left', 'parked' => 'The passage is :passage of :least'],
        'more' => [
            'none' => 'Open, the door still covers the whole opening.',
            'parked' => 'The open door stands over the rest, as its parking asks.',
        ],
    ],
    'passage-clear' => [
        'says' => 'Passage :passage when open',
        'more' => 'Check the local rule for accessible width.',
    ],
    'picture-rail' => [
        'says' => 'The header board reaches :over_up into the picture rail',
        'more' => 'Its top is at :top, the bottom of the picture rail at :height.',
    ],
    'pull-reach' => [
        'says' => [
            'meets' => 'The front handle hits the :what :when',
            'wall-end' => 'The front handle leaves :room to the end of the wall :when',
            'jamb' => 'The handle on the wall side runs into the jamb',
            'stile' => 'The handle on the wall side is past the stile, at :middle',
        ],
        'more' => [
            'meets' => 'It is at :at along the wall.',
            'wall-end' => 'A hand needs :fingers.',
            'jamb' => 'It projects :projection; there is :clearance behind the door.',
            'stile' => 'With the door shut it must clear the jamb by :fingers for fingers. It reaches :reach in from the edge, the stile is :stile wide. Order a solid member there.',
        ],
    ],
    'rail-room' => [
        'says' => ['wall' => 'The wall is :short_up too short for the rail', 'stock' => 'No rail of this kit fits'],
        'more' => [
            'wall' => 'Wheels, stops and margins need :needed_up of rail.',
            'stock' => 'It needs :needed_up. No stock length is that long and fits the wall, and this rail may not be cut.',
        ],
    ],
    'rear-pull' => [
        'says' => 'The rear door takes only a flush pull',
        'more' => 'The front door runs past its face.',
    ],
    'sags' => [
        'says' => 'The rail bends by :greatest',
        'more' => ':limit is the most wanted, for the rail alone. Standoffs and bolts give :from to :to more.',
    ],
    'shut-room' => [
        'says' => [
            'past' => 'The shut door passes the :side end of the wall',
            'near' => 'The shut door stands too near the :side end of the wall',
        ],
        'more' => 'It has :room there. :wanted is wanted for clearance, stop and margin.',
    ],
    'catch-depth' => [
        'says' => 'The soft close catch does not fit behind the rail',
        'more' => 'It is :deep deep; the rail stands :room off.',
    ],
    'soft-close-room' => [
        'says' => 'There is no room for the soft close',
        'more' => [
            'narrow' => 'It needs a door :min_leaf_width wide; this one is :width.',
            'short' => 'Its two strokes take :strokes; the door travels :travel.',
        ],
    ],
    'spacing' => [
        'says' => 'Two fixings are :spacing apart',
        'more' => 'The kit allows :most at most.',
    ],
    'standoff-sinks' => [
        'says' => 'A standoff presses with :pressure',
        'more' => [
            'lining' => 'Over :most a soft lining gives, and the rail goes wavy. Put a washer :wide × :thick under each.',
            'wood' => 'Over :most the wood gives, and the rail goes wavy. Put a washer :wide × :thick under each.',
        ],
    ],
    'stop-meets-standoff' => [
        'says' => 'A stop falls on the standoff at :x',
        'more' => 'It cannot pass a standoff, nor be set over one.',
    ],
    'stop-on-joint' => [
        'says' => 'A stop falls on the joint of the rail at :x',
        'more' => 'There it would hold two pieces apart.',
    ],
    'studs-unknown' => [
        'says' => 'The studs are not found yet',
        'more' => 'Nobody knows yet whether anything holds the rail. Measure the studs, or sweep the wall, before you order.',
    ],
    'survey-incomplete' => [
        'says' => [
            'half' => 'A reading is half entered',
            'floor' => 'The floor is not measured',
            'once' => 'The opening is measured once',
            'next' => 'Next, measure :next',
            'next-then' => 'Next, measure :next',
        ],
        'more' => [
            'half' => 'It does not count until both its place and its value are there.',
            'floor' => 'It counts as level until you read it at both jambs and where the door stands open.',
            'once' => 'Measure the width at three heights and the height at both jambs: walls lean.',
            'next-then' => 'Then :then.',
        ],
    ],
    'too-few-studs' => [
        'says' => [
            'board' => '{0} The header board catches no stud|[1,*] The header board catches one stud only',
            'rail' => '{0} No hole of the rail meets anything solid|[1,*] Too few holes of the rail meet anything solid',
        ],
        'more' => ['board' => 'It needs two at least.', 'rail' => 'Each piece of rail needs two at least.'],
    ],
    'template-not-level' => [
        'says' => 'A template on the head casing does not give the line',
        'more' => ['out' => 'The head is :out_up out of level; :most at most is wanted. The line would be out by as much.', 'none' => 'There is no casing over the head for it to stand on.'],
    ],
    'top-gap' => [
        'says' => ['rubs' => 'The top gap is only :top_gap', 'lifts' => 'The top gap is :top_gap'],
        'more' => [
            'rubs' => 'Under :least the door rubs the rail.',
            'lifts' => 'Over :greatest the door can lift off the rail.',
        ],
    ],
    'travel-cut' => [
        'says' => 'The wall ends :cut_up too soon',
        'more' => 'The door stops :cut_up short of where it should park and leaves a passage of :passage.',
    ],
    'uncovers' => [
        'says' => [
            'partly' => 'Open, the door leaves :free of the :opening free',
            'wholly' => 'Open, the door still covers the whole :opening',
        ],
        'more' => [
            'partly' => 'Nobody walks through it: no passage rule applies.',
            'wholly' => 'Park it for good, or give it somewhere to go.',
        ],
    ],
    'uplift' => [
        'says' => 'One fixing is pulled up with :uplift_N',
        'more' => 'The door hangs out past it. Its bolt holds the rail down: do not leave it loose.',
    ],
    'wheel-overloaded' => [
        'says' => 'Each wheel would carry :wheel_kg',
        'more' => 'A :material wheel of this kit takes :capacity_kg.',
    ],
    'wheel-worst' => [
        'says' => 'One wheel may have to carry :wheel_kg',
        'more' => 'A stiff door rides on two of its :count wheels at a time, and a wheel takes :capacity_kg. More hangers do not take that off it unless each is set under load.',
    ],
    'runs-off' => [
        'says' => 'Nothing stops the door when it runs :way',
        'more' => 'It runs off the rail and falls. A stop on the rail or a buffer beside the door ends its travel.',
    ],
    'buffer-far' => [
        'says' => 'There is nothing to fix a buffer to where the door stands :way',
        'more' => 'The door’s edge comes to :edge. Within :reach of it a wall return, a half wall or a casing must stand out as far as the door and reach :up up.',
    ],
    'kit-usual' => [
        'says' => 'The sheet of :kit does not say everything',
        'more' => 'What is usual is planned with: :what. Read them off the parts and enter them on the kit’s page.',
    ],
    'stud-unsure' => [
        'says' => 'The scan is only :sure sure of the stud at :x',
        'more' => '{1} One fixing rests on it. Drill a pilot hole there before anything hangs on it.|[2,*] :count fixings rest on it. Drill a pilot hole there before anything hangs on it.',
    ],
    'kit-bracket-depth' => [
        'says' => 'The bracket reaches out :depth, less than its two rails',
        'more' => 'Standoff, rail to rail and the front rail take :needed.',
    ],
    'kit-joint' => [
        'says' => 'Piece :n of the rail does not go into piece :next',
        'more' => 'The right end of one is :right, the left end of the other :left.',
    ],
    'kit-pieces' => [
        'says' => 'The pieces of the rail make :whole, which is none of its lengths',
        'more' => 'Together they are a length that is sold.',
    ],
    'wood-wet' => [
        'says' => 'The wood is wetter than the room will ever make it',
        'more' => 'It has :moisture % and dries to :most % at the most. Let the boards rest until then: they shrink first.',
    ],
    'tongue-short' => [
        'says' => 'The tongue is too short for how far the boards open',
        'more' => 'Dry, two boards stand :opens apart and the tongue is :tongue. It wants :least, or narrower or drier boards.',
    ],
    'gap-opens' => [
        'says' => 'Dry, one sees through between the boards',
        'more' => 'They open to :opens. A strip behind the joint or tongued boards close it.',
    ],
    'boards-alike' => [
        'says' => 'All boards are ripped alike',
        'more' => 'The outer two would be only :outer wide. Each is :width instead.',
    ],
    'sliver' => [
        'says' => 'The outer boards are slivers',
        'more' => 'They are :outer wide; :least is wanted. Boards of another width, or another width of door, share it better.',
    ],
    'screw-moved' => [
        'says' => 'A screw is kept off the bolt of a hanger',
        'more' => 'It goes :by further along its line. The drawing shows it there.',
    ],
    'screw-left-out' => [
        'says' => 'A screw has no room beside the bolts of a hanger',
        'more' => 'It is left out at :u from the leading edge, :v up. A wider rail or hangers elsewhere leave room for it.',
    ],
    'cheek-thin' => [
        'says' => 'Beside the groove too little wood is left',
        'more' => 'Each side keeps :cheek; :least is wanted. Wood :thickness thick, or a guide that needs no groove.',
    ],
    'piece-long' => [
        'says' => 'No bar is long enough for a piece',
        'more' => 'It is :length long; the longest bar is :longest. Longer bars, or a joint behind a ledge or strip.',
    ],
    'made-thickness' => [
        'says' => 'The door does not come out as thick as entered',
        'more' => 'As it is built it is :thickness thick; :asked was entered.',
    ],
    'ledge-narrow' => [
        'says' => 'The top ledge is too narrow for the hangers’ bolts',
        'more' => 'It is :width wide; with wood around the bolts it wants :least.',
    ],
    'brace-flat' => [
        'says' => 'The braces lie flat',
        'more' => 'At :angle° from level they carry little. One ledge fewer makes them steeper.',
    ],
    'end-grain' => [
        'says' => 'Plates are screwed into end grain',
        'more' => 'The boards stand upright, and a screw in their ends holds little. Straps on the face, or a rail across the top.',
    ],
    'hole-in-joint' => [
        'says' => 'A bolt of a hanger goes through beside a joint of two boards',
        'more' => [
            'clear' => 'The bolts are at :at. At :clear they are inside one board.',
            'narrow' => 'The bolts are at :at, and no board is wide enough to have them inside it.',
        ],
    ],
    'sheet-seam' => [
        'says' => 'The back does not come out of one sheet',
        'more' => 'It takes :across across and :up up. A larger sheet, or a strip behind every seam.',
    ],
    'channel-tight' => [
        'says' => 'The channel is tight for the guide',
        'more' => 'It is :width wide; :least lets the blade run.',
    ],
    'channel-loose' => [
        'says' => 'The channel is loose on the guide',
        'more' => 'It is :width wide; :most is the most. Line each side with :lining.',
    ],
    'channel-shallow' => [
        'says' => 'The channel is shallow for the guide',
        'more' => 'It is :depth deep; :least is wanted. Raise the bottom strip.',
    ],
    'infill-proud' => [
        'says' => 'The infill stands out of its frame',
        'more' => 'By :by. Plane it, or take a frame as thick.',
    ],
    'lipping-wide' => [
        'says' => 'The strips on the outer edges would be wide',
        'more' => 'Each is :strip; up to :most is glued on. A board :between wide between the doors looks better.',
    ],
    'old-leaf-short' => [
        'says' => 'An old door is too short',
        'more' => 'It lacks :short. A strip at its foot, up to :most, makes that good.',
    ],
    'foot-cut-deep' => [
        'says' => 'Too little of the bottom rail is left',
        'more' => 'With :cut cut off it keeps :rest; :least is wanted. A new bottom rail, a larger gap, or another door.',
    ],
    'stile-thin' => [
        'says' => 'An outer stile is left thin',
        'more' => 'It keeps :rest; :least is wanted. Take more off the other edge, or plane less; behind a hollow door’s stile goes the block that is listed.',
    ],
    'hole-meets-old' => [
        'says' => 'An old hole is where solid wood is wanted',
        'more' => 'For :what, in old door :from, at :v_from to :v_to up. Glue a block in there, not filler.',
    ],
    'hanger-on-joint' => [
        'says' => 'A hanger stands on the joint of two doors',
        'more' => 'At :at from the leading edge. Two hangers or four, or a plate behind.',
    ],
    'thickness-differs' => [
        'says' => 'The doors differ in thickness',
        'more' => 'By :by. The washers that are listed pack the straps out.',
    ],
    'glass-unsafe' => [
        'says' => 'This glass breaks into blades',
        'more' => 'In a door only toughened or laminated glass is safe. Order it to size: toughened glass cannot be cut.',
    ],
    'glass-thin' => [
        'says' => 'The glass is thin for its size',
        'more' => 'A pane is :m2 and :thickness thick; :least is wanted, or more panes.',
    ],
    'drill-glass' => [
        'says' => 'A bolt of a hanger would go through the glass',
        'more' => 'At :u from the leading edge, :v up. Hangers up to :inset from the edge, or a wider stile.',
    ],
    'made-no-room' => [
        'says' => 'A door of this size cannot be built so',
        'more' => 'Nothing would be left between its parts. Make the parts smaller, choose another way, or enter what it is made from.',
    ],
];
