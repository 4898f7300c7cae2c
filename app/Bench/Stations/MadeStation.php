<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Row;
use App\Words\BenchWords;
use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\Way;
use YokeLine\Making\Timber;
use YokeLine\Making\UsualSize;
use YokeLine\Measure\Length;
use YokeLine\Setout;

/** The leaf that is built in the shop: which way, of what, how its parts are. */
final class MadeStation
{
    private const AT = 'brief.leaf.made';

    /** @return list<Group> */
    public static function groups(Setout $setout, Items $items): array
    {
        $made = $setout->doorway->brief->leaf->made;

        return [
            Group::named('made', [
                self::row('way'),
                ...$made === null
                    ? []
                    : [
                        self::row('species'),
                        self::row('setting'),
                        self::grey('moisture', (string) Timber::moisture($made->setting)[2]),
                    ],
            ]),
            ...$made === null ? [] : self::ofWay($setout, $items, $made),
        ];
    }

    /** @return list<Group> */
    private static function ofWay(Setout $setout, Items $items, Made $made): array
    {
        $usual = fn (UsualSize $size) => $size->in($setout->doorway->units);

        return match ($made->way) {
            Way::Planked => [
                Group::named('made-boards', [...self::board('board'), self::row('cut')]),
                Group::named('made-ledges', [
                    self::sizes('ledge', 'ledge.width', 'ledge.thickness'),
                    ...self::rows('ledge.side', 'ledges', 'brace', 'fix', 'ledge.species'),
                ]),
                self::more(),
            ],
            Way::Framed => [
                Group::named('made-frame', [
                    self::sizes('frame', 'frame.stile', 'frame.top', 'frame.bottom'),
                    ...self::rows('frame.thickness', 'frame.middles'),
                    self::grey('frame.middle', $made->build instanceof Framed ? $made->build->top : null),
                    self::row('frame.species'),
                ]),
                Group::named('made-infill', [self::row('infill.pattern'), ...self::board('infill'), self::row('cut')]),
                Group::named('made-back', [
                    self::row('back.kind'),
                    ...$setout->document->get(self::AT.'.back.kind') === 'boards'
                        ? self::board('back')
                        : [self::row('back.thickness'), self::row('back.sheet')],
                    self::row('filler.thickness'),
                    self::grey('filler.width', $usual(UsualSize::Strip)),
                    ...self::rows('filler.species'),
                    self::grey('raise', $setout->plan?->making?->leaf->channel?->depth),
                    self::row('lining'),
                ]),
                self::more(),
            ],
            Way::Joined => [
                ...self::oldLeaves($setout, $items),
                Group::named('made-join', [
                    ...self::rows('join', 'let_in'),
                    self::grey('plane', $usual(UsualSize::Plane)),
                ]),
                self::panels($items),
                self::more(),
            ],
            Way::Hollow => [...self::oldLeaves($setout, $items), self::panels($items), self::more()],
            Way::Glazed => [
                Group::named('made-frame', [
                    self::sizes('frame', 'frame.stile', 'frame.top', 'frame.bottom'),
                    ...self::rows('frame.thickness', 'frame.bar', 'frame.species'),
                ]),
                Group::named('made-panes', [
                    ...self::rows('panes.columns', 'panes.rows', 'glass.kind', 'glass.thickness'),
                    self::grey('rebate', $usual(UsualSize::Rebate)),
                    self::grey('bead', $usual(UsualSize::Bead)),
                ]),
                self::more(),
            ],
        };
    }

    private static function row(string $key): Row
    {
        return Row::of(Field::of(self::AT.".{$key}"));
    }

    /** What it is where nobody says is worked out. */
    private static function grey(string $key, Length|string|null $grey): Row
    {
        return Row::of(Field::of(self::AT.".{$key}", grey: $grey));
    }

    /** @return list<Row> */
    private static function rows(string ...$keys): array
    {
        return array_map(self::row(...), array_values($keys));
    }

