<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Offer;
use App\Bench\Row;
use App\Bench\Things;
use App\Words\BenchWords;
use App\Words\FieldWords;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Setout;

/** The survey, in walking order. */
final class WallStation
{
    private const HAZARDS = ['cable' => [0, 30, 2400], 'pipe' => [0, 40, 900], 'gas' => [0, 40, 900]];

    /** @return list<Group> */
    public static function groups(Setout $setout, int $doorway, Items $items): array
    {
        return [
            Group::named(
                'along',
                [
                    Row::of(Field::of('survey.opening.is')->asList()),
                    Row::of(Field::of('survey.wall.ends.left')->asList()),
                    Row::of(Field::of('survey.wall.from')),
                    Row::of(Field::of('survey.zero')),
                    Row::of(Field::of('survey.opening.casing.left')),
                    Row::of(Field::of('survey.opening.left')),
                    self::row('width', 'survey.opening.width[0]', 'survey.opening.width[1]', 'survey.opening.width[2]'),
                    Row::of(Field::of('survey.opening.casing.right')),
                    Row::of(Field::of('survey.wall.to')),
                    Row::of(Field::of('survey.wall.ends.right')->asList()),
                ],
                links: ['readings' => "/doorways/{$doorway}/wall/readings"],
            ),
            Group::named('up', [
                self::row('height', 'survey.opening.height[0]', 'survey.opening.height[1]'),
                Row::of(Field::of('survey.opening.casing.head')),
                Row::of(Field::of('survey.wall.ceiling')),
                Row::of(Field::of('survey.wall.crown.drop')),
                Row::of(Field::of('survey.baseboard.height')),
            ]),
            Group::named('out', [
                Row::of(Field::of('survey.opening.casing.thickness')),
                Row::of(Field::of('survey.wall.crown.projection')),
                Row::named(
                    'lining',
                    Field::of('survey.wall.lining.kind'),
                    Field::of('survey.wall.lining.thickness'),
                ),
                Row::of(Field::of('survey.baseboard.thickness')),
                Row::of(Field::of('survey.eased')),
            ]),
            Group::named('floor', [
                Row::of(Field::of('survey.floor.finish')),
                Row::of(Field::of('survey.floor.drillable')),
                ...self::carpet($setout),
                ...self::list($items, 'floor-level', 'survey.floor.readings', 'x', 'level'),
            ]),
            Group::named('in-way', [
                Row::of(Field::of('survey.opening.was')),
                Row::of(Field::of('survey.wall.walkway')),
            ]),
            Group::named('studs', self::list($items, 'stud', 'survey.studs', 'x', 'width')),
            Group::named(
                'things',
                self::things($items),
                self::offers($setout, $items->next('survey.obstacles'), Things::SIZES),
            ),
            Group::named(
                'hazards',
                self::hazards($setout, $items),
                self::offers($setout, $items->next('survey.hazards'), self::HAZARDS),
            ),
        ];
    }

    /** @return list<Row> */
    private static function carpet(Setout $setout): array
    {
        return $setout->document->get('survey.floor.finish') === 'carpet'
            ? [
                self::row('carpet', 'survey.floor.pile', 'survey.floor.plate'),
                Row::of(Field::of('survey.floor.datum')),
            ]
            : [];
    }

    private static function row(string $key, string ...$places): Row
    {
        return Row::named($key, ...array_map(fn (string $place) => Field::of($place, isShort: true), $places));
    }

    /**
     * Every item of a list and one empty row to go on with.
     *
     * @return list<Row>
     */
    private static function list(Items $items, string $row, string $list, string ...$keys): array
    {
        $places = $items->of($list);

        return array_map(
            fn (string $place, int $i) => new Row(
                BenchWords::say("rows.{$row}", ['n' => $i + 1]),
                array_map(
                    fn (string $key) => Field::of("{$place}.{$key}", $i + 1, isShort: $i === 0),
                    array_values($keys),
                ),
                $i < count($places) ? $place : null,
            ),
            [...$places, $items->next($list)],
            range(0, count($places)),
        );
    }

    /** @return list<Row> */
    private static function things(Items $items): array
    {
        $rows = [];
        foreach ($items->of('survey.obstacles') as $i => $at) {
            $n = $i + 1;
            $rows[] = new Row(
                BenchWords::say('rows.thing', ['n' => $n]),
                [Field::of("{$at}.name", $n), Field::of("{$at}.moved", $n)],
                $at,
            );
            $rows[] = new Row('', self::box($at, $n));
            $rows[] = new Row('', [
                Field::of("{$at}.projection", $n, isShort: true),
                Field::of("{$at}.stands_off", $n, isShort: true),
                Field::of("{$at}.plus_minus", $n, isShort: true),
            ]);
        }

        return $rows;
    }

    /** @return list<Row> */
    private static function hazards(Setout $setout, Items $items): array
    {
        $rows = [];
        foreach ($items->of('survey.hazards') as $i => $at) {
            $kind = $setout->document->get("{$at}.kind");
            $rows[] = new Row(
                ucfirst(
                    FieldWords::answers("{$at}.kind")[is_string($kind) ? $kind : ''] ?? FieldWords::label($at, $i + 1),
                ),
                self::box($at, $i + 1),
                $at,
            );
        }

        return $rows;
    }

    /** @return list<Field> from, to, bottom, top */
    public static function box(string $at, int $n): array
    {
        return array_map(fn (string $side) => Field::of("{$at}.{$side}", $n, isShort: true), [
            'x[0]',
            'x[1]',
            'y[0]',
            'y[1]',
        ]);
    }

    /**
     * A new thing of each kind, where there is room for it to be moved from: right of the opening.
     *
     * @param  array<string, list<int>>  $kinds
     * @return list<Offer>
     */
    private static function offers(Setout $setout, string $place, array $kinds): array
    {
        $survey = $setout->doorway->survey;
        $exact = new LengthWriter($setout->doorway->units);
        $from = $survey->opening?->span()->high->plus(Length::mm(150)) ?? ($survey->wallFrom ?? Length::zero());
        $offers = [];
        foreach ($kinds as $kind => $size) {
            [$y, $width, $height] = $size;
            $thing = [
                'kind' => $kind,
                'x' => [$exact->exact($from), $exact->exact($from->plus(Length::mm($width)))],
                'y' => [$exact->exact(Length::mm($y)), $exact->exact(Length::mm($y + $height))],
            ];
            if (isset($size[3])) {
                $thing +=
                    ['name' => $kind, 'projection' => $exact->exact(Length::mm($size[3]))] +
                    ($kind === 'furniture' ? ['stands_off' => $exact->exact(Length::mm(900))] : []);
            }
            $offers[] = new Offer(
                BenchWords::say('offers.add', ['what' => FieldWords::answers("{$place}.kind")[$kind]]),
                [$place => $thing],
            );
        }

        return $offers;
    }
}
