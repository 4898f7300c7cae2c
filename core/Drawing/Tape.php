<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Marks\Mark;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;

/** A tape laid along the wall or up it, with its divisions, its marks and their readings. */
final readonly class Tape
{
    private const BLADE = 20;

    private const LEADER = 22;

    /** What a second row of labels takes more. */
    public const ROW = 27;

    /** How far labels may stand past the ends of the tape. */
    private const ASIDE = 30;

    /** @param  float  $px millimetres to one pixel of the drawing at its usual size */
    public function __construct(private Wording $wording, private float $px) {}

    /**
     * @param  list<Mark>  $marks  ascending
     * @return list<Shape>
     */
    public function along(Span $wall, float $top, array $marks): array
    {
        $px = $this->px;
        $bottom = $top + self::BLADE * $px;
        $shapes = [Shape::box('tape', $wall->low->toMm(), $top, $wall->length()->toMm(), self::BLADE * $px)];
        $ticks = [];
        foreach ($this->divisions($wall) as [$x, $name]) {
            $ticks[] = [$x, $top, $x, $top + ($name === '' ? 5 : 8) * $px];
            if ($name !== '') {
                $shapes[] = Shape::text('tape-number', $x + 2 * $px, $bottom - 3 * $px, 10 * $px, $name);
            }
        }
        $shapes[] = Shape::lines('tape-tick', $ticks);
        $rows = $this->rows($wall, $marks);
        $sizes = $this->sizes($marks);
        $centres = Labels::spread(
            array_map(fn (Mark $mark) => $mark->at->toMm(), $marks),
            $rows === 1 ? $sizes : $this->inTurn($sizes),
            $wall->low->toMm() - self::ASIDE * $px,
            $wall->high->toMm() + self::ASIDE * $px,
        );
        foreach ($marks as $i => $mark) {
            $x = $mark->at->toMm();
            $row = $bottom + (self::LEADER + ($i % $rows) * self::ROW) * $px;
            $shapes[] = Shape::path("leader leader-{$mark->id}", [
                [$x, $top],
                [$x, $bottom + 5 * $px],
                [$centres[$i], $bottom + (self::LEADER - 7) * $px],
                [$centres[$i], $row - 2 * $px],
            ]);
            $shapes[] = Shape::area('mark', [
                [$x - 4 * $px, $bottom + 6 * $px],
                [$x + 4 * $px, $bottom + 6 * $px],
                [$x, $bottom - 1 * $px],
            ]);
            $shapes[] = Shape::text(
                'reading',
                $centres[$i],
                $row + 10 * $px,
                13 * $px,
                $this->wording->lengths()->showOnTape($mark->at),
                'middle',
            )->telling($mark->sum);
            $shapes[] = Shape::text(
                'caption',
                $centres[$i],
                $row + 21 * $px,
                9.5 * $px,
                $this->wording->say($mark->says()),
                'middle',
            );
        }

        return $shapes;
    }

    /**
     * In how many rows its labels stand: in one where they have room.
     *
     * @param  list<Mark>  $marks
     * @return 1|2
     */
    public function rows(Span $wall, array $marks): int
    {
        return array_sum($this->sizes($marks)) > $wall->length()->toMm() + 2 * self::ASIDE * $this->px ? 2 : 1;
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<float> what the label of each takes along the tape
     */
    private function sizes(array $marks): array
    {
        return array_map(
            fn (Mark $mark) => max(
                Labels::width($this->wording->lengths()->showOnTape($mark->at), 13 * $this->px),
                Labels::said($this->wording->say($mark->says()), 9.5 * $this->px),
            ) +
                6 * $this->px,
            $marks,
        );
    }

    /**
     * In two rows each stands between two of the other row, whose leaders pass beside it.
     *
     * @param  list<float>  $sizes
     * @return list<float>
     */
    private function inTurn(array $sizes): array
    {
        return array_map(
            fn (int $i, float $size) => max($size, $sizes[$i - 1] ?? 0.0, $sizes[$i + 1] ?? 0.0) / 2 + $this->px,
            array_keys($sizes),
            $sizes,
        );
    }

    /**
     * @param  list<Mark>  $marks  ascending
     * @return list<Shape>
     */
    public function up(float $x, Length $top, array $marks): array
    {
        $px = $this->px;
        $left = $x - self::BLADE * $px;
        $shapes = [Shape::box('tape', $left, -$top->toMm(), self::BLADE * $px, $top->toMm())];
        $ticks = [];
        foreach ($this->divisions(new Span(Length::zero(), $top)) as [$at, $name]) {
            $y = -$at;
            $ticks[] = [$x, $y, $x - ($name === '' ? 5 : 8) * $px, $y];
            if ($name !== '' && $at > 0) {
                [$across, $down] = [round($left + 9 * $px, 2), round($y - 2 * $px, 2)];
                $shapes[] = Shape::group(
                    'tape-number',
                    [Shape::text('tape-number', 0.0, 0.0, 10 * $px, $name)],
                    ['transform' => "translate({$across} {$down}) rotate(-90)"],
                );
            }
        }
        $shapes[] = Shape::lines('tape-tick', $ticks);
        $height = 26 * $px;
        $centres = Labels::spread(
            array_map(fn (Mark $mark) => -$mark->at->toMm(), array_reverse($marks)),
            array_fill(0, count($marks), $height),
            -$top->toMm() - 24 * $px,
        );
        foreach (array_reverse($marks) as $i => $mark) {
            $y = -$mark->at->toMm();
            $strong = $mark->id->is('yoke') ? ' is-yoke' : '';
            $shapes[] = Shape::path("leader leader-{$mark->id}", [
                [$x, $y],
                [$left - 5 * $px, $y],
                [$left - 18 * $px, $centres[$i]],
                [$left - 22 * $px, $centres[$i]],
            ]);
            $shapes[] = Shape::area('mark', [
                [$left - 6 * $px, $y - 4 * $px],
                [$left - 6 * $px, $y + 4 * $px],
                [$left + 1 * $px, $y],
            ]);
            $shapes[] = Shape::text(
                "reading{$strong}",
                $left - 25 * $px,
                $centres[$i] + 1.5 * $px,
                13 * $px,
                $this->wording->lengths()->showOnTape($mark->at),
                'end',
            )->telling($mark->sum);
            $shapes[] = Shape::text(
                "caption{$strong}",
                $left - 25 * $px,
                $centres[$i] + 11 * $px,
                9.5 * $px,
                $this->wording->say($mark->says()),
                'end',
            );
        }

        return $shapes;
    }

    /** @return list<array{float, string}> every division, with its number where it carries one */
    private function divisions(Span $span): array
    {
        [$step, $numbered] =
            $this->wording->lengths()->unit === Unit::Inch
                ? [Length::nm(6 * Length::NM_PER_INCH), 4]
                : [Length::mm(100), 5];
        $first = $span->low->roundedUpTo($step);
        $from = intdiv($first->nm, $step->nm);
        $to = $from + intdiv($span->high->nm - $first->nm, $step->nm);
        $divisions = [];
        for ($i = $from; $i <= $to; $i++) {
            $divisions[] = [
                $i * $step->toMm(),
                $i % $numbered === 0 && $i < $to - 1 ? $this->wording->lengths()->showOnTape($step->times($i)) : '',
            ];
        }

        return $divisions;
    }
}
