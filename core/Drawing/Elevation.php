<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Holding\Anchoring;
use YokeLine\Holding\BoardPieces;
use YokeLine\Marks\Mark;
use YokeLine\Marks\RunningMarks;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Buffer;
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

    private WallFace $face;

    private float $px;

    /** Pixels below the wall, for its tape and the labels. */
    private int $foot;

    /** @param  ?list<array{float, float}>  $trace  of a wall with its anchors: how dense it is, by place in mm */
    private function __construct(private Plan $plan, private Wording $wording, private ?array $trace)
    {
        $this->face = WallFace::of($plan);
        $rows = (new Tape($wording, $this->pixel(self::FOOT_BAND)))->rows($this->face->wall, $this->marks());
        $this->foot = self::FOOT_BAND + ($rows - 1) * Tape::ROW;
        $this->px = $this->pixel($this->foot);
    }

    /** Millimetres to one pixel, with so many of them left below the wall. */
    private function pixel(int $foot): float
    {
        return max(
            $this->face->wall->length()->toMm() / (self::WIDE - self::LEFT_BAND - self::RIGHT_BAND),
            $this->face->ceiling->toMm() / (self::HIGH - $foot - self::TOP_BAND),
        );
    }

    /** @return list<Mark> along the wall */
    private function marks(): array
    {
        return RunningMarks::along($this->plan);
    }

    public static function of(Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, $wording, null))->scene();
    }

    /**
     * With every fixing, and the rail to be slid by hand.
     *
     * @param  list<array{float, float}>  $trace  how dense the wall is, 0 to 1, by place in mm
     */
    public static function withAnchors(Plan $plan, Wording $wording, array $trace): Scene
    {
        return (new self($plan, $wording, $trace))->scene();
    }

    private function scene(): Scene
    {
        $px = $this->px;
        $tape = new Tape($this->wording, $px);
        $plan = $this->plan;
        $shapes = [
            ...$this->face->wallAndFloor($plan->floor, 8 * $px),
            ...$this->face->studs(),
            ...$this->face->opening(),
            ...$this->carriers($plan),
            ...(new HungDoor($plan))->leaves(),
            ...$this->face->things($this->wording, $px),
            ...$this->swept(),
            ...$this->yokeLine($plan),
            ...$this->trace === null ? [] : $this->anchors($plan),
            ...$tape->along($this->face->wall, 14 * $px, $this->marks()),
            ...$tape->up(
                $this->face->wall->low->toMm() - 8 * $px,
                $this->face->ceiling,
                RunningMarks::up($plan),
            ),
        ];
        $width = $this->face->wall->length()->toMm() + (self::LEFT_BAND + self::RIGHT_BAND) * $px;

        return new Scene(
            'elevation',
            $this->wording->say(Caption::of('wall-shut', ['line' => $plan->yokeLine()])),
            $this->face->wall->low->toMm() - self::LEFT_BAND * $px,
            -$this->face->ceiling->toMm() - self::TOP_BAND * $px,
            $width,
            $this->face->ceiling->toMm() + ($this->foot + self::TOP_BAND) * $px,
            $shapes,
        );
    }

    /** @return list<Shape> header, rail, stops, guide */
    private function carriers(Plan $plan): array
    {
        $door = new HungDoor($plan);
        $shapes = $door->board();
        if ($this->trace !== null) {
            return $shapes;
        }
        $yoke = $plan->yokeLine();
        $high = $door->railUp();
        $shapes[] = $door->rail();
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
        if ($this->trace === null || $this->trace === []) {
            return [];
        }
        $foot = -0.42 * $this->face->ceiling->toMm();

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
        $door = new HungDoor($plan);
        $inside = [$door->rail()];
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
                $door->railUp()->widened(Length::mm(8)),
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

    /** @return list<Shape> the level line, and what the tape reads up to it where the floor can turn */
    private function yokeLine(Plan $plan): array
    {
        $px = $this->px;
        $y = -$plan->yokeLine()->toMm();
        $shapes = [
            Shape::line(
                'yoke-line',
                $this->face->wall->low->toMm() - 8 * $px,
                $y,
                $this->face->wall->high->toMm() + 26 * $px,
                $y,
            ),
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
        $row = max($row, -$this->face->ceiling->toMm() - 10 * $px);
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
