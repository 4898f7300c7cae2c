<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Span;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Mass;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\StepKind;

/** The rail line runs or is bowed: does the leaf creep, and what trues it. */
final readonly class LineOutOfLevel
{
    /** A leaf on a rail that falls more than so much runs by itself, mm per m. */
    public const CREEPS_OVER = 1.5;

    /** @param  non-empty-list<PlannedLeaf>  $leaves  those that hang on this rail */
    public function __construct(private OnSite $site, private Line $line, private array $leaves) {}

    /**
     * How steeply a leaf stands on its wheels, along its travel: negative falls to the right.
     *
     * @return list<array{from: Length, to: Length, creep: float}> mm per m, by how far it has gone from shut
     */
    public function creep(PlannedLeaf $leaf): array
    {
        $run = $leaf->run;
        $travel = $run->travel->total;
        $turns = [0 => Length::zero(), $travel->nm => $travel];
        foreach ($this->line->bends() as $bend) {
            foreach ([$run->hangers($run->closed())->low, $run->hangers($run->closed())->high] as $wheel) {
                $gone = $bend->minus($wheel)->times($run->direction);
                if ($gone->isPositive() && $gone->isUnder($travel)) {
                    $turns[$gone->nm] = $gone;
                }
            }
        }
        ksort($turns);
        $turns = array_values($turns);
        $found = [];
        for ($i = 1; $i < count($turns); $i++) {
            $wheels = $run->hangers($run->opened($turns[$i - 1]->plus($turns[$i])->half()));
            $creep = ($this->line->slope($wheels->low) + $this->line->slope($wheels->high)) / 2;
            $last = array_key_last($found);
            if ($last !== null && abs($found[$last]['creep'] - $creep) < 1e-9) {
                $found[$last]['to'] = $turns[$i];
            } else {
                $found[] = ['from' => $turns[$i - 1], 'to' => $turns[$i], 'creep' => $creep];
            }
        }

        return $found;
    }

    /** The steepest of it, mm per m, without its sign. */
    public function greatestCreep(): float
    {
        return max(
            0.0,
            ...array_map(
                fn (array $stretch) => abs($stretch['creep']),
                array_merge(...array_map($this->creep(...), $this->leaves)),
            ),
        );
    }

    public function creeps(): bool
    {
        return $this->greatestCreep() > self::CREEPS_OVER;
    }

    /** What holds it where it stands, N: hung mass x gravity x slope. */
    public function pull(): float
    {
        return ($this->site->hungKg() * Mass::GRAVITY * $this->greatestCreep()) / 1000;
    }

    /**
     * The leaf as it hangs where it stands.
     *
     * @return array{
     *     left_edge_gap: Length, right_edge_gap: Length, least_gap: Length, least_at: Length, lean_over_height: Length
     * }
     *   lean: positive, its top leans left
     */
    public function hanging(LeafRun $run, Span $leaf): array
    {
        $plan = $this->site->plan;
        $places = [
            $leaf->low,
            $leaf->high,
            ...array_filter(
                array_map(fn ($reading) => $reading->x, $plan->doorway->survey->floor),
                fn (Length $x) => $x->isOver($leaf->low) && $x->isUnder($leaf->high),
            ),
        ];
        $least = $leaf->low;
        foreach ($places as $x) {
            $least = $this->gapAt($run, $leaf, $x)->isUnder($this->gapAt($run, $leaf, $least)) ? $x : $least;
        }
        [$low, $high] = $this->wheels($run, $leaf);

        return [
            'left_edge_gap' => $this->gapAt($run, $leaf, $leaf->low),
            'right_edge_gap' => $this->gapAt($run, $leaf, $leaf->high),
            'least_gap' => $this->gapAt($run, $leaf, $least),
            'least_at' => $least,
            'lean_over_height' => $plan->heights->leaf->size->total->scaled(
                $this->line->at($high)->minus($this->line->at($low))->nm,
                $high->minus($low)->nm,
            ),
        ];
    }

    /** @return array{shut: Length, open: Length} how the guide of a leaf holds it */
    public function bites(PlannedLeaf $leaf): array
    {
        $plan = $this->site->plan;
        $at = $leaf->guide->middle->total;
        $bite = fn (Span $where) => $leaf->guide->hold->total
            ->plus($plan->gapAt($at))
            ->minus($this->gapAt($leaf->run, $where, $at));

        return ['shut' => $bite($leaf->run->closed()), 'open' => $bite($leaf->run->open())];
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        return WayOut::ranked([$this->trueInPlay(), $this->rebore(), $this->liveWithIt()]);
    }

    private function trueInPlay(): WayOut
    {
        $all = array_keys($this->holes());
        [$slope, $heights] = $this->eased($all);
        $moves = [];
        foreach ($this->holes() as $i => [$x, $r]) {
            $moves[] = ['hole' => $i + 1, 'x' => $x, 'as_built' => $r, 'move' => $heights[$i]->minus($r)];
        }
        $redo = [StepKind::RailTrue];
        $first = $moves[0]['move'];
        $last = $moves[count($moves) - 1]['move'];

        return new WayOut(
            'line',
            'true-in-play',
            $slope <= self::CREEPS_OVER,
            0,
            $redo,
            $this->site->minutes($redo),
            ($first->isNegative() ? 'down' : 'up').($last->isNegative() ? '-down' : '-up'),
            ['slope_left' => $slope, 'move' => $moves],
        );
    }

    private function rebore(): WayOut
    {
        $plan = $this->site->plan;
        $holes = $this->holes();
        $best = $this->fewestLeftOut();
        [$slope, $heights] = $this->eased(array_values(array_diff(array_keys($holes), $best)));
        $bolt = $plan->kit->boltDiameter;
        $moves = [];
        foreach ($best as $i) {
            $move = $heights[$i]->minus($holes[$i][1]);
            $moves[] = [
                'hole' => $i + 1,
                'move' => $move,
                'plug_first' => $move->absolute()->isUnder($bolt->times(2)),
                'covered_by_standoff' => ! $move
                    ->absolute()
                    ->plus($bolt->half())
                    ->isOver($plan->kit->standoffBase->half()),
            ];
        }
        $isHidden = array_filter($moves, fn (array $move) => ! $move['covered_by_standoff']) === [];
        $redo = [$this->site->boring(), StepKind::RailUp, StepKind::RailTrue];

        return new WayOut(
            'line',
            'rebore',
            $best !== [],
            $isHidden ? 0 : 1,
            $redo,
            $this->site->minutes($redo),
            $best === [] ? 'nothing' : 'holes',
            [
                'holes' => array_map(fn (int $i) => $i + 1, $best),
                'slope_left' => $slope,
                'new_heights' => array_values($heights),
                'moves' => $moves,
            ],
            with: [
                'count' => count($best),
                'each' => array_map(
                    fn (array $move) => new Message(
                        'recovery.rebored',
                        ['n' => $move['hole'], 'by' => $move['move']->absolute()],
                        ($move['move']->isNegative() ? 'down' : 'up').($move['plug_first'] ? '-plugged' : ''),
                    ),
                    $moves,
                ),
            ],
        );
    }

    private function liveWithIt(): WayOut
    {
        $bites = array_map($this->bites(...), $this->leaves);
        // The leaf that is held least speaks for both.
        usort(
            $bites,
            fn (array $a, array $b) => Length::least(...array_values($a))->nm <=>
                Length::least(...array_values($b))->nm,
        );
        $least = Length::least($bites[0]['shut'], $bites[0]['open']);
        $holds = ! $least->isUnder($this->site->plan->kit->guide->minEngagement);

        return new WayOut(
            'line',
            'live-with-it',
            ! $this->creeps() && $holds,
            0,
            [],
            0,
            $this->creeps() ? 'creeps' : ($holds ? 'stays' : 'loose'),
            ['bite' => $bites[0]],
            with: [
                'creep' => Quantity::slope($this->greatestCreep()),
                'most' => Quantity::slope(self::CREEPS_OVER),
                'least' => $least,
            ],
        );
    }

    /** @return array{Length, Length} */
    private function wheels(LeafRun $run, Span $leaf): array
    {
        $wheels = $run->hangers($leaf);

        return [$wheels->low, $wheels->high];
    }

    private function gapAt(LeafRun $run, Span $leaf, Length $x): Length
    {
        [$low, $high] = $this->wheels($run, $leaf);
        $rise = $this->line->at($high)->minus($this->line->at($low));

        return $this->site->plan
            ->gapAt($x)
            ->plus($this->line->at($low), $rise->scaled($x->minus($low)->nm, $high->minus($low)->nm));
    }

    /** @return list<array{Length, Length}> every hole of the rail, and how much too high it is */
    private function holes(): array
    {
        return array_map(fn (Length $x) => [$x, $this->line->at($x)], $this->site->plan->rail->holes);
    }

    private function play(): Length
    {
        return $this->site->plan->kit->rail->holeDiameter->minus($this->site->plan->kit->boltDiameter);
    }

    /**
     * The least slope that the holes kept allow, each by half its play, and where every hole then comes.
     *
     * @param  list<int>  $kept
     * @return array{float, array<int, Length>} mm per m; heights by hole
     */
    private function eased(array $kept): array
    {
        $holes = $this->holes();
        $play = $this->play();
        $slope = 0.0;
        foreach ($kept as $i) {
            foreach ($kept as $j) {
                if ($i < $j) {
                    $slope = max(
                        $slope,
                        (1000 * ($holes[$i][1]->minus($holes[$j][1])->absolute()->nm - $play->nm)) /
                            $holes[$j][0]->minus($holes[$i][0])->nm,
                    );
                }
            }
        }
        $heights = [];
        foreach ($holes as $i => [$x]) {
            $low = PHP_INT_MIN;
            $high = PHP_INT_MAX;
            foreach ($kept as $j) {
                $reach = $play->half()->nm + (int) round(($slope / 1000) * $x->minus($holes[$j][0])->absolute()->nm);
                $low = max($low, $holes[$j][1]->nm - $reach);
                $high = min($high, $holes[$j][1]->nm + $reach);
            }
            $heights[$i] = Length::nm(intdiv($low + $high, 2));
        }

        return [$slope, $heights];
    }

    /**
     * @return list<int> the fewest holes without which the rest is true; then the least slope, the least moves, the
     * leftmost
     */
    private function fewestLeftOut(): array
    {
        $count = count($this->holes());
        for ($size = 0; $size < $count; $size++) {
            $best = null;
            $bestRank = null;
            foreach (self::choices($count, $size) as $out) {
                [$slope, $heights] = $this->eased(array_values(array_diff(range(0, $count - 1), $out)));
                if ($slope <= self::CREEPS_OVER) {
                    $rank = [
                        round($slope, 9),
                        array_sum(
                            array_map(fn (int $i) => $heights[$i]->minus($this->holes()[$i][1])->absolute()->nm, $out),
                        ),
                        $out,
                    ];
                    if ($bestRank === null || $rank < $bestRank) {
                        [$best, $bestRank] = [$out, $rank];
                    }
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return [];
    }

    /** @return iterable<list<int>> */
    private static function choices(int $of, int $size, int $from = 0): iterable
    {
        if ($size === 0) {
            yield [];

            return;
        }
        for ($i = $from; $i <= $of - $size; $i++) {
            foreach (self::choices($of, $size - 1, $i + 1) as $rest) {
                yield [$i, ...$rest];
            }
        }
    }
}
