<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\PullKind;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planning\Heights;

/** What two leaves do to each other: stops in the middle, room between backs, overlap, brackets. */
final class PairOfLeaves implements Check
{
    private const BETWEEN_MM = 8;

    public function look(CheckContext $context): iterable
    {
        yield from $this->centreStops($context);
        yield from $this->betweenLeaves($context);
        yield from $this->midOverlap($context);
        yield from $this->brackets($context);
    }

    /** @return iterable<Finding> */
    private function centreStops(CheckContext $context): iterable
    {
        $space = $context->plan->layout->centreStopSpace();
        $wanted = $context->kit->stop->body->times(2);
        if ($space === null || ! $context->isShort($space, $wanted)) {
            return;
        }
        $inset = $context->plan->layout->hangerInset()->plus($context->up($wanted->minus($space)->half()));
        yield new Finding(
            FindingCode::CentreStops,
            $space->isPositive() ? Severity::Settle : Severity::Stop,
            'brief.rules.hanger_inset',
            ['space' => $space, 'wanted' => $wanted],
            [$context->cure('hangers-in', ['brief.rules.hanger_inset' => $inset]), ...$context->otherKits()],
            how: $space->isPositive() ? 'little' : 'none',
        );
    }

    /** @return iterable<Finding> */
    private function betweenLeaves(CheckContext $context): iterable
    {
        $between = $context->plan->betweenLeaves()?->total;
        if ($between === null) {
            return;
        }
        $wanted = Length::mm(self::BETWEEN_MM);
        if ($context->isShort($between, $wanted)) {
            $thin = $context->plan->thickness->minus($context->up($wanted->minus($between)));
            yield new Finding(
                FindingCode::BetweenLeaves,
                $between->isPositive() ? Severity::Settle : Severity::Stop,
                'brief.leaf.thickness',
                ['between' => $between, 'wanted' => $wanted],
                [$context->cure('leaves-thick', ['brief.leaf.thickness' => $thin])],
            );
        }
        $pull = $context->brief->frontPull;
        if ($pull !== null && $pull->kind !== PullKind::Flush) {
            yield new Finding(
                FindingCode::RearPull,
                Severity::Settle,
                'brief.pulls.front.kind',
                [],
                [
                    $context->cure('pulls-flush', [
                        'brief.pulls.front.kind' => 'flush',
                        'brief.pulls.front.projection' => Length::zero(),
                    ]),
                ],
            );
        }
    }

    /** @return iterable<Finding> */
    private function midOverlap(CheckContext $context): iterable
    {
        $overlap = $context->plan->layout->midOverlap?->total;
        $wanted = $context->rules->midOverlapOver($context->kit->guide->length);
        if ($overlap !== null && $context->isShort($overlap, $wanted)) {
            $short = $wanted->minus($overlap);
            yield new Finding(
                FindingCode::MidOverlap,
                $overlap->isPositive() ? Severity::Settle : Severity::Stop,
                'brief.leaf.width',
                ['overlap' => $overlap, 'wanted' => $wanted],
                [
                    ...$context->widerLeaf($context->plan->layout->width->needed->total),
                    $context->cure('width-auto', ['brief.leaf.width' => 'auto']),
                ],
            );
        }
    }

    /** @return iterable<Finding> */
    private function brackets(CheckContext $context): iterable
    {
        $bracket = $context->kit->bracket;
        $header = $context->plan->header;
        if ($bracket === null || $header === null) {
            return;
        }
        $yoke = $context->plan->yokeLine();
        $edges = array_map(
            fn (Length $row) => Length::least(
                $yoke->plus($row)->minus($header->foot->total),
                $header->top->total->minus($yoke, $row),
            ),
            $bracket->rows,
        );
        $edge = Length::least(...$edges);
        if ($context->isShort($edge, Heights::bracketEdge())) {
            $over = $yoke->plus($bracket->highestRow(), Heights::bracketEdge())->minus($header->foot->total);
            $wider = $context->up(Length::greatest($over, $context->brief->header->width));
            yield new Finding(
                FindingCode::BracketOffBoard,
                Severity::Stop,
                'brief.header.width',
                ['edge' => $edge, 'least' => Heights::bracketEdge(), 'highest_row' => $bracket->highestRow()],
                [
                    ...$context->boardWide($wider),
                    ...$context->boardWide($wider, 'rail-low-wide', ['brief.header.align' => 'rail-low']),
                    ...$context->boardWide(
                        $bracket->highestRow()->plus(Heights::bracketEdge())->times(2),
                        'board-wide-centred',
                        ['brief.header.align' => 'centred'],
                    ),
                ],
            );
        }
    }
}
