<?php

declare(strict_types=1);

namespace App\Paper;

use App\Bench\Bench;
use App\Bench\Station;
use App\Marking\MarkingForm;
use App\Models\Doorway;
use App\Words\LineHeight;
use App\Words\Speaker;
use App\Words\StepWords;
use YokeLine\Holding\Fasteners;
use YokeLine\Holding\Schedule;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\MarkId;
use YokeLine\Marks\Pull;
use YokeLine\Marks\Reading;
use YokeLine\Marks\RunningMarks;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\Order;
use YokeLine\Work\Step;
use YokeLine\Work\WorkCard;

/**
 * What the set-out sheet says, on the screen and on paper alike.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class SheetContent
{
    public Bench $bench;

    public Plan $plan;

    public Speaker $speak;

    private LengthWriter $write;

    private MarkingForm $marking;

    public function __construct(public Doorway $doorway, ?Unit $units)
    {
        $this->bench = new Bench($doorway, Station::Rail, $units);
        $this->plan = $this->bench->setout->plan ?? abort(404, Speaker::words('refusals.no-plan'));
        $this->write = $this->bench->setout->write;
        $this->speak = Speaker::in($this->write);
        $this->marking = new MarkingForm($doorway, $units);
    }

    public function subtitle(): string
    {
        return Speaker::words('sheet.subtitle', [
            'job' => $this->doorway->job->name,
            'change' => $this->doorway->revision->number,
            'day' => $this->doorway->revision->created_at->translatedFormat('j M Y'),
            'unit' => Speaker::words("sheet.{$this->write->unit->value}"),
        ]);
    }

    /** What the readings up to the line are from: the floor, or the plate that the tape stands on. */
    public function readingsTitle(): string
    {
        return $this->speak->say(
            new Message('sheet.titles', ['from' => $this->plan->doorway->survey->datum()], 'readings'),
        );
    }

    public function line(): LineHeight
    {
        return LineHeight::of($this->plan, $this->write);
    }

    /** @return list<string> what stops it or must be settled */
    public function findings(): array
    {
        return array_values(
            array_map(
                fn (Finding $finding) => $this->speak->sentence($finding->says()).
                    ($finding->severity === Severity::Stop ? " {$this->speak->say($finding->more())}" : ''),
                array_filter(
                    $this->bench->setout->findings,
                    fn (Finding $finding) => $finding->severity->needsSettling(),
                ),
            ),
        );
    }

    /** @return list<array{string, string}> up from the high spot, the highest first */
    public function heights(): array
    {
        return array_map(
            fn ($mark) => [$this->write->showOnTape($mark->at), $this->speak->say($mark->says())],
            array_reverse(RunningMarks::heights($this->plan)),
        );
    }

    /** @return list<array{string, string}> up to the yoke line, by the place along the wall */
    public function readings(): array
    {
        return array_map(
            fn (array $reading) => [
                $this->write->showOnTape($reading['up']),
                $this->say($reading['x']).
                ($reading['x']->equals($this->plan->floor->highSpot())
                    ? ' · '.$this->speak->say(MarkId::of('high-spot')->says())
                    : ''),
            ],
            RunningMarks::readings($this->plan),
        );
    }

    /** @return list<array{string, list<array{string, string}>}> every pull of every tape, with its readings */
    public function pulls(): array
    {
        $found = [];
        foreach ($this->marking->pulls() as $tape => $pulls) {
            foreach ($pulls->pulls as $pull) {
                $found[] = [
                    $this->hooked($tape, $pull),
                    array_map(
                        fn (Reading $reading) => [
                            $this->write->showOnTape($reading->shown),
                            $this->speak->say($reading->mark->id->says()),
                        ],
                        $pull->readings,
                    ),
                ];
            }
        }

        return $found;
    }

    /** @return list<array{string, list<array{string, string}>}> the leaf's own tapes: across it, down it, up it */
    public function leafTapes(): array
    {
        $read = fn (TapeMark $mark, string $from = '') => [
            $this->write->showOnTape(Reading::of($mark, $mark->place, $this->write->step())->shown),
            $from === '' ? $this->speak->say($mark->id->says()) : $this->of($from, ['mark' => $mark->id->says()]),
        ];

        return [
            ...$this->ofLeaves(
                fn (PlannedLeaf $leaf) => array_map($read(...), Tapes::across($this->plan, $leaf)),
                'on-door',
            ),
            [
                $this->of('on-door-up-down'),
                [
                    ...array_map(fn (TapeMark $mark) => $read($mark, 'down'), Tapes::down($this->plan)),
                    ...array_map(fn (TapeMark $mark) => $read($mark, 'up'), Tapes::up($this->plan)),
                ],
            ],
        ];
    }

    /** @return list<array{string, string}> */
    public function sizes(): array
    {
        $plan = $this->plan;
        $say = $this->say(...);

        return [
            [
                $this->of('door'),
                "{$say($plan->layout->width->size->total)} × {$say($plan->heights->leaf->size->total)} × {$say(
                    $plan->thickness,
                )}",
            ],
            ...array_map(
                fn (string $leaf, LeafRun $run) => [
                    $this->titled('opens', $leaf === 'leaf' ? '' : $leaf),
                    $this->of($run->direction === 1 ? 'opens-right' : 'opens-left', ['travel' => $run->travel->total]),
                ],
                array_keys($plan->layout->runs),
                $plan->layout->runs,
            ),
            [
                $this->of('passage'),
                implode(', ', array_map(fn ($passage) => $say($passage->total), $plan->layout->passages)),
            ],
            [
                $this->of('rail'),
                count($plan->rail->pieces) > 1
                    ? $this->of('in-pieces', [
                        'long' => $plan->rail->length->total,
                        'pieces' => count($plan->rail->pieces),
                    ])
                    : $say($plan->rail->length->total),
            ],
            ...$plan->header === null
                ? []
                : [
                    [
                        $this->of('header'),
                        "{$say($plan->header->span->length())} × {$say(
                            $plan->header->top->total->minus($plan->header->foot->total),
                        )} × {$say($plan->header->thickness)}",
                    ],
                ],
            [$this->of('kit'), $plan->kit->name],
            ...$this->ofLeaves(
                fn (PlannedLeaf $leaf) => $this->of('is-clear', ['by' => $leaf->depth->clearance->total]),
                'behind',
            ),
            ...$plan->kit->guide->style->needsGroove()
                ? $this->ofLeaves(
                    fn (PlannedLeaf $leaf) => $this->of('is-deep', [
                        'deep' => $leaf->guide->grooveDepth ?? Length::zero(),
                    ]),
                    'groove',
                )
                : [],
        ];
    }

    /** @return list<string> */
    public function fixings(): array
    {
        $fasteners = Fasteners::of($this->bench->setout->doorway->units);
        $mm = fn (?Length $length) => $length === null ? '?' : $fasteners->size($length);

        return array_map(
            fn (Schedule $row) => $this->of($row->depth === null ? 'fixing' : 'fixing-deep', [
                'n' => $row->count,
                'what' => $row->says(),
                'diameter' => $mm($row->diameter),
                'length' => $mm($row->length),
                'into' => $row->into(),
                'bits' => implode(' → ', array_map($mm, $row->bits)),
                'depth' => $mm($row->depth),
            ]),
            $this->bench->fixings(),
        );
    }

    /** @return list<string> what is bored in each leaf: what is bored alike, in one line */
    public function drilling(): array
    {
        $fasteners = Fasteners::of($this->bench->setout->doorway->units);
        $said = [];
        foreach (
            $this->plan->leavesThatDiffer(fn (PlannedLeaf $leaf) => Drilling::of($this->plan, $leaf)) as $name => $leaf
        ) {
            $alike = [];
            foreach (Drilling::of($this->plan, $leaf) as $row) {
                $bits = implode(' → ', array_map($fasteners->size(...), $row->bits));
                $how = $this->of($bits === '' ? 'drilled-from' : 'drilled-with', [
                    'from' => $row->from(),
                    'bits' => $bits,
                ]);
                $alike[$how][] =
                    $row->depth === null
                        ? $this->speak->say($row->says())
                        : $this->of('drilled-deep', ['what' => $row->says(), 'deep' => $row->depth]);
            }
            array_push(
                $said,
                ...array_map(
                    fn (string $how, array $what) => ($name === '' ? '' : $this->titled('door', $name).': ').
                        implode(', ', $what).
                        $how,
                    array_keys($alike),
                    $alike,
                ),
            );
        }

        return $said;
    }

    /**
     * Something of each leaf by its title: once where it is alike.
     *
     * @template T
     *
     * @param  callable(PlannedLeaf): T  $what
     * @return list<array{string, T}>
     */
    private function ofLeaves(callable $what, string $title): array
    {
        $leaves = $this->plan->leavesThatDiffer($what);

        return array_map(
            fn (string $name, PlannedLeaf $leaf) => [$this->titled($title, $name), $what($leaf)],
            array_keys($leaves),
            $leaves,
        );
    }

    /** @param  list<Step>  $steps */
    private static function people(array $steps): string
    {
        $most = max([1, ...array_map(fn (Step $step) => $step->people, $steps)]);

        return $most === 1 ? '' : ', '.Speaker::words('shop.people', ['count' => $most]);
    }

    /** @return list<array{string, string}> the steps in ten cards */
    public function order(): array
    {
        // What was looked at and measured is done when there is a sheet.
        $cards = array_slice(WorkCard::of(Order::of($this->plan)), 1);

        return array_map(
            fn (string $card, array $steps) => [
                StepWords::card(WorkCard::from($card)),
                implode(
                    '; ',
                    array_unique(array_map(fn (Step $step) => lcfirst(StepWords::kind($step->kind())), $steps)),
                ).
                ' ('.
                StepWords::about(array_sum(array_map(fn (Step $step) => $step->minutes, $steps))).
                self::people($steps).
                ')',
            ],
            array_keys($cards),
            $cards,
        );
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return [...$this->bench->toMove(), ...array_map($this->speak->say(...), Cautions::of($this->plan))];
    }

    private function hooked(string $tape, Pull $pull): string
    {
        return $this->of($pull->way === 1 ? 'hooked-right' : 'hooked-left', [
            'tape' => new Message('sheet.tapes', [], $tape),
            'hook' => $pull->hook->says(),
        ]);
    }

    /** @param  array<string, Value>  $with */
    private function of(string $what, array $with = []): string
    {
        return $this->speak->say(new Message("sheet.{$what}", $with));
    }

    /** What a row is called, of one leaf of a pair where it is of one. */
    private function titled(string $what, string $leaf): string
    {
        return $leaf === ''
            ? $this->of($what)
            : $this->of('of-leaf', ['leaf' => Message::word('leaves', $leaf), 'what' => new Message("sheet.{$what}")]);
    }

    private function say(Length $length): string
    {
        return $this->write->show($length);
    }
}
