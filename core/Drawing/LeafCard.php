<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Marks\Tapes;
use YokeLine\Marks\WallMark;
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

    private function __construct(
        private Plan $plan,
        private PlannedLeaf $leaf,
        private Wording $wording,
        private float $high,
        private float $squeeze,
    ) {
        $this->run = $leaf->run;
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

    /** Where so far down from the top is drawn. */
    private function down(float $mm): float
    {
        return min($mm, self::TRUE_TOP_MM) + max(0.0, $mm - self::TRUE_TOP_MM) * $this->squeeze;
    }

    private function scene(): Scene
    {
        $wide = $this->run->width->toMm();
        $high = $this->high;
        $px = $this->squeeze < 1.0 ? $wide / 560 : $high / 420;
        $thick = $this->plan->thickness->toMm();
        // As one faces it in the room: a leaf that opens left leads on the right.
        $x = fn (float $fromLeading) => $this->run->direction === 1 ? $fromLeading : $wide - $fromLeading;
        // What is told of heights stands beside the trailing edge, where nothing else is.
        [$beside, $away] = $this->run->direction === 1 ? [$wide + 12 * $px, 'start'] : [-12 * $px, 'end'];
        $stile = min($wide / 2, $this->plan->doorway->brief->leaf->stile->toMm());
        $shapes = [
            Shape::box('leaf-outline', 0, 0, $wide, $high),
            Shape::line('leaf-member', $stile, 0, $stile, $high),
            Shape::line('leaf-member', $wide - $stile, 0, $wide - $stile, $high),
            Shape::box('leaf-outline', 0, -$thick - 26 * $px, $wide, $thick),
            Shape::box('leaf-outline', 0, $high + 26 * $px, $wide, $thick),
            Shape::text(
                'caption',
                $wide / 2,
                -$thick - 30 * $px,
                10 * $px,
                $this->wording->say(Caption::of('top-edge')),
                'middle',
            ),
            Shape::text(
                'caption',
                $wide / 2,
                $high + $thick + 36 * $px,
                10 * $px,
                $this->wording->say(Caption::of('bottom')),
                'middle',
            ),
            Shape::text(
                'caption',
                $x(0.0) + ($this->run->direction === 1 ? -5 : 5) * $px,
                $high / 2,
                10 * $px,
                $this->wording->say(Caption::of('leading-edge')),
                $this->run->direction === 1 ? 'end' : 'start',
            ),
        ];
        foreach ($this->plan->doorway->brief->leaf->solid as $member) {
            [$from, $to] = [$x($member->low->toMm()), $x($member->high->toMm())];
            $shapes[] = Shape::box('solid-member', min($from, $to), 0, abs($to - $from), $high);
        }
        $back = $this->plan->doorway->brief->wallPull;
        if ($back !== null) {
            $middle = WallPull::middle(
                $this->run,
                $this->plan->room->opening->span(),
                $this->plan->doorway->brief->leaf,
                $back,
            );
            $up = $this->down($this->plan->heights->leaf->size->total->minus(Tapes::up($this->plan)[0]->place)->toMm());
            $shapes[] = Shape::box(
                'behind',
                $x($middle->toMm()) - $back->width->half()->toMm(),
                $up - $back->height->half()->toMm(),
                $back->width->toMm(),
                $back->height->toMm(),
            );
            $shapes[] = Shape::text(
                'caption',
                $x($middle->toMm()),
                $up + $back->height->half()->toMm() + 14 * $px,
                10 * $px,
                $this->wording->say(Caption::of("behind-{$back->kind->value}", ['in' => $middle])),
                'middle',
            );
        }
        $across = Tapes::across($this->plan, $this->leaf);
        $hole = $this->plan->kit->hanger->holeDiameter->toMm() / 2;
        foreach ($across as $mark) {
            $at = $x($mark->place->toMm());
            $kind = strtok($mark->id->kind, '-');
            if ($kind === 'hanger') {
                foreach ($this->plan->heights->hangerHoles as $down) {
                    $shapes[] = Shape::circle('bore', $at, $down->toMm(), max($hole, 3 * $px));
                }
                if ($this->plan->heights->hangerHoles === []) {
                    $plate = $this->plan->kit->hanger->plateLength?->toMm() ?? 100.0;
                    $shapes[] = Shape::box('plate', $at - $plate / 2, -$thick - 26 * $px, $plate, $thick);
                }
                $shapes[] = Shape::line('centre', $at, -$thick - 26 * $px, $at, 160 * $px);
            } elseif ($kind === 'pull') {
                $fromFoot = Tapes::up($this->plan)[0]->place;
                $up = $this->down($this->plan->heights->leaf->size->total->minus($fromFoot)->toMm());
                $shapes[] = Shape::box('bore', $at - 9, $up - 90 * $this->squeeze, 18, 180 * $this->squeeze);
                $shapes[] = Shape::line('centre', $at - 40 * $px, $up, $at + 40 * $px, $up);
                $shapes[] = Shape::text(
                    'reading',
                    $beside,
                    $up + 4 * $px,
                    12 * $px,
                    $this->wording->say(Caption::of('up-from-bottom', ['up' => $fromFoot])),
                    $away,
                );
            } else {
                $shapes[] = Shape::circle('bore', $at, -$thick / 2 - 26 * $px, max(4 * $px, $thick / 5));
            }
        }
        $labels = $this->run->direction === 1 ? $across : array_reverse($across);
        $places = array_map(fn (WallMark $mark) => $x($mark->place->toMm()), $labels);
        $texts = array_map(fn (WallMark $mark) => $this->wording->lengths()->show($mark->place), $labels);
        $names = array_map(fn (WallMark $mark) => $this->wording->say($mark->id->says()), $labels);
        $centres = Labels::spread(
            $places,
            array_map(
                fn (string $text, string $name) => max(Labels::width($text, 16 * $px), mb_strlen($name) * 4.9 * $px) +
                    9 * $px,
                $texts,
                $names,
            ),
            -self::BESIDE * $px,
            $wide + self::BESIDE * $px,
        );
        foreach ($labels as $i => $mark) {
            $shapes[] = Shape::path('leader', [
                [$places[$i], -$thick - 27 * $px],
                [$places[$i], -$thick - 44 * $px],
                [$centres[$i], -$thick - 52 * $px],
            ]);
            $shapes[] = Shape::text('reading', $centres[$i], -$thick - 66 * $px, 16 * $px, $texts[$i], 'middle');
            $shapes[] = Shape::text('caption', $centres[$i], -$thick - 56 * $px, 10 * $px, $names[$i], 'middle');
        }
        foreach ($this->plan->heights->hangerHoles as $i => $down) {
            $shapes[] = Shape::text(
                'reading',
                $beside,
                $down->toMm() + 4 * $px,
                12 * $px,
                $this->wording->say(Caption::of('hole-down', ['down' => $down, 'n' => $i + 1])),
                $away,
            );
        }
        $groove = $this->leaf->guide;
        if ($groove->grooveWidth !== null && $groove->grooveDepth !== null) {
            $mid = $high + 26 * $px + $thick / 2;
            $shapes[] = Shape::box(
                'groove-cut',
                0,
                $mid - $groove->grooveWidth->toMm() / 2,
                $wide,
                $groove->grooveWidth->toMm(),
            );
            $shapes[] = Shape::text(
                'reading',
                $wide / 2,
                $high + 18 * $px,
                11 * $px,
                $this->wording->say(
                    Caption::of('groove-middle', ['deep' => $groove->grooveDepth, 'wide' => $groove->grooveWidth]),
                ),
                'middle',
            );
        }

        return new Scene(
            'leaf-card',
            $this->wording->say(
                Caption::of('leaf-card', [
                    'wide' => $this->run->width,
                    'high' => $this->plan->heights->leaf->size->total,
                ]),
            ),
            -(self::BESIDE + 10) * $px,
            -$thick - 84 * $px,
            $wide + 2 * (self::BESIDE + 10) * $px,
            $high + 2 * $thick + 136 * $px,
            $shapes,
        );
    }
}
