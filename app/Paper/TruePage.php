<?php

namespace App\Paper;

use FPDF;

/** A page in millimetres, exact. */
final class TruePage extends FPDF
{
    /** A quarter of a circle as a curve: how far its handles reach, of the radius. */
    private const HANDLE = 0.5522847498;

    public function circle(float $x, float $y, float $radius): void
    {
        $h = $radius * self::HANDLE;
        $this->_out(self::at($this->k, $this->h, $x + $radius, $y).' m');
        foreach ([[[$x + $radius, $y - $h], [$x + $h, $y - $radius], [$x, $y - $radius]], [[$x - $h, $y - $radius], [$x - $radius, $y - $h], [$x - $radius, $y]], [[$x - $radius, $y + $h], [$x - $h, $y + $radius], [$x, $y + $radius]], [[$x + $h, $y + $radius], [$x + $radius, $y + $h], [$x + $radius, $y]]] as $points) {
            $this->_out(implode(' ', array_map(fn (array $point) => self::at($this->k, $this->h, ...$point), $points)).' c');
        }
        $this->_out('S');
    }

    /** @param  'L'|'C'|'R'  $align  where on the text x is */
    public function say(float $x, float $y, float $points, string $text, string $align = 'L', bool $bold = false): void
    {
        // The fonts every reader of these files has know no thin space.
        $text = (string) mb_convert_encoding(strtr($text, ["\u{202f}" => ' ', "\u{2009}" => ' ', '″' => '"', '′' => "'"]), 'Windows-1252', 'UTF-8');
        $this->SetFont('Helvetica', $bold ? 'B' : '', $points);
        $wide = $this->GetStringWidth($text);
        $this->Text($x - ['L' => 0.0, 'C' => $wide / 2, 'R' => $wide][$align], $y, $text);
    }

    public function cross(float $x, float $y, float $reach = 12.0): void
    {
        $this->Line($x - $reach, $y, $x + $reach, $y);
        $this->Line($x, $y - $reach, $x, $y + $reach);
    }

    /** Two bars to lay a rule on: 100 mm and 4 inches. */
    public function checkScale(float $x, float $y): void
    {
        foreach ([['100 mm', 100.0, 10], ['4 in', 101.6, 4]] as $row => [$name, $long, $parts]) {
            $down = $y + 9 * $row;
            $this->Line($x, $down, $x + $long, $down);
            for ($i = 0; $i <= $parts; $i++) {
                $this->Line($x + $i * $long / $parts, $down - 3, $x + $i * $long / $parts, $down);
            }
            $this->say($x + $long + 3, $down, 9, $name);
        }
        $this->say($x, $y + 15, 8, 'Lay a rule on both. If either differs, print again at 100 %, not fitted to the page.');
    }

    private static function at(float $k, float $high, float $x, float $y): string
    {
        return sprintf('%.4F %.4F', $x * $k, ($high - $y) * $k);
    }
}
