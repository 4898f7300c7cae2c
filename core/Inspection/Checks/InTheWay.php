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
use YokeLine\Measure\Span;

/** Everything that sweeps along the wall, leaf, front pull and hangers, against everything that stands in the room. */
final class InTheWay implements Check
{
    private const WANTED_MM = 6;

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
                    ucfirst($obstacle->name).' would stand inside the opening',
                    'Things on the wall are measured from the same zero as the jambs; is its place right?',
                    "{$obstacle->place}.x[0]",
                    [],
                    [$sight->cure("Leave the {$obstacle->name} out", [$obstacle->place => null])],
                );

                continue;
            }
            foreach ($swept as $what => [$x, $y, $z]) {
                if (
                    $obstacle->x->overlaps($x) &&
                    $high->overlaps($y) &&
                    $obstacle->z()->overlaps($z->widened(Length::mm(self::WANTED_MM - 1)))
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
        yield 'the leaf' => [
            $sweep,
            new Span($plan->heights->gap->low, $plan->heights->leafTop()),
            new Span($front, $front->plus($sight->kit->hanger->strapThickness, $sight->kit->hanger->boltHead)),
        ];
        if ($pull !== null && $pull->projection->isPositive()) {
            yield 'the front pull' => [
                $sweep,
                Span::from($sight->rules->pullHeight->minus($pull->height->half()), $pull->height),
                Span::from($front, $pull->projection),
            ];
        }
        $top = $plan->yokeLine()->plus($sight->kit->rail->height->half());
        yield 'the hangers' => [
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
            $room->isPositive()
                ? ucfirst($what)." passes {$obstacle->name} by only {$sight->say($room)}"
                : ucfirst($what)." meets {$obstacle->name}",
            "It stands {$sight->say($obstacle->standsOff)} to {$sight->say($obstacle->z()->high)} from the wall; {$what} sweeps {$sight->say($z->low)} to {$sight->say($z->high)}.",
            "{$obstacle->place}.x[0]",
            ['room' => $room],
            [
                $sight->moveAway($obstacle),
                ...$what === 'the front pull'
                    ? [
                        $sight->cure('A flush front pull', [
                            'brief.pulls.front.kind' => 'flush',
                            'brief.pulls.front.projection' => Length::zero(),
                        ]),
                    ]
                    : [],
            ],
        );
    }
}
