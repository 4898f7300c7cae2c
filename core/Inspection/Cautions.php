<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\LiningKind;
use YokeLine\Planning\Plan;
use YokeLine\Work\Facts;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** What can hurt someone in this doorway's work, said where it applies. */
final class Cautions
{
    /** @return list<string> */
    public static function of(Plan $plan): array
    {
        $survey = $plan->doorway->survey;
        $lining = $survey->lining?->kind;
        $kg = round($plan->mass->kg);
        $people = self::people($plan);

        return array_values(
            array_filter([
                ($plan->mass->assumed ? 'About' : 'The leaf weighs').
                " {$kg} kg".
                ($plan->mass->assumed ? ' if the leaf is solid softwood; weigh it' : '').
                ": {$people} people lift and hang it, with hands clear of rail and wheels.",
                'The rail goes up from a ladder or platform on firm ground: two people, or props that hold it before hands leave it.',
                $lining === LiningKind::Masonry
                    ? 'Drilling masonry: eyes, ears and dust mask.'
                    : 'Drilling and cutting: eyes and ears; a dust mask for boards, linings and old paint, which may hold lead or asbestos.',
                $survey->hazardsThatStay() === []
                    ? 'No cable or pipe is recorded here; search the wall before any hole, and isolate before opening it.'
                    : 'There is a cable or pipe in this wall: nothing is drilled near it; moving it is an electrician’s or plumber’s work.',
                $plan->doorway->brief->leaf->glassM2 > 0 ? 'The glass in the leaf must be safety glass.' : null,
                in_array($survey->floorFinish, ['tile', 'stone', 'concrete'], true)
                    ? 'Is the floor heated? Then the guide is not drilled into it.'
                    : null,
                $plan->kit->jumpDisc !== null
                    ? 'Jump discs are turned in before anyone lets go: a leaf without them can come off the rail.'
                    : null,
                'Fingers are trapped at the jamb and the stops; think of children.',
                'Fixings as the kit’s maker says. Never test by hanging on the rail: pull down on the leaf with a known weight.',
                'Fire, escape, privacy and accessible-width rules are local; structure, wiring and fire are for those licensed for them.',
            ]),
        );
    }

    /** @return list<string> those that apply at one step */
    public static function at(Step $step, Plan $plan): array
    {
        $survey = $plan->doorway->survey;

        return array_values(
            array_filter(
                match ($step->kind()) {
                    StepKind::LeafIn, StepKind::Hang => [
                        'Lift with '.self::people($plan).' people, hands clear of rail and wheels.',
                        $plan->doorway->brief->leaf->glassM2 > 0 ? 'The glass must be safety glass.' : null,
                    ],
                    StepKind::BoreLeaf,
                    StepKind::Groove,
                    StepKind::TrimLeaf,
                    StepKind::CutBoard,
                    StepKind::BoreBoard,
                    StepKind::CutRail,
                    StepKind::BoreRail,
                    StepKind::Ease => ['Eyes and ears; a dust mask for boards and old paint.'],
                    StepKind::BoreWall, StepKind::BoardFix => [
                        $survey->lining?->kind === LiningKind::Masonry
                            ? 'Drilling masonry: eyes, ears and dust mask.'
                            : 'Search the wall for cables and pipes first; isolate before opening it.',
                        'Old paint and linings may hold lead or asbestos.',
                    ],
                    StepKind::BoardUp, StepKind::RailUp => [
                        'Ladder or platform on firm ground; two people, or props before hands leave it.',
                    ],
                    StepKind::DoorOff => ['The leaf falls when its last hinge is free: wedge it.'],
                    StepKind::Isolate => [
                        'Prove it dead with a tester, or shut with the tap open, and keep others from turning it on again.',
                    ],
                    StepKind::OpenWall => [
                        'Eyes and a dust mask. Old linings may hold asbestos, old paint lead: have them looked at first.',
                    ],
                    StepKind::MoveHazard => ['An electrician’s or plumber’s work. Isolate first.'],
                    StepKind::DiscsIn => ['Until the discs are in the leaf can come off the rail.'],
                    StepKind::SetStops, StepKind::SetCatches => ['Fingers are trapped at the jamb and the stops.'],
                    StepKind::FixGuide => [
                        in_array($survey->floorFinish, ['tile', 'stone', 'concrete'], true)
                            ? 'A heated floor is not drilled.'
                            : null,
                    ],
                    StepKind::ProveRun => [
                        'Never test by hanging on the rail: pull down on the leaf with a known weight.',
                    ],
                    default => [],
                },
            ),
        );
    }

    /** By mass, and by the height of the leaf; three at the most. */
    public static function people(Plan $plan): int
    {
        return max(2, Facts::lift($plan->mass->kg, $plan->heights->leaf->size->total->toMm()));
    }
}
