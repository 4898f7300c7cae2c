<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** What was measured, as far as it has been measured. */
final readonly class Survey
{
    /**
     * @param  list<FloorReading>  $floor  by x, no two at one x
     * @param  list<Stud>  $studs
     * @param  list<Hazard>  $hazards
     * @param  list<Obstacle>  $obstacles
     * @param  list<Solid>  $solids
     * @param  string  $wood  species of the studs, '' where not said
     * @param  ?Length  $walkway  from the wall to what faces it across the room, null where nothing is near
     * @param  Length  $plate  what the tape stands on where the floor is soft
     * @param  list<PartAway>  $partsAway  what is missing in the kit's box
     * @param  list<string>  $unfinished  places of readings of which only a part is told
     */
    public function __construct(
        public ?Length $wallFrom,
        public ?Length $wallTo,
        public ?Length $ceiling,
        public ?Crown $crown,
        public ?Lining $lining,
        public WallEnd $leftEnd,
        public WallEnd $rightEnd,
        public ?Opening $opening,
        public ?Baseboard $baseboard,
        public string $floorFinish,
        public array $floor,
        public array $studs,
        public array $hazards,
        public array $obstacles,
        public array $solids = [],
        public string $wood = '',
        public ?Length $walkway = null,
        public ?Length $pile = null,
        public ?Length $plate = null,
        public array $unfinished = [],
        public array $partsAway = [],
    ) {}

    public function wall(): ?Span
    {
        return $this->wallFrom === null || $this->wallTo === null ? null : new Span($this->wallFrom, $this->wallTo);
    }

    /**
     * What must still be measured before anything can be planned, in walking order: place => what to measure.
     *
     * @return list<string> the places
     */
    public function missing(): array
    {
        $wanted = [
            'survey.wall.from' => $this->wallFrom,
            'survey.wall.to' => $this->wallTo,
            'survey.wall.ceiling' => $this->ceiling,
            'survey.opening.left' => $this->opening,
            'survey.opening.height[0]' => $this->opening?->heights[0] ?? null,
        ];

        return array_keys(array_filter($wanted, fn (Length|Opening|null $told) => $told === null));
    }

    /** Tile, stone, concrete: drilled slowly, and not at all where it is heated. */
    public function datum(): Datum
    {
        return $this->plate?->isPositive() === true ? Datum::Plate : Datum::Floor;
    }

    public function hasHardFloor(): bool
    {
        return in_array($this->floorFinish, ['tile', 'stone', 'concrete'], true);
    }

    /** Whether the wall is masonry, whatever covers it. */
    public function isMasonry(): bool
    {
        return $this->lining?->kind->isMasonry() === true;
    }

    /** @return list<Hazard> those that are still there when the rail goes up */
    public function hazardsThatStay(): array
    {
        return array_values(array_filter($this->hazards, fn (Hazard $hazard) => ! $hazard->moved));
    }

    /** Whether a cable or pipe is to be moved. */
    public function movesHazard(): bool
    {
        return count($this->hazardsThatStay()) < count($this->hazards);
    }

    /** Whether the wall is opened for it after the work has begun. */
    public function opensWall(): bool
    {
        return array_filter($this->hazards, fn (Hazard $hazard) => $hazard->moved && $hazard->foundOnSite) !== [];
    }

    /** The same wall with one hazard alone. */
    public function only(Hazard $hazard): self
    {
        return $this->withHazards([$hazard]);
    }

    public function withoutHazards(): self
    {
        return $this->withHazards([]);
    }

    /** @param  list<Hazard>  $hazards */
    private function withHazards(array $hazards): self
    {
        return new self(
            $this->wallFrom,
            $this->wallTo,
            $this->ceiling,
            $this->crown,
            $this->lining,
            $this->leftEnd,
            $this->rightEnd,
            $this->opening,
            $this->baseboard,
            $this->floorFinish,
            $this->floor,
            $this->studs,
            $hazards,
            $this->obstacles,
            $this->solids,
            $this->wood,
            $this->walkway,
            $this->pile,
            $this->plate,
            $this->unfinished,
            $this->partsAway,
        );
    }
}