    private static function sizes(string $row, string ...$keys): Row
    {
        return Row::named(
            "made-{$row}",
            ...array_map(fn (string $key) => Field::of(self::AT.".{$key}", isShort: true), $keys),
        );
    }

    /** @return list<Row> */
    private static function board(string $part): array
    {
        return [
            self::sizes('board', "{$part}.width", "{$part}.thickness", "{$part}.tongue"),
            self::row("{$part}.species"),
        ];
    }

    private static function more(): Group
    {
        return Group::named('made-more', [
            ...self::rows('hangers', 'stock'),
            Row::of(Field::of('brief.rules.rest')),
            Row::of(Field::of('brief.rules.clamp')),
        ]);
    }

    private static function panels(Items $items): Group
    {
        $places = $items->of(self::AT.'.panels');
        $rows = [];
        foreach ([...$places, $items->next(self::AT.'.panels')] as $i => $at) {
            $fields = fn (string ...$keys) => array_map(
                fn (string $key) => Field::of("{$at}.{$key}", $i + 1, isShort: true),
                array_values($keys),
            );
            $rows[] = new Row(
                BenchWords::say('rows.made-panel', ['n' => $i + 1]),
                $fields('width', 'height', 'thickness'),
                $i < count($places) ? $at : null,
            );
            if ($i < count($places)) {
                $rows[] = new Row('', [
                    Field::of("{$at}.kind", $i + 1, isShort: true)->asList(),
                    ...$fields('count'),
                ]);
            }
        }

        return Group::named('made-panels', $rows);
    }

    /** @return list<Group> each old leaf by itself, with its holes, and an empty one to go on with */
    private static function oldLeaves(Setout $setout, Items $items): array
    {
        $list = self::AT.'.from';
        $places = $items->of($list);
        $groups = [];
        foreach ([...$places, $items->next($list)] as $i => $at) {
            $n = $i + 1;
            $isThere = $i < count($places);
            $field = fn (string $key, bool $isShort = false) => Field::of("{$at}.{$key}", $n, isShort: $isShort);
            $rows = [
                new Row(
                    BenchWords::say('rows.made-old', ['n' => $n]),
                    [$field('width', true), $field('height', true), $field('thickness', true)],
                    $isThere ? $at : null,
                ),
            ];
            if ($isThere) {
                array_push(
                    $rows,
                    Row::of($field('kind')),
                    Row::of($field('leaf')),
                    new Row(
                        BenchWords::say('rows.made-solid'),
                        [$field('stile', true), $field('top', true), $field('bottom', true)],
                    ),
                    ...[
                        ...$setout->document->get("{$at}.kind") === 'hollow'
                            ? [Row::of($field('skin')), Row::of($field('block'))]
                            : [],
                        Row::of(Field::of(EitherUnit::place($setout->write->unit, "{$at}.mass", 'kg'), $n)),
                        ...self::holes($setout, $items, $at),
                    ],
                );
            }
            $groups[] = Group::named($i === 0 ? 'made-from' : 'made-from-more', $rows);
        }

        return $groups;
    }

    /** @return list<Row> */
    private static function holes(Setout $setout, Items $items, string $leaf): array
    {
        $list = "{$leaf}.bores";
        $places = $items->of($list);
        $rows = [];
        foreach ([...$places, "{$list}[".count($places).']'] as $i => $at) {
            $fields = fn (string ...$keys) => array_map(
                fn (string $key) => Field::of("{$at}.{$key}", $i + 1, isShort: true),
                array_values($keys),
            );
            $isThere = $i < count($places);
            $edge = Field::of("{$at}.edge", $i + 1, isShort: true)->asList();
            $rows[] = new Row(
                BenchWords::say('rows.made-hole', ['n' => $i + 1]),
                [$edge, ...$fields('v')],
                $isThere ? $at : null,
            );
            if ($isThere) {
                $isInEdge = in_array($setout->document->get("{$at}.edge"), ['leading', 'trailing'], true);
                $rows[] = new Row('', $isInEdge ? $fields('height', 'width', 'depth') : $fields('u', 'diameter'));
            }
        }

        return $rows;
    }
}
