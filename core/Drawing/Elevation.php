<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Obstacle;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\BoardPieces;
use YokeLine\Marks\Mark;
use YokeLine\Marks\RunningMarks;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;

/** The wall as one faces it, true to scale, drawn as far as it is known. */
final readonly class Elevation
{
    /** Pixels that the drawing is made for; text and tapes are sized to be read there. */
    private const WIDE = 740;

    private const HIGH = 470;

    private const LEFT_BAND = 118;

    private const RIGHT_BAND = 34;

    private const FOOT_BAND = 84;

    private const TOP_BAND = 26;

    private Span $wall;

    private Length $ceiling;

    private float $px;

    /** Pixels below the wall, for its tape and the labels. */
    private int $foot;

    /** @param  list<array{float, float}>  $trace  how dense the wall is, 0 to 1, by place in mm */
    private function __construct(
        private Doorway $doorway,
        private ?Plan $plan,
        private Wording $wording,
        private bool $anchors,
        private array $trace,
    ) {
        $survey = $doorway->survey;
        $guess = $survey->opening?->span()->widened(Length::mm(900)) ?? new Span(Length::zero(), Length::mm(3600));
        $this->wall =
            $survey->wall() ??
            new Span(
                $survey->wallFrom ?? Length::least($guess->low, $survey->wallTo ?? $guess->low),
                $survey->wallTo ?? $guess->high,
            );
        $this->ceiling = $survey->ceiling ?? Length::mm(2500);
        $rows = (new Tape($wording, $this->pixel(self::FOOT_BAND)))->rows($this->wall, $this->marks());
        $this->foot = self::FOOT_BAND + ($rows - 1) * Tape::ROW;
        $this->px = $this->pixel($this->foot);
    }

    /** Millimetres to one pixel, with so many of them left below the wall. */
    private function pixel(int $foot): float
    {
        return max(
            $this->wall->length()->toMm() / (self::WIDE - self::LEFT_BAND - self::RIGHT_BAND),
            $this->ceiling->toMm() / (self::HIGH - $foot - self::TOP_BAND),
        );
    }

    /** @return list<Mark> along the wall */
    private function marks(): array
    {
        return $this->plan === null ? [] : RunningMarks::along($this->plan);
    }

    public static function of(Doorway $doorway, ?Plan $plan, Wording $wording): Scene
    {
        return (new self($doorway, $plan, $wording, false, []))->scene();
    }

    /**
     * With every fixing, and the rail to be slid by hand.
     *
     * @param  list<array{float, float}>  $trace  how dense the wall is, 0 to 1, by place in mm
     */
    public static function withAnchors(Doorway $doorway, ?Plan $plan, Wording $wording, array $trace): Scene
    {
        return (new self($doorway, $plan, $wording, $plan !== null, $trace))->scene();
    }

    /** As those see it who will live with it, shut or open: without tapes, studs, rail line and what is in the wall. */
    public static function pictured(Plan $plan, Wording $wording, bool $isOpen): Scene
    {
        return (new self($plan->doorway, $plan, $wording, false, []))->picture($plan, $isOpen);
    }

    private function picture(Plan $plan, bool $isOpen): Scene
    {
        $leaves = [];
        foreach ($plan->layout->runs as $name => $run) {
            $far = $isOpen ? $run->direction * $run->travel->total->toMm() : 0.0;
            $leaves[] = Shape::group('leaf-place', [$this->leaf($name, $run, $plan)], [
                'transform' => 'translate('.round($far, 2).' 0)',
            ]);
        }
        $things = array_map(
            fn (Obstacle $thing) => Shape::spanned('obstacle', $thing->x, $thing->y),
            array_filter(
                $plan->doorway->survey->obstacles,
                fn (Obstacle $thing) => $thing->isOnWall() && ! $thing->moved,
            ),
        );

        return new Scene(
            'picture',
            $this->wording->say(Caption::of($isOpen ? 'picture-open' : 'picture-shut')),
            $this->wall->low->toMm(),
            -$this->ceiling->toMm(),
            $this->wall->length()->toMm(),
            $this->ceiling->toMm() + 8 * $this->px,
            [
                ...$this->wallAndFloor(),
                ...$this->opening(),
                ...array_values($things),
                ...$this->railAndBoard($plan),
                ...$leaves,
            ],
        );
    }

    private function scene(): Scene
    {
        $px = $this->px;
        $tape = new Tape($this->wording, $px);
        $plan = $this->plan;
        $shapes = [
            ...$this->wallAndFloor(),
            ...$this->studs(),
            ...$this->opening(),
            ...$plan === null ? [] : [...$this->carriers($plan), ...$this->leaves($plan)],
            ...$this->things(),
            ...$this->swept(),
            ...$plan === null ? [] : $this->yokeLine($plan),
            ...$plan === null || ! $this->anchors ? [] : $this->anchors($plan),
            ...$tape->along($this->wall, 14 * $px, $this->marks()),
            ...$tape->up(
                $this->wall->low->toMm() - 8 * $px,
                $this->ceiling,
                $plan === null ? [] : RunningMarks::up($plan),
            ),
        ];
        $width = $this->wall->length()->toMm() + (self::LEFT_BAND + self::RIGHT_BAND) * $px;

        return new Scene(
            'elevation',
            $this->title(),
            $this->wall->low->toMm() - self::LEFT_BAND * $px,
            -$this->ceiling->toMm() - self::TOP_BAND * $px,
            $width,
            $this->ceiling->toMm() + ($this->foot + self::TOP_BAND) * $px,
            $shapes,
        );
    }

    private function title(): string
    {
        return $this->plan === null
            ? $this->wording->say(Caption::of('wall-measured'))
            : $this->wording->say(Caption::of('wall-shut', ['line' => $this->plan->yokeLine()]));
    }

    /** @return list<Shape> */
    private function wallAndFloor(): array
    {
        $survey = $this->doorway->survey;
        $known = $survey->wall() !== null && $survey->ceiling !== null;
        $floor = [[$this->wall->low->toMm(), 0.0]];
        $levels =
            $this->plan === null
                ? []
                : array_map(
                    fn (FloorReading $at) => [$at->x->toMm(), -$this->plan->floor->at($at->x)->toMm()],
                    $survey->floor,
                );
        usort($levels, fn (array $a, array $b) => $a[0] <=> $b[0]);
        if ($levels !== []) {
            $floor = [
                [$this->wall->low->toMm(), $levels[0][1]],
                ...$levels,
                [$this->wall->high->toMm(), $levels[count($levels) - 1][1]],
            ];
        } else {
            $floor[] = [$this->wall->high->toMm(), 0.0];
        }
        $deep = 8 * $this->px;
        $shapes = [
            Shape::box(
                $known ? 'wall' : 'wall unmeasured',
                $this->wall->low->toMm(),
                -$this->ceiling->toMm(),
                $this->wall->length()->toMm(),
                $this->ceiling->toMm(),
            ),
            Shape::area('floor', [
                ...$floor,
                [$this->wall->high->toMm(), $floor[count($floor) - 1][1] + $deep],
                [$this->wall->low->toMm(), $floor[0][1] + $deep],
            ]),
        ];
        if ($survey->crown !== null) {
            $shapes[] = Shape::box(
                'casing',
                $this->wall->low->toMm(),
                -$this->ceiling->toMm(),
                $this->wall->length()->toMm(),
                $survey->crown->drop->toMm(),
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function studs(): array
    {
        $shapes = [];
        foreach ($this->doorway->survey->studs as $stud) {
            $shapes[] = Shape::spanned(
                'stud',
                Span::from($stud->x->minus($stud->width->half()), $stud->width),
                new Span(Length::zero(), $this->ceiling),
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function opening(): array
    {
        $opening = $this->doorway->survey->opening;
        $baseboard = $this->doorway->survey->baseboard;
        if ($opening === null) {
            return [];
        }
        $jambs = $opening->span();
        $head = $opening->heights === [] ? Length::mm(2000) : Length::greatest(...$opening->heights);
        $casing = $opening->casing;
        $shapes = [];
        if ($baseboard !== null) {
            $high = new Span(Length::zero(), $baseboard->height);
            $shapes[] = Shape::spanned('baseboard', new Span($this->wall->low, $jambs->low), $high);
            $shapes[] = Shape::spanned('baseboard', new Span($jambs->high, $this->wall->high), $high);
        }
        $shapes[] = Shape::spanned(
            'casing',
            new Span($jambs->low->minus($casing->left), $jambs->high->plus($casing->right)),
            new Span(Length::zero(), $head->plus($casing->head)),
        );
        $shapes[] = Shape::spanned(
            $opening->heights === [] ? 'opening unmeasured' : 'opening',
            $jambs,
            new Span(Length::zero(), $head),
        );

        return $shapes;
    }

    /** @return list<Shape> */
    private function things(): array
    {
        $survey = $this->doorway->survey;
        $shapes = [];
        foreach ($survey->obstacles as $obstacle) {
            $name = Shape::text(
                'caption',
                $obstacle->x->middle()->toMm(),
                -$obstacle->y->high->toMm() - 3 * $this->px,
                9.5 * $this->px,
                $this->wording->say($obstacle->called()),
                'middle',
            );
            $shapes[] = $this->thing($obstacle->place, $obstacle->called(), [
                Shape::spanned(
                    $obstacle->moved ? 'obstacle moved' : ($obstacle->isOnWall() ? 'obstacle' : 'obstacle before'),
                    $obstacle->x,
                    $obstacle->y,
                ),
                $name,
            ]);
        }
        foreach ($survey->hazardsThatStay() as $hazard) {
            $shapes[] = $this->thing($hazard->place, $hazard->called(), [
                Shape::spanned('hazard', $hazard->x, $hazard->y),
            ]);
        }
        foreach ($survey->solids as $solid) {
            $shapes[] = Shape::spanned('solid', $solid->x, $solid->y);
        }

        return $shapes;
    }

    /**
     * Something that can be moved by hand.
     *
     * @param  list<Shape>  $shapes
     */
    private function thing(string $place, Message $what, array $shapes): Shape
    {
        return Shape::group('thing', $shapes, [
            'data-place' => $place,
            'tabindex' => '0',
            'role' => 'button',
            'aria-label' => $this->wording->say(Caption::of('move-thing', ['what' => $what])),
        ]);
    }

    /** @return list<Shape> */
    private function railAndBoard(Plan $plan): array
    {
        $header = $plan->header;

        return [
            ...$header === null
                ? []
                : [Shape::spanned('header', $header->span, new Span($header->foot->total, $header->top->total))],
            ...$this->anchors ? [] : [Shape::spanned('rail', $plan->rail->span, $this->railUp($plan))],
        ];
    }

    /** How high the rail is, from its foot to its top. */
    private function railUp(Plan $plan): Span
    {
        $yoke = $plan->yokeLine();

        return (new Span($yoke, $yoke))->widened($plan->kit->rail->height->half());
    }

    /** @return list<Shape> header, rail, stops, guide */
    private function carriers(Plan $plan): array
    {
        $shapes = $this->railAndBoard($plan);
        if ($this->anchors) {
            return $shapes;
        }
        $yoke = $plan->yokeLine();
        $high = $this->railUp($plan);
        foreach ($plan->joints() as $joint) {
            $x = $joint->toMm();
            $shapes[] = Shape::line('joint', $x, -$high->low->toMm(), $x, -$high->high->toMm());
        }
        foreach ($plan->rail->holes as $hole) {
            $shapes[] = Shape::circle(
                'hole',
                $hole->toMm(),
                -$yoke->toMm(),
                max($plan->kit->rail->holeDiameter->half()->toMm(), 1.6 * $this->px),
            );
        }
        foreach ($plan->stopBodies() as $body) {
            $shapes[] = Shape::spanned('stop-block', $body, $high->widened(Length::mm(8)));
        }
        foreach (Buffer::of($plan) as $buffer) {
            foreach ($buffer->heights as $up) {
                $shapes[] = Shape::spanned('buffer', $buffer->span, (new Span($up, $up))->widened(Length::mm(25)));
            }
        }
        foreach ($plan->guides as $guide) {
            if ($guide->at !== null) {
                $length = $plan->kit->guide->length;
                $shapes[] = Shape::spanned(
                    'guide',
                    Span::from($guide->at->minus($length->half()), $length),
                    new Span($plan->floor->at($guide->at), Length::mm(34)),
                );
            }
        }

        return $shapes;
    }

    /** @return list<Shape> what a scanner felt, drawn over the wall at the height of a hand */
    private function swept(): array
    {
        if ($this->trace === []) {
            return [];
        }
        $foot = -0.42 * $this->ceiling->toMm();

        return [
            Shape::path('trace', array_map(fn (array $at) => [$at[0], $foot - $at[1] * 62 * $this->px], $this->trace)),
        ];
    }

    /** @return list<Shape> the rail that can be slid, its holes by whether they hold, and the screws of the board */
    private function anchors(Plan $plan): array
    {
        $anchoring = Anchoring::of($plan);
        $yoke = $plan->yokeLine();
        $px = $this->px;
        $inside = [Shape::spanned('rail', $plan->rail->span, $this->railUp($plan))];
        $held = array_map(fn (Length $x) => $x->nm, $anchoring->supports);
        foreach ($plan->rail->holes as $i => $hole) {
            $inside[] = Shape::group(
                in_array($hole->nm, $held, true) ? 'rail-hole is-held' : 'rail-hole is-missed',
                [
                    Shape::circle('held', $hole->toMm(), -$yoke->toMm(), 4.5 * $px),
                    Shape::lines('missed', [
                        [
                            $hole->toMm() - 4 * $px,
                            -$yoke->toMm() - 4 * $px,
                            $hole->toMm() + 4 * $px,
                            -$yoke->toMm() + 4 * $px,
                        ],
                        [
                            $hole->toMm() - 4 * $px,
                            -$yoke->toMm() + 4 * $px,
                            $hole->toMm() + 4 * $px,
                            -$yoke->toMm() - 4 * $px,
                        ],
                    ]),
                ],
                ['data-hole' => (string) $i],
            );
        }
        $shapes = [];
        if ($plan->header !== null) {
            $shapes = array_map(
                fn (Length $joint) => Shape::line(
                    'joint',
                    $joint->toMm(),
                    -$plan->header->foot->total->toMm(),
                    $joint->toMm(),
                    -$plan->header->top->total->toMm(),
                ),
                BoardPieces::of($plan, $plan->header)->joints,
            );
        }
        foreach ($anchoring->header->fixings ?? [] as $screw) {
            $shapes[] = Shape::circle('screw', $screw->x->toMm(), -$screw->y->toMm(), 2.6 * $px);
        }
        foreach ($plan->stopBodies() as $body) {
            $shapes[] = Shape::spanned(
                'stop-block',
                $body,
                $this->railUp($plan)->widened(Length::mm(8)),
            );
        }
        $shapes[] = Shape::group('thing rail-group', $inside, [
            'data-place' => 'brief.rules.rail_left',
            'tabindex' => '0',
            'role' => 'button',
            'aria-label' => $this->wording->say(Caption::of('slide-rail')),
        ]);

        return $shapes;
    }

    /** @return list<Shape> the leaf nearest the wall first, behind the others */
    private function leaves(Plan $plan): array
    {
        $shapes = [];
        foreach ($plan->layout->runs as $name => $run) {
            array_push($shapes, $this->ghost($run, $plan), $this->leaf($name, $run, $plan));
        }

        return $shapes;
    }

    private function ghost(LeafRun $run, Plan $plan): Shape
    {
        return Shape::spanned('ghost', $run->open(), new Span($plan->heights->gap->low, $plan->heights->leafTop()));
    }

    private function leaf(string $name, LeafRun $run, Plan $plan): Shape
    {
        $leaf = $run->closed();
        $foot = $plan->heights->gap->low;
        $top = $plan->heights->leafTop();
        $stile = Length::least($plan->doorway->brief->leaf->stile, $leaf->length()->half());
        $inner = $leaf->widened($stile->negated());
        $shapes = [
            Shape::spanned('leaf', $leaf, new Span($foot, $top)),
            Shape::spanned(
                'leaf-panel',
                $inner,
                new Span($foot->plus($stile->times(2)), $plan->doorway->brief->rules->pullHeight->minus($stile)),
            ),
            Shape::spanned(
                'leaf-panel',
                $inner,
                new Span($plan->doorway->brief->rules->pullHeight->plus($stile), $top->minus($stile)),
            ),
        ];
        $tread = $plan->yokeLine()->plus($plan->kit->rail->height->half());
        $holes = $plan->heights->hangerHoles;
        $strapFoot = $top->minus($holes === [] ? Length::zero() : Length::greatest(...$holes)->plus(Length::mm(25)));
        foreach ($plan->hangers()->at as $inset) {
            $x = $run->fromLeading($leaf, $inset);
            $width = $plan->kit->hanger->strapWidth;
            $shapes[] = Shape::spanned(
                'strap',
                Span::from($x->minus($width->half()), $width),
                new Span($strapFoot, $tread->plus($plan->kit->hanger->above->half())),
            );
            $shapes[] = Shape::circle(
                'wheel',
                $x->toMm(),
                -$tread->plus($plan->kit->hanger->above->half())->toMm(),
                $plan->kit->hanger->above->half()->toMm(),
            );
            $shapes[] = Shape::circle('hub', $x->toMm(), -$tread->plus($plan->kit->hanger->above->half())->toMm(), 8.0);
        }
        $pull = $run->fromLeading($leaf, $stile->half());
        $shapes[] = Shape::spanned(
            'pull',
            Span::from($pull->minus(Length::mm(9)), Length::mm(18)),
            Span::from($plan->doorway->brief->rules->pullHeight->minus(Length::mm(130)), Length::mm(260)),
        );

        return Shape::group('leaf-group', $shapes, ['data-slides' => (string) $run->direction, 'data-leaf' => $name]);
    }

    /** @return list<Shape> the level line, and what the tape reads up to it where the floor can turn */
    private function yokeLine(Plan $plan): array
    {
        $px = $this->px;
        $y = -$plan->yokeLine()->toMm();
        $shapes = [
            Shape::line('yoke-line', $this->wall->low->toMm() - 8 * $px, $y, $this->wall->high->toMm() + 26 * $px, $y),
        ];
        $readings = RunningMarks::readings($plan);
        $texts = array_map(fn (array $at) => $this->wording->lengths()->showOnTape($at['up']), $readings);
        $centres = Labels::spread(
            array_map(fn (array $at) => $at['x']->toMm(), $readings),
            array_map(fn (string $text) => Labels::width($text, 12 * $px) + 12 * $px, $texts),
        );
        $row =
            min($y, -($plan->header?->top->total->toMm() ?? -$y), -$plan->heights->headroomNeeded->total->toMm()) -
            16 * $px;
        $row = max($row, -$this->ceiling->toMm() - 10 * $px);
        foreach ($readings as $i => $at) {
            $x = $at['x']->toMm();
            $floor = -$plan->floor->at($at['x'])->toMm();
            $width = Labels::width($texts[$i], 12 * $px) + 6 * $px;
            $shapes[] = Shape::path('pull-up', [[$x, $floor], [$x, $row + 12 * $px], [$centres[$i], $row + 5 * $px]]);
            $shapes[] = Shape::circle('pull-up-end', $x, $y, 2.2 * $px);
            $shapes[] = Shape::box('pull-up-flag', $centres[$i] - $width / 2, $row - 10 * $px, $width, 15 * $px);
            $shapes[] = Shape::text(
                'reading is-yoke',
                $centres[$i],
                $row + 1.5 * $px,
                12 * $px,
                $texts[$i],
                'middle',
            )->telling("up.{$i}");
        }

        return $shapes;
    }
}
