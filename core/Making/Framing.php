<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Made;
use YokeLine\Making\Framing\FootChannel;
use YokeLine\Making\Framing\Frame;
use YokeLine\Making\Framing\Infill;
use YokeLine\Making\Framing\Strips;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * From the back: back, filler strips, a frame with its infill; the raised bottom strip leaves the channel. The trade's
 * rules page 8, 2 B.
 */
final readonly class Framing implements PlacesParts
{
    private const PINS_A_BOARD = 4;

    private Frame $frame;

    private Strips $strips;

    private Infill $infill;

    private FootChannel $foot;

    private Movement $movement;

    private function __construct(private Made $made, private Framed $build, private Wanted $wanted)
    {
        $this->movement = Movement::of($made, $build->infill, $wanted->sizes);
        $this->foot = new FootChannel($build, $wanted);
        $this->frame = new Frame($build, $wanted);
        $this->strips = new Strips($build, $wanted, $this->frame, $this->foot->raise);
        $this->infill = new Infill($build, $wanted, $this->frame, $this->movement);
    }

    public static function of(Made $made, Framed $build, Wanted $wanted): LeafMade
    {
        return (new self($made, $build, $wanted))->leaf();
    }

    private function leaf(): LeafMade
    {
        [$back, $backFaults] = $this->back();
        [$stripParts, $frame, $lining] = [$this->strips->parts(), $this->frame->parts(), $this->foot->lining()];
        [$pockets, $screws] = [$this->frame->pockets(), $this->frame->screws()];
        $glued = [...$stripParts, ...$frame];
        $build = $this->build;
        $count = fn (Part ...$parts) => array_sum(array_map(fn (Part $part) => $part->count, $parts));

        return new LeafMade(
            made: $this->made,
            wanted: $this->wanted,
            thickness: $build->wholeThickness(),
            parts: [...$back, ...$stripParts, ...$lining, ...$frame, ...$this->infill->parts],
            fasteners: $this->fasteners($pockets, $screws),
            kg: array_sum(array_map(fn (Part $part) => $part->kg(), [...$back, ...$glued, ...$lining])) +
                $this->infill->kg(),
            solid: $this->strips->solid(),
            faults: [
                ...$backFaults,
                ...$this->movement->faults($build->infill, $this->wanted->sizes, 'infill'),
                ...$this->infill->faults,
                ...$this->foot->faults(),
                ...$this->infill->proud(),
            ],
            counts: [
                'pieces' => $count(...$back, ...$glued, ...$lining),
                'infill' => $this->infill->boards(),
                'strips' => count($this->strips->all),
                'pockets' => count($pockets),
            ],
            channel: $this->foot->channel(),
            gluedM2: array_sum(array_map(fn (Part $part) => $part->area(), $glued)),
            movement: $this->movement,
            moved: array_values(array_filter([...array_column($pockets, 1), ...array_column($screws, 1)])),
            courses: $this->infill->courses,
            placing: $this,
            tongue: $build->infill->tongue,
        );
    }

    /**
     * @param  list<array{Zone, ?Moved}>  $pockets
     * @param  list<array{Zone, ?Moved}>  $screws
     * @return list<Fastener>
     */
    private function fasteners(array $pockets, array $screws): array
    {
        $build = $this->build;
        $buy = new Bought($this->wanted->sizes);

        return [
            new Fastener(
                'strip-screw',
                $this->strips->screws(),
                $buy->screw($build->backBoard->thickness->plus($build->filler)),
            ),
            new Fastener('pocket-screw', self::staying($pockets), $this->frame->pocketScrew()),
            new Fastener('frame-screw', self::staying($screws), $buy->screw($build->wholeThickness())),
            new Fastener(
                'pin',
                self::PINS_A_BOARD * $this->infill->boards(),
                $buy->screw($build->infill->thickness->plus($build->filler)),
            ),
        ];
    }

    /**
     * How many are left: one that finds no place beside a hanger's holes is left out.
     *
     * @param  list<array{Zone, ?Moved}>  $screws
     */
    private static function staying(array $screws): int
    {
        return count(array_filter($screws, fn (array $screw) => $screw[1] === null || $screw[1]->to !== null));
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        $whole = new Span(Length::zero(), $this->wanted->width);
        $up = new Span(Length::zero(), $this->wanted->height);

        return [
            Placed::box($this->build->isBoarded() ? 'back-board' : 'back', $this->wanted->height, 0, $whole, $up),
            ...$this->strips->placed(),
            ...$this->frame->placed(),
            ...$this->infill->placed(),
        ];
    }

    /** @return array{list<Part>, list<Fault>} */
    private function back(): array
    {
        $board = $this->build->backBoard;
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        if ($this->build->isBoarded()) {
            $movement = Movement::of($this->made, $board, $this->wanted->sizes);
            $boards = Boards::over($width, $board, $movement->gap, $this->wanted->sizes, 'back');

            return [
                $boards->parts('back-board', $height),
                [...$movement->faults($board, $this->wanted->sizes, 'back'), ...$boards->faults],
            ];
        }
        [$wide, $high] = $this->build->sheet ?? (new Bought($this->wanted->sizes))->sheet();
        [$across, $up] = [$width->minus(Length::nm(1))->stepsOf($wide), $height->minus(Length::nm(1))->stepsOf($high)];

        return [
            [new Part('back', 1, $height, $width, $board->thickness, $this->build->back)],
            $across * $up > 1
                ? [Fault::settle('sheet-seam', 'back.sheet', ['across' => $across, 'up' => $up])]
                : [],
        ];
    }
}
