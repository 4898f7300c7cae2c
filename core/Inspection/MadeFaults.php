<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Making\Fault;
use YokeLine\Making\LeafMade;
use YokeLine\Making\Making;
use YokeLine\Measure\Length;
use YokeLine\Planning\Hangers;
use YokeLine\Planning\Plan;
use YokeLine\Planning\Tolerance;
use YokeLine\Stock\MadeCut;

/** All that is found of a leaf as it is made: of its making, its stock, its thickness and its mass. */
final readonly class MadeFaults
{
    private const ASKED_NM = 500_000;

    private function __construct(private Plan $plan, private Making $making) {}

    /** @return list<Fault> of how it is built, not of what the kit carries, which is asked of every leaf */
    public static function ofBuilding(Plan $plan, Making $making, LeafMade $leaf): array
    {
        $self = new self($plan, $making);

        return [...$making->faultsOf($leaf), ...$self->asked($leaf), ...$self->tooLong($leaf)];
    }

    /**
     * @param  string  $name  of the leaf
     * @return list<Fault>
     */
    public static function all(Plan $plan, Making $making, LeafMade $leaf, string $name): array
    {
        $self = new self($plan, $making);

        return [
            ...self::ofBuilding($plan, $making, $leaf),
            ...$self->thickness($leaf),
            ...$self->mass($leaf, $plan->hungKgOf($name)),
        ];
    }

    /** How many are built alike. */
    public static function alike(Plan $plan, Making $making): int
    {
        return $making->other === null ? count($plan->layout->runs) : 1;
    }

    /** @return list<Fault> it comes out otherwise than the brief says */
    private function asked(LeafMade $leaf): array
    {
        $asked = $this->plan->thickness;
        $made = $this->making->packedTo();

        return $leaf === $this->making->leaf && $made->minus($asked)->absolute()->isOver(Length::nm(self::ASKED_NM + 1))
            ? [Fault::settle('made-thickness', '', ['thickness' => $made, 'asked' => $asked])]
            : [];
    }

    /** @return list<Fault> */
    private function tooLong(LeafMade $leaf): array
    {
        $faults = [];
        foreach (MadeCut::of($leaf, self::alike($this->plan, $this->making)) as $cut) {
            $tooLong = $cut->tooLong();
            if ($tooLong !== null) {
                $faults[] = Fault::stop('piece-long', 'stock', [
                    'length' => $tooLong,
                    'longest' => Length::greatest(...MadeCut::stock($leaf)),
                ]);
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function thickness(LeafMade $leaf): array
    {
        $kit = $this->plan->kit->leafThickness;
        $tape = Tolerance::tape();

        return $leaf->thickness->isUnder($kit->low->minus($tape)) || $leaf->thickness->isOver($kit->high->plus($tape))
            ? [
                Fault::stop('leaf-thickness', '', [
                    'thickness' => $leaf->thickness,
                    'least' => $kit->low,
                    'greatest' => $kit->high,
                ]),
            ]
            : [];
    }

    /** @return list<Fault> */
    private function mass(LeafMade $leaf, float $hung): array
    {
        $kit = $this->plan->kit;
        $wheel = Hangers::wheelKg($this->plan->doorway->brief, $kit);
        $each = $hung / $this->plan->hangers()->count;
        $mass = $hung - $this->plan->doorway->brief->leaf->hardwareKg;

        return [
            ...$hung / 2 > $wheel + 1e-6
                ? [Fault::settle('wheel-worst', '', ['wheel_kg' => $hung / 2, 'capacity_kg' => $wheel])]
                : [],
            ...$each > $wheel + 1e-6
                ? [Fault::stop('wheel-over', '', ['wheel_kg' => $each, 'capacity_kg' => $wheel])]
                : [],
            ...$mass > $kit->capacityKg + 1e-6
                ? [Fault::stop('leaf-mass', '', ['mass_kg' => $mass, 'capacity_kg' => $kit->capacityKg])]
                : [],
        ];
    }
}
