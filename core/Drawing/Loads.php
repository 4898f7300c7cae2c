<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fixing;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/**
 * What each fixing of the rail takes at the most while the leaf runs, drawn along the rail; the hardest worked one is
 * marked.
 */
final readonly class Loads
{
    private const WIDE = 420;

    private const HIGH = 84;

    /** How far labels may stand past the ends of the rail. */
    private const ASIDE = 18;

    private function __construct(private Plan $plan, private Anchoring $anchoring, private Wording $wording) {}

    public static function of(Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, Anchoring::of($plan), $wording))->scene();
    }

    private function scene(): Scene
    {
        $rail = $this->plan->rail->span;
        $px = $rail->length()->toMm() / self::WIDE;
        $bolts = $this->byPlace();
        $most = max([1.0, ...array_map(fn (Fixing $bolt) => $bolt->load->reaction->max, $bolts)]);
        $scale = (self::HIGH * $px) / $most;
        $shapes = [
            Shape::box('rail', $rail->low->toMm(), 0, $rail->length()->toMm(), 7 * $px),
            Shape::line('wall-face', $rail->low->toMm(), 0, $rail->high->toMm(), 0),
        ];
        $worst = $this->anchoring->worst();
        $says = array_map(
            fn (Fixing $bolt) => [
                $bolt->strength->utilisation === null ? '?' : ((int) ceil($bolt->strength->utilisation * 100)).' %',
                $this->wording->say(Caption::of('force', ['is' => Quantity::newtons($bolt->load->reaction->max)])),
            ],
            $bolts,
        );
        $centres = Labels::spread(
            array_map(fn (Fixing $bolt) => $bolt->x->toMm(), $bolts),
            array_map(
                fn (array $of) => (max(Labels::width($of[0], 12), Labels::width($of[1], 10)) + 2) * $px,
                $says,
            ),
            $rail->low->toMm() - self::ASIDE * $px,
            $rail->high->toMm() + self::ASIDE * $px,
        );
        foreach ($bolts as $i => $bolt) {
            $x = $bolt->x->toMm();
            $used = $bolt->strength->utilisation;
            $class = $used === null ? 'use-unknown' : ($used > 1 ? 'use-over' : ($used > 0.8 ? 'use-high' : 'use-ok'));
            $shapes[] = Shape::box(
                "load {$class}",
                $x - 9 * $px,
                -$bolt->load->reaction->max * $scale,
                18 * $px,
                $bolt->load->reaction->max * $scale,
            );
            $shapes[] = Shape::group(
                'load-now',
                [Shape::box('load-now-bar', $x - 3 * $px, -1.0, 6 * $px, 1.0)],
                ['data-load' => (string) $i, 'data-scale' => (string) round($scale, 5)],
            );
            if ($bolt->load->reaction->min < -0.5) {
                $shapes[] = Shape::box(
                    'load uplift',
                    $x - 5 * $px,
                    7 * $px,
                    10 * $px,
                    min(18 * $px, -$bolt->load->reaction->min * $scale),
                );
            }
            $shapes[] = Shape::text(
                $bolt === $worst ? 'reading is-worst' : 'reading',
                $centres[$i],
                -$bolt->load->reaction->max * $scale - 4 * $px,
                12 * $px,
                $says[$i][0],
                'middle',
            );
            $shapes[] = Shape::text('caption', $centres[$i], 38 * $px, 10 * $px, $says[$i][1], 'middle');
        }
        foreach ($this->plan->joints() as $joint) {
            $shapes[] = Shape::line('joint', $joint->toMm(), -2 * $px, $joint->toMm(), 9 * $px);
        }

        return new Scene(
            'loads',
            $worst?->strength->utilisation === null
                ? $this->wording->say(Caption::of('loads'))
                : $this->wording->say(
                    Caption::of('loads-worst', [
                        'at' => $worst->x,
                        'used' => Quantity::share($worst->strength->utilisation),
                    ]),
                ),
            $rail->low->toMm() - self::ASIDE * $px,
            -(self::HIGH + 26) * $px,
            $rail->length()->toMm() + 2 * self::ASIDE * $px,
            (self::HIGH + 70) * $px,
            $shapes,
        );
    }

    /** @return list<Fixing> the hardest worked of each place, as brackets have several rows */
    private function byPlace(): array
    {
        $places = [];
        foreach ($this->anchoring->railBolts() as $bolt) {
            $known = $places[$bolt->x->nm] ?? null;
            if ($known === null || ($bolt->strength->utilisation ?? 0) > ($known->strength->utilisation ?? 0)) {
                $places[$bolt->x->nm] = $bolt;
            }
        }
        ksort($places);

        return array_values($places);
    }
}
