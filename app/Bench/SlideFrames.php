<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Grip;
use YokeLine\Holding\RailFixings;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\Slide;

/** What the browser is sent to let the leaf slide: numbers along the run, straight between frames, in millimetres. */
final readonly class SlideFrames
{
    private const LOAD_STEPS = 40;

    private function __construct(private Plan $plan, private LengthWriter $write) {}

    /**
     * @param  bool  $withLoads  what every fixing takes on the way, too
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, LengthWriter $write, bool $withLoads): array
    {
        $slide = new self($plan, $write);
        $number = fn ($value) => $value instanceof Length ? $value->toMm() : $value;
        $leaves = array_map(
            fn (PlannedLeaf $leaf) => [
                'travel' => $leaf->run->travel->total->toMm(),
                'hasCatch' => $leaf->softClose,
                'frames' => array_map(fn (array $frame) => array_map($number, $frame), Slide::frames($plan, $leaf)),
            ],
            $plan->leaves(),
        );

        return [
            'says' => $slide->readings(),
            'leaves' => $leaves,
            ...$withLoads ? $slide->holding() : [],
        ];
    }

    /**
     * @return array{step: float, from: int, texts: list<string>} every reading that the slide can show, step by step as
     * the screen rounds, from the first step on
     */
    private function readings(): array
    {
        $shown = [];
        foreach ($this->plan->leaves() as $leaf) {
            foreach (Slide::frames($this->plan, $leaf) as $frame) {
                array_push($shown, $frame['passage'], $frame['covered'], $frame['gapLeading'], $frame['gapTrailing']);
            }
        }
        $step = $this->write->unit->step();
        $count = fn (Length $length) => intdiv($length->roundedTo($step)->nm, $step->nm);
        [$from, $to] = [$count(Length::least(...$shown)), $count(Length::greatest(...$shown))];

        return [
            'step' => $step->toMm(),
            'from' => $from,
            'texts' => array_map(fn (int $n) => $this->write->show($step->times($n)), range($from, $to)),
        ];
    }

    /**
     * @return array<string, mixed> what every fixing takes along the slide, and where the rail's left end may be for
     * each of its holes to hold
     */
    private function holding(): array
    {
        $plan = $this->plan;
        $anchoring = Anchoring::of($plan);
        $loads = [];
        foreach ($plan->layout->runs as $leaf => $run) {
            for ($i = 0; $i <= self::LOAD_STEPS; $i++) {
                $by = $run->travel->total->scaled($i, self::LOAD_STEPS);
                $loads[$leaf][] = [
                    'by' => $by->toMm(),
                    'taken' => array_map(fn (float $newton) => round($newton, 1), $anchoring->taken($leaf, $by)),
                ];
            }
        }
        $grips = RailFixings::holding($plan)->grips;
        $holes = array_map(
            fn (Length $hole) => array_map(
                fn (Grip $grip) => [$grip->span->low->minus($hole)->toMm(), $grip->span->high->minus($hole)->toMm()],
                $grips,
            ),
            $plan->rail->holes,
        );

        return ['loads' => $loads, ...$plan->header === null && ! $plan->isOnMasonry() ? ['holes' => $holes] : []];
    }
}
