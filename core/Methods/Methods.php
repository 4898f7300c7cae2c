<?php

declare(strict_types=1);

namespace YokeLine\Methods;

use YokeLine\Measure\Length;

/** Every question there is, in the order the work meets them. */
final class Methods
{
    /** @return array<string, Method> by key */
    public static function all(): array
    {
        /** @var ?array<string, Method> $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach ([...self::leaf(), ...self::line(), ...self::carrying(), ...self::guideAndPulls(), ...self::work()] as $method) {
                $all[$method->key] = $method;
            }
        }

        return $all;
    }

    /** The question that a place of the document answers. */
    public static function at(string $place): ?Method
    {
        foreach (self::all() as $method) {
            if ($method->place === $place) {
                return $method;
            }
        }

        return null;
    }

    /** @return list<Method> */
    private static function leaf(): array
    {
        return [
            Method::choice('cover', 'Leaf', 'What must the leaf cover?', 'brief.rules.cover', ['opening' => 'past the jambs', 'casing' => 'past the outside of the casing', 'just-enough' => 'just enough, as for a cupboard'], 'Past the jambs: less leaf, and the casing still frames it; past the casing where sight or sound matters.'),
            Method::length('side-overlap', 'Leaf', 'How far past each jamb?', 'brief.rules.side_overlap', Length::mm(50), 'Enough that nothing is seen past the edge at a slant.'),
            Method::length('casing-margin', 'Leaf', 'How far past the casing?', 'brief.rules.casing_margin', Length::mm(12), 'A shadow line, and room for a leaf that is not straight.'),
            Method::choice('surplus', 'Leaf', 'Where does spare width go?', 'brief.rules.surplus', ['trailing' => 'trailing side', 'even' => 'both sides alike', 'leading' => 'leading side'], 'Trailing: the guide lives there.'),
            Method::length('park', 'Leaf', 'How far past the jamb does it park? (below 0: short of it)', 'brief.rules.park', Length::zero(), 'Flush: the whole passage is free, and the casing begins where the leaf ends.'),
            Method::choice('reach', 'Leaf', 'How high does the leaf reach?', 'brief.rules.reach', ['head' => 'over the head by an overlap', 'casing-top' => 'to the casing’s top', 'above-casing' => 'a set amount above the casing'], 'Over the head, or higher where the backing must clear the casing.'),
            Method::length('head-overlap', 'Leaf', 'How far over the head?', 'brief.rules.head_overlap', Length::mm(25), 'No light over the top at a slant.'),
            Method::choice('sizes', 'Leaf', 'Which sizes?', 'brief.rules.sizes', ['stock' => 'stock, where one serves', 'made-to-order' => 'made to order'], 'Stock: it is there tomorrow; trimming only inside the leaf’s stated trim limit.'),
            Method::length('gap', 'Leaf', 'How low over the floor?', 'brief.rules.gap', Length::mm(12), 'Clears a hard floor that is not level; measured above the pile on carpet.'),
        ];
    }

    /** @return list<Method> */
    private static function line(): array
    {
        return [
            Method::choice('line-found', 'Yoke line', 'How is the height of the rail found?', 'brief.rules.line_found', ['worked-out' => 'worked out, then proved', 'laid-out' => 'leaf and rail laid on the floor', 'packing' => 'leaf stood on packing at the wall', 'template' => 'a template stood on the casing'], 'Worked out from leaf, gap and kit, then proved on the wall by one of the others.'),
            Method::choice('height-means', 'Yoke line', 'What does “rail height” mean?', 'brief.rules.height_means', ['hole' => 'hole centre', 'top' => 'top of the rail', 'foot' => 'foot of the rail'], 'Hole centre: it is what is drilled; the other two always stand beside it.'),
            Method::choice('line-drawn', 'Yoke line', 'How is the line drawn?', 'brief.rules.heights', ['level' => 'one mark and a level', 'places' => 'a tape reading at every mark', 'laser' => 'a laser'], 'One mark at the high spot and level from it: tape readings differ where the floor does.'),
        ];
    }

    /** @return list<Method> */
    private static function carrying(): array
    {
        return [
            Method::choice('backing', 'Rail', 'What carries the rail?', 'brief.backing', ['header' => 'a header on every stud', 'auto' => 'the studs where the holes fall right, else a header', 'direct' => 'straight to the studs', 'site-drilled' => 'new holes in the rail at the studs', 'masonry' => 'masonry', 'toggle' => 'toggles for the holes that miss'], 'A header, unless the holes meet the kit’s spacing; toggles never alone.'),
            Method::choice('header-align', 'Rail', 'How high on the header is the rail?', 'brief.header.align', ['centred' => 'in the middle', 'rail-low' => 'low, so that the board backs the wheels', 'on-casing' => 'the header stands on the casing'], 'In the middle; low where the wheels would show against the wall.'),
            Method::choice('header-reach', 'Rail', 'How long is the header?', 'brief.header.reach', ['overrun' => 'rail and an overrun', 'rail' => 'same as the rail', 'wall' => 'wall to wall'], 'The rail and 65 at each end: its last hole has wood round it.'),
            Method::length('overrun', 'Rail', 'How far past the rail?', 'brief.header.overrun', Length::mm(65), 'Room for the last hole and a clean end.'),
            Method::choice('rail-reach', 'Rail', 'How long is the rail?', 'brief.rules.rail_reach', ['needed' => 'what is needed, next stock length up', 'wall' => 'the whole wall'], 'What travel and stops need. Twice the trimmed width is shown as a cross-check.'),
            Method::length('hanger-inset', 'Rail', 'How far in are the hangers?', 'brief.rules.hanger_inset', Length::zero(), 'The kit’s own inset (0 here); the middle of the stile by half its width. The gauge-block height is printed, so that both ways agree.'),
            Method::choice('jump-discs', 'Rail', 'One jump disc or two?', 'brief.rules.jump_discs', ['two' => 'one at each end', 'one' => 'one only'], 'Two; one if the second would foul the catch, with a wall guide.'),
            Method::choice('soft-close', 'Rail', 'Soft close?', 'brief.rules.soft_close', ['auto' => 'where kit, leaf and travel allow', 'off' => 'without'], 'Where it fits: fewer fingers at the jamb.'),
            Method::choice('wheels', 'Rail', 'Which wheels?', 'brief.rules.wheels', ['quiet' => 'quiet plastic tread', 'steel' => 'steel'], 'Quiet, unless the leaf’s mass rules it out.'),
            Method::length('end-clearance', 'Rail', 'What is kept at the wall’s end?', 'brief.rules.end_clearance', Length::mm(25), 'Fingers, and a wall that is not plumb.'),
        ];
    }

    /** @return list<Method> */
    private static function guideAndPulls(): array
    {
        return [
            Method::choice('guide-kind', 'Guide and pulls', 'Which floor guide?', 'brief.rules.guide', ['kit' => 'the kit’s', 'fin' => 'fin in a groove', 'shoe' => 'shoe on the floor', 'roller' => 'roller on the wall'], 'Fin for new leaves; roller where the floor must not be drilled: heated, let, stone.'),
            Method::choice('groove', 'Guide and pulls', 'How long is the groove?', 'brief.rules.groove', ['full' => 'full length', 'stopped' => 'stopped short of the leading edge'], 'Full length: one pass of the router.'),
            Method::choice('guide-touch', 'Guide and pulls', 'Does the guide touch?', 'brief.rules.guide_touch', ['clear' => 'just clear all the way', 'touching' => 'touching at both ends'], 'Just clear by 1 to 2, leaf plumb.'),
            Method::length('guide-margin', 'Guide and pulls', 'What is kept round the guide?', 'brief.rules.guide_margin', Length::mm(5), 'The leaf may come a little narrower than drawn.'),
            Method::length('pull-height', 'Guide and pulls', 'How high is the pull?', 'brief.rules.pull_height', Length::mm(965), 'Between a child’s reach and the handles of the house.'),
            Method::choice('wall-pull', 'Guide and pulls', 'Pull on the wall side?', 'brief.rules.wall_pull', ['flush' => 'flush', 'proud' => 'proud, with depth or a stop that keeps it off the jamb'], 'Flush: nothing meets the jamb.'),
            Method::length('aisle', 'Guide and pulls', 'What must be left to walk in before the leaf?', 'brief.rules.aisle', Length::zero(), 'No rule of the house (0 here); the local one stands.'),
        ];
    }

    /** @return list<Method> */
    private static function work(): array
    {
        return [
            Method::choice('holes-found', 'On the wall', 'How are the rail’s holes found?', 'brief.rules.holes_found', ['readings' => 'running readings, then held up to check', 'held-up' => 'the rail held up as its own template', 'bench' => 'the board drilled on the bench', 'from-first' => 'the first fixed, the rest taken from it'], 'From running readings: no sums of rounded numbers.'),
            Method::choice('first-bolt', 'On the wall', 'Which bolt first?', 'brief.rules.first_bolt', ['ends' => 'an end, then the far end', 'middle' => 'the middle', 'across' => 'one side to the other'], 'An end, then the far end, so that the level has its length.'),
            Method::choice('tightened', 'On the wall', 'When are bolts tightened?', 'brief.rules.tightened', ['level-then' => 'all loose, level, then end to end', 'each' => 'each as it goes in', 'from-middle' => 'all loose, then from the middle'], 'Loose, level, then one pass from end to end, the awkward one first.'),
            Method::choice('held', 'On the wall', 'How is the board held?', 'brief.rules.board_held', ['helper' => 'a helper', 'props' => 'props', 'tacked' => 'tacked'], 'What the crew of the day allows; the temporary hold is checked before hands leave it.'),
            Method::choice('old-leaf', 'On the wall', 'When does the old leaf come off?', 'brief.rules.old_leaf', ['auto' => 'first where it is in the way, else last', 'first' => 'first', 'last' => 'last, after a trial hang'], 'First when it is in the way of measuring or the rail, else last: the room keeps its door.'),
            Method::choice('leaf-holes', 'On the wall', 'Leaf bolt holes?', 'brief.rules.leaf_holes', ['play' => '0.5 to 1 of play', 'tight' => 'tight'], 'A little play where washers cover it, so that the leaf can be trued.'),
            Method::choice('finish', 'On the wall', 'When is the leaf finished?', 'brief.rules.finish', ['before' => 'before it hangs', 'in-place' => 'in place'], 'Before, both faces and all edges, groove included.'),
            Method::choice('looks', 'On the wall', 'How do board and screw heads look?', 'brief.rules.looks', ['wall' => 'as the wall, filled', 'leaf' => 'as the leaf', 'capped' => 'capped', 'coloured' => 'heads coloured'], 'Chosen before buying, so that it is on the list.'),
            Method::choice('trim', 'On the wall', 'A trim off the leaf?', 'brief.rules.trim', ['shared' => 'shared between opposite edges', 'one-edge' => 'one edge'], 'Shared, so that the pattern stays even.'),
        ];
    }
}
