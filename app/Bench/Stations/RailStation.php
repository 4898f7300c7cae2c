<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Offer;
use App\Bench\Row;
use App\Kits\LooseParts;
use App\Words\BenchWords;
use App\Words\FieldWords;
use YokeLine\Catalog\BriefFields;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderReach;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\LooseKind;
use YokeLine\Doorway\Yard;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** Kit, what carries it, and where stops and guide have room. */
final class RailStation
{
    /**
     * @param  array<string, Kit>  $kits
     * @return list<Group>
     */
    public static function groups(Setout $setout, array $kits, Items $items): array
    {
        $brief = $setout->doorway->brief;
        $header = $brief->header;
        $kit = $kits[$brief->kit] ?? null;

        return [
            Group::named('kit', [
                Row::of(
                    Field::of(
                        'brief.kit',
                        grey: $brief->kit,
                        options: array_map(fn (Kit $kit) => $kit->name, $kits),
                    )->asList(),
                ),
                Row::of(Field::of('brief.rules.hanger_inset', grey: $kit?->hanger->inset)),
                Row::of(Field::of('brief.rules.hangers')),
                Row::of(Field::of('brief.rules.soft_close')),
                Row::of(Field::of('brief.rules.spacer')),
                Row::of(Field::of('brief.rules.trial')),
                Row::of(Field::of('brief.rules.props')),
            ]),
            ...self::away($items),
            Group::named('carries', [
                Row::of(
                    Field::of('brief.backing', options: FieldWords::answers('brief.backing', ['header', 'direct'])),
                ),
                ...$brief->backing->isHeader()
                    ? [
                        ...$setout->doorway->units === Unit::Inch
                            ? [Row::of(Field::of('brief.header.board', options: self::boardNames())->asList())]
                            : [],
                        Row::named(
                            'board',
                            Field::of('brief.header.width', isShort: true),
                            Field::of('brief.header.thickness', isShort: true),
                        ),
                        Row::of(Field::of('brief.header.align')->asList()),
                        ...$header->align === HeaderAlign::RailLow ? [Row::of(Field::of('brief.header.reveal'))] : [],
                        Row::of(Field::of('brief.header.reach')->asList()),
                        ...$header->reach === HeaderReach::Overrun ? [Row::of(Field::of('brief.header.overrun'))] : [],
                        Row::of(Field::of('brief.header.build_out')),
                    ]
                    : [],
            ], self::boards($setout)),
            Group::named('rail', [
                Row::of(Field::of('brief.rules.rail_reach')->asList()),
                Row::of(Field::of('brief.rail_cut')),
                Row::of(Field::of('brief.rules.jump_discs')),
            ]),
            Group::named('ends', self::ends($brief)),
            Group::named('room', [
                Row::of(Field::of('brief.rules.end_clearance')),
                Row::of(Field::of('brief.rules.guide_margin')),
            ]),
        ];
    }

    /** @return array<string, string> boards as yards name them */
    private static function boardNames(): array
    {
        $names = Yard::names();

        return ['' => '–', ...array_combine($names, $names)];
    }

    /** @return list<Offer> those that the shelf keeps, where a board carries the rail */
    private static function boards(Setout $setout): array
    {
        return $setout->doorway->brief->backing->isHeader()
            ? LooseParts::offers(LooseKind::Board, 'brief.header', $setout->doorway->units)
            : [];
    }

    /** @return list<Group> what was missing in the kit's box, where anything was */
    private static function away(Items $items): array
    {
        $places = $items->of('survey.parts');
        $rows = array_map(
            fn (string $place, int $i) => new Row(
                BenchWords::say('rows.part-away', ['n' => $i + 1]),
                [
                    Field::of("{$place}.part", $i + 1, isShort: true)->asList(),
                    Field::of("{$place}.count", $i + 1, isShort: true),
                    Field::of("{$place}.how", $i + 1, isShort: true)->asList(),
                ],
                $place,
            ),
            $places,
            array_keys($places),
        );

        return $rows === [] ? [] : [Group::named('away', $rows)];
    }

    /** @return list<Row> what ends each leaf's travel, and how high a buffer is fixed where there is one */
    private static function ends(Brief $brief): array
    {
        $leaves = $brief->hang->leaves();
        $rows = [];
        foreach (BriefFields::ends() as $end => $place) {
            $leaf = strtok($end, '.');
            $way = str_ends_with($end, 'shut') ? 'shut' : 'open';
            if ($leaf !== $end && (count($leaves) < 2 || ! in_array($leaf, $leaves, true))) {
                continue;
            }
            $rows[] = Row::of(Field::of("{$place}.by")->asList());
            if ($brief->ends->by($leaf, $way) === EndBy::WallBuffer) {
                $rows[] = Row::of(
                    Field::of("{$place}.at", grey: $leaf === $end ? null : $brief->ends->at($leaf, $way)),
                );
            }
        }

        return $rows;
    }
}
