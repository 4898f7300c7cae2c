<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/** The section at a hanger, large, every part named with the way it faces. */
final readonly class AtHanger
{
    private const HIGH = 330;

    public static function of(Plan $plan, Wording $wording): Scene
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
            [$wording->say(Caption::of('wheel-on-rail')), $rail, $yoke - $half - $kit->hanger->above->toMm() / 2, ''],
            [
                $wording->say(
                    Caption::of($kit->rail->thickness->equals($kit->rail->height) ? 'round-rail' : 'flat-rail', [
                        'out' => $depth->rail->total,
                    ]),
                ),
                $rail,
                $yoke - $half / 2,
                ' is-yoke',
            ],
            [
                $wording->say(Caption::of('bolt-head')),
                $rail + $kit->rail->thickness->half()->toMm(),
                $yoke + 2 * $px,
                '',
            ],
            [
                $wording->say(Caption::of($plan->header === null ? 'standoff-wall' : 'standoff-board')),
                $board + 3,
                $yoke + $kit->standoffBase->half()->toMm() * 0.8,
                '',
            ],
            $kit->hanger->style === HangerStyle::FaceStrap
                ? [
                    $wording->say(Caption::of('strap-out', ['out' => $depth->leafFront->total])),
                    $strap,
                    $cut->y($plan->heights->leafTop()) + 6 * $px,
                    '',
                ]
                : [
                    $wording->say(Caption::of('plate-out', ['out' => $depth->leafFront->total])),
                    $front,
                    $cut->y($plan->heights->leafTop()),
                    '',
                ],
            [
                $wording->say(Caption::of('top-gap', ['gap' => $plan->heights->topGap->total])),
                $rail,
                ($cut->y($plan->heights->leafTop()) + $yoke + $half) / 2,
                '',
            ],
        ];
        foreach ($plan->heights->hangerHoles as $i => $hole) {
            $rows[] = [
                $wording->say(Caption::of($i === 0 ? 'cap-nut' : 'down', ['down' => $hole])),
                $strap,
                $cut->y($plan->heights->leafTop()->minus($hole)),
                '',
            ];
        }
        if ($plan->header !== null) {
            $rows[] = [
                $wording->say(Caption::of('board-screwed', ['thick' => $plan->header->thickness])),
                $board / 2,
                $cut->y($plan->header->top->total) + 8 * $px,
                '',
            ];
        }
        $right = $front + HeadCut::PAST_MM;
        $wide = max(array_map(fn (array $row) => Labels::width($row[0], 11), $rows)) * $px;

        return new Scene(
            'detail',
            $wording->say(Caption::of('at-hanger')),
            -HeadCut::WALL_MM - 4 * $px,
            -$cut->high() - 12 * $px,
            HeadCut::WALL_MM + $right + $wide + 28 * $px,
            $cut->high() + 20 * $px,
            [...$cut->shapes(), ...Callouts::right($rows, $right + 14 * $px, 11 * $px)],
        );
    }
}
