<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\MadeCures;
use YokeLine\Inspection\MadeFaults;
use YokeLine\Inspection\Severity;
use YokeLine\Making\Fault;
use YokeLine\Making\Making;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Span;
use YokeLine\Planning\PlannedLeaf;

/** A leaf that is built: its wood, its parts, where it is solid, what it is built from. */
final class MadeLeaf implements Check
{
    private const AT = 'brief.leaf.made';

    public function look(CheckContext $context): iterable
    {
        $making = $context->plan->making;
        if ($making === null) {
            if ($context->plan->noRoomAt !== null) {
                yield new Finding(FindingCode::MadeNoRoom, Severity::Stop, self::AT.".{$context->plan->noRoomAt}");
            }

            return;
        }
        yield from $context->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->found($context, $making, $leaf->name));
    }

    /** @return iterable<Finding> */
    private function found(CheckContext $context, Making $making, string $name): iterable
    {
        $made = $context->plan->madeLeaf($name) ?? $making->leaf;
        foreach (MadeFaults::ofBuilding($context->plan, $making, $made) as $fault) {
            yield new Finding(
                FindingCode::from($fault->code),
                Severity::from($fault->severity),
                $fault->where === '' ? 'brief.leaf.thickness' : self::AT.".{$fault->where}",
                self::said($fault),
                $context->cures(fn () => MadeCures::of($fault, $context, $made)),
                how: match ($fault->code) {
                    'hanger-solid', 'hole-not-solid' => 'made',
                    'hole-in-joint' => isset($fault->numbers['clear']) ? 'clear' : 'narrow',
                    default => '',
                },
            );
        }
    }

    /** @return array<string, Length|Quantity|Message|float|int|string> what it is said with: a span as its two ends */
    private static function said(Fault $fault): array
    {
        $said = [];
        foreach ($fault->numbers as $name => $number) {
            if ($number instanceof Span) {
                $said["{$name}_from"] = $number->low;
                $said["{$name}_to"] = $number->high;
            } else {
                $said[$name] = match ($name) {
                    'what' => Message::word('made-wants', (string) (is_string($number) ? $number : '')),
                    'm2' => Quantity::squareMetres(is_float($number) ? $number : 0.0),
                    'from' => is_int($number) ? $number + 1 : $number,
                    'angle', 'moisture' => is_float($number) ? round($number, 1) : $number,
                    default => $number,
                };
            }
        }

        return $said;
    }
}
