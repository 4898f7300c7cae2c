<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Doorway;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;
use YokeLine\Survey\Asked;
use YokeLine\Survey\Readings;
use YokeLine\Survey\Walk;

/**
 * The wall with everything that is measured on it, each as a dimension to be typed into. What is not measured stands as
 * on a usual wall, in grey, with its name. Once there is a plan, what hangs is seen through.
 */
final readonly class MeasuredWall
{
    private const WIDE = 740;

    private const HIGH = 470;

    private const SIDE_BAND = 40;

    private const TOP_BAND = 22;

    private const FOOT_BAND = 46;

    private const SIZE = 12.5;

    private WallSketch $sketch;

    private WallFace $face;

    private float $px;

    private function __construct(
        private Doorway $doorway,
        private ?Plan $plan,
        private Readings $readings,
        private Wording $wording,
    ) {
        $this->sketch = new WallSketch;
        $from = $this->drawn('survey.wall.from');
        $to = max($this->drawn('survey.wall.to'), $from + 100.0);
        $this->face = new WallFace(
            $doorway->survey,
            new Span(self::mm($from), self::mm($to)),
            self::mm(max($this->drawn('survey.wall.ceiling'), 100.0)),
        );
        $this->px = max(
            $this->face->wall->length()->toMm() / (self::WIDE - 2 * self::SIDE_BAND),
            $this->face->ceiling->toMm() / (self::HIGH - self::TOP_BAND - self::FOOT_BAND),
        );
    }

    public static function of(Doorway $doorway, ?Plan $plan, Readings $readings, Wording $wording): Scene
    {
        return (new self($doorway, $plan, $readings, $wording))->scene();
    }

    private function scene(): Scene
    {
        $px = $this->px;
        $wall = $this->face->wall;

        return new Scene(
            'elevation',
            $this->wording->say(Caption::of('wall-measured')),
            $wall->low->toMm() - self::SIDE_BAND * $px,
            -$this->face->ceiling->toMm() - self::TOP_BAND * $px,
            $wall->length()->toMm() + 2 * self::SIDE_BAND * $px,
            $this->face->ceiling->toMm() + (self::TOP_BAND + self::FOOT_BAND) * $px,
            [
                ...$this->plan === null
                    ? [...$this->outline(), ...$this->face->studs()]
                    : [...$this->planned($this->plan)],
                ...$this->face->things($this->wording, $px),
                ...$this->dimensions(),
            ],
        );
    }

    /** @return list<Shape> as far as it is known, the rest as usual */
    private function outline(): array
    {
        $wall = $this->face->wall;
        $shapes = [];
        foreach ($this->sketch->outline() as [$layer, $corners]) {
            $told = true;
            foreach ($corners as $corner) {
                foreach ([...$corner[0]->places(), ...$corner[1]->places()] as $place) {
                    $told = $told && $this->readings->at($place) !== null;
                }
            }
            $shapes[] = Shape::area($told ? $layer : "{$layer} usual", array_map($this->point(...), $corners));
        }
        $shapes[] = Shape::box(
            'floor',
            $wall->low->toMm(),
            0.0,
            $wall->length()->toMm(),
            8 * $this->px,
        );

        return $shapes;
    }

    /** @return list<Shape> the wall as it was planned for, and faintly what hangs on it */
    private function planned(Plan $plan): array
    {
        $door = new HungDoor($plan);

        return [
            ...$this->face->wallAndFloor($plan->floor, 8 * $this->px),
            ...$this->face->studs(),
            ...$this->face->opening(),
            Shape::group('hung', [...$door->board(), $door->rail(), ...$door->leaves()]),
        ];
    }

    /** @return list<Shape> */
    private function dimensions(): array
    {
        $shapes = [];
        $dimensions = $this->sketch->dimensions();
        foreach (Walk::all() as $asked) {
            if ($asked->isLength() && ! $this->isAbsent($asked)) {
                $shapes[] = isset($dimensions[$asked->place])
                    ? $this->dimension($asked, array_map($this->point(...), $dimensions[$asked->place]))
                    : $this->depth($asked, $this->point($this->sketch->spot($asked->place)));
            }
        }

        return $shapes;
    }

    /** What is not there does not project. */
    private function isAbsent(Asked $asked): bool
    {
        return $asked->unless !== [] &&
            array_filter($asked->unless, fn (string $place) => $this->drawn($place) > 0.0) === [];
    }

    /** @param  array{array{float, float}, array{float, float}}  $ends */
    private function dimension(Asked $asked, array $ends): Shape
    {
        [[$x1, $y1], [$x2, $y2]] = $ends;
        $px = $this->px;
        $text = $this->text($asked);
        $tick = 4 * $px;
        $isUp = abs($x2 - $x1) < 1.0 && $asked->place !== 'survey.wall.from';
        $ticks = $isUp
            ? [[$x1 - $tick, $y1, $x1 + $tick, $y1], [$x2 - $tick, $y2, $x2 + $tick, $y2]]
            : [[$x1, $y1 - $tick, $x1, $y1 + $tick], [$x2, $y2 - $tick, $x2, $y2 + $tick]];
        $long = hypot($x2 - $x1, $y2 - $y1);
        $wide = $this->wide($asked, $text);
        [$x, $y, $anchor] = match (true) {
            // The right height's stays in the opening, clear of what is told of the casing.
            $isUp && str_ends_with($asked->place, '[1]') => [
                $x1 - 5 * $px,
                -$this->upMiddle($y1, $y2, $asked),
                'end',
            ],
            $isUp && $long > 30 * $px => [$x1 + 5 * $px, -$this->upMiddle($y1, $y2, $asked), 'start'],
            $isUp => [$x1 + 7 * $px, min($y1, $y2) - 2 * $px, 'start'],
            // Not where the tapes up the opening cross it.
            $asked->place === 'survey.wall.to' => [$x1 + 0.78 * ($x2 - $x1), $y1 - 3 * $px, 'middle'],
            $long > $wide + 6 * $px => [($x1 + $x2) / 2, $y1 - 3 * $px, 'middle'],
            $asked->place === 'survey.opening.casing.right', $long < 1.0 => [
                $x2 + 6 * $px,
                $y1 + 4 * $px,
                'start',
            ],
            default => [$x1 - 6 * $px, $y1 + 4 * $px, 'end'],
        };

        return $this->field($asked, [
            Shape::line('dimension', $x1, $y1, $x2, $y2),
            Shape::lines('dimension', $ticks),
            ...$this->label($x, $y, $text, $wide, $anchor),
        ]);
    }

    /** Where along an upright line its number stands: no two side by side, none where a depth is told. */
    private function upMiddle(float $y1, float $y2, Asked $asked): float
    {
        $far = match (true) {
            str_ends_with($asked->place, '.ceiling') => 0.86,
            str_ends_with($asked->place, '[1]') => 0.72,
            default => 0.32,
        };

        return -($y1 + ($y2 - $y1) * $far) - 4 * $this->px;
    }

    /**
     * How far something stands out of the wall, which no line on its face can show.
     *
     * @param  array{float, float}  $at
     */
    private function depth(Asked $asked, array $at): Shape
    {
        [$px, $text] = [$this->px, $this->text($asked)];

        return $this->field($asked, [
            Shape::circle('spot', $at[0], $at[1], 3 * $px),
            ...$this->label($at[0] + 7 * $px, $at[1] + 4 * $px, $text, $this->wide($asked, $text), 'start'),
        ]);
    }

    /**
     * @param  'start'|'middle'|'end'  $anchor
     * @return list<Shape> the number on a ground of its own, so that it is read over whatever it stands on
     */
    private function label(float $x, float $y, string $text, float $wide, string $anchor): array
    {
        $size = self::SIZE * $this->px;
        $wide += 4 * $this->px;
        $left = match ($anchor) {
            'start' => $x - 2 * $this->px,
            'middle' => $x - $wide / 2,
            'end' => $x - $wide + 2 * $this->px,
        };

        return [
            Shape::box('ground', $left, $y - $size, $wide, $size * 1.3),
            Shape::text('reading', $x, $y, $size, $text, $anchor),
        ];
    }

    /** @param  list<Shape>  $inside */
    private function field(Asked $asked, array $inside): Shape
    {
        $told = $this->readings->at($asked->place);

        return Shape::group($told === null ? 'dim is-open' : 'dim', $inside, [
            'data-dim' => $asked->place,
            'tabindex' => '0',
            'role' => 'button',
            'aria-label' => $this->wording->say(
                Caption::of($told === null ? 'dim-open' : 'dim', [
                    'what' => new Message($told === null ? 'survey.short' : 'place', [], $asked->place),
                    'is' => $told ?? '',
                ]),
            ),
        ]);
    }

    /** What it reads, or, in grey, what is to be measured here. */
    private function text(Asked $asked): string
    {
        $told = $this->readings->at($asked->place);

        return $told === null
            ? $this->wording->say(new Message('survey.short', [], $asked->place))
            : $this->wording->lengths()->show($told);
    }

    /** Numbers are set in a face of one width, names in another. */
    private function wide(Asked $asked, string $text): float
    {
        return $this->readings->at($asked->place) === null
            ? Labels::said($text, self::SIZE * $this->px)
            : Labels::width($text, self::SIZE * $this->px);
    }

    private function drawn(string $place): float
    {
        return WallSketch::drawn($this->readings, $place);
    }

    /**
     * @param  array{Affine, Affine}  $point
     * @return array{float, float} with y down
     */
    private function point(array $point): array
    {
        return [$point[0]->at($this->drawn(...)), 0.0 - $point[1]->at($this->drawn(...))];
    }

    private static function mm(float $mm): Length
    {
        return Length::mm((int) round($mm));
    }
}
