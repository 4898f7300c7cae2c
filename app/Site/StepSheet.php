<?php

declare(strict_types=1);

namespace App\Site;

use App\Marking\MarkingForm;
use App\Words\LineHeight;
use App\Words\Speaker;
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
use YokeLine\Marks\Mark;
use YokeLine\Marks\MarkId;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Reading;
use YokeLine\Marks\RunningMarks;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\RailCut;
use YokeLine\Work\AtHand;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\Drive;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** What a step shows: its drawing, its numbers, what one hesitates over. */
final readonly class StepSheet
{
    /** @var array<string, Pulls> */
    private array $pulls;

    private Speaker $speak;

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
        $this->speak = Speaker::in($write);
    }

    public function drawing(Step $step): string
    {
        $plan = $this->plan;
        $leaf = $this->leaf($step);
        $scene = match ($step->kind()) {
            StepKind::LeafIn => $this->asItCame($leaf),
            StepKind::MarkLeaf, StepKind::BoreLeaf, StepKind::Groove => LeafCard::shortened($plan, $leaf, $this->speak),
            StepKind::MarkWall, StepKind::MarkLine, StepKind::BoardUp => Elevation::of(
                $plan->doorway,
                $plan,
                $this->speak,
            ),
            StepKind::RailUp, StepKind::Hang, StepKind::FitHangers => AtHanger::of($plan, $this->speak),
            StepKind::RailTrue => $this->line(($this->lineBuilt)(SiteMeasurements::railOf($step, $this->plan))),
            StepKind::StopsOn, StepKind::CatchesOn, StepKind::SetStops, StepKind::SetCatches => $this->stop(),
            StepKind::MarkGuide, StepKind::FixGuide => AtGuide::cut($plan, $leaf->guideName, $this->speak),
            default => null,
        };

        return $scene === null ? '' : Svg::write($scene);
    }

    /** @return list<array{string, string}> */
    public function readings(Step $step): array
    {
        $plan = $this->plan;
        $say = $this->write->show(...);
        $line = LineHeight::of($plan, $this->write);
        $of = fn (string $what, array $with = []) => $this->speak->say(new Message('site.readings', $with, $what));
        $marks = fn (array $marks, string $from = '') => array_map(
            fn (TapeMark $mark) => [
                $say(Reading::of($mark, $mark->place, $this->write->unit)->shown),
                $from === '' ? $this->speak->say($mark->id->says()) : $of($from, ['mark' => $mark->id->says()]),
            ],
            $marks,
        );

        return array_values(
            match ($step->kind()) {
                StepKind::BoxCheck => array_map(
                    fn (array $row) => [
                        "{$row[0]} ×",
                        $row[1] instanceof Message ? $this->speak->say($row[1]) : $row[1],
                    ],
                    BoxCheck::of($plan),
                ),
                StepKind::Trial => [
                    [$say($plan->heights->topGap->total), $of('trial-gap')],
                    ...array_map(fn (Length $hole) => [$say($hole), $of('trial-hole')], $plan->heights->hangerHoles),
                ],
                StepKind::LeafIn => [[$this->mass(), $of($plan->mass->assumed ? 'mass-assumed' : 'mass')]],
                StepKind::TrimLeaf => array_map(
                    fn (array $trim) => [$this->write->showFine($trim[1]), $of("trim-{$trim[0]}")],
                    Drilling::trims($plan, $this->leaf($step)),
                ),
                StepKind::MarkLeaf => [
                    ...$marks(Tapes::across($plan, $this->leaf($step))),
                    ...$marks(Tapes::down($plan), 'down'),
                    ...$marks(Tapes::up($plan), 'up'),
                ],
                StepKind::BoreLeaf => array_map(
                    fn (Drilling $row) => [
                        self::bits($row->bits) ?: '–',
                        $of('drilled', ['what' => $row->says(), 'from' => $row->from()]),
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
                        [$say($plan->header->span->length()), $of('long')],
                        [$say($plan->header->foot->total), $of('board-bottom')],
                        [$say($plan->header->span->low), $of('left-end')],
                    ],
                StepKind::CutRail, StepKind::RailUp => [
                    [$say($plan->rail->length->total), $of('rail')],
                    [$say($plan->rail->span->low), $of('left-end')],
                    [$line->number, "{$line->whole()}: {$line->beside}"],
                ],
                StepKind::MarkBoard, StepKind::BoreBoard => [...$this->pulled('board'), ...$this->rows()],
                StepKind::MarkWall, StepKind::BoreWall => [...$this->pulled('wall'), ...$this->rows()],
                StepKind::MarkLine => array_map(
                    fn (Heights $at) => [
                        $say($at->readings[count($at->readings) - 1]->shown),
                        $of("line-at-{$at->how}", [
                            'place' => MarkId::of($at->place)->says(),
                            'at' => $at->x,
                            'from' => $plan->doorway->survey->datum(),
                        ]),
                    ],
                    Heights::of($plan),
                ),
                StepKind::BoardFix, StepKind::BoreRail => array_map(
                    fn (Schedule $row) => [
                        "{$row->count} ×",
                        $of($row->length === null ? 'fixing' : 'fixing-long', [
                            'what' => $row->says(),
                            'into' => $row->into(),
                            'long' => (string) $row->length?->toMm(),
                            'bits' => self::bits($row->bits),
                        ]),
                    ],
                    Schedule::of($plan),
                ),
                StepKind::SetStops, StepKind::StopsOn => $this->pulled('rail'),
                StepKind::MarkGuide, StepKind::FixGuide => $this->pulled('floor'),
                StepKind::Hang => [[(string) $step->people, $of('people')], [$this->mass(), $of('door')]],
                default => [],
            },
        );
    }

    /** @return list<string> */
    public function hand(Step $step): array
    {
        $says = match ($step->kind()) {
            StepKind::RailUp => [
                $this->turn('insert', Drive::of($this->plan)->insert),
                ...array_slice(AtHand::hanger($this->plan), 0, 3),
            ],
            StepKind::CutRail => $this->cut(),
            StepKind::RailTrue => [$this->turn('tighten', Drive::of($this->plan)->tighten)],
            StepKind::FitHangers, StepKind::Hang => array_slice(AtHand::hanger($this->plan), 0, 3),
            StepKind::StopsOn,
            StepKind::CatchesOn,
            StepKind::SetStops,
            StepKind::SetCatches,
            StepKind::DiscsIn => AtHand::stop($this->plan),
            StepKind::MarkGuide, StepKind::FixGuide => AtHand::guide($this->plan),
            StepKind::BoreLeaf => [new Message('site.hand', [], 'square')],
            default => [],
        };

        return array_values(
            array_filter([
                StepWords::howTight($step),
                ...array_map($this->speak->say(...), $says),
                StepWords::why($step),
            ]),
        );
    }

    private function mass(): string
    {
        return $this->speak->say(
            new Message('site.readings', ['mass' => Quantity::kilograms(round($this->plan->mass->kg))], 'is-mass'),
        );
    }

    /** @param  list<Length>  $bits */
    private static function bits(array $bits): string
    {
        return implode(' → ', array_map(fn (Length $bit) => (string) $bit->toMm(), $bits));
    }

    private function stop(): ?Scene
    {
        return AtStop::each($this->plan, $this->speak)[0][1] ?? null;
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
            : AsBuilt::leaf($this->plan, $leaf, $width, $height, $this->speak);
    }

    /** @param  list<array{Length, Length}>  $built */
    private function line(array $built): Scene
    {
        return $built === []
            ? AtHanger::of($this->plan, $this->speak)
            : AsBuilt::line($this->plan, $built, $this->speak);
    }

    /** @return list<array{string, string}> the lines of a bracket's holes, each squared up from the rail line */
    private function rows(): array
    {
        return array_map(
            fn (Mark $row) => [
                $this->write->show($row->at),
                $this->speak->say(new Message('site.readings', ['n' => $row->id->n], 'bracket-row')),
            ],
            RunningMarks::rows($this->plan),
        );
    }

    /** @return list<Message> */
    private function cut(): array
    {
        $cut = RailCut::of($this->plan);
        $left = array_map($this->write->show(...), $cut->left ?? []);

        return $cut === null
            ? []
            : [
                new Message(
                    'site.hand',
                    [
                        'bar' => $cut->bar,
                        'end' => Message::word('sides', $cut->end),
                        'bored' => implode(', ', $cut->bored) ?: '–',
                        'left' => implode(', ', $left) ?: '–',
                    ],
                    'rail-cut',
                ),
            ];
    }

    /** @param  list<int>  $holes  in which turn their bolts are driven */
    private function turn(string $how, array $holes): Message
    {
        return new Message('site.hand', ['turn' => implode(', ', $holes)], "turn-{$how}");
    }

    /** @return list<array{string, string}> */
    private function groove(GuidePlace $guide): array
    {
        return $guide->grooveDepth === null || $guide->grooveWidth === null
            ? []
            : [
                [$this->write->showUp($guide->grooveDepth), Speaker::words('site.readings.deep')],
                [$this->write->showUp($guide->grooveWidth), Speaker::words('site.readings.wide')],
                ...$guide->grooveFrom === null
                    ? []
                    : [[$this->write->show($guide->grooveFrom), Speaker::words('site.readings.plunged')]],
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
                    $this->speak->say(
                        new Message(
                            'site.readings',
                            ['mark' => $reading->mark->id->says(), 'hook' => $pull->hook->says()],
                            $pull->way === 1 ? 'hooked' : 'hooked-left',
                        ),
                    ),
                ];
            }
        }

        return $readings;
    }
}
