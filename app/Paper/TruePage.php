<?php

declare(strict_types=1);

namespace App\Paper;

use App\Words\Speaker;
use TCPDF;
use YokeLine\Measure\Unit;

/** A page in millimetres, exact, with letters of every language that its font has. */
final class TruePage extends TCPDF
{
    /** A quarter of a circle as a curve: how far its handles reach, of the radius. */
    private const HANDLE = 0.5522847498;

    /** @var float of a millimetre, in points */
    protected $k;

    /** @var float how high the page is, in millimetres */
    protected $h;

    /** As wide as the one that every reader has, with the letters that one lacks. */
    private const FONT = 'freesans';

    /**
     * @param  'A4'|'Letter'  $paper
     * @param  'P'|'L'  $way  upright or on its side
     */
    public function __construct(string $paper, string $way = 'P')
    {
        parent::__construct($way, 'mm', strtoupper($paper));
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
        $this->setMargins(0, 0, 0);
        $this->setCellPaddings(0, 0, 0, 0);
        $this->setAutoPageBreak(false);
        $this->setFontSubsetting(true);
        $this->setCreator('Yoke Line');
    }

    /** What there is of it so far, as a file. */
    public function file(): string
    {
        return (string) $this->Output('', 'S');
    }

    /** A line, as one stroke. */
    public function stroke(float $x1, float $y1, float $x2, float $y2): void
    {
        $this->_out(self::at($this->k, $this->h, $x1, $y1).' m '.self::at($this->k, $this->h, $x2, $y2).' l S');
    }

    /** @param  string  $style  D its line, F its fill, or both */
    public function box(float $x, float $y, float $width, float $height, string $style = 'D'): void
    {
        $this->_out(
            sprintf(
                '%s %.4F %.4F re %s',
                self::at($this->k, $this->h, $x, $y),
                $width * $this->k,
                -$height * $this->k,
                self::drawn($style, false),
            ),
        );
    }

    /** @param  string  $style  D its line, F its fill, or both */
    public function ring(float $x, float $y, float $radius, string $style = 'D'): void
    {
        $h = $radius * self::HANDLE;
        $this->_out(self::at($this->k, $this->h, $x + $radius, $y).' m');
        foreach (
            [
                [[$x + $radius, $y - $h], [$x + $h, $y - $radius], [$x, $y - $radius]],
                [[$x - $h, $y - $radius], [$x - $radius, $y - $h], [$x - $radius, $y]],
                [[$x - $radius, $y + $h], [$x - $h, $y + $radius], [$x, $y + $radius]],
                [[$x + $h, $y + $radius], [$x + $radius, $y + $h], [$x + $radius, $y]],
            ] as $points
        ) {
            $this->_out(
                implode(' ', array_map(fn (array $point) => self::at($this->k, $this->h, ...$point), $points)).' c',
            );
        }
        $this->_out(self::drawn($style, true));
    }

    /** @param  'L'|'C'|'R'  $align  where on the text x is */
    public function say(float $x, float $y, float $points, string $text, string $align = 'L', bool $bold = false): void
    {
        $text = self::known($text);
        $this->setFont(self::FONT, $bold ? 'B' : '', $points);
        $wide = $align === 'L' ? 0.0 : $this->widthOf($text);
        $this->Text($x - ['L' => 0.0, 'C' => $wide / 2, 'R' => $wide][$align], $y, $text, calign: 'L');
    }

    /** A text that runs up the page. */
    public function sayUp(float $x, float $y, float $points, string $text): void
    {
        $this->StartTransform();
        $this->Rotate(90, $x, $y);
        $this->say($x, $y, $points, $text);
        $this->StopTransform();
    }

    /**
     * A text in lines no wider than that.
     *
     * @return list<string>
     */
    public function lines(string $text, float $width, float $points, bool $bold = false): array
    {
        $this->setFont(self::FONT, $bold ? 'B' : '', $points);
        $lines = [''];
        foreach (explode(' ', $text) as $word) {
            $last = $lines[count($lines) - 1];
            $longer = $last === '' ? $word : "{$last} {$word}";
            if ($last !== '' && $this->widthOf(self::known($longer)) > $width) {
                $lines[] = $word;
            } else {
                $lines[count($lines) - 1] = $longer;
            }
        }

        return $lines;
    }

    /** How much room a text takes. */
    public function wide(string $text, float $points, bool $bold = false): float
    {
        $this->setFont(self::FONT, $bold ? 'B' : '', $points);

        return $this->widthOf(self::known($text));
    }

    private function widthOf(string $text): float
    {
        return (float) $this->GetStringWidth($text);
    }

    /** @param  list<array{float, float}>  $points */
    public function outline(array $points, string $style, bool $closed): void
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
        $this->setDrawColor(0);
        $this->setFillColor(0);
        $this->setTextColor(0);
        $this->setLineWidth(0.2);
        $this->dash([]);
    }

    public function cross(float $x, float $y, float $reach = 12.0): void
    {
        $this->stroke($x - $reach, $y, $x + $reach, $y);
        $this->stroke($x, $y - $reach, $x, $y + $reach);
    }

    /** Two bars to lay a rule on, 100 mm and 4 inches; that of one's own rule first. */
    public function checkScale(float $x, float $y, Unit $unit): void
    {
        $bars = [['100 mm', 100.0, 10], ['4 in', 101.6, 4]];
        foreach ($unit === Unit::Inch ? array_reverse($bars) : $bars as $row => [$name, $long, $parts]) {
            $down = $y + 9 * $row;
            $this->stroke($x, $down, $x + $long, $down);
            for ($i = 0; $i <= $parts; $i++) {
                $this->stroke($x + ($i * $long) / $parts, $down - 3, $x + ($i * $long) / $parts, $down);
            }
            $this->say($x + $long + 3, $down, 9, $name);
        }
        $this->say(
            $x,
            $y + 15,
            8,
            Speaker::words('paper.templates.lay-a-rule'),
        );
    }

    private static function drawn(string $style, bool $closed): string
    {
        return match (true) {
            str_contains($style, 'D') && str_contains($style, 'F') => $closed ? 'b' : 'B',
            str_contains($style, 'F') => 'f',
            default => $closed ? 's' : 'S',
        };
    }

    /** The font has no thin space, and no sign for a list. */
    private static function known(string $text): string
    {
        return strtr($text, ["\u{202f}" => ' ', "\u{2009}" => ' ', '″' => '"', '′' => "'", '▸' => '-']);
    }

    private static function at(float $k, float $high, float $x, float $y): string
    {
        return sprintf('%.4F %.4F', $x * $k, ($high - $y) * $k);
    }
}
