<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use Generator;
use YokeLine\Doorway\Obstacle;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Planning\Depth;

/** Everything that sweeps along the wall, leaf, front pull and hangers, against everything that stands in the room. */
final class InTheWay implements Check
{
    public function look(Sight $sight): iterable
    {
        $opening = $sight->plan->room->opening->span();
        $sweep = $sight->plan->layout->sweep();
        $swept = $sight->plan->room->obstacles === [] ? [] : iterator_to_array($this->swept($sight));
        foreach ($sight->plan->room->obstacles as $obstacle) {
            if (! $obstacle->x->overlaps($sweep) && ! $obstacle->x->overlaps($opening)) {
                continue;
            }
            $high = $obstacle->y->shifted($sight->plan->floor->at($obstacle->x->middle()));
            if (
                $obstacle->x->overlaps($opening) &&
                $obstacle->isOnWall() &&
                $high->low->isUnder($sight->plan->heights->head->total)
            ) {
                yield new Finding(
                    FindingCode::ObstacleInOpening,
                    Severity::Settle,
                    "{$obstacle->place}.x[0]",
                    ['obstacle' => $obstacle->called()],
                    [$sight->cure('leave-out', [$obstacle->place => null], ['obstacle' => $obstacle->called()])],
                );

                continue;
            }
            foreach ($swept as $what => [$x, $y, $z]) {
                if (
                    $obstacle->x->overlaps($x) &&
                    $high->overlaps($y) &&
                    $obstacle->z()->overlaps($z->widened(Depth::wanted()->minus(Length::mm(1))))
                ) {
                    yield $this->meets($sight, $obstacle, $what, $z);

                    break;
                }
            }
        }
    }

    /**
     * What moves, and the room it takes up. The back of the leaf against things on the wall is asked by LeafClears.
     *
     * @return Generator<string, array{Span, Span, Span}> x, y, z
     */
    private function swept(Sight $sight): Generator
    {
        $plan = $sight->plan;
        $sweep = $plan->layout->sweep();
        $front = $plan->outerDepth()->leafFront->total;
        $pull = $sight->brief->frontPull;
        yield 'leaf' => [
            $sweep,
            new Span($plan->heights->gap->low, $plan->heights->leafTop()),
            new Span($front, $front->plus($sight->kit->hanger->strapThickness, $sight->kit->hanger->boltHead)),
        ];
        if ($pull !== null && $pull->projection->isPositive()) {
            yield 'front-pull' => [
                $sweep,
                Span::from($sight->rules->pullHeight->minus($pull->height->half()), $pull->height),
                Span::from($front, $pull->projection),
            ];
        }
        $top = $plan->yokeLine()->plus($sight->kit->rail->height->half());
        yield 'hangers' => [
            $sweep,
            new Span($top, $top->plus($sight->kit->hanger->above)),
            new Span($plan->innerDepth()->rail->total, $front),
        ];
    }

    private function meets(Sight $sight, Obstacle $obstacle, string $what, Span $z): Finding
    {
        $room = $obstacle->standsOff->isOver($z->low)
            ? $obstacle->standsOff->minus($z->high)
            : $z->low->minus($obstacle->z()->high);

        return new Finding(
            FindingCode::ObstacleCollides,
            $room->isPositive() ? Severity::Settle : Severity::Stop,
            "{$obstacle->place}.x[0]",
            [
                'room' => $room,
                'what' => Message::word('moving', $what),
                'obstacle' => $obstacle->called(),
                'stands_off' => $obstacle->standsOff,
                'high' => $obstacle->z()->high,
                'low' => $z->low,
                'high2' => $z->high,
            ],
            [
                $sight->moveAway($obstacle),
                ...$what === 'front-pull'
                    ? [
                        $sight->cure('front-flush', [
                            'brief.pulls.front.kind' => 'flush',
                            'brief.pulls.front.projection' => Length::zero(),
                        ]),
                    ]
                    : [],
            ],
            how: $room->isPositive() ? 'near' : 'meets',
        );
    }
}
