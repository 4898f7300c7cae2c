<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use YokeLine\Measure\Length;
use YokeLine\Survey\PhotoPoint;

/** Photographs a wall from somewhere in the room, without a lens that bends. */
final readonly class Camera
{
    /**
     * @param  float  $x  where along the wall it stands, mm
     * @param  float  $y  how high
     * @param  float  $out  how far from the wall
     * @param  float  $turned  to the right, radians
     * @param  float  $tilted  upwards
     * @param  float  $leaning  to its side
     */
    public function __construct(
        private float $x = 1400.0,
        private float $y = 1500.0,
        private float $out = 3200.0,
        private float $turned = 0.0,
        private float $tilted = 0.0,
        private float $leaning = 0.0,
    ) {}

    /**
     * @return array{float, float} across and down, in widths of a picture of three to four that is 62° wide
     */
    public function sees(float $x, float $y): array
    {
        [$right, $up, $ahead] = [$x - $this->x, $y - $this->y, $this->out];
        [$right, $ahead] = self::turn($right, $ahead, $this->turned);
        [$up, $ahead] = self::turn($up, $ahead, $this->tilted);
        [$right, $up] = self::turn($right, $up, $this->leaning);
        $focal = 0.5 / tan(deg2rad(31));

        return [0.5 + ($focal * $right) / $ahead, 0.375 - ($focal * $up) / $ahead];
    }

    public function point(int $x, int $y, float $offAcross = 0.0, float $offDown = 0.0): PhotoPoint
    {
        [$across, $down] = $this->sees($x, $y);

        return new PhotoPoint($across + $offAcross, $down + $offDown, Length::mm($x), Length::mm($y));
    }

    /** @return array{float, float} */
    private static function turn(float $a, float $ahead, float $by): array
    {
        return [$a * cos($by) - $ahead * sin($by), $a * sin($by) + $ahead * cos($by)];
    }
}
