<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\StopStyle;
use YokeLine\Planning\Plan;

/** What people hesitate over with the part in their hand: which way round, how tight, in what order. */
final class AtHand
{
    /** @return list<string> */
    public static function hanger(Plan $plan): array
    {
        $lining = $plan->doorway->survey->lining?->kind;

        return array_values(
            array_filter([
                'Standoff: wide foot to the '.
                ($plan->header === null ? 'wall' : 'board').
                '. Rail: top edge up, holes in the yoke line.',
                $plan->kit->hanger->style === HangerStyle::FaceStrap
                    ? 'Strap on the room side of the leaf, wheel over the rail; bolt heads to the room, cap nuts and washers behind.'
                    : 'Plate flat on the leaf’s top edge, its wheel on the rail’s top edge, screws square to it.',
                'Strap bolts snug on their washers: a leaf crushes before a nut strips. Rail bolts by ratchet, from the middle out, snug and a quarter turn; one that spins has no grip: stop, and plan that hole again.',
                $plan->header === null && $lining === LiningKind::Gypsum
                    ? 'Soft lining: a standoff presses on its foot only. Spread it with a plate or a header, or the rail goes wavy as it is tightened.'
                    : null,
                $plan->backing()->value === 'toggle'
                    ? 'Toggle: the flat of its wings to the lining. It is a help, and carries nothing alone.'
                    : null,
                'Not sure of the kit’s sheet? Hang one hanger on an off-cut and read the top gap before the leaf is drilled.',
                'Tape under a standoff comes off before it is trapped, pulled along the wall at a low angle.',
            ]),
        );
    }

    /** @return list<string> */
    public static function stop(Plan $plan): array
    {
        return array_values(
            array_filter([
                'Stop: buffer towards the leaf.',
                match ($plan->kit->stop->style) {
                    StopStyle::Collar,
                    StopStyle::SlideOn => 'On the rail before the rail is up, in its bay: it cannot pass a standoff afterwards. Left loose until the leaf hangs.',
                    StopStyle::ClampOn => 'Clamps on at any time; set with the leaf hanging, where it really stops.',
                    StopStyle::Drilled => 'Drilled with the leaf hanging: mark through it, pilot, full size, deburr both faces.',
                    StopStyle::Buffer => 'On the wall or the casing, into solid wood, in the middle of the leaf’s edge.',
                },
                'Its screw snug by hand tool: it must not creep, and a rail dents.',
                $plan->hasSoftClose()
                    ? 'Left and right catches differ: each hooks towards its own stop. Cock it before the leaf goes on; the trigger meets its mouth, not its side.'
                    : null,
                $plan->kit->jumpDisc !== null
                    ? 'Jump discs are turned in once the leaf hangs, before anyone lets go.'
                    : null,
            ]),
        );
    }

    /** @return list<string> */
    public static function guide(Plan $plan): array
    {
        $finish = $plan->doorway->survey->floorFinish;

        return array_values(
            array_filter([
                match ($plan->kit->guide->style) {
                    GuideStyle::TFin,
                    GuideStyle::DoubleFin => 'Fin along the wall, square to it, in the groove at both ends of the travel; leaf plumb when it is marked.',
                    GuideStyle::UShoe => 'Shoe astride the foot, both cheeks free of the leaf by a card’s thickness.',
                    GuideStyle::WallRoller => 'Roller on the wall beside the casing, its wheels either side of the leaf’s foot.',
                },
                'Screws by hand. Pilot first, a mark on the bit.',
                in_array($finish, ['tile', 'stone', 'concrete'], true)
                    ? 'Tile, stone, concrete: tape on the mark, start without hammer, plug and screw. A heated floor is not drilled.'
                    : null,
                $plan->doorway->survey->pile?->isPositive()
                    ? 'Carpet: a tape on pile reads short. Stand it on a rigid plate and enter plate and pile once.'
                    : null,
            ]),
        );
    }
}
