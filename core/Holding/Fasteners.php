<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Size;
use YokeLine\Measure\Unit;

/**
 * Bolts and screws as they are sold where a doorway is worked, and what is usual of them: in millimetres the trade's
 * rules page 3, in inches page 7, sections 1 and 3.
 */
final readonly class Fasteners
{
    private const LAGS_MM = [50, 60, 70, 75, 80, 90, 100, 110, 120, 130, 140, 150, 160, 180, 200];

    private const SCREWS_MM = [40, 50, 60, 70, 80, 90, 100, 110, 120, 140, 160];

    /** Sixteenths of an inch; beyond the last by an inch. */
    private const LAGS_IN = [24, 32, 40, 48, 56, 64, 72, 80, 88, 96, 112, 128];

    private const SCREWS_IN = [24, 32, 40, 48, 56, 64, 72, 80, 96];

    private const LONGEST_IN = 24 * 16;

    /** Diameters of lags in 64ths of an inch, with their root and pilots for light and for dense wood, in 64ths too. */
    private const LAG_SIZES = [
        16 => [0.173, 8, 10],
        20 => [0.227, 10, 13],
        24 => [0.265, 12, 15],
        32 => [0.371, 17, 21],
    ];

    /** Of the screw that holds a board, in thousandths of an inch. */
    private const SCREW = ['diameter' => 242, 'root' => 0.196, 'pilots' => [9, 11], 'clearance' => 16];

    /** From here wood is dense. */
    private const DENSE = 0.55;

    private function __construct(private Unit $unit) {}

    public static function of(Unit $unit): self
    {
        return new self($unit);
    }

    /** Into a stud or a lintel. */
    public function intoStud(): Length
    {
        return $this->either(40, 24);
    }

    public function intoMasonry(): Length
    {
        return $this->either(50, 32);
    }

    /** What a bracket is thick where its bolt goes through it. */
    public function bracketGrip(): Length
    {
        return $this->either(6, 4);
    }

    /** A row of header screws from the edge of the board. */
    public function row(): Length
    {
        return $this->either(22, 14);
    }

    /** A screw at a joint of a board, from the end of the piece. */
    public function jointScrew(): Length
    {
        return $this->either(10, 6);
    }

    /** Of a board on masonry: its first anchor from its end. */
    public function firstAnchor(): Length
    {
        return $this->either(60, 38);
    }

    public function anchorsApart(): Length
    {
        return $this->either(400, 256);
    }

    /** An anchor whose sheet does not say. */
    public function silentAnchor(): Length
    {
        return $this->either(8, 5);
    }

    /**
     * What holds a floor guide.
     *
     * @return array{diameter: Length, length: Length}
     */
    public function guideScrew(): array
    {
        return $this->unit === Unit::Inch
            ? ['diameter' => self::thousandths(190), 'length' => Length::sixteenths(24)]
            : ['diameter' => Length::mm(5), 'length' => Length::mm(40)];
    }

    /** The same where a list says it. */
    public function sized(Length $length): Size
    {
        return new Size($this->size($length), $this->unit);
    }

    /** A diameter or a length as those who sell it say it: millimetres, or fractions of an inch and gauges. */
    public function size(Length $length): string
    {
        return match (true) {
            $this->unit === Unit::Millimetre => (string) $length->toMm(),
            $length->equals(self::thousandths(self::SCREW['diameter'])) => '1/4',
            $length->equals(self::thousandths(190)) => '#10',
            default => (new LengthWriter(Unit::Inch))->showFine($length),
        };
    }

    public function washerWidth(): Length
    {
        return $this->either(40, 24);
    }

    public function washerThickness(): Length
    {
        return $this->either(3, 2);
    }

    /**
     * The washer under a standoff that would press into soft lining or wood.
     *
     * @return array{width: Length, thickness: Length}
     */
    public function washer(): array
    {
        return ['width' => $this->washerWidth(), 'thickness' => $this->washerThickness()];
    }

    /** Behind a board, under the nut of a bolt that goes through it. */
    public function washerBehindBoard(): Length
    {
        return $this->either(30, 20);
    }

    public function screwDiameter(): Length
    {
        return $this->unit === Unit::Inch
            ? self::thousandths(self::SCREW['diameter'])
            : Length::mm(6);
    }

    public function screw(): Dowel
    {
        $diameter = $this->screwDiameter()->toMm();

        return $this->unit === Unit::Inch
            ? Dowel::woodScrew($diameter, self::SCREW['root'] * Dowel::MM)
            : Dowel::woodScrew($diameter);
    }

    public function lag(Length $diameter): Dowel
    {
        $size = $this->lagSize($diameter);

        return Dowel::lag($diameter->toMm(), $size === null ? null : $size[0] * Dowel::MM);
    }

    /** The least that is sold and long enough; null where none is. */
    public function lagLength(Length $needed): ?Length
    {
        return $this->unit === Unit::Inch
            ? self::leastIn(self::LAGS_IN, $needed)
            : self::leastMm(self::LAGS_MM, $needed);
    }

    public function screwLength(Length $needed): ?Length
    {
        return $this->unit === Unit::Inch
            ? self::leastIn(self::SCREWS_IN, $needed)
            : self::leastMm(self::SCREWS_MM, $needed);
    }

    /** The bit that is bored for the thread: 70 % of the root in light wood, 90 % in dense. */
    public function pilot(Length $diameter, bool $isScrew, ?float $gravity): Length
    {
        $isDense = ($gravity ?? 0.42) >= self::DENSE;
        $known = $isScrew
            ? ($this->unit === Unit::Inch ? self::SCREW['pilots'] : null)
            : array_slice($this->lagSize($diameter) ?? [], 1);
        if ($known !== null && $known !== []) {
            return self::sixtyFourths((int) $known[$isDense ? 1 : 0]);
        }

        return $diameter
            ->scaled($isScrew ? 80 : 72, 100)
            ->scaled($isDense ? 90 : 70, 100)
            ->roundedTo($this->unit === Unit::Inch ? self::sixtyFourths(1) : Length::nm(500_000));
    }

    /** The bit for the shank. */
    public function clearance(Length $diameter): Length
    {
        return $this->unit === Unit::Inch ? $diameter->roundedUpTo(self::sixtyFourths(1)) : $diameter;
    }

    /** @return ?array{float, int, int} */
    private function lagSize(Length $diameter): ?array
    {
        foreach ($this->unit === Unit::Inch ? self::LAG_SIZES : [] as $sixtyFourths => $size) {
            if (self::sixtyFourths($sixtyFourths)->equals($diameter)) {
                return $size;
            }
        }

        return null;
    }

    private function either(int $mm, int $sixteenths): Length
    {
        return $this->unit === Unit::Inch ? Length::sixteenths($sixteenths) : Length::mm($mm);
    }

    private static function thousandths(int $count): Length
    {
        return Length::nm(intdiv(Length::NM_PER_INCH * $count, 1000));
    }

    private static function sixtyFourths(int $count): Length
    {
        return Length::nm($count * intdiv(Length::NM_PER_INCH, 64));
    }

    /** @param  non-empty-list<int>  $lengths */
    private static function leastMm(array $lengths, Length $needed): ?Length
    {
        foreach ($lengths as $mm) {
            if (! Length::mm($mm)->isUnder($needed)) {
                return Length::mm($mm);
            }
        }

        return null;
    }

    /** @param  non-empty-list<int>  $sixteenths */
    private static function leastIn(array $sixteenths, Length $needed): ?Length
    {
        $last = $sixteenths[count($sixteenths) - 1];
        foreach ([...$sixteenths, ...range($last + 16, self::LONGEST_IN, 16)] as $count) {
            if (! Length::sixteenths($count)->isUnder($needed)) {
                return Length::sixteenths($count);
            }
        }

        return null;
    }
}
