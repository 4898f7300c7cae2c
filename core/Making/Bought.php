<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Unit;

/** What a leaf is made of as it is sold where the doorway is worked: bars, sheets, screws, nails. */
final readonly class Bought
{
    private const STOCK = [2400, 3000, 3600, 4200, 4800];

    private const STOCK_IN = [96, 120, 144, 168, 192];

    private const SCREWS = [10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90];

    private const SCREWS_IN = [
        '3/8', '1/2', '5/8', '3/4', '1', '1 1/4', '1 1/2', '1 3/4', '2', '2 1/4', '2 1/2', '3', '3 1/2',
    ];

    private const NAILS = [40, 50, 60, 65, 75, 90, 100];

    private const NAILS_IN = ['1 1/2', '2', '2 1/2', '3', '3 1/2', '4'];

    /** Frame up to so thick takes a pocket screw so long. */
    private const POCKETS = [[16, 25], [19, 32], [29, 38], [35, 50], [999, 64]];

    private const POCKETS_IN = [['5/8', '1'], ['3/4', '1 1/4'], ['1 1/8', '1 1/2'], ['1 3/8', '2'], ['99', '2 1/2']];

    private Unit $unit;

    public function __construct(private Sizes $sizes)
    {
        $this->unit = $sizes->unit;
    }

    /** @return non-empty-list<Length> */
    public function bars(): array
    {
        return $this->either(self::STOCK, self::STOCK_IN);
    }

    /** @return array{Length, Length} width and height */
    public function sheet(): array
    {
        return $this->unit === Unit::Inch
            ? [Length::sixteenths(16 * 48), Length::sixteenths(16 * 96)]
            : [Length::mm(1220), Length::mm(2440)];
    }

    /** The longest that does not come through; the shortest where each does. */
    public function screw(Length $layers): Length
    {
        $screws = $this->either(self::SCREWS, self::SCREWS_IN);
        $most = $layers->minus($this->sizes->size(UsualSize::Through));
        $short = array_filter($screws, fn (Length $screw) => ! $screw->isOver($most));

        return $short === [] ? $screws[0] : Length::greatest(...array_values($short));
    }

    /** The shortest that can be bent over behind; the longest where none can. */
    public function clinched(Length $layers): Length
    {
        $nails = $this->either(self::NAILS, self::NAILS_IN);
        $least = $layers->plus($this->sizes->size(UsualSize::Clinch));
        $long = array_filter($nails, fn (Length $nail) => ! $nail->isUnder($least));

        return $long === [] ? Length::greatest(...$nails) : Length::least(...array_values($long));
    }

    /** Into the end of a rail of a frame so thick. */
    public function pocketScrew(Length $frame): Length
    {
        $read = fn (int|string $size) => LengthReader::read($size, $this->unit);
        foreach ($this->unit === Unit::Inch ? self::POCKETS_IN : self::POCKETS as [$upTo, $long]) {
            if (! $frame->isOver($read($upTo))) {
                return $read($long);
            }
        }

        return $read($long);
    }

    /**
     * @param  non-empty-list<int>  $mm
     * @param  non-empty-list<int|string>  $inches
     * @return non-empty-list<Length>
     */
    private function either(array $mm, array $inches): array
    {
        return array_map(
            fn (int|string $size) => LengthReader::read($size, $this->unit),
            $this->unit === Unit::Inch ? $inches : $mm,
        );
    }
}
