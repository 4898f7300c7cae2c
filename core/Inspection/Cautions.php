<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\Solid;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Planning\Plan;
use YokeLine\Work\Facts;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** What can hurt someone in this doorway's work, said where it applies. */
final class Cautions
{
    /** @return list<Message> */
    public static function of(Plan $plan): array
    {
        $survey = $plan->doorway->survey;

        return self::lines($plan, [
            $plan->mass->assumed ? 'mass-assumed' : 'mass',
            'ladder',
            $survey->lining?->kind === LiningKind::Masonry ? 'drill-masonry' : 'drill-wall',
            array_filter($survey->solids, fn (Solid $solid) => $solid->kind === 'lintel') === [] ? '' : 'lintel',
            $survey->hazardsThatStay() === [] ? 'no-hazard' : 'hazard',
            $plan->doorway->brief->leaf->glassM2 > 0 ? 'glass' : '',
            $survey->hasHardFloor() ? 'heated' : '',
            $plan->kit->jumpDisc !== null ? 'discs' : '',
            'fingers',
            'fixings',
            'local',
        ]);
    }

    /** @return list<Message> what whoever lives with the door must know */
    public static function forCustomer(Plan $plan): array
    {
        return self::lines($plan, ['children', 'nothing-hung', 'local']);
    }

    /** @return list<Message> those that apply at one step */
    public static function at(Step $step, Plan $plan): array
    {
        $survey = $plan->doorway->survey;

        return self::lines(
            $plan,
            match ($step->kind()) {
                StepKind::LeafIn,
                StepKind::SquareUp,
                StepKind::Hang => ['lift', $plan->doorway->brief->leaf->glassM2 > 0 ? 'glass' : ''],
                StepKind::Glaze => ['glass'],
                StepKind::StripOld => ['dust', 'old-paint'],
                StepKind::Cut,
                StepKind::Rip,
                StepKind::Plane,
                StepKind::CutInfill,
                StepKind::Trim,
                StepKind::CutFoot,
                StepKind::BoreLeaf,
                StepKind::Groove,
                StepKind::TrimLeaf,
                StepKind::CutBoard,
                StepKind::BoreBoard,
                StepKind::CutRail,
                StepKind::BoreRail,
                StepKind::Ease => ['dust'],
                StepKind::BoreWall, StepKind::BoardFix => [
                    $survey->lining?->kind === LiningKind::Masonry ? 'drill-masonry' : 'search',
                    'old-paint',
                ],
                StepKind::BoardUp, StepKind::RailUp => ['props'],
                StepKind::DoorOff => ['hinge'],
                StepKind::Isolate => ['dead'],
                StepKind::OpenWall => ['open-wall'],
                StepKind::MoveHazard => ['licensed'],
                StepKind::DiscsIn => ['until-discs'],
                StepKind::SetStops, StepKind::SetCatches => ['fingers-here'],
                StepKind::FixGuide => [$survey->hasHardFloor() ? 'heated' : ''],
                StepKind::ProveRun => ['known-weight'],
                default => [],
            },
        );
    }

    /**
     * @param  list<string>  $codes  '' where it does not apply
     * @return list<Message>
     */
    private static function lines(Plan $plan, array $codes): array
    {
        $with = ['mass' => Quantity::kilograms(round($plan->mass->kg)), 'people' => self::people($plan)];

        return array_values(
            array_map(fn (string $code) => new Message('cautions', $with, $code), array_filter($codes)),
        );
    }

    /** By mass, and by the height of the leaf; three at the most. */
    public static function people(Plan $plan): int
    {
        return max(2, Facts::lift($plan->mass->kg, $plan->heights->leaf->size->total->toMm()));
    }
}
