<?php

declare(strict_types=1);

namespace App\Paper;

use App\Bench\Bench;
use App\Bench\Station;
use App\Marking\MarkingForm;
use App\Models\Doorway;
use App\Words\StepWords;
use YokeLine\Holding\Schedule;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\Finding;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Names;
use YokeLine\Marks\Pull;
use YokeLine\Marks\Reading;
use YokeLine\Marks\RunningMarks;
use YokeLine\Marks\Tapes;
use YokeLine\Marks\WallMark;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\Order;
use YokeLine\Work\Step;
use YokeLine\Work\WorkCard;

/** What the set-out sheet says, on the screen and on paper alike. */
final readonly class SheetContent
{
    public Bench $bench;

    public Plan $plan;

    private LengthWriter $write;

    private MarkingForm $marking;

    public function __construct(public Doorway $doorway, ?Unit $units)
    {
        $this->bench = new Bench($doorway, Station::Rail, $units);
        $this->plan = $this->bench->setout->plan ?? abort(404, 'There is no plan yet; measure the wall first.');
        $this->write = $this->bench->setout->write;
        $this->marking = new MarkingForm($doorway, $units);
    }

    public function subtitle(): string
    {
        return "{$this->doorway->job->name} · change {$this->doorway->revision->number} · {$this->doorway->revision->created_at->format('j M Y')} · ".($this->write->unit === Unit::Millimetre ? 'millimetres' : 'inches');
    }

    public function yoke(): string
    {
        return $this->say($this->plan->yokeLine());
    }

    /** @return list<string> what stops it or must be settled */
    public function findings(): array
    {
        return array_values(
            array_map(
                fn (Finding $finding) => "{$finding->says}.".
                    ($finding->severity->value === 'stop' ? " {$finding->more}" : ''),
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
            fn ($mark) => [$this->say($mark->at), $mark->name],
            array_reverse(RunningMarks::heights($this->plan)),
        );
    }

    /** @return list<array{string, string}> up to the yoke line, by the place along the wall */
    public function readings(): array
    {
        return array_map(
            fn (array $reading) => [
                $this->say($reading['up']),
                $this->say($reading['x']).
                ($reading['x']->equals($this->plan->floor->highSpot()) ? ' · high spot' : ''),
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
                        fn (Reading $reading) => [$this->say($reading->shown), Names::of($reading->mark->id)],
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
        $read = fn (WallMark $mark, string $of = '') => [
            $this->say(Reading::of($mark, $mark->place, $this->write->unit)->shown),
            Names::of($mark->id).$of,
        ];

        return [
            ...$this->ofLeaves(
                fn (PlannedLeaf $leaf) => array_map($read(...), Tapes::across($this->plan, $leaf)),
                'On the leaf, from its leading edge',
                'On the %s leaf, from its leading edge',
            ),
            [
                'On the leaf, up and down',
                [
                    ...array_map(fn (WallMark $mark) => $read($mark, ', down'), Tapes::down($this->plan)),
                    ...array_map(fn (WallMark $mark) => $read($mark, ', up'), Tapes::up($this->plan)),
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
                'Leaf',
                "{$say($plan->layout->width->size->total)} × {$say($plan->heights->leaf->size->total)} × {$say($plan->thickness)}",
            ],
            ...array_map(
                fn (string $leaf, LeafRun $run) => [
                    $leaf === 'leaf' ? 'Opens' : ucfirst($leaf).' opens',
                    ($run->direction === 1 ? 'right' : 'left').", travel {$say($run->travel->total)}",
                ],
                array_keys($plan->layout->runs),
                $plan->layout->runs,
            ),
            ['Passage', implode(', ', array_map(fn ($passage) => $say($passage->total), $plan->layout->passages))],
            ['Rail', $say($plan->rail->length->total).($plan->rail->pieces > 1 ? " in {$plan->rail->pieces}" : '')],
            ...$plan->header === null
                ? []
                : [
                    [
                        'Header',
                        "{$say($plan->header->span->length())} × {$say($plan->header->top->total->minus($plan->header->foot->total))} × {$say($plan->header->thickness)}",
                    ],
                ],
            ['Kit', $plan->kit->name],
            ...$this->ofLeaves(
                fn (PlannedLeaf $leaf) => "{$say($leaf->depth->clearance->total)} clear",
                'Behind leaf',
                'Behind %s leaf',
            ),
            ...$plan->kit->guide->style->needsGroove()
                ? $this->ofLeaves(
                    fn (PlannedLeaf $leaf) => "{$this->write->showUp($leaf->guide->grooveDepth ?? Length::zero())} deep",
                    'Groove',
                    'Groove, %s leaf',
                )
                : [],
        ];
    }

    /** @return list<string> */
    public function fixings(): array
    {
        $mm = fn (Length $length) => (string) $length->toMm();

        return array_map(
            fn (Schedule $row) => "{$row->count} × {$row->says} {$mm($row->diameter)} × ".
                ($row->length === null ? '?' : $mm($row->length)).
                " into {$row->into}, bits ".
                implode(' → ', array_map($mm, $row->bits)).
                ($row->depth === null ? '' : ", {$mm($row->depth)} deep").
                '.',
            $this->bench->fixings(),
        );
    }

    /** @return list<string> what is bored in each leaf: what is bored alike, in one line */
    public function drilling(): array
    {
        $said = [];
        foreach (
            $this->plan->leavesThatDiffer(fn (PlannedLeaf $leaf) => Drilling::of($this->plan, $leaf)) as $name => $leaf
        ) {
            $alike = [];
            foreach (Drilling::of($this->plan, $leaf) as $row) {
                $bits =
                    $row->bits === []
                        ? ''
                        : ', bits '.implode(' → ', array_map(fn (Length $bit) => (string) $bit->toMm(), $row->bits));
                $alike["{$bits}: {$row->from}."][] =
                    ($row->kind === 'groove' ? 'groove' : "{$row->count} for the {$row->kind}").
                    ($row->depth === null ? '' : " {$this->write->showUp($row->depth)} deep");
            }
            array_push(
                $said,
                ...array_map(
                    fn (string $how, array $what) => ($name === '' ? '' : ucfirst($name).' leaf: ').
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
    private function ofLeaves(callable $what, string $title, string $titleOfOne): array
    {
        $leaves = $this->plan->leavesThatDiffer($what);

        return array_map(
            fn (string $name, PlannedLeaf $leaf) => [$name === '' ? $title : sprintf($titleOfOne, $name), $what($leaf)],
            array_keys($leaves),
            $leaves,
        );
    }

    /** @return list<array{string, string}> the steps in ten cards */
    public function order(): array
    {
        // What was looked at and measured is done when there is a sheet.
        $cards = array_slice(WorkCard::of(Order::of($this->plan)), 1);
        $people = fn (array $steps) => max([1, ...array_map(fn (Step $step) => $step->people, $steps)]);

        return array_map(
            fn (string $card, array $steps) => [
                StepWords::card(WorkCard::from($card)),
                implode(
                    '; ',
                    array_unique(array_map(fn (Step $step) => lcfirst(StepWords::kind($step->kind())), $steps)),
                ).
                ' ('.
                StepWords::about(array_sum(array_map(fn (Step $step) => $step->minutes, $steps))).
                ($people($steps) > 1 ? ", {$people($steps)} people" : '').
                ')',
            ],
            array_keys($cards),
            $cards,
        );
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return [...$this->bench->toMove(), ...Cautions::of($this->plan)];
    }

    private function hooked(string $tape, Pull $pull): string
    {
        $on = [
            'wall' => 'Along the wall',
            'board' => 'On the board',
            'rail' => 'On the rail',
            'floor' => 'On the floor',
        ][$tape];

        return "{$on}: hook at the ".
            Names::hook($pull->hook->id).
            ', pull '.
            ($pull->way === 1 ? 'right' : 'left').
            ($pull->hook->carried ? ', carried up with a plumb' : '');
    }

    private function say(Length $length): string
    {
        return $this->write->show($length);
    }
}
