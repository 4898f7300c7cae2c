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
            $space->isPositive()
                ? "Two stops do not fit in the middle: {$sight->say($space)}"
                : 'No room for a stop in the middle',
            "Two bodies take {$sight->say($wanted)}.".
                ($space->isPositive() ? " One double-faced stop {$sight->say($space)} wide does." : ''),
            'brief.rules.hanger_inset',
            ['space' => $space, 'wanted' => $wanted],
            [
                $sight->cure("Hangers {$sight->say($inset)} in from the edge", ['brief.rules.hanger_inset' => $inset]),
                ...$sight->otherKits(),
            ],
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
                "Only {$sight->say($between)} between the leaves",
                "The rear leaf's straps and bolt heads run there; {$sight->say($wanted)} is wanted.",
                'brief.leaf.thickness',
                ['between' => $between],
                [$sight->cure("Leaves {$sight->say($thin)} thick", ['brief.leaf.thickness' => $thin])],
            );
        }
        $pull = $sight->brief->frontPull;
        if ($pull !== null && $pull->kind !== PullKind::Flush) {
            yield new Finding(
                FindingCode::RearPull,
                Severity::Settle,
                'The rear leaf takes only a flush pull',
                'The front leaf runs past its face.',
                'brief.pulls.front.kind',
                [],
                [
                    $sight->cure('Flush pulls on both', [
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
                "The leaves overlap by {$sight->say($overlap)}",
                "{$sight->say($wanted)} is wanted in the middle.",
                'brief.leaf.width',
                ['overlap' => $overlap, 'wanted' => $wanted],
                [
                    ...$sight->widerLeaf($sight->plan->layout->width->needed->total),
                    $sight->cure('Work the width out', ['brief.leaf.width' => 'auto']),
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
                "A row of bracket bolts is {$sight->say($edge)} from the edge of the board",
                "{$sight->say(Heights::bracketEdge())} is the least; its highest row is {$sight->say($bracket->highestRow())} above the yoke line.",
                'brief.header.width',
                ['edge' => $edge],
                [
                    $sight->cure("Header {$sight->say($wider)} wide", ['brief.header.width' => $wider]),
                    $sight->cure("Rail low on a header {$sight->say($wider)} wide", [
                        'brief.header.align' => 'rail-low',
                        'brief.header.width' => $wider,
                    ]),
                    $sight->cure('A header wide enough, rail in the middle', [
                        'brief.header.align' => 'centred',
                        'brief.header.width' => $sight->up(
                            $bracket->highestRow()->plus(Heights::bracketEdge())->times(2),
                        ),
                    ]),
                ],
            );
        }
    }
}
