<?php

declare(strict_types=1);

namespace YokeLine\Making\Joining;

use YokeLine\Doorway\Made\Join;
use YokeLine\Doorway\Made\Joined;
use YokeLine\Doorway\Made\Made;
use YokeLine\Making\Bought;
use YokeLine\Making\Evenly;
use YokeLine\Making\Fastener;
use YokeLine\Making\Fault;
use YokeLine\Making\Part;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;

/** Where old leaves meet, and what holds them together there. */
final readonly class Joints
{
    private const SCREWS_A_PLATE = 4;

    /**
     * @param  list<Length>  $at  from the leading edge
     * @param  Length  $thinnest  of the leaves
     */
    public function __construct(
        private Made $made,
        private Joined $build,
        private Wanted $wanted,
        public array $at,
        private Length $thinnest,
    ) {}

    /** How many biscuits, dowels or plates, or splines. */
    public function joiners(): int
    {
        return count($this->at) * max(1, count($this->placesAtAJoint()));
    }

    /** How far a plate stands out of the back; null where none does. */
    public function proud(): ?Length
    {
        return $this->at !== [] && $this->build->join === Join::Plates && ! $this->build->isLetIn
            ? $this->wanted->size(UsualSize::Plate)
            : null;
    }

    /** @return list<Part> */
    public function splines(): array
    {
        $long = $this->wanted->height->minus($this->wanted->size(UsualSize::SplineStop)->times(2));

        return $this->at !== [] && $this->build->join === Join::Spline
            ? [new Part('spline', count($this->at), $long, null, null, $this->made->species)]
            : [];
    }

    /** @return list<Length> up a joint */
    private function placesAtAJoint(): array
    {
        $height = $this->wanted->height;

        return match ($this->build->join) {
            Join::Plates => Evenly::along(
                $height,
                $this->wanted->size(UsualSize::PlatesFirst),
                $this->wanted->size(UsualSize::PlatesApart),
            ),
            Join::Dowels => Evenly::along(
                $height,
                $this->wanted->size(UsualSize::DowelsFirst),
                $this->wanted->size(UsualSize::DowelsApart),
            ),
            Join::Spline => [],
        };
    }

    /** @return list<Fastener> */
    public function fasteners(): array
    {
        $at = $this->placesAtAJoint();
        if ($this->at === [] || $at === []) {
            return [];
        }
        $count = count($this->at) * count($at);
        if ($this->build->join === Join::Dowels) {
            return [new Fastener('dowel', $count, null, $at)];
        }
        $into = $this->wanted->size(UsualSize::Plate)->plus($this->thinnest);

        return [
            new Fastener('plate', $count, null, $at),
            new Fastener(
                'plate-screw',
                self::SCREWS_A_PLATE * $count,
                (new Bought($this->wanted->sizes))->screw($into),
            ),
        ];
    }

    /** @return list<Fault> of hangers that would stand on one */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->wanted->inner() as $u) {
            $near = array_filter(
                $this->at,
                fn (Length $joint) => $joint->minus($u)->absolute()->isUnder($this->wanted->around()),
            );
            if ($near !== []) {
                $faults[] = Fault::settle('hanger-on-joint', 'from', ['at' => $u]);
            }
        }

        return $faults;
    }
}
