<?php

namespace YokeLine\Inspection;

use YokeLine\Doorway\LiningKind;
use YokeLine\Planning\Plan;
use YokeLine\Work\Facts;

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

        return array_values(array_filter([
            ($plan->mass->assumed ? 'About' : 'The leaf weighs')." {$kg} kg".($plan->mass->assumed ? ' if the leaf is solid softwood; weigh it' : '').": {$people} people lift and hang it, with hands clear of rail and wheels.",
            'The rail goes up from a ladder or platform on firm ground: two people, or props that hold it before hands leave it.',
            $lining === LiningKind::Masonry ? 'Drilling masonry: eyes, ears and dust mask.' : 'Drilling and cutting: eyes and ears; a dust mask for boards, linings and old paint, which may hold lead or asbestos.',
            $survey->hazards === [] ? 'No cable or pipe is recorded here; search the wall before any hole, and isolate before opening it.' : 'There is a cable or pipe in this wall: nothing is drilled near it; moving it is an electrician’s or plumber’s work.',
            $plan->doorway->brief->leaf->glassM2 > 0 ? 'The glass in the leaf must be safety glass.' : null,
            in_array($survey->floorFinish, ['tile', 'stone', 'concrete'], true) ? 'Is the floor heated? Then the guide is not drilled into it.' : null,
            $plan->kit->jumpDisc !== null ? 'Jump discs are turned in before anyone lets go: a leaf without them can come off the rail.' : null,
            'Fingers are trapped at the jamb and the stops; think of children.',
            'Fixings as the kit’s maker says. Never test by hanging on the rail: pull down on the leaf with a known weight.',
            'Fire, escape, privacy and accessible-width rules are local; structure, wiring and fire are for those licensed for them.',
        ]));
    }

    /** By mass, and by the height of the leaf; three at the most. */
    public static function people(Plan $plan): int
    {
        return max(2, Facts::lift($plan->mass->kg, $plan->heights->leaf->size->total->toMm()));
    }
}
