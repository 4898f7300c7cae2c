<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Doorway;
use App\Words\Speaker;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\FloorProfile;
use YokeLine\Drawing\Loads;
use YokeLine\Drawing\MeasuredWall;
use YokeLine\Drawing\Section;
use YokeLine\Drawing\Svg;
use YokeLine\Setout;
use YokeLine\Survey\Readings;

/** The drawings of a doorway, as the station it is looked at from needs them. */
final readonly class Drawings
{
    /** @param  list<array{float, float}>  $trace  what a scanner saw along the wall */
    public function __construct(private Setout $setout, private Station $station, private array $trace) {}

    public function elevation(): string
    {
        [$setout, $plan] = [$this->setout, $this->setout->plan];

        return Svg::write(match (true) {
            $plan === null, $this->station === Station::Wall => MeasuredWall::of(
                $setout->doorway,
                $plan,
                Readings::in($setout->document, $setout->doorway->units),
                $this->speak(),
            ),
            $this->station === Station::Anchors => Elevation::withAnchors($plan, $this->speak(), $this->trace),
            default => Elevation::of($plan, $this->speak()),
        });
    }

    public function above(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(Above::of($this->setout->plan, $this->speak()));
    }

    public function profile(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(FloorProfile::of($this->setout->plan, $this->speak()));
    }

    public function loads(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(Loads::of($this->setout->plan, $this->speak()));
    }

    public function section(): string
    {
        return $this->setout->plan === null ? '' : Svg::write(Section::of($this->setout->plan, $this->speak()));
    }

    private function speak(): Speaker
    {
        return Speaker::in($this->setout->write);
    }
}
