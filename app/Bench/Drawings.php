<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Doorway;
use App\Words\Speaker;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\FloorProfile;
use YokeLine\Drawing\Loads;
use YokeLine\Drawing\Section;
use YokeLine\Drawing\Svg;
use YokeLine\Setout;

/** The drawings of a doorway, as the station it is looked at from needs them. */
final readonly class Drawings
{
    /** @param  list<array{float, float}>  $trace  what a scanner saw along the wall */
    public function __construct(private Setout $setout, private Station $station, private array $trace) {}

    public function elevation(): string
    {
        return Svg::write(
            $this->station === Station::Anchors
                ? Elevation::withAnchors(
                    $this->setout->doorway,
                    $this->setout->plan,
                    $this->speak(),
                    $this->trace,
                )
                : Elevation::of($this->setout->doorway, $this->setout->plan, $this->speak()),
        );
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
