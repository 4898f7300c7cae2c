<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Offer;
use App\Bench\Row;
use YokeLine\Anchoring\Alternative;
use YokeLine\Anchoring\Alternatives;
use YokeLine\Anchoring\Wood;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\LiningKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Setout;

/** What holds the rail: studs, backing, woods, and where the rail lies in its slack. */
final class AnchorsStation
{
    private const BACKINGS = ['header' => 'a header', 'direct' => 'the wall', 'auto' => 'the wall, else a header', 'site-drilled' => 'new holes at studs', 'masonry' => 'masonry', 'toggle' => 'the wall, toggles help'];

    /** @return list<Group> */
    public static function groups(Setout $setout, int $doorway, Items $items): array
    {
        $plan = $setout->plan;
        $brief = $setout->doorway->brief;
        $woods = ['' => 'not said', ...array_combine(Wood::names(), array_map(fn (string $name) => str_replace('-', ' ', $name), Wood::names()))];
        $masonry = $brief->backing === Backing::Masonry || $setout->doorway->survey->isMasonry();

        return [
            new Group('What carries it', [
                new Row('Rail on', [Field::select('brief.backing', 'Rail on', self::BACKINGS, 'header')]),
                Row::of(Field::length('brief.rules.rail_left', 'Rail, left end at', $plan?->rail->span->low)),
                ...($brief->backing->isHeader() ? [new Row('Board', [Field::length('brief.header.width', 'Board width', $brief->header->width, 'wide'), Field::length('brief.header.thickness', 'Board thickness', $brief->header->thickness, 'thick')]), Row::of(Field::lengths('brief.header.lengths', 'Boards come in'))] : []),
                Row::of(Field::flag('brief.rules.washers', 'Washers 40 × 3 under')),
                Row::of(Field::amount('brief.rules.load_factor', 'Factor on the load', (string) ($brief->rules->loadFactorTenths / 10))),
            ], $plan === null ? '' : 'Drag the rail along its slack, or move it by arrow keys; ↺ lets it find its place.'),
            ...($plan === null ? [] : [new Group('What could carry it', [], '', array_map(fn (Alternative $other) => new Offer(($other->holds ? '✓ ' : '✗ ')."{$other->says}. ".ucfirst($other->costs).'.', $other->backing === null ? [] : ['brief.backing' => $other->backing->value]), Alternatives::of($plan, $setout->write)))]),
            new Group('Wood', [
                new Row('Studs', [Field::select('survey.wood', 'Wood of the studs', $woods, '')]),
                ...($setout->doorway->survey->lining?->kind === LiningKind::Plank ? [new Row('Plank', [Field::select('survey.wall.lining.wood', 'Wood of the plank', $woods, '')])] : []),
                ...($brief->backing->isHeader() ? [new Row('Board', [Field::select('brief.header.wood', 'Wood of the board', $woods, '')])] : []),
            ], 'Not said counts as light spruce.'),
            ...($masonry ? [new Group('Anchor, from its sheet', [
                Row::of(Field::text('brief.anchor.kind', 'Kind')),
                new Row('Size', [Field::length('brief.anchor.diameter', 'Anchor diameter', null, 'diameter'), Field::length('brief.anchor.embedment', 'Anchor embedment', null, 'embedment')]),
                Row::of(Field::amount('brief.anchor.tension_N', 'Tension allowed, N')),
                Row::of(Field::amount('brief.anchor.shear_N', 'Shear allowed, N')),
            ])] : []),
            new Group('In the wall', self::solids($items), 'Lintels and blocking; studs are told at Wall.', [new Offer('+ lintel over the opening', self::lintel($setout, $items->next('survey.solids')))], ['Sweep the wall for studs' => "/doorways/{$doorway}/sweep"]),
        ];
    }

    /** @return list<Row> */
    private static function solids(Items $items): array
    {
        $rows = [];
        foreach ($items->of('survey.solids') as $i => $at) {
            $n = $i + 1;
            $rows[] = new Row('Solid '.$n, [
                Field::length("{$at}.x[0]", "Solid {$n} from", null, 'from'), Field::length("{$at}.x[1]", "Solid {$n} to", null, 'to'),
                Field::length("{$at}.y[0]", "Solid {$n} foot", null, 'foot'), Field::length("{$at}.y[1]", "Solid {$n} top", null, 'top'),
            ], $at);
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function lintel(Setout $setout, string $place): array
    {
        $opening = $setout->doorway->survey->opening;
        if ($opening === null || $opening->heights === []) {
            return [];
        }
        $exact = new LengthWriter($setout->doorway->units);
        $head = Length::greatest(...$opening->heights);
        $over = $opening->span()->widened(Length::mm(38));

        return [$place => ['kind' => 'lintel', 'x' => [$exact->exact($over->low), $exact->exact($over->high)], 'y' => [$exact->exact($head), $exact->exact($head->plus(Length::mm(200)))]]];
    }
}
