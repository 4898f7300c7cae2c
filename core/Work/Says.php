<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** Steps in words: what is done, and why it comes after what it comes after. */
final class Says
{
    private const STEPS = [
        'look' => 'Look at wall, floor and what is in the way', 'measure' => 'Measure', 'scan' => 'Find the studs', 'choose' => 'Choose and size', 'order' => 'Order', 'box-check' => 'Check the kit’s box', 'trial' => 'Try one hanger on an off-cut',
        'leaf-in' => 'Bring the leaf in', 'trim-leaf' => 'Trim the leaf', 'mark-leaf' => 'Mark the leaf', 'bore-leaf' => 'Bore the leaf', 'groove' => 'Cut the groove', 'coat-leaf' => 'Coat the leaf', 'fit-hangers' => 'Fit the hangers', 'fit-discs' => 'Fit the jump discs', 'fit-triggers' => 'Fit the triggers', 'fit-pulls' => 'Fit the pulls',
        'cut-board' => 'Cut the board', 'mark-board' => 'Mark the board', 'bore-board' => 'Bore the board', 'coat-board' => 'Coat the board', 'cut-rail' => 'Cut the rail', 'bore-rail' => 'Bore the rail', 'join-rail' => 'Join the rail', 'stops-on' => 'Stops on the rail, in their bay', 'catches-on' => 'Catches on the rail',
        'door-off' => 'Old door off', 'fill-jambs' => 'Fill hinge and strike places', 'isolate' => 'Isolate: current or water off', 'open-wall' => 'Open the wall', 'move-hazard' => 'Have cable or pipe moved', 'patch-wall' => 'Patch the wall', 'move-obstacle' => 'Move what is in the way', 'ease' => 'Ease the moulding',
        'mark-wall' => 'Mark the wall', 'mark-line' => 'Draw the yoke line', 'prove-line' => 'Prove the line another way', 'bore-wall' => 'Bore the wall', 'board-up' => 'Board up and tacked', 'board-fix' => 'Fix the board', 'rail-up' => 'Rail up, loose', 'rail-true' => 'Level and tighten the rail',
        'hang' => 'Hang the leaf', 'discs-in' => 'Turn the discs in', 'set-stops' => 'Set the stops', 'buffer' => 'Buffer on the wall', 'set-catches' => 'Set the catches', 'mark-guide' => 'Mark the guide, leaf plumb', 'fix-guide' => 'Fix the guide', 'prove-run' => 'Prove the run', 'paint-patch' => 'Paint the patch', 'make-good' => 'Make good', 'hand-over' => 'Hand over',
    ];

    private const WHY = [
        'open-wall' => 'Nobody opens a wall over something live.', 'paint-patch' => 'Dry, and the rail is up: no spanner marks it any more.',
        'mark-leaf' => 'What the box holds, and what the leaf really measures, is known first.', 'coat-leaf' => 'Holes and groove are coated too.', 'fit-hangers' => 'Nothing is screwed to wet paint.', 'stops-on' => 'They cannot pass a standoff once the rail is up.', 'catches-on' => 'On the bench both hands are free.',
        'mark-wall' => 'Nothing is drilled before leaf and kit are there and checked.', 'prove-line' => 'A height taken wrong is found before it is drilled.', 'board-up' => 'Bored and dry, and the line proved.', 'rail-up' => 'Everything that cannot go on later is on.', 'hang' => 'The rail is level, the leaf is dry, its parts are on.', 'discs-in' => 'A leaf without them can come off.', 'set-stops' => 'With the leaf hanging, where it really stops.', 'mark-guide' => 'With the leaf plumb, at both ends of its travel.', 'prove-run' => 'Everything that moves is set.', 'door-off' => 'The room keeps its door as long as it can.',
    ];

    private const TIGHT = [
        'rail-true' => 'Ratchet, by hand, from end to end, the awkward one first; snug and a quarter turn.', 'board-fix' => 'Driver, clutch low: the board crushes before a screw strips.', 'fit-pulls' => 'By hand.', 'fix-guide' => 'By hand.', 'fit-hangers' => 'Snug on its washer; a leaf crushes before a nut strips.', 'set-stops' => 'Snug, so that it does not creep; buffer towards the leaf.',
    ];

    public static function step(Step $step): string
    {
        $of = array_slice(explode('.', $step->id), 1);
        $names = array_map(fn (string $one) => ctype_digit($one) ? "coat {$one}" : $one, $of);

        return self::STEPS[$step->kind()->value].($names === [] ? '' : ', '.implode(', ', $names));
    }

    /** The step without which leaf, rail or coat it is. */
    public static function kind(StepKind $kind): string
    {
        return self::STEPS[$kind->value];
    }

    public static function why(Step $step): string
    {
        return self::WHY[$step->kind()->value] ?? '';
    }

    public static function howTight(Step $step): string
    {
        return self::TIGHT[$step->kind()->value] ?? '';
    }

    public static function after(After $after): string
    {
        $step = new Step($after->step, 1, 0, 'bench', []);
        $wait = match ($after->lag) {
            'dry' => " and {$after->minutes} minutes to dry",
            'cure' => ' and '.intdiv($after->minutes, 60).' hours to cure',
            'kit', 'leaf', 'board' => " and the {$after->lag} delivered",
            default => '',
        };

        return lcfirst(self::step($step)).$wait;
    }
}
