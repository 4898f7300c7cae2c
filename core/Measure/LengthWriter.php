<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/**
 * Writes a length for people: millimetres to a step of 1 (or 0.5), inches as fractions to 1/16 (or 1/32).
 * What is shown is rounded to the nearest step; `exact` writes every digit, so that reading it back gives the same
 * length.
 */
final readonly class LengthWriter
{
    public function __construct(public Unit $unit, private ?Length $step = null) {}

    /** What is shown is rounded to this. */
    public function step(): Length
    {
        return $this->step ?? $this->unit->step();
    }

    /** With thin spaces between thousands of millimetres, without the unit. */
    public function show(Length $length): string
    {
        return $this->write($length->roundedTo($this->step()), "\u{202f}");
    }

    /** Rounded up: for what is short or needed. */
    public function showUp(Length $length): string
    {
        return $this->write($length->roundedUpTo($this->step()), "\u{202f}");
    }

    /** Rounded down: for what is to spare or allowed. */
    public function showDown(Length $length): string
    {
        return $this->write($length->roundedDownTo($this->step()), "\u{202f}");
    }

    /** With its unit: 12 mm, 1/2". */
    public function showWithUnit(Length $length): string
    {
        return $this->show($length).($this->unit === Unit::Inch ? '"' : "\u{a0}mm");
    }

    /** To a tenth of a millimetre or 1/64 in where the shown step would hide something; for sums. */
    public function showFine(Length $length): string
    {
        return $this->write($this->fine($length), "\u{202f}");
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
            $length->nm % $sixtyFourth === 0 => $this->fraction($length->nm),
            default => $this->decimal($length->nm, '').' mm',
        };
    }

    private function write(Length $length, string $thousands): string
    {
        return $this->unit === Unit::Inch ? $this->fraction($length->nm) : $this->decimal($length->nm, $thousands);
    }

    private function decimal(int $nm, string $thousands): string
    {
        $mm = intdiv(abs($nm), 1_000_000);
        $whole = $mm < 1000 || $thousands === '' ? (string) $mm : number_format($mm, 0, '.', $thousands);
        $rest = $nm % 1_000_000 === 0 ? '' : rtrim(sprintf('%06d', abs($nm) % 1_000_000), '0');

        return $this->minus($nm).$whole.($rest === '' ? '' : ".{$rest}");
    }

    private function fraction(int $nm): string
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

        return $this->minus($nm).implode(' ', $parts);
    }

    private function minus(int $nm): string
    {
        return $nm < 0 ? '-' : '';
    }
}
