<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** From the back: back, filler strips, a frame with its infill. */
final readonly class Framed
{
    /**
     * @param  string  $back  plywood, mdf, chipboard or boards
     * @param  Board  $backBoard  of a back of boards; of a sheet only its thickness is asked
     * @param  ?array{Length, Length}  $sheet  width and height of the sheets to be had
     * @param  ?Length  $crossWidth  of cross strips and uprights
     * @param  int  $middles  rails between top and bottom
     * @param  ?Length  $middle  how wide these are; as the top one where nobody says
     * @param  ?Length  $raise  of the bottom strip, which leaves the channel; as the guide asks where nobody says
     * @param  ?Length  $lining  of the channel, on one side
     */
    public function __construct(
        public string $back,
        public Board $backBoard,
        public ?array $sheet,
        public Length $filler,
        public ?Length $crossWidth,
        public string $fillerSpecies,
        public Pattern $pattern,
        public Board $infill,
        public Length $stile,
        public Length $top,
        public Length $bottom,
        public Length $thickness,
        public int $middles,
        public ?Length $middle,
        public string $frameSpecies,
        public ?Length $raise,
        public ?Length $lining,
    ) {}

    public function isBoarded(): bool
    {
        return $this->back === 'boards';
    }

    public function wholeThickness(): Length
    {
        return $this->backBoard->thickness->plus($this->filler, $this->thickness);
    }
}
