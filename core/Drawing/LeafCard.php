<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Planning\WallPull;

/**
 * The leaf for the shop: its face with every hole, its top edge, its foot with the groove; the leading edge is marked.
 */
final readonly class LeafCard
{
    /** Room for labels beside the leaf, as the card is drawn 420 high. */
    private const BESIDE = 240;

    /** Of a shortened leaf so much of its top and its foot is drawn true, and what is between them in so little. */
    private const TRUE_TOP_MM = 330.0;

    private const BETWEEN_MM = 240.0;

    private LeafRun $run;

    private float $wide;

    private float $thick;

    /** A point of the card as it is shown. */
    private float $px;

    private function __construct(
        private Plan $plan,
        private PlannedLeaf $leaf,
        private Wording $wording,
        private float $high,
        private float $squeeze,
    ) {
        $this->run = $leaf->run;
        $this->wide = $leaf->run->width->toMm();
        $this->thick = $plan->thickness->toMm();
        $this->px = $squeeze < 1.0 ? $this->wide / 560 : $high / 420;
    }

    public static function of(Plan $plan, PlannedLeaf $leaf, Wording $wording): Scene
    {
        return (new self($plan, $leaf, $wording, $plan->heights->leaf->size->total->toMm(), 1.0))->scene();
    }

    /** With its middle drawn short, where there is little room. */
    public static function shortened(Plan $plan, PlannedLeaf $leaf, Wording $wording): Scene
    {
        $high = $plan->heights->leaf->size->total->toMm();
        $squeeze = min(1.0, self::BETWEEN_MM / max(1.0, $high - self::TRUE_TOP_MM));

        return (new self(
            $plan,
            $leaf,
            $wording,
            self::TRUE_TOP_MM + ($high - self::TRUE_TOP_MM) * $squeeze,
            $squeeze,
        ))->scene();
    }

    private function scene(): Scene
    {
        $height = $this->plan->heights->leaf->size->total;

        return new Scene(
            'leaf-card',
            $this->wording->say(Caption::of('leaf-card', ['wide' => $this->run->width, 'high' => $height])),
            -(self::BESIDE + 10) * $this->px,
            -$this->thick - 84 * $this->px,
            $this->wide + 2 * (self::BESIDE + 10) * $this->px,
            $this->high + 2 * $this->thick + 136 * $this->px,
            [
                ...$this->faces(),
                ...$this->members(),
                ...$this->behind(),
                ...$this->marks(),
                ...$this->labels(),
                ...$this->holesDown(),
                ...$this->groove(),
            ],
        );
    }

    /** As one faces it in the room: a leaf that opens left leads on the right. */
    private function x(Length|float $fromLeading): float
    {
        $mm = $fromLeading instanceof Length ? $fromLeading->toMm() : $fromLeading;

        return $this->run->direction === 1 ? $mm : $this->wide - $mm;
    }

    /** Where so far down from the top is drawn. */
    private function down(float $mm): float
    {
        return min($mm, self::TRUE_TOP_MM) + max(0.0, $mm - self::TRUE_TOP_MM) * $this->squeeze;
    }

    /** Where what is so far up from the foot is drawn. */
    private function up(Length $fromFoot): float
    {
        return $this->down($this->plan->heights->leaf->size->total->minus($fromFoot)->toMm());
    }

    /** What is told of heights stands beside the trailing edge, where nothing else is. */
    private function beside(float $y, float $size, Message $says): Shape
    {
        [$x, $anchor] =
            $this->run->direction === 1 ? [$this->wide + 12 * $this->px, 'start'] : [-12 * $this->px, 'end'];

        return Shape::text('reading', $x, $y, $size * $this->px, $this->wording->say($says), $anchor);
    }

    /** @param  'start'|'middle'|'end'  $anchor */
    private function caption(float $x, float $y, Message $says, string $anchor = 'middle'): Shape
    {
        return Shape::text('caption', $x, $y, 10 * $this->px, $this->wording->say($says), $anchor);
    }

    /** @return list<Shape> its face, its top edge over it and its foot below, and which edge leads */
    private function faces(): array
    {
        [$wide, $high, $thick, $px] = [$this->wide, $this->high, $this->thick, $this->px];
        $stile = min($wide / 2, $this->plan->doorway->brief->leaf->stile->toMm());
        $leads = $this->run->direction === 1;

        return [
            Shape::box('leaf-outline', 0, 0, $wide, $high),
            Shape::line('leaf-member', $stile, 0, $stile, $high),
            Shape::line('leaf-member', $wide - $stile, 0, $wide - $stile, $high),
            Shape::box('leaf-outline', 0, -$thick - 26 * $px, $wide, $thick),
            Shape::box('leaf-outline', 0, $high + 26 * $px, $wide, $thick),
            $this->caption($wide / 2, -$thick - 30 * $px, Caption::of('top-edge')),
            $this->caption($wide / 2, $high + $thick + 36 * $px, Caption::of('bottom')),
            $this->caption(
                $this->x(0.0) + ($leads ? -5 : 5) * $px,
                $high / 2,
                Caption::of('leading-edge'),
                $leads ? 'end' : 'start',
            ),
        ];
    }

    /** @return list<Shape> where it is solid */
    private function members(): array
    {
        return array_map(function (Span $member): Shape {
            [$from, $to] = [$this->x($member->low), $this->x($member->high)];

            return Shape::box('solid-member', min($from, $to), 0, abs($to - $from), $this->high);
        }, $this->plan->doorway->brief->leaf->solid);
    }

    /** @return list<Shape> the handle on its back, where there is one */
    private function behind(): array
    {
        $brief = $this->plan->doorway->brief;
        if ($brief->wallPull === null) {
            return [];
        }
        $middle = WallPull::middle(
            $this->run,
            $this->plan->room->opening->span(),
            $brief->leaf,
            $brief->wallPull,
            $this->plan->doorway->units,
        );
        [$x, $y] = [$this->x($middle), $this->up(Tapes::up($this->plan)[0]->place)];
        [$halfWide, $halfHigh] = [$brief->wallPull->width->half()->toMm(), $brief->wallPull->height->half()->toMm()];

        return [
            Shape::box('behind', $x - $halfWide, $y - $halfHigh, 2 * $halfWide, 2 * $halfHigh),
            $this->caption(
                $x,
                $y + $halfHigh + 14 * $this->px,
                Caption::of("behind-{$brief->wallPull->kind->value}", ['in' => $middle]),
            ),
        ];
    }

    /** @return list<Shape> what is bored, screwed or set into it */
    private function marks(): array
    {
        $shapes = [];
        foreach (Tapes::across($this->plan, $this->leaf) as $mark) {
            $at = $this->x($mark->place);
            array_push(
                $shapes,
                ...match (strtok($mark->id->kind, '-')) {
                    'hanger' => $this->hanger($at),
                    'pull' => $this->pull($at),
                    default => [
                        Shape::circle(
                            'bore',
                            $at,
                            -$this->thick / 2 - 26 * $this->px,
                            max(4 * $this->px, $this->thick / 5),
                        ),
                    ],
                },
            );
        }

        return $shapes;
    }

    /** @return list<Shape> its holes in the face, or its plate on the top edge */
    private function hanger(float $at): array
    {
        $hanger = $this->plan->kit->hanger;
        $top = -$this->thick - 26 * $this->px;
        $radius = max($this->plan->leafHole()->toMm() / 2, 3 * $this->px);
        $plate = $hanger->plateLength?->toMm() ?? 100.0;
        $holes = array_map(
            fn (Length $down) => Shape::circle('bore', $at, $down->toMm(), $radius),
            $this->plan->heights->hangerHoles,
        );

        return [
            ...$holes === [] ? [Shape::box('plate', $at - $plate / 2, $top, $plate, $this->thick)] : $holes,
            Shape::line('centre', $at, $top, $at, 160 * $this->px),
        ];
    }

    /** @return list<Shape> the handle, and how far up it is */
    private function pull(float $at): array
    {
        $fromFoot = Tapes::up($this->plan)[0]->place;
        $y = $this->up($fromFoot);

        return [
            Shape::box('bore', $at - 9, $y - 90 * $this->squeeze, 18, 180 * $this->squeeze),
            Shape::line('centre', $at - 40 * $this->px, $y, $at + 40 * $this->px, $y),
            $this->beside($y + 4 * $this->px, 12, Caption::of('up-from-bottom', ['up' => $fromFoot])),
        ];
    }

    /** @return list<Shape> the readings across, over the top edge, apart from each other */
    private function labels(): array
    {
        $px = $this->px;
        $over = -$this->thick;
        $marks = Tapes::across($this->plan, $this->leaf);
        $marks = $this->run->direction === 1 ? $marks : array_reverse($marks);
        $places = array_map(fn (TapeMark $mark) => $this->x($mark->place), $marks);
        $texts = array_map(fn (TapeMark $mark) => $this->wording->lengths()->showOnTape($mark->marked), $marks);
        $names = array_map(fn (TapeMark $mark) => $this->wording->say($mark->id->says()), $marks);
        $widths = array_map(
            fn (string $text, string $name) => max(Labels::width($text, 16 * $px), Labels::said($name, 9.5 * $px)) +
                9 * $px,
            $texts,
            $names,
        );
        $centres = Labels::spread($places, $widths, -self::BESIDE * $px, $this->wide + self::BESIDE * $px);
        $shapes = [];
        foreach ($centres as $i => $centre) {
            $shapes[] = Shape::path('leader', [
                [$places[$i], $over - 27 * $px],
                [$places[$i], $over - 44 * $px],
                [$centre, $over - 52 * $px],
            ]);
            $shapes[] = Shape::text('reading', $centre, $over - 66 * $px, 16 * $px, $texts[$i], 'middle');
            $shapes[] = Shape::text('caption', $centre, $over - 56 * $px, 10 * $px, $names[$i], 'middle');
        }

        return $shapes;
    }

    /** @return list<Shape> how far down the holes of the hangers are */
    private function holesDown(): array
    {
        $holes = $this->plan->heights->hangerHoles;

        return array_map(
            fn (int $i, Length $down) => $this->beside(
                $down->toMm() + 4 * $this->px,
                12,
                Caption::of('hole-down', ['down' => $down, 'n' => $i + 1]),
            ),
            array_keys($holes),
            $holes,
        );
    }

    /** @return list<Shape> what is cut into its foot, where its guide wants a groove */
    private function groove(): array
    {
        [$wide, $deep] = [$this->leaf->guide->grooveWidth, $this->leaf->guide->grooveDepth];
        if ($wide === null || $deep === null) {
            return [];
        }
        $middle = $this->high + 26 * $this->px + $this->thick / 2;
        $stop = $this->leaf->guide->grooveFrom;
        [$from, $to] = [$this->x($stop ?? Length::zero()), $this->x($this->run->width)];

        return [
            Shape::box('groove-cut', min($from, $to), $middle - $wide->toMm() / 2, abs($to - $from), $wide->toMm()),
            Shape::text(
                'reading',
                $this->wide / 2,
                $this->high + 18 * $this->px,
                11 * $this->px,
                $this->wording->say(
                    Caption::of($stop === null ? 'groove-middle' : 'groove-stopped', [
                        'deep' => $deep,
                        'wide' => $wide,
                        'from' => $stop ?? Length::zero(),
                    ]),
                ),
                'middle',
            ),
        ];
    }
}
