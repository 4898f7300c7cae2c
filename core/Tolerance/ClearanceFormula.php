<?php

declare(strict_types=1);

namespace YokeLine\Tolerance;

use Closure;
use YokeLine\Measure\Length;
use YokeLine\Planning\Depth;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;

/**
 * Every clearance of a plan as one plain difference of what is held and what may be off, and how much of it is wanted.
 */
final readonly class ClearanceFormula
{
    private const FOOT_MM = 3;

    private const BETWEEN_MM = 8;

    private const BRACKET_EDGE_MM = 20;

    private function __construct(private Plan $plan) {}

    /**
     * @return array<string, array{Closure(Held): Length, ?Length}> the difference, and what is wanted of it; null is
     * not judged
     */
    public static function of(Plan $plan): array
    {
        $all = new self($plan);

        return [
            ...$all->up(),
            ...$all->out(),
            ...$all->along(),
            ...$all->pairs(),
            ...$all->holes(),
            ...$all->passages(),
        ];
    }

    /** @return array<string, array{Closure(Held): Length, ?Length}> */
    private function up(): array
    {
        $plan = $this->plan;
        // What the leaf hangs from, and where its foot then is.
        $top = fn (Held $is) => $plan->heights->leafTop()->plus($this->hangsOff($is));
        $foot = fn (Held $is) => $plan->heights->gap->low->plus($this->footOff($is));
        $rows = [];
        $places = $plan->floor->places();
        foreach ($places as $x) {
            $rows['floor-gap'.self::at($x)] = [
                fn (Held $is) => $foot($is)->minus($is->floor($x)),
                Length::mm(self::FOOT_MM),
            ];
        }
        $heads = $plan->room->opening->heightPlaces();
        // One height alone counts at both jambs: its rows are told apart by where they are.
        $name = fn (Length $x, int $i) => count($plan->room->opening->heights) > 1 ? "[{$i}]" : self::at($x);
        foreach ($heads as [$x, $i]) {
            $rows["head-cover{$name($x, $i)}"] = [
                fn (Held $is) => $top($is)->minus($is->at("survey.opening.height[{$i}]"), $is->floor($x)),
                Length::zero(),
            ];
        }
        if ($plan->header !== null) {
            $board = $plan->header;
            foreach ($heads as [$x, $i]) {
                $rows["header-casing{$name($x, $i)}"] = [
                    fn (Held $is) => $board->foot->total
                        ->plus($is->by('mark.foot'))
                        ->minus(
                            $is->at("survey.opening.height[{$i}]"),
                            $is->floor($x),
                            $is->at('survey.opening.casing.head'),
                        ),
                    Length::zero(),
                ];
            }
        }
        $gap = fn (Held $is) => $plan->heights->topGap
            ->off(['rise' => $is->by('kit.rise'), 'half-rail' => $is->by('kit.rail.height')->half()])
            ->plus($is->by('hole.hanger'));
        $rows['top-gap-least'] = [fn (Held $is) => $gap($is)->minus($plan->kit->topGap->low), Length::zero()];
        $rows['top-gap-most'] = [fn (Held $is) => $plan->kit->topGap->high->minus($gap($is)), Length::zero()];
        $crown = $plan->doorway->survey->crown->drop ?? Length::zero();
        if ($plan->doorway->survey->ceiling !== null) {
            $rows['headroom'] = [
                fn (Held $is) => $is
                    ->at('survey.wall.ceiling')
                    ->minus(
                        $crown,
                        $plan->heights->headroomNeeded->off([
                            'yoke-line' => $is->by('mark.yoke'),
                            'half-rail' => $is->by('kit.rail.height')->half(),
                            'hanger-above-rail' => $is->by('kit.hanger.above'),
                            'to-lift-leaf-on' => $is->by('kit.hanger.lift_on'),
                        ]),
                    ),
                Length::zero(),
            ];
            if ($plan->header !== null) {
                $board = $plan->header;
                $rows['header-ceiling'] = [
                    fn (Held $is) => $is
                        ->at('survey.wall.ceiling')
                        ->minus(
                            $crown,
                            $board->top->off([
                                'foot-header' => $is->by('mark.foot'),
                                'board' => $is->by('brief.header.width'),
                            ]),
                        ),
                    Length::zero(),
                ];
            }
        }

        return $rows;
    }

    /** How far the leaf's top is off, by what it hangs from. */
    private function hangsOff(Held $is): Length
    {
        return $is->by('mark.yoke')->minus($is->by('kit.rise'), $is->by('hole.hanger'));
    }

    private function footOff(Held $is): Length
    {
        return $this->hangsOff($is)->minus($is->by('leaf.height'));
    }

    /** @return array<string, array{Closure(Held): Length, ?Length}> out from the wall */
    private function out(): array
    {
        $plan = $this->plan;
        $back = fn (Held $is) => $plan->innerDepth()->leafBack->off([
            'header' => $is->by('brief.header.thickness'),
            'standoff' => $is->by('kit.standoff'),
            'half-rail' => $is->by('kit.rail.thickness')->half(),
            'strap' => $is->by('kit.hanger.strap_plane'),
            'leaf-thickness' => $is->by('brief.leaf.thickness'),
        ]);
        $things = [];
        if ($plan->room->opening->casing->thickness->isPositive()) {
            $things['back-casing'] = fn (Held $is) => $is->at('survey.opening.casing.thickness');
        }
        if ($plan->room->baseboard?->standsBehind($plan->heights->gap->low) === true) {
            $things['back-baseboard'] = fn (Held $is) => $is->at('survey.baseboard.thickness');
        }
        if ($plan->header !== null && $plan->header->foot->total->isUnder($plan->heights->leafTop())) {
            $things['back-header'] = fn (Held $is) => $is
                ->at('brief.header.thickness')
                ->plus($plan->header->buildOut);
        }
        $obstacles = Depth::obstaclesBehind($plan->room, $plan->floor, $plan->heights, $plan->doorway->brief);
        foreach ($obstacles as $obstacle) {
            $things["back-{$obstacle->name}"] = fn (Held $is) => $is->at("{$obstacle->place}.projection");
        }

        return array_map(
            fn (Closure $thing) => [fn (Held $is) => $back($is)->minus($thing($is)), Depth::wanted()],
            $things,
        );
    }

    /** @return array<string, array{Closure(Held): Length, ?Length}> along the wall, leaf by leaf */
    private function along(): array
    {
        $rows = [];
        foreach ($this->plan->hang()->hasOpenPlaces() ? $this->plan->layout->runs : [] as $name => $run) {
            $alone = count($this->plan->layout->runs) === 1;
            foreach (
                $this->leaf($run, $alone ? '' : "{$name}.", $alone, $alone ? 'guide' : $name) as $row => $difference
            ) {
                $rows[$alone ? $row : "{$name}-{$row}"] = $difference;
            }
        }

        return $rows;
    }

    /**
     * @param  Closure(Held): Length  $edge
     * @return array<string, array{Closure(Held): Length, ?Length}>
     */
    private function coversLeft(Closure $edge): array
    {
        return ['cover-left' => [fn (Held $is) => $is->at('survey.opening.left')->minus($edge($is)), Length::zero()]];
    }

    /**
     * @param  Closure(Held): Length  $edge
     * @return array<string, array{Closure(Held): Length, ?Length}>
     */
    private function coversRight(Closure $edge): array
    {
        $rows = [];
        foreach (array_keys($this->plan->room->opening->widths) as $i) {
            $rows["cover-right[{$i}]"] = [
                fn (Held $is) => $edge($is)->minus(
                    $is->at('survey.opening.left'),
                    $is->at("survey.opening.width[{$i}]"),
                ),
                Length::zero(),
            ];
        }

        return $rows;
    }

    /** @return array<string, array{Closure(Held): Length, ?Length}> */
    private function leaf(LeafRun $run, string $mark, bool $alone, string $guideName): array
    {
        $plan = $this->plan;
        $way = $run->direction;
        $lead = $run->leading($run->closed());
        $open = $run->leading($run->open());
        // Edges as they are marked; the far one follows with the leaf's true width.
        $shutLead = fn (Held $is) => $lead->plus($is->by("mark.{$mark}shut"));
        $shutTrail = fn (Held $is) => $shutLead($is)->plus($is->at('leaf.width')->times($way));
        $openLead = fn (Held $is) => $open->plus($is->by("mark.{$mark}open"));
        $openTrail = fn (Held $is) => $openLead($is)->plus($is->at('leaf.width')->times($way));
        $none = Length::zero();
        $rows = [];
        $rows +=
            $way === 1
                ? [...$alone ? $this->coversLeft($shutLead) : [], ...$this->coversRight($shutTrail)]
                : [...$this->coversLeft($shutTrail), ...$alone ? $this->coversRight($shutLead) : []];

        $guide = $plan->guides[$guideName] ?? null;
        if ($guide?->at !== null) {
            $marked = $guideName === 'guide' ? 'mark.guide' : "mark.{$guideName}.guide";
            $at = fn (Held $is) => $guide->at->plus($is->by($marked));
            $half = fn (Held $is) => $is->at('kit.guide.length')->half();
            $rows['guide-lead'] = [
                fn (Held $is) => $at($is)->minus($openLead($is))->times($way)->minus($half($is)),
                $none,
            ];
            if ($way === 1) {
                foreach (array_keys($plan->room->opening->widths) as $i) {
                    $rows["guide-jamb[{$i}]"] = [
                        fn (Held $is) => $at($is)->minus(
                            $half($is),
                            $is->at('survey.opening.left'),
                            $is->at("survey.opening.width[{$i}]"),
                        ),
                        $none,
                    ];
                }
            } else {
                $rows['guide-jamb'] = [
                    fn (Held $is) => $is->at('survey.opening.left')->minus($at($is), $half($is)),
                    $none,
                ];
            }
            $rows['guide-trail'] = [
                fn (Held $is) => $shutTrail($is)->minus($at($is))->times($way)->minus($half($is)),
                $none,
            ];
            $rows['guide-bite'] = [
                fn (Held $is) => $guide->hold->off([
                    'blade-height' => $is->by('kit.guide.blade_height'),
                    'cheek' => $is->by('kit.guide.blade_height'),
                    'floor-gap' => $this->footOff($is),
                    'floor-at-guide' => $is->floor($guide->at)->minus($plan->floor->at($guide->at)),
                ]),
                $plan->kit->guide->minEngagement,
            ];
        }
        $rows['wall-end'] = [
            fn (Held $is) => $way === 1
                ? $is->at('survey.wall.to')->minus($openTrail($is))
                : $openTrail($is)->minus($is->at('survey.wall.from')),
            $none,
        ];

        return [...$rows, ...$this->stops($run, $mark, $alone)];
    }

    /**
     * @return array<string, array{Closure(Held): Length, ?Length}> from the body of each outer stop to the end of the
     * rail
     */
    private function stops(LeafRun $run, string $mark, bool $alone): array
    {
        $plan = $this->plan;
        $way = $run->direction;
        $margin = $plan->kit->rail->endMargin;
        $faces = array_map(
            fn ($face) => $face->total,
            $plan->layout->stopsOnRail(),
        );
        $names = $alone ? ['shut' => 'closed', 'open' => 'open'] : ['open' => rtrim($mark, '.').'_open'];
        $rows = [];
        foreach ($names as $end => $stop) {
            if (! isset($faces[$stop])) {
                continue;
            }
            $isLow = ($end === 'shut') === ($way === 1);
            $face = fn (Held $is) => $faces[$stop]->plus(
                $is->by("mark.{$mark}{$end}"),
                $end === 'open' ? $is->by('leaf.width')->times($way) : Length::zero(),
            );
            $rows["rail-end-{$end}"] = [
                fn (Held $is) => $isLow
                    ? $face($is)->minus($is->at('kit.stop.body'), $margin, $plan->rail->span->low, $is->by('mark.rail'))
                    : $plan->rail->span->high
                        ->plus($is->by('mark.rail'))
                        ->minus($face($is), $is->at('kit.stop.body'), $margin),
                Length::zero(),
            ];
        }

        return $rows;
    }

    /** @return array<string, array{Closure(Held): Length, ?Length}> between leaves that meet or pass */
    private function pairs(): array
    {
        $plan = $this->plan;
        $runs = $plan->layout->runs;
        $none = Length::zero();
        if (isset($runs['left'], $runs['right'])) {
            $left = $runs['left']->closed()->high;
            $right = $runs['right']->closed()->low;
            $space = $plan->layout->centreStopSpace();

            return [
                'meeting-gap' => [
                    fn (Held $is) => $right->plus($is->by('mark.right.shut'))->minus($left, $is->by('mark.left.shut')),
                    $none,
                ],
                ...$space === null
                    ? []
                    : [
                        'middle-stops' => [
                            fn (Held $is) => $space
                                ->plus($is->by('mark.right.shut'))
                                ->minus($is->by('mark.left.shut'), $is->at('kit.stop.body')->times(2)),
                            $none,
                        ],
                    ],
            ];
        }
        if ($plan->hang()->rails() === 1) {
            return [];
        }
        [$rear, $front] = array_keys($runs);
        $rows = [
            'between-leaves' => [
                fn (Held $is) => $is
                    ->at('kit.track_pitch')
                    ->minus(
                        $is->at('brief.leaf.thickness'),
                        $is->at('kit.hanger.strap_thickness'),
                        $plan->kit->hanger->boltHead,
                    ),
                Length::mm(self::BETWEEN_MM),
            ],
            'mid-overlap' => [
                fn (Held $is) => $runs[$rear]
                    ->closed()
                    ->low->plus($is->by("mark.{$rear}.shut"), $is->at('leaf.width'))
                    ->minus(
                        $runs[$front]
                            ->closed()
                            ->high->plus($is->by("mark.{$front}.shut"))
                            ->minus($is->at('leaf.width')),
                    ),
                $none,
            ],
            'cover-left' => [
                fn (Held $is) => $is
                    ->at('survey.opening.left')
                    ->minus($runs[$rear]->closed()->low, $is->by("mark.{$rear}.shut")),
                $none,
            ],
        ];
        foreach (array_keys($plan->room->opening->widths) as $i) {
            $rows["cover-right[{$i}]"] = [
                fn (Held $is) => $runs[$front]
                    ->closed()
                    ->high->plus($is->by("mark.{$front}.shut"))
                    ->minus($is->at('survey.opening.left'), $is->at("survey.opening.width[{$i}]")),
                $none,
            ];
        }
        if ($plan->header !== null && $plan->kit->bracket !== null) {
            $foot = $plan->header->foot->total;
            $row = $plan->kit->bracket->highestRow();
            $rows['bracket-edge'] = [
                fn (Held $is) => $foot
                    ->plus($is->by('mark.foot'), $is->at('brief.header.width'))
                    ->minus($plan->yokeLine(), $is->by('mark.yoke'), $row),
                Length::mm(self::BRACKET_EDGE_MM),
            ];
        }

        return $rows;
    }

    /**
     * @return array<string, array{Closure(Held): Length, ?Length}> bolts straight into studs: one and a half bolts to
     * either edge
     */
    private function holes(): array
    {
        $plan = $this->plan;
        $rows = [];
        foreach ($plan->header === null ? $plan->rail->holes : [] as $n => $hole) {
            foreach ($plan->doorway->survey->studs as $stud) {
                if (! $hole->minus($stud->x)->absolute()->isOver($stud->width->half())) {
                    $off = fn (Held $is) => $hole->plus($is->by('mark.rail'))->minus($is->at("{$stud->place}.x"));
                    $room = fn (Held $is) => $is
                        ->at("{$stud->place}.width")
                        ->half()
                        ->minus($plan->kit->boltDiameter->scaled(3, 2));
                    $rows['hole-'.($n + 1).'-left'] = [fn (Held $is) => $room($is)->plus($off($is)), Length::zero()];
                    $rows['hole-'.($n + 1).'-right'] = [
                        fn (Held $is) => $room($is)->minus($off($is)),
                        Length::zero(),
                    ];
                }
            }
        }

        return $rows;
    }

    /** @return array<string, array{Closure(Held): Length, ?Length}> what one walks through; not judged */
    private function passages(): array
    {
        $plan = $this->plan;
        $rows = [];
        foreach (array_keys($plan->room->opening->widths) as $i) {
            $rows["passage[{$i}]"] = [fn (Held $is) => $is->at("survey.opening.width[{$i}]"), null];
        }
        $run = $plan->onlyLeaf()?->run;
        if ($run !== null) {
            $open = $run->leading($run->open());
            $rows['passage-leaf'] = [
                fn (Held $is) => $run->direction === 1
                    ? $open->plus($is->by('mark.open'))->minus($is->at('survey.opening.left'))
                    : $is
                        ->at('survey.opening.left')
                        ->plus($is->at('survey.opening.width[0]'))
                        ->minus($open, $is->by('mark.open')),
                null,
            ];
        }

        return $rows;
    }

    private static function at(Length $x): string
    {
        return '@'.rtrim(rtrim(sprintf('%.3f', $x->toMm()), '0'), '.');
    }
}
