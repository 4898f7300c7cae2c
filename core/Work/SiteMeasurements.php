<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\HolesFound;
use YokeLine\Doorway\Stud;
use YokeLine\Marks\Proof;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/** What is asked at the steps where it matters: leaf, trial, holes, line, gaps. About six places of the whole day. */
final class SiteMeasurements
{
    /** @return list<SiteMeasurement> */
    public static function at(Step $step, Plan $plan): array
    {
        $by = $plan->doorway->marking->plusMinus;

        return match ($step->kind()) {
            StepKind::Trial => [
                new SiteMeasurement(
                    'trial-gap',
                    'trial-gap',
                    $plan->heights->topGap->total,
                    $by->kit->plus($by->hole),
                    'kit-differs',
                ),
            ],
            StepKind::LeafIn, StepKind::SquareUp => self::leaf($plan, self::leafOf($step, $plan)),
            StepKind::BoreLeaf => $plan->kit->hanger->style === HangerStyle::FaceStrap
                ? [
                    new SiteMeasurement(
                        'leaf-hole'.self::leafOf($step, $plan)->suffix(),
                        'leaf-hole',
                        $plan->heights->hangerHoles[0],
                        $by->hole,
                        'kit-differs',
                    ),
                ]
                : [],
            StepKind::LayOut => [self::laidOut($plan)],
            StepKind::BoreBoard => self::holes($plan),
            StepKind::BoreThrough => self::holes($plan, true),
            StepKind::BoreWall => [...self::holes($plan), ...self::studs($plan)],
            StepKind::BoardFix => self::studs($plan),
            StepKind::RailTrue => self::line($plan, self::railOf($step, $plan)),
            StepKind::SetStops => self::gaps($plan, self::leafOf($step, $plan)),
            default => [],
        };
    }

    /**
     * @return list<array{string, Length}> the three places at which the line is read: first fixing, middle, last fixing
     */
    public static function linePlaces(Plan $plan): array
    {
        $holes = $plan->rail->holes;
        [$first, $last] = [$holes[0], $holes[count($holes) - 1]];

        return [['line-1', $first], ['line-2', $first->plus($last)->half()], ['line-3', $last]];
    }

    /**
     * @param  string  $rail  tells the front rail's readings from the rear one's
     * @return list<SiteMeasurement>
     */
    private static function line(Plan $plan, string $rail): array
    {
        $by = $plan->doorway->marking->plusMinus;

        return array_map(
            fn (array $place) => new SiteMeasurement(
                $place[0].$rail,
                $place[0],
                $plan->tapeUp($place[1]),
                $by->level,
                'line',
                ['from' => $plan->doorway->survey->datum()],
            ),
            self::linePlaces($plan),
        );
    }

    /**
     * The holes at both ends; where but one is found by a reading, that one, and those at the ends through the rail.
     *
     * @return list<SiteMeasurement>
     */
    private static function holes(Plan $plan, bool $through = false): array
    {
        $rules = $plan->doorway->brief->rules->schedule;
        $ends = [0, count($plan->rail->holes) - 1];
        $first = $rules->firstBolt->of(count($plan->rail->holes));
        $asked = match (true) {
            $rules->holesFound !== HolesFound::FromFirst => $ends,
            $through => array_diff($ends, [$first]),
            default => [$first],
        };
        $from = $plan->header->span->low ?? $plan->room->wall->low;
        $slack = $plan->doorway->marking->plusMinus->hole;
        $holes = $plan->rail->holes;

        return array_map(
            fn (int $i) => new SiteMeasurement(
                'hole-'.($i + 1),
                $plan->header === null ? 'hole-on-wall' : 'hole-on-board',
                $holes[$i]->minus($from),
                $slack,
                'wrong-edge',
                ['n' => $i + 1],
            ),
            array_values(array_unique($asked)),
        );
    }

    /** Leaf, hangers and rail on the floor: what is read gives the line, with the gap under it. */
    private static function laidOut(Plan $plan): SiteMeasurement
    {
        $proof = Proof::laidOut($plan);

        $slack = Length::nm((int) round($proof->sure * 1e6));

        return new SiteMeasurement('laid-out', 'laid-out', $proof->expected, $slack, 'line');
    }

    /** @return list<SiteMeasurement> the first and the last stud that is used, as they are found */
    private static function studs(Plan $plan): array
    {
        $under = $plan->header->span ?? $plan->rail->span;
        $used = array_values(
            array_filter($plan->doorway->survey->studs, fn (Stud $stud) => $under->contains($stud->x)),
        );
        $ends =
            $used === []
                ? []
                : [$used[0]->key() => $used[0], $used[count($used) - 1]->key() => $used[count($used) - 1]];

        return array_values(
            array_map(
                fn (Stud $stud) => new SiteMeasurement(
                    "stud-{$stud->key()}",
                    'stud',
                    $stud->x,
                    Length::mm(6),
                    'hole-missed',
                    ['at' => $stud->x],
                ),
                $ends,
            ),
        );
    }

    /** @return list<SiteMeasurement> */
    private static function leaf(Plan $plan, PlannedLeaf $leaf): array
    {
        $by = $plan->doorway->marking->plusMinus;

        return [
            new SiteMeasurement(
                "leaf-width{$leaf->suffix()}",
                'leaf-width',
                $leaf->run->width,
                $by->leaf,
                'leaf-differs',
            ),
            new SiteMeasurement(
                "leaf-height{$leaf->suffix()}",
                'leaf-height',
                $plan->heights->leaf->size->total,
                $by->leaf,
                'leaf-differs',
            ),
            new SiteMeasurement(
                "leaf-thick-lead{$leaf->suffix()}",
                'leaf-thick-lead',
                $plan->thickness,
                $by->kit,
                'leaf-differs',
            ),
            new SiteMeasurement(
                "leaf-thick-trail{$leaf->suffix()}",
                'leaf-thick-trail',
                $plan->thickness,
                $by->kit,
                'leaf-differs',
            ),
        ];
    }

    /** @return list<SiteMeasurement> */
    private static function gaps(Plan $plan, PlannedLeaf $leaf): array
    {
        $shut = $leaf->run->closed();
        $slack = $plan->doorway->marking->plusMinus->level->times(2);

        return [
            new SiteMeasurement("gap-left{$leaf->suffix()}", 'gap-left', $plan->gapAt($shut->low), $slack, 'line'),
            new SiteMeasurement("gap-right{$leaf->suffix()}", 'gap-right', $plan->gapAt($shut->high), $slack, 'line'),
            new SiteMeasurement("plumb{$leaf->suffix()}", 'plumb', Length::zero(), $slack, 'line'),
        ];
    }

    /** The leaf that a step is of. */
    public static function leafOf(Step $step, Plan $plan): PlannedLeaf
    {
        $leaves = $plan->leaves();

        return $leaves[$step->of()] ?? $leaves[array_key_first($leaves)];
    }

    /** What tells the readings of a second rail from the first one's. */
    public static function railOf(Step $step, Plan $plan): string
    {
        return self::ofRail(self::leafOf($step, $plan));
    }

    /** The same, of the rail that a leaf runs on. */
    public static function ofRail(PlannedLeaf $leaf): string
    {
        return $leaf->run->track === 0 ? '' : "-{$leaf->name}";
    }
}
