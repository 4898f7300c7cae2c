<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Made;
use YokeLine\Measure\Length;

/** A leaf as it is made: its parts, what holds them, where it is solid, what is found of it. */
final readonly class LeafMade
{
    private const GLUE_G_PER_M2 = 180;

    private const GLUE_G_PER_DOWEL = 2;

    private const GLUE_STEP_G = 10;

    /** @var list<Fault> */
    public array $faults;

    /**
     * @param  list<Part>  $parts
     * @param  list<Fastener>  $fasteners
     * @param  float  $kg  reckoned
     * @param  list<Zone>  $solid
     * @param  list<Fault>  $faults  of its way; those of every leaf are added
     * @param  array<string, int>  $counts  what minutes go by
     * @param  ?Length  $backProud  what stands out behind its back
     * @param  list<Moved>  $moved
     * @param  float  $daylightM2  of all panes
     * @param  ?array{Length, Length}  $thicknessAt  at the leading and the trailing edge, where these may differ
     * @param  list<Length>  $joints  u of those between old leaves
     * @param  list<Trimmed>  $old  the old leaves in it, the leading one first
     * @param  list<Fill>  $fills
     * @param  ?array{Length, Length}  $trimLimit  at each edge, at the foot
     * @param  list<Zone>  $noDrill
     * @param  ?Length  $tongue  of the boards of its infill
     * @param  list<list<Course>>  $courses  of each half of each panel whose boards run at 45 degrees
     */
    public function __construct(
        public Made $made,
        public Wanted $wanted,
        public Length $thickness,
        public array $parts,
        public array $fasteners,
        public float $kg,
        public array $solid,
        array $faults,
        public array $counts,
        public ?Channel $channel = null,
        private float $gluedM2 = 0.0,
        public ?Length $backProud = null,
        public ?Movement $movement = null,
        public array $moved = [],
        private float $daylightM2 = 0.0,
        public ?array $thicknessAt = null,
        public array $joints = [],
        public array $old = [],
        public array $fills = [],
        public ?array $trimLimit = null,
        public array $noDrill = [],
        public array $courses = [],
        public ?Length $tongue = null,
        private ?PlacesParts $placing = null,
    ) {
        $this->faults = [
            ...$this->tooWet(),
            ...$faults,
            ...array_map(fn (Moved $screw) => $screw->fault(), $moved),
            ...$this->thinCheek(),
            ...$this->notSolid(),
        ];
    }

    /** @return list<Placed> every part where it lies */
    public function placed(): array
    {
        return $this->placing?->placed() ?? [];
    }

    /** m² to be coated: both faces and all edges, panes left out. */
    public function area(): float
    {
        [$width, $height] = [$this->wanted->width->toMm(), $this->wanted->height->toMm()];

        return (2 * $width * $height + 2 * ($width + $height) * $this->thickness->toMm()) / 1e6 -
            2 * $this->daylightM2;
    }

    public function glueG(): int
    {
        $dowels = array_sum(
            array_map(fn (Fastener $one) => $one->kind === 'dowel' ? $one->count : 0, $this->fasteners),
        );
        $grams = $this->gluedM2 * self::GLUE_G_PER_M2 + $dowels * self::GLUE_G_PER_DOWEL;

        return self::GLUE_STEP_G * (int) ceil($grams / self::GLUE_STEP_G - 1e-6);
    }

    /** @return list<Fault> */
    private function tooWet(): array
    {
        $most = Timber::moisture($this->made->setting)[1];

        return $this->made->moisture !== null && $this->made->moisture > $most
            ? [Fault::settle('wood-wet', 'moisture', ['moisture' => $this->made->moisture, 'most' => $most])]
            : [];
    }

    /** @return list<Fault> */
    private function thinCheek(): array
    {
        $channel = $this->channel;
        $least = $this->wanted->size(UsualSize::Cheek);

        return $channel !== null && ! $channel->isBuilt && $channel->cheek->plus(Length::nm(1))->isUnder($least)
            ? [
                Fault::settle('cheek-thin', 'way', [
                    'cheek' => $channel->cheek,
                    'least' => $least,
                    'thickness' => $channel->width->plus($least, $least),
                ]),
            ]
            : [];
    }

    /** @return list<Zone> what the brief says is solid wins */
    public function holds(): array
    {
        return $this->wanted->told() ?: $this->solid;
    }

    /** Whether all of what is wanted there is, and no old hole with it. */
    public function isSolidFor(Zone $wanted): bool
    {
        $isOld = fn (Fill $fill) => $fill->zone->overlaps($wanted);

        return $wanted->isIn($this->holds()) && array_filter($this->fills, $isOld) === [];
    }

    /** @return list<Fault> */
    private function notSolid(): array
    {
        $faults = [];
        foreach ($this->wanted->solid() as $zone) {
            if (! $zone->isIn($this->holds())) {
                $faults[] = Fault::settle($zone->of === 'hanger' ? 'hanger-solid' : 'hole-not-solid', 'way', [
                    'what' => $zone->of,
                    'u' => $zone->u,
                    'v' => $zone->v,
                ]);
            }
            foreach ($this->fills as $fill) {
                if ($fill->zone->overlaps($zone)) {
                    $faults[] = Fault::settle('hole-meets-old', 'from', [
                        'what' => $zone->of,
                        'from' => $fill->from,
                        'u' => $fill->zone->u,
                        'v' => $fill->zone->v,
                    ]);
                }
            }
        }

        return $faults;
    }
}
