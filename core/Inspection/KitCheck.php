<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\RailPart;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** Whether the numbers of a kit's sheet can be true together. */
final readonly class KitCheck
{
    /** A floor gap that most doors are hung with. */
    private const GAP_MM = 12;

    private function __construct(private Kit $kit) {}

    /** @return list<Finding> */
    public static function of(Kit $kit): array
    {
        $check = new self($kit);

        return array_values([
            ...$check->capacity(),
            ...$check->hanger(),
            ...$check->rail(),
            ...$check->guide(),
            ...$check->discs(),
            ...$check->bracket(),
            ...$check->pieces(),
        ]);
    }

    /** @return iterable<Finding> */
    private function capacity(): iterable
    {
        if ($this->kit->hangs === []) {
            yield new Finding(FindingCode::KitHangsNothing, Severity::Stop, 'hang');
        }
        if ($this->kit->capacityKg <= 0) {
            yield new Finding(FindingCode::KitCapacity, Severity::Stop, 'capacity_kg');
        }
        if (! $this->kit->leafThickness->high->isPositive()) {
            yield new Finding(FindingCode::KitThickness, Severity::Stop, 'leaf_thickness[0]');
        }
    }

    /** @return iterable<Finding> */
    private function hanger(): iterable
    {
        $kit = $this->kit;
        $gap = $kit->topGapAsMade();
        if ($gap->isUnder($kit->topGap->low) || $gap->isOver($kit->topGap->high)) {
            yield new Finding(FindingCode::KitRise, Severity::Settle, 'rise', [
                'top_gap' => $gap,
                'low' => $kit->topGap->low,
                'high' => $kit->topGap->high,
            ]);
        }
        $hole = $kit->hanger->holeToTread?->minus($kit->rise, $kit->rail->height->half());
        $least = Length::nm(intdiv($kit->hanger->holeDiameter->nm * 5, 2));
        if ($hole !== null && $hole->isUnder($least)) {
            yield new Finding(
                FindingCode::KitHole,
                $hole->isPositive() ? Severity::Settle : Severity::Stop,
                'hanger.hole_to_tread',
                ['hole' => $hole, 'least' => $least],
                how: $hole->isPositive() ? 'high' : 'misses',
            );
        }
        if ($hole === null && $kit->hanger->style === HangerStyle::FaceStrap) {
            yield new Finding(FindingCode::KitHole, Severity::Settle, 'hanger.hole_to_tread', how: 'unknown');
        }
        if ($kit->hanger->inset->isUnder($kit->hanger->length()->half())) {
            yield new Finding(FindingCode::KitInset, Severity::Stop, 'hanger.inset', [
                'half' => $kit->hanger->length()->half(),
                'inset' => $kit->hanger->inset,
            ]);
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
                'rail.holes.at',
                [
                    'longest' => $rail->lengths[count($rail->lengths) - 1],
                ],
                how: 'listed',
            );
        } elseif ($rail->holesAt === [] && $rail->firstHole->times(2)->isOver($shortest)) {
            yield new Finding(
                FindingCode::KitHoles,
                Severity::Stop,
                'rail.holes.first',
                [
                    'first_hole' => $rail->firstHole,
                    'shortest' => $shortest,
                ],
                how: 'ends',
            );
        }
        if ($rail->firstHole->isOver($rail->firstFixingWithin)) {
            yield new Finding(FindingCode::KitEnds, Severity::Settle, 'rail.first_fixing_within', [
                'first_hole' => $rail->firstHole,
                'first_fixing_within' => $rail->firstFixingWithin,
            ]);
        }
        if ($rail->maxSpacing->isOver($rail->maxFixingSpacing)) {
            yield new Finding(FindingCode::KitSpacing, Severity::Settle, 'rail.holes.max_spacing', [
                'max_spacing' => $rail->maxSpacing,
                'max_fixing_spacing' => $rail->maxFixingSpacing,
            ]);
        }
        if (! $rail->height->isPositive() || ! $rail->thickness->isPositive()) {
            yield new Finding(FindingCode::KitRail, Severity::Stop, 'rail.height');
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
                'guide.blade_height',
                [
                    'reach' => $reach,
                    'gap' => $gap,
                    'hold' => $reach->minus($gap)->orZeroIfNegative(),
                    'min_engagement' => $guide->minEngagement,
                ],
                how: $reach->isOver($gap) ? 'little' : 'none',
            );
        }
    }

    /** @return iterable<Finding> */
    private function discs(): iterable
    {
        $disc = $this->kit->jumpDisc;
        if ($disc !== null && ! $disc->gap->isUnder($this->kit->hanger->liftOn)) {
            yield new Finding(FindingCode::KitDisc, Severity::Stop, 'jump_disc.gap', [
                'lift_on' => $this->kit->hanger->liftOn,
                'gap' => $disc->gap,
            ]);
        }
    }

    /** @return iterable<Finding> each numbered piece meets the next, and together they are a length that is sold */
    private function pieces(): iterable
    {
        $parts = $this->kit->rail->parts;
        foreach ($parts as $i => $part) {
            $next = $parts[$i + 1] ?? null;
            if ($next !== null && ! $part->right->meets($next->left)) {
                yield new Finding(FindingCode::KitJoint, Severity::Stop, "rail.pieces[{$i}].right", [
                    'n' => $i + 1,
                    'next' => $i + 2,
                    'right' => new Message('answer', ['of' => 'kit.rail.pieces[].right'], $part->right->value),
                    'left' => new Message('answer', ['of' => 'kit.rail.pieces[].left'], $next->left->value),
                ]);
            }
        }
        $whole = array_reduce($parts, fn (Length $all, RailPart $part) => $all->plus($part->length), Length::zero());
        $sold = array_filter($this->kit->rail->lengths, fn (Length $length) => $length->equals($whole));
        if ($parts !== [] && $sold === []) {
            yield new Finding(FindingCode::KitPieces, Severity::Settle, 'rail.pieces[0].length', ['whole' => $whole]);
        }
    }

    /** @return iterable<Finding> */
    private function bracket(): iterable
    {
        $passes = array_filter($this->kit->hangs, fn ($hang) => $hang->rails() > 1) !== [];
        if ($passes && ($this->kit->bracket === null || $this->kit->trackPitch === null)) {
            yield new Finding(FindingCode::KitBracket, Severity::Stop, 'track_pitch');
        }
        $needed = $this->kit->standoff->plus($this->kit->trackPitch ?? Length::zero(), $this->kit->rail->thickness);
        if ($this->kit->bracket?->depth->isUnder($needed) === true) {
            yield new Finding(FindingCode::KitBracketDepth, Severity::Stop, 'bracket.depth', [
                'depth' => $this->kit->bracket->depth,
                'needed' => $needed,
            ]);
        }
    }
}
