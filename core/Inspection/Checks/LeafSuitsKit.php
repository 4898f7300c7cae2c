<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\MadeCures;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Planning\Hangers;

/** What the kit is made to carry: thickness and mass of the leaf. */
final class LeafSuitsKit implements Check
{
    public function look(CheckContext $context): iterable
    {
        $kit = $context->kit;
        $thickness = $context->plan->thickness;
        $range = $kit->leafThickness;
        if ($context->isShort($thickness, $range->low) || $context->isShort($range->high, $thickness)) {
            $nearest = $thickness->isUnder($range->low) ? $range->low : $range->high;
            yield new Finding(
                FindingCode::LeafThickness,
                Severity::Stop,
                'brief.leaf.thickness',
                ['thickness' => $thickness, 'least' => $range->low, 'greatest' => $range->high],
                [
                    ...$context->plan->making === null
                        ? [$context->cure('leaf-thick', ['brief.leaf.thickness' => $nearest])]
                        : MadeCures::toThickness($nearest, $context),
                    ...$context->otherKits(),
                ],
            );
        }
        $mass = $context->plan->mass;
        if ($mass->kg > $kit->capacityKg) {
            yield new Finding(
                FindingCode::LeafMass,
                Severity::Stop,
                'brief.leaf.mass_kg',
                [
                    'mass_kg' => Quantity::kilograms($mass->kg),
                    'capacity_kg' => Quantity::kilograms($kit->capacityKg),
                ],
                [
                    ...$mass->assumed
                        ? [$context->cure('leaf-hollow', ['brief.leaf.construction.kind' => 'hollow'])]
                        : [],
                    ...$context->otherKits(),
                ],
                how: $mass->assumed ? 'assumed' : 'known',
            );
        }
        yield from $this->wheels($context);
        if ($mass->kg <= $kit->capacityKg && $mass->assumed) {
            yield new Finding(FindingCode::MassAssumed, Severity::Note, 'brief.leaf.construction.kind', [
                'mass_kg' => Quantity::kilograms($mass->kg),
                'capacity_kg' => Quantity::kilograms($kit->capacityKg),
            ]);
        }
    }

    /** @return iterable<Finding> what each wheel carries, and what the worst one may: a stiff leaf rides on two */
    private function wheels(CheckContext $context): iterable
    {
        $kit = $context->kit;
        $wheel = $kit->wheel?->capacityKg;
        $count = $context->plan->hangers()->count;
        $hung = $context->plan->hungKg();
        if ($count > Hangers::FEWEST && $hung / 2 > Hangers::wheelKg($context->brief, $kit)) {
            yield new Finding(
                FindingCode::WheelWorst,
                Severity::Settle,
                'brief.rules.hangers',
                [
                    'wheel_kg' => Quantity::kilograms($hung / 2),
                    'capacity_kg' => Quantity::kilograms(Hangers::wheelKg($context->brief, $kit)),
                    'count' => $count,
                ],
                $context->otherKits(),
            );
        }
        // One of several that the kit comes with: another may carry it.
        $isChoice = $kit->choosesWheel();
        if ($wheel !== null && $hung / $count > $wheel) {
            yield new Finding(
                $isChoice ? FindingCode::WheelOverloaded : FindingCode::OverCapacity,
                Severity::Stop,
                $isChoice ? 'brief.rules.wheels' : 'brief.kit',
                [
                    'wheel_kg' => Quantity::kilograms($hung / $count),
                    'capacity_kg' => Quantity::kilograms($wheel),
                    'material' => Message::word('wheels', $kit->wheel->material),
                ],
                [
                    ...$isChoice ? [$context->cure('wheels-steel', ['brief.rules.wheels' => 'steel'])] : [],
                    ...array_map(
                        fn (int $more) => $context->cure(
                            'hangers-more',
                            ['brief.rules.hangers' => (string) $more],
                            ['to' => $more],
                        ),
                        $count < Hangers::MOST ? range($count + 1, Hangers::MOST) : [],
                    ),
                    ...$context->otherKits(),
                ],
            );
        }
    }
}
