<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** What one has in hand for a step. */
final class Tools
{
    private const KINDS = [
        'box-check' => ['the kit’s sheet', 'tape'], 'trial' => ['off-cut', 'drill', 'one hanger', 'rule'], 'leaf-in' => ['blankets', 'scales', 'tape', 'calliper'], 'trim-leaf' => ['track saw or plane', 'square', 'tape'], 'mark-leaf' => ['leaf card', 'square', 'sharp pencil', 'template'],
        'bore-leaf' => ['drill', 'bits in steps', 'backing board', 'clamps', 'square'], 'groove' => ['router', 'fence', 'grooving bit'], 'coat-leaf' => ['brush or roller', 'masking tape'], 'fit-hangers' => ['two spanners'], 'fit-discs' => ['driver, by hand'], 'fit-triggers' => ['driver, by hand'], 'fit-pulls' => ['driver, by hand'],
        'cut-board' => ['saw', 'square', 'tape'], 'mark-board' => ['tape', 'square', 'pencil'], 'bore-board' => ['drill', 'bits in steps', 'mark on the bit'], 'coat-board' => ['brush or roller'], 'cut-rail' => ['metal saw', 'file', 'vice'], 'bore-rail' => ['centre punch', 'drill, oil', 'deburrer'], 'join-rail' => ['joining pins or plate', 'key'], 'stops-on' => ['key'], 'catches-on' => ['key', 'the kit’s sheet: left and right differ'],
        'door-off' => ['driver', 'hammer and pin punch', 'wedges'], 'fill-jambs' => ['filler', 'knife', 'plates'], 'isolate' => ['tester', 'a note on the switch'], 'open-wall' => ['knife', 'keyhole saw', 'dust mask'], 'move-hazard' => ['a licensed person'], 'patch-wall' => ['patch', 'joint compound', 'knife', 'sanding block'], 'move-obstacle' => ['driver', 'filler'], 'ease' => ['plane', 'sanding block'],
        'mark-wall' => ['tape', 'masking tape', 'pencil', 'plumb'], 'mark-line' => ['level or laser', 'tape', 'pencil'], 'prove-line' => ['gauge block or template', 'tape'], 'bore-wall' => ['drill', 'bits in steps', 'mark on the bit', 'detector'], 'board-up' => ['props', 'level', 'driver'], 'board-fix' => ['driver, clutch low'],
        'rail-up' => ['props', 'ratchet', 'level'], 'rail-true' => ['ratchet, by hand', 'long level'], 'hang' => ['blankets', 'a helper'], 'discs-in' => ['driver, by hand'], 'set-stops' => ['key', 'tape'], 'buffer' => ['driver'], 'set-catches' => ['key'], 'mark-guide' => ['plumb or level', 'tape', 'pencil'], 'fix-guide' => ['drill', 'driver, by hand'],
        'prove-run' => ['tape', 'level', 'known weight'], 'paint-patch' => ['brush', 'wall paint'], 'make-good' => ['filler', 'brush', 'cloth'], 'hand-over' => ['this sheet'],
    ];

    /** @return list<string> */
    public static function of(Step $step): array
    {
        return self::KINDS[$step->kind()->value] ?? [];
    }
}
