<?php

declare(strict_types=1);

namespace App\Paper;

use App\Making\MadeSheet;
use App\Words\Speaker;
use YokeLine\Drawing\Scene;

/**
 * What the shop builds a leaf from: it drawn layer by layer, every part with its size, how bars are cut, what is
 * filled, screwed and glued, the steps; then its odd ends true to size, to be laid on the wood.
 */
final class ShopSheet
{
    private const EDGE = 15.0;

    private const DRAWING_MM = 88.0;

    private const SMALL_MM = 62.0;

    private float $y = 0.0;

    private function __construct(
        private readonly MadeSheet $sheet,
        private readonly string $name,
        private readonly TruePage $page,
    ) {}

    /**
     * @param  list<MadeSheet>  $sheets
     * @param  'A4'|'Letter'  $paper
     */
    public static function of(array $sheets, string $name, string $paper): string
    {
        $page = new TruePage($paper);
        $page->setTitle(Speaker::words('paper.shop.file', ['name' => $name]));
        foreach ($sheets as $sheet) {
            (new self($sheet, $name, $page))->write();
        }

        return $page->file();
    }

    private function write(): void
    {
        $this->turn();
        $this->lines([$this->sheet->summary(), $this->sheet->channel()]);
        $wide = $this->page->getPageWidth() - 2 * self::EDGE;
        ScenePainter::paint($this->page, $this->sheet->scene(), self::EDGE, $this->y, $wide, self::DRAWING_MM);
        $this->y += self::DRAWING_MM + 8;
        $this->parts();
        $this->titled('bench.made.cut', $this->sheet->bars());
        foreach ($this->sheet->oldLeaves() as $old) {
            $this->drawn($old->title(), $old->scene());
            $this->lines([...$old->cuts(), ...$old->solid(), ...$old->fills()]);
        }
        $this->drawn(Speaker::words('bench.made.solid'), $this->sheet->solid());
        $this->titled('bench.made.fasteners', $this->sheet->fasteners());
        $this->titled(
            'bench.made.steps',
            array_map(fn (array $step) => "{$step['do']}: {$step['takes']}", $this->sheet->steps()),
        );
        $this->lines([Speaker::words('bench.made.cautions')]);
        foreach ($this->sheet->oddEnds() as [$called, $points]) {
            $this->template($called, $points);
        }
    }

    /** A page more, with whose it is on top. */
    private function turn(): void
    {
        $this->page->AddPage();
        $this->page->plain();
        $this->page->say(self::EDGE, 20, 16, $this->name, 'L', true);
        $this->page->say($this->page->getPageWidth() - self::EDGE, 20, 10, $this->sheet->title(), 'R');
        $this->y = 28.0;
    }

    private function room(float $high): void
    {
        if ($this->y + $high > $this->page->getPageHeight() - self::EDGE) {
            $this->turn();
        }
    }

    private function parts(): void
    {
        $right = $this->page->getPageWidth() - self::EDGE;
        $columns = [self::EDGE, self::EDGE + 9, $right - 84, $right - 62, $right - 40, $right - 34];
        $this->title('bench.made.parts');
        foreach ($this->sheet->parts() as $i => $part) {
            $this->room(9.5);
            $this->page->say($columns[0], $this->y, 10, (string) ($i + 1), 'L', true);
            $this->page->say($columns[1], $this->y, 10, "{$part['count']} × {$part['called']}", 'L', true);
            $this->page->say($columns[2], $this->y, 10, $part['length'], 'R');
            $this->page->say($columns[3], $this->y, 10, $part['width'], 'R');
            $this->page->say($columns[4], $this->y, 10, $part['thickness'], 'R');
            $this->page->say($columns[5], $this->y, 9, $part['wood']);
            $this->y += 5.0;
            if ($part['how'] !== '') {
                $this->page->say($columns[1], $this->y - 0.6, 8.5, $part['how']);
                $this->y += 4.2;
            }
        }
        $this->y += 3;
    }

    private function drawn(string $title, Scene $scene): void
    {
        $this->room(self::SMALL_MM + 16);
        $this->y += 4;
        $this->head($title);
        $wide = $this->page->getPageWidth() - 2 * self::EDGE;
        ScenePainter::paint($this->page, $scene, self::EDGE, $this->y, $wide, self::SMALL_MM);
        $this->y += self::SMALL_MM + 5;
    }

    /** @param  list<string>  $says */
    private function titled(string $title, array $says): void
    {
        if ($says !== []) {
            $this->title($title);
            $this->lines($says);
            $this->y += 2;
        }
    }

    private function title(string $key): void
    {
        $this->room(18);
        $this->head(Speaker::words($key));
    }

    private function head(string $title): void
    {
        $this->page->say(self::EDGE, $this->y, 11, $title, 'L', true);
        $this->page->stroke(self::EDGE, $this->y + 1.5, $this->page->getPageWidth() - self::EDGE, $this->y + 1.5);
        $this->y += 6.5;
    }

    /** @param  list<string>  $says */
    private function lines(array $says): void
    {
        foreach (array_filter($says) as $one) {
            foreach ($this->page->lines($one, $this->page->getPageWidth() - 2 * self::EDGE, 9.5) as $line) {
                $this->room(4.4);
                $this->page->say(self::EDGE, $this->y, 9.5, $line);
                $this->y += 4.4;
            }
        }
    }

    /**
     * The end of a piece true to size.
     *
     * @param  list<array{float, float}>  $points  mm, from its left and its top
     */
    private function template(string $called, array $points): void
    {
        $this->turn();
        $this->lines([$called, Speaker::words('paper.shop.true')]);
        $this->page->checkScale(self::EDGE, $this->y + 6, $this->sheet->unit());
        $top = $this->y + 28;
        $this->page->setLineWidth(0.3);
        $this->page->outline(
            array_map(fn (array $point) => [self::EDGE + $point[0], $top + $point[1]], $points),
            'D',
            true,
        );
    }
}
