<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Wording;

/**
 * A kit by itself: a section through hanger and rail, and beside it one end of rail and leaf, every number where it is
 * measured.
 */
final readonly class KitSheet
{
    private const LEAF_SHOWN = 150;

    private function __construct(private Kit $kit, private Wording $wording) {}

    public static function of(Kit $kit, Wording $wording): Scene
    {
        return (new self($kit, $wording))->scene();
    }

    private function scene(): Scene
    {
        $kit = $this->kit;
        $shapes = [...$this->section(), Shape::group('front', $this->front(), ['transform' => 'translate(390 0)'])];
        $top = -$kit->rail->height->half()->toMm() - $kit->hanger->above->toMm() - $kit->hanger->liftOn->toMm() - 34;
        $foot = $kit->rise->toMm() + self::LEAF_SHOWN + 88;

        return new Scene(
            'kit',
            $this->wording->say(Caption::of('kit-sheet', ['kit' => $kit->name])),
            -50.0,
            $top,
            800.0,
            $foot - $top,
            $shapes,
        );
    }

    /** @return list<Shape> wall at the left, y = 0 on the yoke line */
    private function section(): array
    {
        $kit = $this->kit;
        $mm = fn (Length $length) => $length->toMm();
        $half = $mm($kit->rail->height) / 2;
        $rail = $mm($kit->standoff);
        $thick = $mm($kit->rail->thickness);
        $front = $rail + $thick / 2 + $mm($kit->hanger->strapPlane);
        $leaf = $mm($kit->leafThickness->middle());
        $rise = $mm($kit->rise);
        $above = $mm($kit->hanger->above);
        $strap = $mm($kit->hanger->strapThickness);
        $base = $mm($kit->standoffBase) / 2;
        $hole =
            $kit->hanger->holeToTread === null
                ? null
                : $rise + $mm($kit->hanger->holeToTread->minus($kit->rise, $kit->rail->height->half()));
        $shapes = [
            Shape::box('wall-cut', -30, -$half - $above - 30, 30, $half + $above + 30 + $rise + self::LEAF_SHOWN),
            Shape::box('standoff', 0, -$base, $rail, 2 * $base),
            $kit->rail->thickness->equals($kit->rail->height)
                ? Shape::circle('rail', $rail + $thick / 2, 0, $half)
                : Shape::box('rail', $rail, -$half, $thick, 2 * $half),
            Shape::box('leaf', $front - $leaf, $rise, $leaf, self::LEAF_SHOWN),
            Shape::box('wheel', $rail + $thick / 2 - 7, -$half - $above, 14, $above),
            Shape::box(
                'strap',
                $front,
                -$half - $above / 2,
                $strap,
                $half +
                    $above / 2 +
                    ($hole === null
                        ? $rise
                        : $hole +
                            30 +
                            ($kit->hanger->holeOffsets === []
                                ? 0
                                : $mm($kit->hanger->holeOffsets[count($kit->hanger->holeOffsets) - 1]))),
            ),
            Shape::line('yoke-line', -36, 0, $front + 22, 0),
        ];
        $x = $front + $strap + 12;
        $rows = [
            [
                'lift-on',
                -$half - $above - $mm($kit->hanger->liftOn) / 2,
                -$half - $above - $mm($kit->hanger->liftOn),
                -$half - $above,
                $kit->hanger->liftOn,
            ],
            ['above-rail', -$half - $above / 2, -$half - $above, -$half, $kit->hanger->above],
            ['rail', 0, -$half, $half, $kit->rail->height],
            ['rise', $rise / 2 + 10, 0.0, $rise, $kit->rise],
        ];
        if ($hole !== null) {
            foreach ($kit->hanger->holeOffsets as $offset) {
                $shapes[] = Shape::line(
                    'bolt',
                    $front - $leaf,
                    $hole + $mm($offset),
                    $front + $strap + $mm($kit->hanger->boltHead),
                    $hole + $mm($offset),
                );
            }
            $rows[] = ['hole-to-tread', $hole - 8, -$half, $hole, $kit->hanger->holeToTread ?? Length::zero()];
        }
        $centres = Labels::spread(
            array_map(fn (array $row) => (float) $row[1], $rows),
            array_fill(0, count($rows), 21.0),
        );
        foreach ($rows as $i => [$name, , $from, $to, $length]) {
            $at = $x + 9 * $i;
            $shapes[] = Shape::line('dimension', $at, $from, $at, $to);
            $shapes[] = Shape::path('leader', [[$at, ($from + $to) / 2], [$x + 48, $centres[$i]]]);
            $shapes[] = Shape::text(
                'reading',
                $x + 51,
                $centres[$i] + 4,
                15,
                $this->wording->say(Caption::of("kit-{$name}", ['is' => $length])),
            );
        }
        $foot = $rise + self::LEAF_SHOWN;
        $across = [
            ['standoff', 0.0, $rail, $kit->standoff],
            ['rail', $rail, $rail + $thick, $kit->rail->thickness],
            ['strap-plane', $rail + $thick / 2, $front, $kit->hanger->strapPlane],
        ];
        foreach ($across as $i => [$name, $from, $to, $length]) {
            $y = $foot + 12 + 20 * $i;
            $shapes[] = Shape::line('dimension', $from, $y, $to, $y);
            $shapes[] = Shape::text(
                'reading',
                $to + 5,
                $y + 4,
                15,
                $this->wording->say(Caption::of("kit-{$name}", ['is' => $length])),
            );
        }

        return $shapes;
    }

    /**
     * @return list<Shape> the left end of the rail as one faces it, the leaf shut against its stop; x = 0 at the leaf's
     * edge
     */
    private function front(): array
    {
        $kit = $this->kit;
        $mm = fn (Length $length) => $length->toMm();
        $half = $mm($kit->rail->height) / 2;
        $rise = $mm($kit->rise);
        $inset = $mm($kit->hanger->inset);
        $above = $mm($kit->hanger->above);
        $face = $inset - $mm($kit->stop->reach);
        $body = $face - $mm($kit->stop->body);
        $end = $body - $mm($kit->rail->endMargin);
        $first = $end + $mm($kit->rail->firstHole);
        $long = max(300.0, $first + 40);
        $strap = $mm($kit->hanger->strapWidth);
        $plate = $kit->hanger->plateLength;
        $shapes = [
            Shape::box('leaf', 0, $rise, $long, self::LEAF_SHOWN),
            Shape::box('rail', $end, -$half, $long - $end, 2 * $half),
            Shape::box('stop-block', $body, -$half - 8, $mm($kit->stop->body), 2 * $half + 16),
            Shape::box(
                'strap',
                $inset - $strap / 2,
                -$half - $above / 2,
                $strap,
                $half + $above / 2 + $rise + ($plate === null ? 44 : 0),
            ),
            Shape::circle('wheel', $inset, -$half - $above / 2, $above / 2),
            Shape::circle('hole', $first, 0, max(3.0, $mm($kit->rail->holeDiameter) / 2)),
            Shape::line('yoke-line', $end - 14, 0, $long + 10, 0),
        ];
        if ($plate !== null) {
            $shapes[] = Shape::box('strap', $inset - $mm($plate) / 2, $rise - 6, $mm($plate), 6);
        }
        if ($kit->jumpDisc !== null) {
            $shapes[] = Shape::box(
                'guide',
                $mm($kit->jumpDisc->inset) - $mm($kit->jumpDisc->diameter) / 2,
                $rise - 6,
                $mm($kit->jumpDisc->diameter),
                6,
            );
        }
        $y = $rise + self::LEAF_SHOWN + 12;
        $rows = [
            ['hanger-inset', 0.0, $inset, $kit->hanger->inset],
            ['stop-reach', $face, $inset, $kit->stop->reach],
            ['stop-body', $body, $face, $kit->stop->body],
            ['end-margin', $end, $body, $kit->rail->endMargin],
        ];
        foreach ($rows as $i => [$name, $from, $to, $length]) {
            $shapes[] = Shape::line('dimension', min($from, $to), $y + 20 * $i, max($from, $to), $y + 20 * $i);
            $shapes[] = Shape::text(
                'reading',
                max($from, $to) + 6,
                $y + 4 + 20 * $i,
                15,
                $this->wording->say(Caption::of("kit-{$name}", ['is' => $length])),
            );
        }
        $up = -$half - $above - 14;
        $shapes[] = Shape::line('dimension', $end, $up, $first, $up);
        $shapes[] = Shape::text(
            'reading',
            $first + 6,
            $up + 4,
            15,
            $this->wording->say(Caption::of('kit-first-hole', ['is' => $kit->rail->firstHole])),
        );

        return $shapes;
    }
}
