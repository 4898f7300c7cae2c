<?php

declare(strict_types=1);

namespace App\Paper;

use FPDF;

/** A page in millimetres, exact. */
final class TruePage extends FPDF
{
    /** A quarter of a circle as a curve: how far its handles reach, of the radius. */
    private const HANDLE = 0.5522847498;

    /** @param  string  $style  D its line, F its fill, or both */
    public function circle(float $x, float $y, float $radius, string $style = 'D'): void
    {
        $h = $radius * self::HANDLE;
        $this->_out(self::at($this->k, $this->h, $x + $radius, $y).' m');
        foreach ([[[$x + $radius, $y - $h], [$x + $h, $y - $radius], [$x, $y - $radius]], [[$x - $h, $y - $radius], [$x - $radius, $y - $h], [$x - $radius, $y]], [[$x - $radius, $y + $h], [$x - $h, $y + $radius], [$x, $y + $radius]], [[$x + $h, $y + $radius], [$x + $radius, $y + $h], [$x + $radius, $y]]] as $points) {
            $this->_out(implode(' ', array_map(fn (array $point) => self::at($this->k, $this->h, ...$point), $points)).' c');
        }
        $this->_out(self::drawn($style, true));
    }

    /** @param  'L'|'C'|'R'  $align  where on the text x is */
    public function say(float $x, float $y, float $points, string $text, string $align = 'L', bool $bold = false): void
    {
        $text = self::known($text);
        $this->SetFont('Helvetica', $bold ? 'B' : '', $points);
        $wide = $this->GetStringWidth($text);
        $this->Text($x - ['L' => 0.0, 'C' => $wide / 2, 'R' => $wide][$align], $y, $text);
    }

    /** A text that runs up the page. */
    public function sayUp(float $x, float $y, float $points, string $text): void
    {
        $this->SetFont('Helvetica', '', $points);
        $this->_out(sprintf('q 0 1 -1 0 %.4F %.4F cm BT /F%d %.2F Tf 0 0 Td (%s) Tj ET Q', $x * $this->k, ($this->h - $y) * $this->k, $this->CurrentFont['i'], $points, $this->_escape(self::known($text))));
    }

    /**
     * A text in lines no wider than that.
     *
     * @return list<string>
     */
    public function lines(string $text, float $width, float $points, bool $bold = false): array
    {
        $this->SetFont('Helvetica', $bold ? 'B' : '', $points);
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $last = $lines[count($lines) - 1];
            $longer = $last === '' ? $word : "{$last} {$word}";
            if ($last !== '' && $this->GetStringWidth(self::known($longer)) > $width) {
                $lines[] = $word;
            } else {
                $lines[count($lines) - 1] = $longer;
            }
        }

        return $lines;
    }

    /** @param  list<array{float, float}>  $points */
    public function polygon(array $points, string $style, bool $closed): void
    {
        foreach ($points as $i => [$x, $y]) {
            $this->_out(self::at($this->k, $this->h, $x, $y).($i === 0 ? ' m' : ' l'));
        }
        $this->_out(self::drawn($style, $closed));
    }

    /** @param  list<float>  $dashes  in mm; [] draws through */
    public function dash(array $dashes): void
    {
        $this->_out('['.implode(' ', array_map(fn (float $mm) => sprintf('%.2F', $mm * $this->k), $dashes)).'] 0 d');
    }

    /** Black ink, a thin line, nothing dashed. */
    public function plain(): void
    {
        $this->SetDrawColor(0);
        $this->SetFillColor(0);
        $this->SetTextColor(0);
        $this->SetLineWidth(0.2);
        $this->dash([]);
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

    private static function drawn(string $style, bool $closed): string
    {
        return match (true) {
            str_contains($style, 'D') && str_contains($style, 'F') => $closed ? 'b' : 'B',
            str_contains($style, 'F') => 'f',
            default => $closed ? 's' : 'S',
        };
    }

    /** The fonts that every reader of these files has know no thin space and no arrow. */
    private static function known(string $text): string
    {
        return (string) mb_convert_encoding(strtr($text, ["\u{202f}" => ' ', "\u{2009}" => ' ', '″' => '"', '′' => "'", '→' => '>', '▸' => '-']), 'Windows-1252', 'UTF-8');
    }

    private static function at(float $k, float $high, float $x, float $y): string
    {
        return sprintf('%.4F %.4F', $x * $k, ($high - $y) * $k);
    }
}
