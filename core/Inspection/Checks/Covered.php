<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Opens;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;

/** What disappears behind the leaf, shut or open. */
final class Covered implements Check
{
    /** What one must get at, or what must breathe; a socket can wait behind a leaf. */
    private const MATTERS = ['switch', 'vent', 'thermostat', 'radiator', 'alarm', 'panel'];

    private const BREATHES = ['radiator', 'vent'];

    private const NOTED = ['socket', 'outlet'];

    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $high = new Span($plan->heights->gap->low, $plan->heights->leafTop());
        foreach ($plan->room->obstacles as $obstacle) {
            $kind = strtolower($obstacle->kind);
            $matters = in_array($kind, self::MATTERS, true);
            if (! $obstacle->isOnWall() || ! ($matters || in_array($kind, self::NOTED, true))) {
                continue;
            }
            [$shut, $open] = $this->when($context, $obstacle->x);
            if (($shut || $open) && $obstacle->y->shifted($plan->floor->at($obstacle->x->middle()))->overlaps($high)) {
                yield new Finding(
                    $matters ? FindingCode::Covered : FindingCode::CoveredSocket,
                    $matters ? Severity::Settle : Severity::Note,
                    "{$obstacle->place}.x[0]",
                    [
                        'from' => $obstacle->x->low,
                        'to' => $obstacle->x->high,
                        'what' => $obstacle->called(),
                        'when' => Message::word('when', $shut && $open ? 'always' : ($shut ? 'shut' : 'open')),
                    ],
                    [$context->moveAway($obstacle), ...$this->otherSides($context, $obstacle->x, $open)],
                    how: in_array($kind, self::BREATHES, true) ? 'breathes' : 'reached',
                );
            }
        }
    }

    /** @return array{bool, bool} whether a leaf covers it shut, and open */
    private function when(CheckContext $context, Span $x): array
    {
        $shut = $open = false;
        foreach ($context->plan->layout->runs as $run) {
            $shut = $shut || $run->closed()->overlaps($x);
            $open = $open || $run->open()->overlaps($x);
        }

        return [$shut, $open];
    }

    /** @return list<\YokeLine\Inspection\Cure> */
    private function otherSides(CheckContext $context, Span $x, bool $open): array
    {
        $run = $context->plan->onlyLeaf()?->run;
        if (! $open || $run === null) {
            return [];
        }
        $other = $run->direction === 1 ? Opens::Left : Opens::Right;
        $past = $run->direction === 1 ? $run->open()->high->minus($x->low) : $x->high->minus($run->open()->low);
        $park = $context->rules->park->minus($context->up($past));

        $isNear = $context->up($past)->isUnder(Length::mm(150));

        return [$context->openTo($other), ...$isNear ? [$context->park($park)] : []];
    }
}
