<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Row;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\Reach;
use YokeLine\Setout;

/** How it hangs, what it covers, how large it is. */
final class LeafStation
{
    private const MADE_OF = ['' => 'not said', 'softwood' => 'solid softwood', 'hardwood' => 'solid hardwood', 'mdf' => 'fibreboard', 'plywood' => 'plywood', 'chipboard' => 'chipboard', 'hollow' => 'hollow'];

    private const PURPOSES = ['' => 'not said', 'sight' => 'sight', 'sound' => 'sound', 'light' => 'light', 'space' => 'space', 'looks' => 'looks'];

    /** @return list<Group> */
    public static function groups(Setout $setout, int $doorway): array
    {
        $brief = $setout->doorway->brief;
        $rules = $brief->rules;
        $plan = $setout->plan;

        return [
            new Group('What it is for', [
                new Row('First, then', [Field::select('brief.purpose[0]', 'What it is for first', self::PURPOSES, ''), Field::select('brief.purpose[1]', 'What it is for then', self::PURPOSES, '')]),
            ], '', [], ['Ways that would work here' => "/doorways/{$doorway}/ways", 'House rules of this doorway' => "/rules?doorway={$doorway}"]),
            new Group('How it hangs', [
                Row::of(Field::choice('brief.hang', 'Leaves', ['single' => 'one', 'biparting' => 'two, meet', 'bypass' => 'two, pass'], 'single')),
                ...($brief->hang->isSingle() ? [Row::of(Field::choice('brief.opens', 'Slides open', ['left' => '← left', 'right' => 'right →'], 'right'))] : []),
                Row::of(Field::choice('brief.rules.cover', 'Covers', ['opening' => 'past jambs', 'casing' => 'casing', 'just-enough' => 'just'], 'opening')),
                Row::of($rules->cover === Cover::Casing
                    ? Field::length('brief.rules.casing_margin', 'Past the casing', $rules->casingMargin)
                    : Field::length('brief.rules.side_overlap', 'Past each jamb', $rules->sideOverlap)),
                new Row('Reaches', [Field::select('brief.rules.reach', 'How high it reaches', ['head' => 'over the head', 'casing-top' => 'to the casing’s top', 'above-casing' => 'above the casing'], 'head')]),
                ...match ($rules->reach) {
                    Reach::Head => [Row::of(Field::length('brief.rules.head_overlap', 'Over the head', $rules->headOverlap))],
                    Reach::AboveCasing => [Row::of(Field::length('brief.rules.above_casing', 'Above the casing', $rules->aboveCasing))],
                    Reach::CasingTop => [],
                },
                ...($plan?->layout->meeting === null ? [] : [Row::of(Field::length('brief.rules.meeting_gap', 'Between the leaves', $rules->meetingGap))]),
                ...($plan?->layout->midOverlap === null ? [] : [Row::of(Field::length('brief.rules.mid_overlap', 'Overlap in the middle', $plan->layout->midOverlap->total))]),
                ...($plan?->layout->midOverlap === null ? [Row::of(Field::length('brief.rules.park', 'Parks past the jamb', $rules->park))] : []),
                ...($brief->hang->isSingle() ? [Row::of(Field::choice('brief.rules.surplus', 'Spare width goes', ['trailing' => 'trailing', 'even' => 'even', 'leading' => 'leading'], 'trailing'))] : []),
                ...($setout->doorway->survey->opening?->is->isWayThrough() === false || $rules->parked ? [Row::of(Field::flag('brief.rules.parked', 'Stands there', 'for good', 'it slides'))] : []),
            ]),
            new Group('Leaf', [
                Row::of(Field::length('brief.leaf.width', 'Width', $plan?->layout->width->size->total)),
                Row::of(Field::length('brief.leaf.height', 'Height', $plan?->heights->leaf->size->total)),
                Row::of(Field::length('brief.leaf.thickness', 'Thickness')),
                Row::of(Field::length('brief.rules.gap', 'Floor gap, high spot', $rules->gap)),
                Row::of(Field::length('brief.leaf.stile', 'Stile', $brief->leaf->stile)),
                Row::of(Field::length('brief.rules.pull_height', 'Pull, middle at', $rules->pullHeight)),
                new Row('Made of', [Field::select('brief.leaf.construction.kind', 'Made of', self::MADE_OF, '')]),
                Row::of(Field::amount('brief.leaf.mass_kg', 'Mass in kg', $plan === null ? null : (string) round($plan->mass->kg, 1))),
            ]),
            new Group('Stock sizes', [
                Row::of(Field::lengths('brief.leaf.stock_widths', 'Widths')),
                Row::of(Field::lengths('brief.leaf.stock_heights', 'Heights')),
            ], 'What your yard keeps; clear them to have every leaf made to order.', [], ['Size card, and a leaf in hand' => "/doorways/{$doorway}/size-card"]),
        ];
    }
}
