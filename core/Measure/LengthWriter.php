<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/**
 * Writes a length for people: millimetres to a step of 1 (or 0.5), inches as fractions to 1/16 (or 1/32), long ones in
 * feet and inches where a house says so (page 7, 4).
 * What is shown is rounded to the nearest step; `exact` writes every digit, so that reading it back gives the same
 * length.
 */
final readonly class LengthWriter
{
    private const NM_PER_FOOT = 12 * Length::NM_PER_INCH;

    /** A line never ends within a number. */
    private const THOUSANDS = "\u{202f}";

    private const BEFORE_A_FRACTION = "\u{a0}";

    /**
     * @param  ?Length  $step  what is shown is rounded to it; null for the unit's own
     * @param  ?Length  $feetOver  inches are said as feet and inches from here on, as a house may choose; null: never
     * @param  bool  $tapesInFeet  this house's tapes run in feet; else they are read in inches, however long
     */
    public function __construct(
        public Unit $unit,
        private ?Length $step = null,
        private ?Length $feetOver = null,
        private bool $tapesInFeet = false,
    ) {}

    /** What is written, for what other programs read: they know plain blanks alone. */
    public static function inPlainBlanks(string $written): string
    {
        return strtr($written, [self::THOUSANDS => ' ', self::BEFORE_A_FRACTION => ' ']);
    }

    /** What is shown is rounded to this. */
    public function step(): Length
    {
        return $this->step ?? $this->unit->step();
    }

    /** Without the unit; blanks in it are such that a line never ends at one. */
    public function show(Length $length): string
    {
        return $this->write($length->roundedTo($this->step()));
    }

    /** A reading, as the house's tapes show it. */
    public function showOnTape(Length $length): string
    {
        $feetOver = $this->tapesInFeet ? Length::nm(self::NM_PER_FOOT) : null;

        return (new self($this->unit, $this->step, $feetOver))->show($length);
    }

    /** Rounded up: for what is short or needed. */
    public function showUp(Length $length): string
    {
        return $this->write($length->roundedUpTo($this->step()));
    }

    /** Rounded down: for what is to spare or allowed. */
    public function showDown(Length $length): string
    {
        return $this->write($length->roundedDownTo($this->step()));
    }

    /** With its unit: 12 mm, 1/2". */
    public function showWithUnit(Length $length): string
    {
        return $this->show($length).($this->unit === Unit::Inch ? '"' : "\u{a0}mm");
    }

    /** To a tenth of a millimetre or 1/64 in where the shown step would hide something; for sums. */
    public function showFine(Length $length): string
    {
        return $this->write($this->fine($length));
    }

    /** A length as `showFine` says it. */
    public function fine(Length $length): Length
    {
        return $length->roundedTo(
            $this->unit === Unit::Inch ? Length::nm(intdiv(Length::NM_PER_INCH, 64)) : Length::nm(100_000),
        );
    }

    /** Every digit, as typed into a field or a file; inch lengths that are no 1/64 are written in mm. */
    public function exact(Length $length): string
    {
        $sixtyFourth = intdiv(Length::NM_PER_INCH, 64);

        return match (true) {
            $this->unit === Unit::Millimetre => $this->decimal($length->nm, ''),
            $length->nm % $sixtyFourth === 0 => $this->fraction($length->nm, ' '),
            default => $this->decimal($length->nm, '').' mm',
        };
    }

    private function write(Length $length): string
    {
        return match (true) {
            $this->unit === Unit::Millimetre => $this->decimal($length->nm, self::THOUSANDS),
            $this->feetOver === null,
            $length->absolute()->isUnder($this->feetOver),
            abs($length->nm) < self::NM_PER_FOOT => $this->fraction($length->nm, self::BEFORE_A_FRACTION),
            default => $this->feet($length->nm),
        };
    }

    private function decimal(int $nm, string $thousands): string
    {
        $mm = intdiv(abs($nm), 1_000_000);
        $whole = $mm < 1000 || $thousands === '' ? (string) $mm : number_format($mm, 0, '.', $thousands);
        $rest = $nm % 1_000_000 === 0 ? '' : rtrim(sprintf('%06d', abs($nm) % 1_000_000), '0');

        return $this->minus($nm).$whole.($rest === '' ? '' : ".{$rest}");
    }

    /** 6' 7 3/16; the inches are told though they be none. */
    private function feet(int $nm): string
    {
        $feet = intdiv(abs($nm), self::NM_PER_FOOT);

        $inches = $this->fraction(abs($nm) % self::NM_PER_FOOT, self::BEFORE_A_FRACTION);

        return $this->minus($nm).$feet."'".self::BEFORE_A_FRACTION.$inches;
    }

    private function fraction(int $nm, string $blank): string
    {
        $sixtyFourths = intdiv(abs($nm) * 64, Length::NM_PER_INCH);
        $whole = intdiv($sixtyFourths, 64);
        $top = $sixtyFourths % 64;
        $low = 64;
        while ($top !== 0 && $top % 2 === 0) {
            $top = intdiv($top, 2);
            $low = intdiv($low, 2);
        }
        $parts = array_filter(
            [$whole > 0 || $top === 0 ? (string) $whole : '', $top > 0 ? "{$top}/{$low}" : ''],
            fn (string $part) => $part !== '',
        );

        return $this->minus($nm).implode($blank, $parts);
    }

    private function minus(int $nm): string
    {
        return $nm < 0 ? '-' : '';
    }
}
