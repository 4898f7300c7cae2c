<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Holding\Anchoring;
use YokeLine\Holding\BoardPieces;
use YokeLine\Holding\Fixing;
use YokeLine\Holding\HeaderAnchors;
use YokeLine\Holding\Peak;
use YokeLine\Holding\WheelRun;
use YokeLine\Measure\Length;
use YokeLine\Planning\RailPlace;

/** A plan's anchoring as the open file has it: lengths in mm, forces in N, pressures in MPa. */
final class AnchoringWriter
{
    /** @return array{fixings: list<array<string, mixed>>, anchoring: array<string, mixed>} */
    public static function write(Anchoring $anchoring): array
    {
        $sag = $anchoring->sags()[0] ?? null;
        $worst = $anchoring->worst();

        return [
            'fixings' => array_map(self::fixing(...), $anchoring->fixings),
            'anchoring' => [
                'backing' => $anchoring->plan->backing()->value,
                'rail_place' => self::place($anchoring->place()),
                'mass' => [
                    'leaf_kg' => $anchoring->plan->mass->kg,
                    'hung_kg' => $anchoring->hungKg,
                    'wheel_N' => $anchoring->wheel,
                ],
                'deflection' => $sag === null
                        ? null
                        : [
                            'greatest' => $sag->greatest,
                            'at' => $sag->at,
                            'left_wheel_at' => $sag->leftWheelAt,
                            'span' => $sag->span,
                            'limit' => $sag->limit(),
                        ],
                'header' => $anchoring->header === null ? null : self::header($anchoring, $anchoring->header),
                'worst' => $worst === null
                        ? null
                        : [
                            'kind' => $worst->kind,
                            'x' => $worst->x->toMm(),
                            'y' => $worst->y->toMm(),
                            'utilisation' => $worst->strength->utilisation,
                        ],
                'wheel_runs' => $anchoring->fixings === []
                        ? []
                        : array_map(
                            fn (WheelRun $run) => [
                                'leaf' => $run->leaf,
                                'left_wheel' => [$run->from, $run->to],
                                'spacing' => $run->spacing,
                            ],
                            $anchoring->runs,
                        ),
                'EI' => $anchoring->fixings === [] ? null : $anchoring->stiffness,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function fixing(Fixing $fixing): array
    {
        return [
            'x' => $fixing->x->toMm(),
            'y' => $fixing->y->toMm(),
            'kind' => $fixing->kind,
            'into' => $fixing->into->inFile(),
            ...$fixing->stud === null ? [] : ['stud_x' => $fixing->stud->toMm()],
            'diameter' => $fixing->diameter->toMm(),
            'length' => $fixing->length?->toMm(),
            'thread' => $fixing->thread,
            'reaction' => ['max' => $fixing->load->reaction->max, 'min' => $fixing->load->reaction->min],
            'shear' => $fixing->load->shear,
            'tension' => $fixing->load->tension,
            'allow' => $fixing->strength->lateral === null
                    ? null
                    : [
                        'withdrawal' => $fixing->strength->withdrawal,
                        'lateral' => $fixing->strength->lateral,
                        'mode' => $fixing->strength->mode,
                    ],
            'utilisation' => $fixing->strength->utilisation,
            ...$fixing->kind === 'header-screw' ? [] : ['left_wheel_at' => $fixing->load->reaction->leftWheelAt],
            ...$fixing->load->bearing === null ? [] : ['bearing_MPa' => $fixing->load->bearing],
        ];
    }

    /** @return array<string, mixed> */
    private static function place(RailPlace $place): array
    {
        $hits = $place->hitPlaces;
        $drilled = $place->drilled();

        return [
            'range' => [$place->range->low->toMm(), $place->range->high->toMm()],
            'shared' => $place->shared->toMm(),
            'left' => $place->left->toMm(),
            'hits' => count($hits),
            'of' => $place->holes,
            'hit_x' => self::all($hits),
            'margin' => $place->margin?->toMm(),
            'greatest_span' => RailPlace::greatestGap($hits)?->toMm(),
            'ends' => self::ends($place, $hits),
            'holds' => $place->holds,
            'stop_meets_standoff' => $place->stopsOver !== [],
            'runner_up' => $place->runnerUp === null
                    ? null
                    : ['left' => $place->runnerUp['left']->toMm(), 'hits' => $place->runnerUp['hits']],
            'site_drilled' => [
                'own' => self::all($place->own),
                'new' => self::all($place->new),
                'greatest_span' => RailPlace::greatestGap($drilled)?->toMm(),
                'ends' => self::ends($place, $drilled),
                'holds' => $place->newHolds,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function header(Anchoring $anchoring, HeaderAnchors $header): array
    {
        $board = $anchoring->plan->header;

        return [
            'left' => $board?->span->low->toMm(),
            'right' => $board?->span->high->toMm(),
            'bottom' => $board?->foot->total->toMm(),
            'top' => $board?->top->total->toMm(),
            'at' => self::all($header->at),
            'reaction' => array_map(fn (Peak $peak) => ['max' => $peak->max, 'min' => $peak->min], $header->reactions),
            'greatest_gap' => $header->greatestGap()?->toMm(),
            ...$board === null
                ? []
                : [
                    'joints' => self::all(BoardPieces::of($anchoring->plan, $board)->joints),
                    'pieces' => self::all(BoardPieces::of($anchoring->plan, $board)->lengths($board)),
                ],
            'screws' => count($header->fixings),
            'screw_length' => $header->length?->toMm(),
            'rows' => self::all($header->rows),
        ];
    }

    /**
     * @param  list<Length>  $lengths
     * @return ?list<float>
     */
    private static function ends(RailPlace $place, array $lengths): ?array
    {
        $ends = $place->ends($lengths);

        return $ends === null ? null : [$ends[0]->toMm(), $ends[1]->toMm()];
    }

    /**
     * @param  list<Length>  $lengths
     * @return list<float>
     */
    private static function all(array $lengths): array
    {
        return array_map(fn (Length $length) => $length->toMm(), $lengths);
    }
}
