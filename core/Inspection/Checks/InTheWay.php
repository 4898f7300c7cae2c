<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use Generator;
use YokeLine\Doorway\Obstacle;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Planning\Depth;

/** Everything that sweeps along the wall, leaf, front pull and hangers, against everything that stands in the room. */
final class InTheWay implements Check
{
    public function look(CheckContext $context): iterable
    {
        $opening = $context->plan->room->opening->span();
        $sweep = $context->plan->layout->sweep();
        $swept = $context->plan->room->obstacles === [] ? [] : iterator_to_array($this->swept($context));
        foreach ($context->plan->room->obstacles as $obstacle) {
            if (! $obstacle->x->overlaps($sweep) && ! $obstacle->x->overlaps($opening)) {
                continue;
            }
            $high = $obstacle->y->shifted($context->plan->floor->at($obstacle->x->middle()));
            if (
                $obstacle->x->overlaps($opening) &&
                $obstacle->isOnWall() &&
                $high->low->isUnder($context->plan->heights->head->total)
            ) {
                yield new Finding(
                    FindingCode::ObstacleInOpening,
                    Severity::Settle,
                    "{$obstacle->place}.x[0]",
                    ['obstacle' => $obstacle->called()],
                    [$context->cure('leave-out', [$obstacle->place => null], ['obstacle' => $obstacle->called()])],
                );

                continue;
            }
            foreach ($swept as $what => [$x, $y, $z]) {
                if (
                    $obstacle->x->overlaps($x) &&
                    $high->overlaps($y) &&
                    $obstacle->z()->overlaps($z->widened(Depth::wanted()->minus(Length::mm(1))))
                ) {
                    yield $this->meets($context, $obstacle, $what, $z);

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
    private function swept(CheckContext $context): Generator
    {
        $plan = $context->plan;
        $sweep = $plan->layout->sweep();
        $front = $plan->outerDepth()->leafFront->total;
        $pull = $context->brief->frontPull;
        yield 'leaf' => [
            $sweep,
            new Span($plan->heights->gap->low, $plan->heights->leafTop()),
            new Span($front, $front->plus($context->kit->hanger->strapThickness, $context->kit->hanger->boltHead)),
        ];
        if ($pull !== null && $pull->projection->isPositive()) {
            yield 'front-pull' => [
                $sweep,
                Span::from($context->rules->pullHeight->minus($pull->height->half()), $pull->height),
                Span::from($front, $pull->projection),
            ];
        }
        $top = $plan->yokeLine()->plus($context->kit->rail->height->half());
        yield 'hangers' => [
            $sweep,
            new Span($top, $top->plus($context->kit->hanger->above)),
            new Span($plan->innerDepth()->rail->total, $front),
        ];
    }

    private function meets(CheckContext $context, Obstacle $obstacle, string $what, Span $z): Finding
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
                $context->moveAway($obstacle),
                ...$what === 'front-pull'
                    ? [
                        $context->cure('front-flush', [
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
