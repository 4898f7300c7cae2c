<?php

declare(strict_types=1);

namespace YokeLine\Fitting;

use YokeLine\Doorway\LeafInHand;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Tolerance;

/** Fits a leaf that is there to a doorway: as it is, trimmed between opposite edges, packed with washers, or not. */
final readonly class Fitting
{
    private function __construct(private Plan $plan, private PlannedLeaf $leaf, private SizeCard $card) {}

    /** @return array<string, list<Fit>> by leaf; none of one that nobody has */
    public static function each(Plan $plan, SizeCard $card): array
    {
        $fits = [];
        foreach ($plan->leaves() as $name => $leaf) {
            $there = $plan->inHand($leaf);
            if ($there !== null) {
                $fits[$name] = self::of($plan, $leaf, $card, $there);
            }
        }

        return $fits;
    }

    /** @return list<Fit> */
    private static function of(Plan $plan, PlannedLeaf $planned, SizeCard $card, LeafInHand $leaf): array
    {
        $fitting = new self($plan, $planned, $card);

        return [
            $fitting->size('width', $leaf->width, $card->width),
            $fitting->size('height', $leaf->height, $card->height),
            ...$fitting->thickness($leaf->thicknesses),
            $fitting->mass($leaf->massKg),
            ...$fitting->solid(),
        ];
    }

    /** @param  'width'|'height'  $what */
    private function size(string $what, ?Length $size, Limit $limit): Fit
    {
        if ($size === null) {
            return new Fit($what, 'unknown', 'measure');
        }
        if ($limit->least === null) {
            return new Fit($what, 'reject', 'none-works', $this->because($limit->leastRuledBy));
        }
        if ($size->isUnder($limit->least->minus(Tolerance::tape()))) {
            return new Fit($what, 'reject', 'too-little', [
                'short' => $limit->least->minus($size),
                'least' => $limit->least,
                ...$this->because($limit->leastRuledBy),
            ]);
        }
        $over = $limit->greatest === null ? Length::zero() : $size->minus($limit->greatest);
        if (! $over->isOver(Tolerance::tape())) {
            return new Fit($what, 'fits', 'serves', ['size' => $size]);
        }
        if ($over->isOver($limit->trim->times(2))) {
            return new Fit($what, 'reject', $limit->trim->isPositive() ? 'too-much' : 'too-much-untold', [
                'over' => $over,
                'greatest' => $limit->greatest ?? $size,
                'trim' => $limit->trim,
                ...$this->because($limit->greatestRuledBy),
            ]);
        }

        return new Fit($what, 'trim', 'trim', [
            'half' => Grid::of($this->plan->doorway)->upToSixteenth($over->half()),
            'over' => $over,
            'trim' => $limit->trim,
        ]);
    }

    /** @return array{because: Message|string} */
    private function because(?Message $why): array
    {
        return ['because' => $why ?? ''];
    }

    /**
     * @param  list<Length>  $thicknesses
     * @return list<Fit>
     */
    private function thickness(array $thicknesses): array
    {
        if ($thicknesses === []) {
            return [new Fit('thickness', 'unknown', 'measure-thickness')];
        }
        $range = $this->plan->kit->leafThickness;
        $thin = Length::least(...$thicknesses);
        $thick = Length::greatest(...$thicknesses);
        foreach ([$thin, $thick] as $one) {
            if (
                $one->isUnder($range->low->minus(Tolerance::tape())) ||
                $one->isOver($range->high->plus(Tolerance::tape()))
            ) {
                return [
                    new Fit('thickness', 'reject', 'kit-takes', [
                        'is' => $one,
                        'least' => $range->low,
                        'greatest' => $range->high,
                    ]),
                ];
            }
        }
        $fits = [];
        $clearance = $this->leaf->depth->clearance->total->minus($thick->minus($this->plan->thickness));
        $wanted = Depth::wanted();
        $short = $wanted->minus($clearance);
        if ($short->isOver(Tolerance::tape())) {
            $fits[] = new Fit('thickness', 'pack', 'spacer', [
                'short' => $short,
                'clearance' => $clearance,
                'wanted' => $wanted,
            ]);
        }
        if ($thick->minus($thin)->isOver(Length::nm(500_000))) {
            $fits[] = new Fit('thickness', 'pack', 'washers', ['by' => $thick->minus($thin), 'thin' => $thin]);
        }
        $packs = array_map(fn (Length $one) => $range->high->minus($one)->orZeroIfNegative(), $thicknesses);

        return [
            ...$fits,
            new Fit('thickness', $fits === [] ? 'fits' : 'pack', 'under-nuts', [
                'packs' => array_values(array_unique($packs, SORT_REGULAR)),
            ]),
        ];
    }

    private function mass(?float $kg): Fit
    {
        $with = [
            'mass' => Quantity::kilograms($kg ?? 0.0),
            'most' => Quantity::kilograms($this->card->greatestKg),
            'by' => $this->card->massRuledBy(),
        ];

        return match (true) {
            $kg === null => new Fit('mass', 'unknown', 'weigh'),
            $kg > $this->card->greatestKg => new Fit('mass', 'reject', 'too-heavy', $with),
            default => new Fit('mass', 'fits', 'carried', $with),
        };
    }

    /** @return list<Fit> a bolt hole outside the solid members, where they are told */
    private function solid(): array
    {
        $leaf = $this->plan->doorway->brief->leaf;
        if ($leaf->solid === []) {
            return [new Fit('solid', 'unknown', 'knock')];
        }
        $inset = $this->plan->layout->hangerInset();
        $around = $this->plan->kit->hanger->solidAround();
        foreach (
            ['leading' => $inset, 'trailing' => $this->plan->layout->width->size->total->minus($inset)] as $edge => $at
        ) {
            if ($leaf->holds($at, $around) !== true) {
                return [
                    new Fit('solid', 'reject', 'not-solid', ['edge' => Message::word('edges', $edge), 'at' => $at]),
                ];
            }
        }

        return [new Fit('solid', 'fits', 'solid')];
    }
}
