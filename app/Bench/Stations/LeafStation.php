<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Offer;
use App\Bench\Row;
use App\Kits\LooseParts;
use App\Words\BenchWords;
use YokeLine\Doorway\Cover;
use YokeLine\Doorway\LooseKind;
use YokeLine\Doorway\Pull;
use YokeLine\Doorway\PullKind;
use YokeLine\Doorway\Reach;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** How it hangs, what it covers, how large it is. */
final class LeafStation
{
    /** @return list<Group> */
    public static function groups(Setout $setout, int $doorway): array
    {
        $brief = $setout->doorway->brief;
        $rules = $brief->rules;
        $plan = $setout->plan;

        $asked = fn (string $place, ?Length $grey = null) => $brief->hang->asks($place)
            ? [Row::of(Field::of($place, grey: $grey))]
            : [];

        return [
            Group::named(
                'purpose',
                [Row::named('purpose', Field::of('brief.purpose[0]'), Field::of('brief.purpose[1]'))],
                links: ['ways' => "/doorways/{$doorway}/door/options", 'rules' => "/rules?doorway={$doorway}"],
            ),
            Group::named('hang', [
                Row::of(Field::of('brief.hang')),
                ...$asked('brief.opens'),
                Row::of(Field::of('brief.rules.cover')),
                Row::of(
                    $rules->cover === Cover::Casing
                        ? Field::of('brief.rules.casing_margin')
                        : Field::of('brief.rules.side_overlap', grey: $rules->usualOverlap()),
                ),
                Row::of(Field::of('brief.rules.reach')->asList()),
                ...match ($rules->reach) {
                    Reach::Head => [Row::of(Field::of('brief.rules.head_overlap'))],
                    Reach::AboveCasing => [Row::of(Field::of('brief.rules.above_casing'))],
                    Reach::CasingTop => [],
                },
                ...$asked('brief.rules.meeting_gap'),
                ...$asked('brief.rules.mid_overlap', $plan?->layout->midOverlap?->total),
                ...$asked('brief.rules.park'),
                ...$asked('brief.rules.surplus'),
                ...$setout->doorway->survey->opening?->is->isWayThrough() === false || $rules->parked
                    ? [Row::of(Field::of('brief.rules.parked'))]
                    : [],
            ]),
            Group::named('leaf', [
                Row::of(Field::of('brief.leaf.width', grey: $plan?->layout->width->size->total)),
                Row::of(Field::of('brief.leaf.height', grey: $plan?->heights->leaf->size->total)),
                Row::of(Field::of('brief.leaf.thickness')),
                Row::of(Field::of('brief.rules.gap')),
                Row::of(Field::of('brief.leaf.stile')),
                Row::of(Field::of('brief.rules.pull_height')),
                Row::of(Field::of('brief.leaf.construction.kind')),
                Row::named(
                    'glass',
                    EitherUnit::field($setout->write->unit, 'brief.leaf.construction.glass', 'm2', isShort: true),
                    Field::of('brief.leaf.construction.glass_thickness', isShort: true),
                ),
                Row::of(EitherUnit::field($setout->write->unit, 'brief.leaf.mass', 'kg', $plan?->mass->kg)),
                Row::of(EitherUnit::field(
                    $setout->write->unit,
                    'brief.leaf.hardware',
                    'kg',
                    $setout->doorway->brief->leaf->hardwareKg,
                )),
                ...$setout->doorway->units === Unit::Inch
                    ? array_map(
                        fn (string $key) => Row::of(Field::of("brief.rules.{$key}")),
                        ['fraction', 'feet_over', 'tape_feet'],
                    )
                    : [],
            ]),
            Group::named(
                'handles',
                [...self::handle('front', $brief->frontPull), ...self::handle('wall', $brief->wallPull)],
                self::handles($setout),
            ),
            Group::named(
                'coats',
                array_map(
                    fn (string $key) => Row::of(Field::of("brief.rules.{$key}")),
                    ['coats_leaf', 'coats_board', 'dry', 'cure'],
                ),
            ),
            Group::named(
                'stock',
                [Row::of(Field::of('brief.leaf.stock_widths')), Row::of(Field::of('brief.leaf.stock_heights'))],
                links: ['size-card' => "/doorways/{$doorway}/door/in-hand"],
            ),
        ];
    }

    /** @return list<Row> its sizes once there is one */
    private static function handle(string $side, ?Pull $pull): array
    {
        $size = fn (string $key) => Field::of("brief.pulls.{$side}.{$key}", isShort: true);

        return [
            Row::of(Field::of("brief.pulls.{$side}.kind")->asList()),
            ...$pull === null || $pull->kind === PullKind::None
                ? []
                : [new Row('', [$size('width'), $size('height'), $size('projection')])],
        ];
    }

    /** @return list<Offer> those that the shelf keeps, for either side */
    private static function handles(Setout $setout): array
    {
        $offers = fn (string $side) => LooseParts::offers(
            LooseKind::Handle,
            "brief.pulls.{$side}",
            $setout->doorway->units,
            BenchWords::say("offers.handle-{$side}"),
        );

        return [...$offers('front'), ...$offers('wall')];
    }
}
