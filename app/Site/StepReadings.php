<?php

declare(strict_types=1);

namespace App\Site;

use App\Marking\MarkingForm;
use App\Words\LineHeight;
use App\Words\Speaker;
use YokeLine\Doorway\RailEnd;
use YokeLine\Holding\Fasteners;
use YokeLine\Holding\Schedule;
use YokeLine\Marks\AsShown;
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
use YokeLine\Planning\Buffer;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/**
 * The numbers of a step, each as its tape reads it, and what each is.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class StepReadings
{
    /** @var array<string, Pulls> */
    private array $pulls;

    private Speaker $speak;

    public function __construct(private Plan $plan, private LengthWriter $write, MarkingForm $marking)
    {
        $this->pulls = $marking->pulls();
        $this->speak = Speaker::in($write);
    }

    /** @return list<array{string, string}> */
    public function readings(Step $step): array
    {
        $leaf = SiteMeasurements::leafOf($step, $this->plan);

        return match ($step->kind()) {
            StepKind::BoxCheck => $this->box(),
            StepKind::Trial => $this->trial(),
            StepKind::LeafIn,
            StepKind::SquareUp => [[$this->mass(), $this->of($this->plan->mass->assumed ? 'mass-assumed' : 'mass')]],
            StepKind::TrimLeaf => $this->trimmed($leaf),
            StepKind::MarkLeaf => [
                ...$this->marks(Tapes::across($this->plan, $leaf)),
                ...$this->marks(Tapes::down($this->plan), 'down'),
                ...$this->marks(Tapes::up($this->plan), 'up'),
            ],
            StepKind::BoreLeaf => $this->drilled($leaf),
            StepKind::Groove => $this->groove($leaf->guide),
            StepKind::CutBoard, StepKind::BoardUp => $this->board(),
            StepKind::CutRail, StepKind::RailUp => $this->rail(),
            StepKind::JoinRail => $this->pieces(),
            StepKind::MarkBoard, StepKind::BoreBoard => [...$this->pulled('board'), ...$this->rows()],
            StepKind::MarkWall, StepKind::BoreWall => [...$this->pulled('wall'), ...$this->rows()],
            StepKind::MarkLine => $this->heights(),
            StepKind::BoardFix, StepKind::BoreRail => $this->fixings(),
            StepKind::SetStops, StepKind::StopsOn => $this->pulled('rail'),
            StepKind::Buffer => $this->buffers(),
            StepKind::MarkGuide, StepKind::FixGuide => $this->pulled('floor'),
            StepKind::Hang => [[(string) $step->people, $this->of('people')], [$this->mass(), $this->of('door')]],
            default => [],
        };
    }

    /** @param  array<string, Value>  $with */
    private function of(string $what, array $with = []): string
    {
        return $this->speak->say(new Message('site.readings', $with, $what));
    }

    /** @return list<array{string, string}> */
    private function box(): array
    {
        return array_map(
            fn (array $row) => ["{$row[0]} ×", $row[1] instanceof Message ? $this->speak->say($row[1]) : $row[1]],
            BoxCheck::of($this->plan),
        );
    }

    /** @return list<array{string, string}> */
    private function trial(): array
    {
        $heights = $this->plan->heights;

        return [
            [$this->write->show($heights->topGap->total), $this->of('trial-gap')],
            ...array_map(
                fn (Length $hole) => [$this->write->show($hole), $this->of('trial-hole')],
                $heights->hangerHoles,
            ),
        ];
    }

    /** @return list<array{string, string}> */
    private function trimmed(PlannedLeaf $leaf): array
    {
        return array_map(
            fn (array $trim) => [$this->write->showFine($trim[1]), $this->of("trim-{$trim[0]}")],
            Drilling::trims($this->plan, $leaf),
        );
    }

    /**
     * @param  list<TapeMark>  $marks
     * @return list<array{string, string}>
     */
    private function marks(array $marks, string $from = ''): array
    {
        return array_map(
            fn (TapeMark $mark) => [
                $this->write->showOnTape(Reading::of($mark, $mark->place, $this->write->step())->shown),
                $from === '' ? $this->speak->say($mark->id->says()) : $this->of($from, ['mark' => $mark->id->says()]),
            ],
            $marks,
        );
    }

    /** @return list<array{string, string}> */
    private function drilled(PlannedLeaf $leaf): array
    {
        $rows = array_filter(Drilling::of($this->plan, $leaf), fn (Drilling $row) => $row->kind !== 'groove');

        return array_map(
            fn (Drilling $row) => [
                $this->bits($row->bits) ?: '–',
                $this->of('drilled', ['what' => $row->says(), 'from' => $row->from()]),
            ],
            array_values($rows),
        );
    }

    /** @return list<array{string, string}> */
    private function buffers(): array
    {
        $rows = [];
        foreach (Buffer::of($this->plan) as $buffer) {
            $of = ['way' => Message::word('ways', $buffer->way), 'thick' => $buffer->thickness];
            $rows[] = [$this->write->showOnTape($buffer->edge), $this->of('buffer-edge', $of)];
            foreach ($buffer->heights as $up) {
                $rows[] = [$this->write->showOnTape($up), $this->of('buffer-up', $of)];
            }
            if ($buffer->packing()->isPositive()) {
                $rows[] = [$this->write->show($buffer->packing()), $this->of('buffer-packing', $of)];
            }
        }

        return $rows;
    }

    /** @return list<array{string, string}> */
    private function board(): array
    {
        $header = $this->plan->header;
        $shown = AsShown::of($this->plan);

        return $header === null
            ? []
            : [
                [$this->write->show($header->span->length()), $this->of('long')],
                [$this->write->showOnTape($header->foot->total), $this->of('board-bottom')],
                [
                    $this->write->showOnTape($shown->length('header.left', $header->span->low)),
                    $this->of('left-end'),
                ],
            ];
    }

    /** @return list<array{string, string}> the pieces of the rail from the left, each with the ends that it has */
    private function pieces(): array
    {
        $parts = $this->plan->kit->rail->parts;
        $end = fn (string $side, ?RailEnd $end) => new Message(
            'answer',
            ['of' => "kit.rail.pieces[].{$side}"],
            ($end ?? RailEnd::Plate)->value,
        );

        return array_map(
            fn (int $i, Length $piece) => [
                $this->write->show($piece),
                $this->of('piece', [
                    'n' => $i + 1,
                    'left' => $end('left', $parts[$i]->left ?? null),
                    'right' => $end('right', $parts[$i]->right ?? null),
                ]),
            ],
            array_keys($this->plan->rail->pieces),
            $this->plan->rail->pieces,
        );
    }

    /** @return list<array{string, string}> */
    private function rail(): array
    {
        $line = LineHeight::of($this->plan, $this->write);

        return [
            [$this->write->show($this->plan->rail->length->total), $this->of('rail')],
            [
                $this->write->showOnTape(AsShown::of($this->plan)->sum('rail.left', $this->plan->rail->left)),
                $this->of('left-end'),
            ],
            [$line->number, "{$line->whole()}: {$line->beside}"],
        ];
    }

    /** @return list<array{string, string}> */
    private function heights(): array
    {
        return array_map(
            fn (Heights $at) => [
                $this->write->showOnTape($at->readings[count($at->readings) - 1]->shown),
                $this->of("line-at-{$at->how}", [
                    'place' => MarkId::of($at->place)->says(),
                    'at' => $at->x,
                    'from' => $this->plan->doorway->survey->datum(),
                ]),
            ],
            Heights::of($this->plan),
        );
    }

    /** @return list<array{string, string}> */
    private function fixings(): array
    {
        $fasteners = Fasteners::of($this->plan->doorway->units);

        return array_map(
            fn (Schedule $row) => [
                "{$row->count} ×",
                $this->of($row->length === null ? 'fixing' : 'fixing-long', [
                    'what' => $row->says(),
                    'into' => $row->into(),
                    'long' => $row->length === null ? '' : $fasteners->size($row->length),
                    'bits' => $this->bits($row->bits),
                ]),
            ],
            Schedule::of($this->plan),
        );
    }

    private function mass(): string
    {
        return $this->speak->say(
            new Message('site.readings', ['mass' => Quantity::kilograms(round($this->plan->mass->kg))], 'is-mass'),
        );
    }

    /** @param  list<Length>  $bits */
    private function bits(array $bits): string
    {
        return implode(' → ', array_map(Fasteners::of($this->plan->doorway->units)->size(...), $bits));
    }

    /** @return list<array{string, string}> the lines of a bracket's holes, each squared up from the rail line */
    private function rows(): array
    {
        return array_map(
            fn (Mark $row) => [
                $this->write->showOnTape($row->at),
                $this->speak->say(new Message('site.readings', ['n' => $row->id->n], 'bracket-row')),
            ],
            RunningMarks::rows($this->plan),
        );
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
                    $this->write->showOnTape($reading->shown),
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
