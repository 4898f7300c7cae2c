<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** What the kit is made to carry: thickness and mass of the leaf. */
final class LeafSuitsKit implements Check
{
    public function look(Sight $sight): iterable
    {
        $kit = $sight->kit;
        $thickness = $sight->plan->thickness;
        $range = $kit->leafThickness;
        if ($sight->isShort($thickness, $range->low) || $sight->isShort($range->high, $thickness)) {
            $nearest = $thickness->isUnder($range->low) ? $range->low : $range->high;
            yield new Finding(
                FindingCode::LeafThickness,
                Severity::Stop,
                "A leaf {$sight->say($thickness)} thick does not suit this kit",
                "It takes {$sight->say($range->low)} to {$sight->say($range->high)}.",
                'brief.leaf.thickness',
                ['thickness' => $thickness, 'least' => $range->low, 'greatest' => $range->high],
                [
                    $sight->cure("Leaf {$sight->say($nearest)} thick", ['brief.leaf.thickness' => $nearest]),
                    ...$sight->otherKits(),
                ],
            );
        }
        $mass = $sight->plan->mass;
        $kg = round($mass->kg, 1);
        if ($mass->kg > $kit->capacityKg) {
            yield new Finding(
                FindingCode::LeafMass,
                Severity::Stop,
                "The leaf weighs {$kg} kg",
                'The kit carries '.
                    round($kit->capacityKg, 1).
                    ' kg. '.
                    ($mass->assumed ? 'Solid softwood is assumed; say what it is made of, or weigh it.' : ''),
                'brief.leaf.mass_kg',
                ['mass_kg' => $mass->kg, 'capacity_kg' => $kit->capacityKg],
                [
                    ...$mass->assumed
                        ? [$sight->cure('It is a hollow leaf', ['brief.leaf.construction.kind' => 'hollow'])]
                        : [],
                    ...$sight->otherKits(),
                ],
            );
        }
        $wheel = $kit->wheel?->capacityKg;
        $hung = ($mass->kg + $sight->brief->leaf->hardwareKg) / 2;
        if ($wheel !== null && $hung > $wheel) {
            yield new Finding(
                FindingCode::OverCapacity,
                Severity::Stop,
                sprintf('Each wheel would carry %.1f kg', $hung),
                "A {$kit->wheel->material} wheel of this kit takes ".round($wheel, 1).' kg.',
                'brief.kit',
                ['wheel_kg' => $hung, 'capacity_kg' => $wheel],
                $sight->otherKits(),
            );
        }
        if ($mass->kg <= $kit->capacityKg && $mass->assumed) {
            yield new Finding(
                FindingCode::MassAssumed,
                Severity::Note,
                "About {$kg} kg if it is solid softwood",
                'Say what the leaf is made of, or weigh it. The kit carries '.round($kit->capacityKg, 1).' kg.',
                'brief.leaf.construction.kind',
                ['mass_kg' => $mass->kg],
            );
        }
    }
}
