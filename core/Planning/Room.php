<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Baseboard;
use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Obstacle;
use YokeLine\Doorway\Opening;
use YokeLine\Doorway\Survey;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** A survey that is complete enough to plan from, the way round the planner works it: opening right. */
final readonly class Room
{
    /**
     * @param  Length  $headroom  the ceiling less any crown, above the high spot
     * @param  list<FloorReading>  $floor
     * @param  list<Obstacle>  $obstacles  those that stay, as large as they may be
     */
    private function __construct(
        public Span $wall,
        public Length $headroom,
        public Opening $opening,
        public ?Baseboard $baseboard,
        public array $floor,
        public array $obstacles,
    ) {}

    /** @throws NotYetMeasured */
    public static function of(Survey $survey): self
    {
        $wall = $survey->wall();
        if ($wall === null || $survey->ceiling === null || $survey->opening === null || $survey->missing() !== []) {
            throw new NotYetMeasured($survey->missing());
        }

        return new self(
            $wall,
            $survey->ceiling->minus($survey->crown->drop ?? Length::zero()),
            $survey->opening,
            $survey->baseboard,
            $survey->floor,
            array_map(
                fn (Obstacle $it) => $it->atItsLargest(),
                array_values(array_filter($survey->obstacles, fn (Obstacle $it) => ! $it->moved)),
            ),
        );
    }

    public function mirrored(): self
    {
        return new self(
            $this->wall->mirrored(),
            $this->headroom,
            $this->opening->mirrored(),
            $this->baseboard,
            array_map(
                fn (FloorReading $at) => new FloorReading($at->x->negated(), $at->level, $at->place),
                $this->floor,
            ),
            array_map(fn (Obstacle $it) => $it->mirrored(), $this->obstacles),
        );
    }
}
