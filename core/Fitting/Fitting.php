<?php

declare(strict_types=1);

namespace YokeLine\Fitting;

use YokeLine\Doorway\LeafInHand;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Plan;
use YokeLine\Planning\Tolerance;

/** Fits a leaf that is there to a doorway: as it is, trimmed between opposite edges, packed with washers, or not. */
final readonly class Fitting
{
    private function __construct(private Plan $plan, private SizeCard $card, private LengthWriter $write) {}

    /** @return list<Fit> */
    public static function of(Plan $plan, SizeCard $card, LeafInHand $leaf, LengthWriter $write): array
    {
        $fitting = new self($plan, $card, $write);

        return [
            $fitting->size('width', $leaf->width, $card->width),
            $fitting->size('height', $leaf->height, $card->height),
            ...$fitting->thickness($leaf->thicknesses),
            $fitting->mass($leaf->massKg),
            ...$fitting->solid(),
        ];
    }

    private function size(string $what, ?Length $size, Limit $limit): Fit
    {
        $say = $this->write->show(...);
        if ($size === null) {
            return new Fit($what, 'unknown', "Measure its {$what}.");
        }
        if ($limit->least === null) {
            return new Fit($what, 'reject', "No {$what} works here: {$limit->leastRuledBy}.");
        }
        if ($size->isUnder($limit->least->minus(Tolerance::tape()))) {
            return new Fit(
                $what,
                'reject',
                "{$this->write->showUp($limit->least->minus($size))} too little: {$say($limit->least)} is the least. ".
                    ($limit->leastRuledBy === '' ? '' : "{$limit->leastRuledBy}."),
            );
        }
        $over = $limit->greatest === null ? Length::zero() : $size->minus($limit->greatest);
        if (! $over->isOver(Tolerance::tape())) {
            return new Fit($what, 'fits', "{$say($size)} serves as it is.");
        }

        return $over->isOver($limit->trim->times(2))
            ? new Fit(
                $what,
                'reject',
                "{$this->write->showUp($over)} too much: {$say($limit->greatest ?? $size)} is the greatest, and ".
                    ($limit->trim->isPositive()
                        ? "only {$say($limit->trim)} may come off each edge."
                        : 'its trim limit is not told.').
                    " {$limit->greatestRuledBy}.",
            )
            : new Fit(
                $what,
                'trim',
                "Trim {$this->write->showFine($over->half())} off each of the two edges, {$this->write->showUp($over)} in all; {$say($limit->trim)} an edge is allowed. Coat the cut edges.",
            );
    }

    /**
     * @param  list<Length>  $thicknesses
     * @return list<Fit>
     */
    private function thickness(array $thicknesses): array
    {
        if ($thicknesses === []) {
            return [new Fit('thickness', 'unknown', 'Measure it at both hangers: they can differ.')];
        }
        $range = $this->plan->kit->leafThickness;
        $say = $this->write->show(...);
        $thin = Length::least(...$thicknesses);
        $thick = Length::greatest(...$thicknesses);
        foreach ([$thin, $thick] as $one) {
            if (
                $one->isUnder($range->low->minus(Tolerance::tape())) ||
                $one->isOver($range->high->plus(Tolerance::tape()))
            ) {
                return [
                    new Fit(
                        'thickness',
                        'reject',
                        "{$say($one)} thick: the kit takes {$say($range->low)} to {$say($range->high)}.",
                    ),
                ];
            }
        }
        $fits = [];
        $clearance = $this->plan->innerDepth()->clearance->total->minus($thick->minus($this->plan->thickness));
        $short = Length::mm(Depth::WANTED_MM)->minus($clearance);
        if ($short->isOver(Tolerance::tape())) {
            $fits[] = new Fit(
                'thickness',
                'pack',
                "A spacer of {$this->write->showUp($short)} behind every standoff: {$say($clearance)} would be left behind it, {$say(Length::mm(Depth::WANTED_MM))} is wanted.",
            );
        }
        $packs = array_map(fn (Length $one) => $say($range->high->minus($one)->orZeroIfNegative()), $thicknesses);
        if ($thick->minus($thin)->isOver(Length::nm(500_000))) {
            $fits[] = new Fit(
                'thickness',
                'pack',
                "Washers of {$this->write->showFine($thick->minus($thin))} under the strap where it is {$say($thin)}, so that both hang in one line.",
            );
        }

        return [
            ...$fits,
            new Fit(
                'thickness',
                $fits === [] ? 'fits' : 'pack',
                'Under the cap nuts of the bolts: '.implode(' and ', array_unique($packs)).'.',
            ),
        ];
    }

    private function mass(?float $kg): Fit
    {
        return match (true) {
            $kg === null => new Fit('mass', 'unknown', 'Weigh it.'),
            $kg > $this->card->greatestKg => new Fit(
                'mass',
                'reject',
                round($kg, 1)." kg: {$this->card->massRuledBy} carries ".round($this->card->greatestKg, 1).'.',
            ),
            default => new Fit(
                'mass',
                'fits',
                round($kg, 1).' kg of '.round($this->card->greatestKg, 1).' serves.',
            ),
        };
    }

    /** @return list<Fit> a bolt hole outside the solid members, where they are told */
    private function solid(): array
    {
        $leaf = $this->plan->doorway->brief->leaf;
        if ($leaf->solid === []) {
            return [
                new Fit(
                    'solid wood',
                    'unknown',
                    'Knock along the stiles and the top: where is it solid? Nobody knows yet.',
                ),
            ];
        }
        $inset = $this->plan->layout->hangerInset();
        $around = $this->plan->kit->hanger->solidAround();
        foreach (
            ['leading' => $inset, 'trailing' => $this->plan->layout->width->size->total->minus($inset)] as $edge => $at
        ) {
            if ($leaf->holds($at, $around) !== true) {
                return [
                    new Fit(
                        'solid wood',
                        'reject',
                        "The hanger at the {$edge} edge, {$this->write->show($at)} in, has no solid member round its bolts.",
                    ),
                ];
            }
        }

        return [new Fit('solid wood', 'fits', 'Both hangers have a solid member round their bolts.')];
    }
}
