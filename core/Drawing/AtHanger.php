<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;

/** The section at a hanger, large, every part named with the way it faces. */
final readonly class AtHanger
{
    private const HIGH = 330;

    public static function of(Plan $plan, LengthWriter $write): Scene
    {
        $cut = HeadCut::whole($plan);
        $px = $cut->high() / self::HIGH;
        $kit = $plan->kit;
        $depth = $plan->outerDepth();
        $front = $depth->leafFront->total->toMm();
        $yoke = $cut->y($plan->yokeLine());
        $half = $kit->rail->height->half()->toMm();
        $rail = $depth->rail->total->toMm();
        $board = $plan->header?->thickness->toMm() ?? 0.0;
        $strap = $front + $kit->hanger->strapThickness->toMm();
        $rows = [
            ['wheel on the rail’s top edge', $rail, $yoke - $half - $kit->hanger->above->toMm() / 2, ''],
            [
                ($kit->rail->thickness->equals($kit->rail->height) ? 'round rail' : 'rail, top edge up').
                ", {$write->show($depth->rail->total)} out",
                $rail,
                $yoke - $half / 2,
                ' is-yoke',
            ],
            ['bolt head on the room side', $rail + $kit->rail->thickness->half()->toMm(), $yoke + 2 * $px, ''],
            [
                'standoff, wide foot to the '.($plan->header === null ? 'wall' : 'board'),
                $board + 3,
                $yoke + $kit->standoffBase->half()->toMm() * 0.8,
                '',
            ],
            $kit->hanger->style === HangerStyle::FaceStrap
                ? [
                    "strap in front of the leaf, {$write->show($depth->leafFront->total)} out",
                    $strap,
                    $cut->y($plan->heights->leafTop()) + 6 * $px,
                    '',
                ]
                : [
                    "plate on the leaf’s top edge, front of the leaf {$write->show($depth->leafFront->total)} out",
                    $front,
                    $cut->y($plan->heights->leafTop()),
                    '',
                ],
            [
                "top gap {$write->show($plan->heights->topGap->total)}",
                $rail,
                ($cut->y($plan->heights->leafTop()) + $yoke + $half) / 2,
                '',
            ],
        ];
        foreach ($plan->heights->hangerHoles as $i => $hole) {
            $rows[] = [
                ($i === 0 ? 'cap nut behind, ' : '')."{$write->show($hole)} down",
                $strap,
                $cut->y($plan->heights->leafTop()->minus($hole)),
                '',
            ];
        }
        if ($plan->header !== null) {
            $rows[] = [
                "board {$write->show($plan->header->thickness)}, screwed to the studs",
                $board / 2,
                $cut->y($plan->header->top->total) + 8 * $px,
                '',
            ];
        }
        $right = $front + HeadCut::PAST_MM;
        $wide = max(array_map(fn (array $row) => Labels::width($row[0], 11), $rows)) * $px;

        return new Scene(
            'detail',
            'Section at a hanger, the wall to the left; the list beside it says the same',
            -HeadCut::WALL_MM - 4 * $px,
            -$cut->high() - 12 * $px,
            HeadCut::WALL_MM + $right + $wide + 28 * $px,
            $cut->high() + 20 * $px,
            [...$cut->shapes(), ...Callouts::right($rows, $right + 14 * $px, 11 * $px)],
        );
    }
}
