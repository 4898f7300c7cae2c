<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;

/** Whether the numbers of a kit's sheet can be true together. */
final readonly class KitCheck
{
    /** A floor gap that most doors are hung with. */
    private const GAP_MM = 12;

    private function __construct(private Kit $kit, private LengthWriter $write) {}

    /** @return list<Finding> */
    public static function of(Kit $kit, LengthWriter $write): array
    {
        $check = new self($kit, $write);

        return array_values([
            ...$check->capacity(),
            ...$check->hanger(),
            ...$check->rail(),
            ...$check->guide(),
            ...$check->discs(),
            ...$check->bracket(),
        ]);
    }

    /** @return iterable<Finding> */
    private function capacity(): iterable
    {
        if ($this->kit->hangs === []) {
            yield new Finding(
                FindingCode::KitHangsNothing,
                Severity::Stop,
                'It hangs no door',
                'Say whether it is for one leaf, two that meet or two that pass.',
                'hang',
            );
        }
        if ($this->kit->capacityKg <= 0) {
            yield new Finding(
                FindingCode::KitCapacity,
                Severity::Stop,
                'How much does it carry?',
                'A kit without a capacity carries nothing.',
                'capacity_kg',
            );
        }
        if (! $this->kit->leafThickness->high->isPositive()) {
            yield new Finding(
                FindingCode::KitThickness,
                Severity::Stop,
                'How thick a leaf does it take?',
                '',
                'leaf_thickness[0]',
            );
        }
    }

    /** @return iterable<Finding> */
    private function hanger(): iterable
    {
        $kit = $this->kit;
        $gap = $kit->topGapAsMade();
        if ($gap->isUnder($kit->topGap->low) || $gap->isOver($kit->topGap->high)) {
            yield new Finding(
                FindingCode::KitRise,
                Severity::Settle,
                "Rise and rail leave a top gap of {$this->write->show($gap)}",
                "{$this->write->show($kit->topGap->low)} to {$this->write->show($kit->topGap->high)} is wanted: less rubs, more lets the leaf lift off. Is the height stated from another place on the rail?",
                'rise',
                ['top_gap' => $gap],
            );
        }
        $hole = $kit->hanger->holeToTread?->minus($kit->rise, $kit->rail->height->half());
        $least = Length::nm(intdiv($kit->hanger->holeDiameter->nm * 5, 2));
        if ($hole !== null && $hole->isUnder($least)) {
            yield new Finding(
                FindingCode::KitHole,
                $hole->isPositive() ? Severity::Settle : Severity::Stop,
                $hole->isPositive()
                    ? "The first hole is only {$this->write->show($hole)} below the leaf's top"
                    : 'The first hole misses the leaf',
                "Hole to tread less rise and half the rail; {$this->write->show($least)} of wood is wanted over it.",
                'hanger.hole_to_tread',
                ['hole' => $hole, 'least' => $least],
            );
        }
        if ($hole === null && $kit->hanger->style === HangerStyle::FaceStrap) {
            yield new Finding(
                FindingCode::KitHole,
                Severity::Settle,
                'Where are the holes of the strap?',
                'A face strap is bolted through the leaf: measure from its upper hole to where the wheel sits on the rail.',
                'hanger.hole_to_tread',
            );
        }
        if ($kit->hanger->inset->isUnder($kit->hanger->length()->half())) {
            yield new Finding(
                FindingCode::KitInset,
                Severity::Stop,
                'The hanger stands over the edge of the leaf',
                "Half of it is {$this->write->show($kit->hanger->length()->half())}, its inset {$this->write->show($kit->hanger->inset)}.",
                'hanger.inset',
            );
        }
    }

    /** @return iterable<Finding> */
    private function rail(): iterable
    {
        $rail = $this->kit->rail;
        $shortest = $rail->lengths[0];
        if (
            $rail->holesAt !== [] &&
            $rail->holesAt[count($rail->holesAt) - 1]->isOver($rail->lengths[count($rail->lengths) - 1])
        ) {
            yield new Finding(
                FindingCode::KitHoles,
                Severity::Stop,
                'A listed hole lies past the end of every rail',
                "The longest is {$this->write->show($rail->lengths[count($rail->lengths) - 1])}.",
                'rail.holes.at',
            );
        } elseif ($rail->holesAt === [] && $rail->firstHole->times(2)->isOver($shortest)) {
            yield new Finding(
                FindingCode::KitHoles,
                Severity::Stop,
                'The end holes pass each other on the shortest rail',
                "Twice {$this->write->show($rail->firstHole)} is more than {$this->write->show($shortest)}.",
                'rail.holes.first',
            );
        }
        if ($rail->firstHole->isOver($rail->firstFixingWithin)) {
            yield new Finding(
                FindingCode::KitEnds,
                Severity::Settle,
                'The first hole is further from the end than a fixing may be',
                "{$this->write->show($rail->firstHole)}, and {$this->write->show($rail->firstFixingWithin)} is allowed.",
                'rail.first_fixing_within',
            );
        }
        if ($rail->maxSpacing->isOver($rail->maxFixingSpacing)) {
            yield new Finding(
                FindingCode::KitSpacing,
                Severity::Settle,
                'Its holes are further apart than its fixings may be',
                "{$this->write->show($rail->maxSpacing)}, and {$this->write->show($rail->maxFixingSpacing)} is allowed.",
                'rail.holes.max_spacing',
            );
        }
        if (! $rail->height->isPositive() || ! $rail->thickness->isPositive()) {
            yield new Finding(
                FindingCode::KitRail,
                Severity::Stop,
                'How high and how thick is the rail?',
                '',
                'rail.height',
            );
        }
    }

    /** @return iterable<Finding> */
    private function guide(): iterable
    {
        $guide = $this->kit->guide;
        $gap = Length::mm(self::GAP_MM);
        $reach = $guide->style->needsGroove()
            ? $guide->bladeHeight
            : ($guide->style === GuideStyle::WallRoller
                ? null
                : $guide->cheek);
        if ($reach !== null && $reach->minus($gap)->isUnder($guide->minEngagement)) {
            yield new Finding(
                FindingCode::KitGuide,
                $reach->isOver($gap) ? Severity::Settle : Severity::Stop,
                $reach->isOver($gap)
                    ? 'The guide holds too little over a usual gap'
                    : 'The guide is no taller than a usual gap',
                "It is {$this->write->show($reach)} high; over a gap of {$this->write->show($gap)} it would hold {$this->write->show($reach->minus($gap)->orZeroIfNegative())}, and {$this->write->show($guide->minEngagement)} is wanted.",
                'guide.blade_height',
            );
        }
    }

    /** @return iterable<Finding> */
    private function discs(): iterable
    {
        $disc = $this->kit->jumpDisc;
        if ($disc !== null && ! $disc->gap->isUnder($this->kit->hanger->liftOn)) {
            yield new Finding(
                FindingCode::KitDisc,
                Severity::Stop,
                'The jump disc holds nothing down',
                "The leaf lifts off at {$this->write->show($this->kit->hanger->liftOn)}; the disc leaves {$this->write->show($disc->gap)}.",
                'jump_disc.gap',
            );
        }
    }

    /** @return iterable<Finding> */
    private function bracket(): iterable
    {
        $passes = array_filter($this->kit->hangs, fn ($hang) => $hang->rails() > 1) !== [];
        if ($passes && ($this->kit->bracket === null || $this->kit->trackPitch === null)) {
            yield new Finding(
                FindingCode::KitBracket,
                Severity::Stop,
                'Two rails want a bracket',
                'Say how far apart they are, and where the rows of bolt holes of the bracket lie above the yoke line.',
                'track_pitch',
            );
        }
    }
}
