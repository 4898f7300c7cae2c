<?php

declare(strict_types=1);

namespace App\Bench\Stations;

use App\Bench\EitherUnit;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Items;
use App\Bench\Offer;
use App\Bench\Row;
use App\Kits\LooseParts;
use App\Words\BenchWords;
use App\Words\Speaker;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\LiningKind;
use YokeLine\Doorway\LooseKind;
use YokeLine\Holding\Alternative;
use YokeLine\Holding\Alternatives;
use YokeLine\Holding\Wood;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Setout;

/** What holds the rail: studs, backing, woods, and where the rail lies in its slack. */
final class AnchorsStation
{
    /** @return list<Group> */
    public static function groups(Setout $setout, int $doorway, Items $items): array
    {
        $plan = $setout->plan;
        $brief = $setout->doorway->brief;
        $speak = Speaker::in($setout->write);
        $woods = ['' => BenchWords::say('not-said')];
        foreach (Wood::names() as $wood) {
            $woods[$wood] = $speak->say(Message::word('woods', $wood));
        }
        $wood = fn (string $place) => Row::of(Field::of($place, grey: '', options: $woods)->asList());
        $masonry = $brief->backing === Backing::Masonry || $setout->doorway->survey->isMasonry();

        return [
            Group::named(
                'carries',
                [
                    Row::of(Field::of('brief.backing')),
                    Row::of(Field::of('brief.rules.rail_left', grey: $plan?->rail->span->low)),
                    ...$brief->backing->isHeader()
                        ? [
                            Row::named(
                                'board',
                                Field::of('brief.header.width', isShort: true),
                                Field::of('brief.header.thickness', isShort: true),
                            ),
                            Row::of(Field::of('brief.header.lengths')),
                        ]
                        : [],
                    Row::of(Field::of('brief.rules.washers')),
                    Row::of(Field::of('brief.rules.load_factor')),
                ],
                note: $plan === null ? '' : BenchWords::note('anchors'),
            ),
            ...$plan === null
                ? []
                : [
                    Group::named(
                        'alternatives',
                        [],
                        array_map(
                            fn (Alternative $other) => new Offer(
                                BenchWords::say('offers.'.($other->holds ? 'holds' : 'does-not-hold'), [
                                    'what' => $speak->say($other->says()),
                                    'costs' => ucfirst($speak->say($other->costs())),
                                ]),
                                $other->backing === null ? [] : ['brief.backing' => $other->backing->value],
                            ),
                            Alternatives::of($plan),
                        ),
                    ),
                ],
            Group::named('wood', [
                $wood('survey.wood'),
                ...$setout->doorway->survey->lining?->kind === LiningKind::Plank
                    ? [$wood('survey.wall.lining.wood')]
                    : [],
                ...$brief->backing->isHeader() ? [$wood('brief.header.wood')] : [],
            ]),
            ...$masonry
                ? [
                    Group::named('anchor', [
                        Row::of(Field::of('brief.anchor.kind')),
                        Row::named(
                            'size',
                            Field::of('brief.anchor.diameter', isShort: true),
                            Field::of('brief.anchor.embedment', isShort: true),
                        ),
                        Row::of(EitherUnit::field($setout->write->unit, 'brief.anchor.tension', 'N')),
                        Row::of(EitherUnit::field($setout->write->unit, 'brief.anchor.shear', 'N')),
                    ], LooseParts::offers(LooseKind::Anchor, 'brief.anchor', $setout->doorway->units)),
                ]
                : [],
            Group::named(
                'solids',
                self::solids($items),
                [new Offer(BenchWords::say('offers.lintel'), self::lintel($setout, $items->next('survey.solids')))],
                ['sweep' => "/doorways/{$doorway}/wall/studs"],
            ),
        ];
    }

    /** @return list<Row> */
    private static function solids(Items $items): array
    {
        $rows = [];
        foreach ($items->of('survey.solids') as $i => $at) {
            $rows[] = new Row(BenchWords::say('rows.solid', ['n' => $i + 1]), WallStation::box($at, $i + 1), $at);
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

        return [
            $place => [
                'kind' => 'lintel',
                'x' => [$exact->exact($over->low), $exact->exact($over->high)],
                'y' => [$exact->exact($head), $exact->exact($head->plus(Length::mm(200)))],
            ],
        ];
    }
}
