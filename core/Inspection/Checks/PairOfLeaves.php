<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\PullKind;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\Heights;

/** What two leaves do to each other: stops in the middle, room between backs, overlap, brackets. */
final class PairOfLeaves implements Check
{
    private const BETWEEN_MM = 8;

    public function look(Sight $sight): iterable
    {
        yield from $this->centreStops($sight);
        yield from $this->betweenLeaves($sight);
        yield from $this->midOverlap($sight);
        yield from $this->brackets($sight);
    }

    /** @return iterable<Finding> */
    private function centreStops(Sight $sight): iterable
    {
        $space = $sight->plan->layout->centreStopSpace();
        $wanted = $sight->kit->stop->body->times(2);
        if ($space === null || ! $sight->isShort($space, $wanted)) {
            return;
        }
        $inset = $sight->plan->layout->hangerInset()->plus($sight->up($wanted->minus($space)->half()));
        yield new Finding(
            FindingCode::CentreStops,
            $space->isPositive() ? Severity::Settle : Severity::Stop,
            'brief.rules.hanger_inset',
            ['space' => $space, 'wanted' => $wanted],
            [$sight->cure('hangers-in', ['brief.rules.hanger_inset' => $inset]), ...$sight->otherKits()],
            how: $space->isPositive() ? 'little' : 'none',
        );
    }

    /** @return iterable<Finding> */
    private function betweenLeaves(Sight $sight): iterable
    {
        $between = $sight->plan->betweenLeaves()?->total;
        if ($between === null) {
            return;
        }
        $wanted = Length::mm(self::BETWEEN_MM);
        if ($sight->isShort($between, $wanted)) {
            $thin = $sight->plan->thickness->minus($sight->up($wanted->minus($between)));
            yield new Finding(
                FindingCode::BetweenLeaves,
                $between->isPositive() ? Severity::Settle : Severity::Stop,
                'brief.leaf.thickness',
                ['between' => $between, 'wanted' => $wanted],
                [$sight->cure('leaves-thick', ['brief.leaf.thickness' => $thin])],
            );
        }
        $pull = $sight->brief->frontPull;
        if ($pull !== null && $pull->kind !== PullKind::Flush) {
            yield new Finding(
                FindingCode::RearPull,
                Severity::Settle,
                'brief.pulls.front.kind',
                [],
                [
                    $sight->cure('pulls-flush', [
                        'brief.pulls.front.kind' => 'flush',
                        'brief.pulls.front.projection' => Length::zero(),
                    ]),
                ],
            );
        }
    }

    /** @return iterable<Finding> */
    private function midOverlap(Sight $sight): iterable
    {
        $overlap = $sight->plan->layout->midOverlap?->total;
        $wanted = $sight->rules->midOverlap ?? $sight->kit->guide->length->plus($sight->rules->guideMargin->times(2));
        if ($overlap !== null && $sight->isShort($overlap, $wanted)) {
            $short = $wanted->minus($overlap);
            yield new Finding(
                FindingCode::MidOverlap,
                $overlap->isPositive() ? Severity::Settle : Severity::Stop,
                'brief.leaf.width',
                ['overlap' => $overlap, 'wanted' => $wanted],
                [
                    ...$sight->widerLeaf($sight->plan->layout->width->needed->total),
                    $sight->cure('width-auto', ['brief.leaf.width' => 'auto']),
                ],
            );
        }
    }

    /** @return iterable<Finding> */
    private function brackets(Sight $sight): iterable
    {
        $bracket = $sight->kit->bracket;
        $header = $sight->plan->header;
        if ($bracket === null || $header === null) {
            return;
        }
        $yoke = $sight->plan->yokeLine();
        $edges = array_map(
            fn (Length $row) => Length::least(
                $yoke->plus($row)->minus($header->foot->total),
                $header->top->total->minus($yoke, $row),
            ),
            $bracket->rows,
        );
        $edge = Length::least(...$edges);
        if ($sight->isShort($edge, Heights::bracketEdge())) {
            $over = $yoke->plus($bracket->highestRow(), Heights::bracketEdge())->minus($header->foot->total);
            $wider = $sight->up(Length::greatest($over, $sight->brief->header->width));
            yield new Finding(
                FindingCode::BracketOffBoard,
                Severity::Stop,
                'brief.header.width',
                ['edge' => $edge, 'least' => Heights::bracketEdge(), 'highest_row' => $bracket->highestRow()],
                [
                    ...$sight->boardWide($wider),
                    ...$sight->boardWide($wider, 'rail-low-wide', ['brief.header.align' => 'rail-low']),
                    ...$sight->boardWide(
                        $bracket->highestRow()->plus(Heights::bracketEdge())->times(2),
                        'board-wide-centred',
                        ['brief.header.align' => 'centred'],
                    ),
                ],
            );
        }
    }
}
