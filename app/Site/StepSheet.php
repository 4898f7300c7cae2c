<?php

declare(strict_types=1);

namespace App\Site;

use App\Marking\MarkingForm;
use App\Words\StepWords;
use Closure;
use YokeLine\Drawing\AsBuilt;
use YokeLine\Drawing\AtGuide;
use YokeLine\Drawing\AtHanger;
use YokeLine\Drawing\AtStop;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\LeafCard;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Svg;
use YokeLine\Holding\Schedule;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Names;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Reading;
use YokeLine\Marks\Tapes;
use YokeLine\Marks\WallMark;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\Asks;
use YokeLine\Work\AtHand;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** What a step shows: its drawing, its numbers, what one hesitates over. */
final readonly class StepSheet
{
    /** @var array<string, Pulls> */
    private array $pulls;

    /**
     * @param  Closure(string): list<array{Length, Length}>  $lineBuilt  by rail, as its readings end
     * @param  Closure(string): ?Length  $read  by ask
     */
    public function __construct(
        private Plan $plan,
        private LengthWriter $write,
        MarkingForm $marking,
        private Closure $lineBuilt,
        private Closure $read,
    ) {
        $this->pulls = $marking->pulls();
    }

    public function drawing(Step $step): string
    {
        $plan = $this->plan;
        $leaf = $this->leaf($step);
        $scene = match ($step->kind()) {
            StepKind::LeafIn => $this->asItCame($leaf),
            StepKind::MarkLeaf, StepKind::BoreLeaf, StepKind::Groove => LeafCard::shortened($plan, $leaf, $this->write),
            StepKind::MarkWall, StepKind::MarkLine, StepKind::BoardUp => Elevation::of(
                $plan->doorway,
                $plan,
                $this->write,
            ),
            StepKind::RailUp, StepKind::Hang, StepKind::FitHangers => AtHanger::of($plan, $this->write),
            StepKind::RailTrue => $this->line(($this->lineBuilt)(Asks::railOf($step, $this->plan))),
            StepKind::StopsOn, StepKind::CatchesOn, StepKind::SetStops, StepKind::SetCatches => $this->stop(),
            StepKind::MarkGuide, StepKind::FixGuide => AtGuide::cut($plan, $leaf->guideName, $this->write),
            default => null,
        };

        return $scene === null ? '' : Svg::write($scene);
    }

    /** @return list<array{string, string}> */
    public function readings(Step $step): array
    {
        $plan = $this->plan;
        $say = $this->write->show(...);
        $marks = fn (array $marks) => array_map(
            fn (WallMark $mark) => [
                $say(Reading::of($mark, $mark->place, $this->write->unit)->shown),
                Names::of($mark->id),
            ],
            $marks,
        );

        return array_values(
            match ($step->kind()) {
                StepKind::BoxCheck => array_map(
                    fn (array $row) => ["{$row[0]} ×", $row[1]],
                    BoxCheck::of($plan, $this->write),
                ),
                StepKind::Trial => [
                    [$say($plan->heights->topGap->total), 'top gap to expect, leaf top to rail foot'],
                    ...array_map(
                        fn (Length $hole) => [$say($hole), 'hole, down from the off-cut’s top'],
                        $plan->heights->hangerHoles,
                    ),
                ],
                StepKind::LeafIn => [
                    [
                        round($plan->mass->kg).' kg',
                        $plan->mass->assumed ? 'if it is solid softwood; weigh it' : 'as given or worked out',
                    ],
                ],
                StepKind::TrimLeaf => array_map(
                    fn (string $size, Length $off) => [
                        $this->write->showFine($off),
                        "off each of the two edges of its {$size}",
                    ],
                    array_keys(Drilling::trims($plan)),
                    Drilling::trims($plan),
                ),
                StepKind::MarkLeaf => [
                    ...$marks(Tapes::across($plan, $this->leaf($step))),
                    ...array_map(
                        fn (array $row) => [$row[0], "{$row[1]}, down from the top"],
                        $marks(Tapes::down($plan)),
                    ),
                    ...array_map(fn (array $row) => [$row[0], "{$row[1]}, up from the foot"], $marks(Tapes::up($plan))),
                ],
                StepKind::BoreLeaf => array_map(
                    fn (Drilling $row) => [
                        implode(' → ', array_map(fn (Length $bit) => (string) $bit->toMm(), $row->bits)) ?: '–',
                        "{$row->count} for the {$row->kind}: {$row->from}",
                    ],
                    array_values(
                        array_filter(
                            Drilling::of($plan, $this->leaf($step)),
                            fn (Drilling $row) => $row->kind !== 'groove',
                        ),
                    ),
                ),
                StepKind::Groove => $this->groove($this->leaf($step)->guide),
                StepKind::CutBoard, StepKind::BoardUp => $plan->header === null
                    ? []
                    : [
                        [$say($plan->header->span->length()), 'long'],
                        [$say($plan->header->foot->total), 'its foot, up from the high spot'],
                        [$say($plan->header->span->low), 'its left end, along the wall'],
                    ],
                StepKind::CutRail, StepKind::RailUp => [
                    [$say($plan->rail->length->total), 'rail'],
                    [$say($plan->rail->span->low), 'its left end, along the wall'],
                    [$say($plan->yokeLine()), 'hole centres, up from the high spot'],
                ],
                StepKind::MarkBoard, StepKind::BoreBoard => $this->pulled('board'),
                StepKind::MarkWall, StepKind::BoreWall => $this->pulled('wall'),
                StepKind::MarkLine => array_map(
                    fn (Heights $at) => [
                        $say($at->readings[count($at->readings) - 1]->shown),
                        'up to the yoke line at '.Names::of($at->place).", {$say($at->x)}",
                    ],
                    Heights::of($plan),
                ),
                StepKind::BoardFix, StepKind::BoreRail => array_map(
                    fn (Schedule $row) => [
                        "{$row->count} ×",
                        "{$row->says} into {$row->into}, ".
                        ($row->length === null ? '' : "{$row->length->toMm()} long, ").
                        'bits '.
                        implode(' → ', array_map(fn (Length $bit) => (string) $bit->toMm(), $row->bits)),
                    ],
                    Schedule::of($plan),
                ),
                StepKind::SetStops, StepKind::StopsOn => $this->pulled('rail'),
                StepKind::MarkGuide, StepKind::FixGuide => $this->pulled('floor'),
                StepKind::Hang => [[(string) $step->people, 'people'], [round($plan->mass->kg).' kg', 'leaf']],
                default => [],
            },
        );
    }

    /** @return list<string> */
    public function hand(Step $step): array
    {
        return array_values(
            array_filter([
                StepWords::howTight($step),
                ...match ($step->kind()) {
                    StepKind::RailUp, StepKind::FitHangers, StepKind::Hang => array_slice(
                        AtHand::hanger($this->plan),
                        0,
                        3,
                    ),
                    StepKind::StopsOn,
                    StepKind::CatchesOn,
                    StepKind::SetStops,
                    StepKind::SetCatches,
                    StepKind::DiscsIn => AtHand::stop($this->plan),
                    StepKind::MarkGuide, StepKind::FixGuide => AtHand::guide($this->plan),
                    StepKind::BoreLeaf => ['One hole, check square, then the second.'],
                    default => [],
                },
                StepWords::why($step),
            ]),
        );
    }

    private function stop(): ?Scene
    {
        return AtStop::each($this->plan, $this->write)[0][1] ?? null;
    }

    /** The leaf that a step is of. */
    private function leaf(Step $step): PlannedLeaf
    {
        $leaves = $this->plan->leaves();

        return $leaves[$step->of()] ?? $leaves[array_key_first($leaves)];
    }

    private function asItCame(PlannedLeaf $leaf): ?Scene
    {
        [$width, $height] = [
            ($this->read)("leaf-width{$leaf->suffix()}"),
            ($this->read)("leaf-height{$leaf->suffix()}"),
        ];

        return $width === null && $height === null
            ? null
            : AsBuilt::leaf($this->plan, $leaf, $width, $height, $this->write);
    }

    /** @param  list<array{Length, Length}>  $built */
    private function line(array $built): Scene
    {
        return $built === []
            ? AtHanger::of($this->plan, $this->write)
            : AsBuilt::line($this->plan, $built, $this->write);
    }

    /** @return list<array{string, string}> */
    private function groove(GuidePlace $guide): array
    {
        return $guide->grooveDepth === null || $guide->grooveWidth === null
            ? []
            : [
                [$this->write->showUp($guide->grooveDepth), 'deep'],
                [$this->write->showUp($guide->grooveWidth), 'wide, in the middle of the foot'],
            ];
    }

    /** @return list<array{string, string}> */
    private function pulled(string $tape): array
    {
        $readings = [];
        foreach ($this->pulls[$tape]->pulls ?? [] as $i => $pull) {
            foreach ($pull->readings as $reading) {
                $readings[] = [
                    $this->write->show($reading->shown),
                    Names::of($reading->mark->id).
                    ', from the '.
                    Names::hook($pull->hook->id).
                    ($pull->way === 1 ? '' : ' to the left'),
                ];
            }
        }

        return $readings;
    }
}
