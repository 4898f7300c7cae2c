<?php

declare(strict_types=1);

namespace App\Paper;

use App\Words\Speaker;
use Closure;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\LeafCard;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Section;
use YokeLine\Planning\PlannedLeaf;

/** The set-out sheet as PDF: one page for a simple doorway, more where it takes more. */
final class SetOutSheet
{
    private const EDGE = 9.0;

    private const GUTTER = 5.0;

    private const FOOT = 4.0;

    private const GAP = 1.7;

    /** Drawings give way, so far, where it all then stands on one page. */
    private const SIZES = [1.0, 0.86, 0.72, 0.6];

    private TruePage $page;

    private float $wide;

    private float $column;

    /** @param  'A4'|'Letter'  $paper */
    private function __construct(private readonly SheetContent $content, string $paper, private readonly float $size)
    {
        $this->page = new TruePage($paper);
        $this->page->setTitle(Speaker::words('sheet.file', ['name' => $content->doorway->name]));
        $this->page->AddPage();
        $this->page->plain();
        $this->wide = $this->page->getPageWidth() - 2 * self::EDGE;
        $this->column = ($this->wide - self::GUTTER) / 2;
    }

    /** @param  'A4'|'Letter'  $paper */
    public static function of(SheetContent $content, string $paper): string
    {
        foreach (self::SIZES as $size) {
            $sheet = new self($content, $paper, $size);
            $sheet->flow($sheet->head());
            $sheet->foot();
            $large ??= $sheet;
            if ($sheet->page->PageNo() === 1) {
                return $sheet->page->file();
            }
        }

        return $large->page->file();
    }

    /** @return float where the rest begins */
    private function head(): float
    {
        $page = $this->page;
        $content = $this->content;
        $right = self::EDGE + $this->wide;
        $page->say(self::EDGE, 12, 17, $content->doorway->name, 'L', true);
        $page->say(self::EDGE, 16.5, 8.5, $content->subtitle());
        $page->say($right, 9, 8.5, "{$content->line()->whole()} ({$content->line()->beside})", 'R');
        $page->say($right, 17, 23, $content->line()->number, 'R', true);
        $page->setLineWidth(0.8);
        $page->stroke(self::EDGE, 19, $right, 19);
        $page->plain();
        $y = 23.5;
        foreach (
            $page->lines(
                $content->speak->say($content->bench->setout->verdict()->says()).' '.$content->bench->toSettle(),
                $this->wide,
                9.5,
                true,
            ) as $line
        ) {
            $page->say(self::EDGE, $y, 9.5, $line, 'L', true);
            $y += 4;
        }
        foreach (
            $page->lines(
                implode('  ', array_map(fn (string $says) => "▸ {$says}", $content->findings())),
                $this->wide,
                8,
            ) as $line
        ) {
            $page->say(self::EDGE, $y, 8, $line);
            $y += 3.4;
        }
        $beside = 68.0;
        $elevation = Elevation::of($content->bench->setout->doorway, $content->plan, $content->speak);
        $high = min(66.0 * $this->size, ScenePainter::height($elevation, $this->wide - $beside - 3));
        ScenePainter::paint($page, $elevation, self::EDGE, $y - 2, $this->wide - $beside - 3, $high);
        $x = $right - $beside;
        $half = $beside / 2;
        $under = max(
            $this->table($x, $y, $half - 1, Speaker::words('sheet.titles.heights'), $content->heights()),
            $this->table($x + $half, $y, $half, $content->readingsTitle(), $content->readings()),
        );

        return max($y + $high - 1, $under) + self::GAP;
    }

    /**
     * Blocks one under the other in two columns, each where there is more room; a new page where neither has enough.
     */
    private function flow(float $top): void
    {
        $limit = $this->page->getPageHeight() - 7 - self::FOOT;
        $free = [$top, $top];
        foreach ($this->blocks() as [$high, $draw]) {
            $column = $free[0] <= $free[1] ? 0 : 1;
            if ($limit < $free[$column] + $high) {
                $this->foot();
                $this->page->AddPage();
                $this->page->plain();
                $free = [13.0, 13.0];
                $column = 0;
                $this->page->say(
                    self::EDGE,
                    10,
                    9,
                    "{$this->content->doorway->name}, {$this->content->subtitle()}",
                    'L',
                    true,
                );
            }
            $draw(self::EDGE + $column * ($this->column + self::GUTTER), $free[$column]);
            $free[$column] += $high + self::GAP;
        }
    }

    /** @return list<array{float, Closure(float, float): void}> how high each is, and how it is drawn */
    private function blocks(): array
    {
        $content = $this->content;
        $plan = $content->plan;
        $blocks = [];
        foreach ([...$content->pulls(), ...$content->leafTapes()] as [$title, $readings]) {
            $blocks[] = $this->readings($title, $readings);
        }
        $blocks[] = $this->rows(Speaker::words('sheet.titles.sizes'), $content->sizes());
        $blocks[] = $this->drawing(
            Speaker::words('sheet.titles.section'),
            Section::of($plan, $this->content->speak),
            38,
        );
        $blocks[] = $this->drawing(
            Speaker::words('sheet.titles.above', ['times' => Above::DEPTH]),
            Above::of($plan, $this->content->speak),
            30,
        );
        foreach ($plan->leaves() as $leaf) {
            $blocks[] = $this->leafCard($leaf);
        }
        $blocks[] = $this->sentences(Speaker::words('sheet.titles.drilling'), $content->drilling(), 7);
        $blocks[] = $this->sentences(Speaker::words('sheet.titles.fixings'), $content->fixings(), 7);
        $blocks[] = $this->sentences(
            Speaker::words('sheet.titles.order'),
            array_map(
                fn (array $card, int $i) => $i + 1 .". {$card[0]}: {$card[1]}",
                $content->order(),
                array_keys($content->order()),
            ),
            6.5,
        );
        $blocks[] = $this->sentences(
            Speaker::words('sheet.titles.cautions'),
            array_map(fn (string $says) => "- {$says}", $content->cautions()),
            6.5,
        );
        $rules = $content->bench->houseRules();
        if ($rules !== []) {
            $blocks[] = $this->sentences(Speaker::words('sheet.titles.house-rules'), $rules, 7);
        }

        return $blocks;
    }

    /**
     * @param  list<array{string, string}>  $readings
     * @return array{float, Closure(float, float): void} two columns of readings, each with a box to tick
     */
    private function readings(string $title, array $readings): array
    {
        $rows = (int) ceil(count($readings) / 2);
        $half = $this->column / 2;
        // The widest reading stands clear of its box: fractions are wider than millimetres.
        $reach =
            4.4 +
            max([0.0, ...array_map(fn (array $reading) => $this->page->wide($reading[0], 10.5, true), $readings)]);

        return [
            4.2 + 4.3 * $rows,
            function (float $x, float $y) use ($title, $readings, $rows, $half, $reach): void {
                $this->title($x, $y, $title);
                foreach ($readings as $i => [$reading, $name]) {
                    $left = $x + $half * intdiv($i, max(1, $rows));
                    $line = $y + 7.6 + 4.3 * ($i % max(1, $rows));
                    $this->page->box($left, $line - 2.6, 2.8, 2.8);
                    $this->page->say($left + $reach, $line, 10.5, $reading, 'R', true);
                    $this->page->say($left + $reach + 1.5, $line, 7.5, $name);
                }
            },
        ];
    }

    /**
     * @param  list<array{string, string}>  $rows
     * @return array{float, Closure(float, float): void}
     */
    private function rows(string $title, array $rows): array
    {
        return [
            4 + 3.9 * count($rows),
            function (float $x, float $y) use ($title, $rows): void {
                $this->title($x, $y, $title);
                foreach ($rows as $i => [$name, $value]) {
                    $this->page->say($x, $y + 7.2 + 3.9 * $i, 8, $name);
                    $this->page->say($x + 26, $y + 7.2 + 3.9 * $i, 9, $value, 'L', true);
                }
            },
        ];
    }

    /**
     * @param  list<string>  $sentences
     * @return array{float, Closure(float, float): void}
     */
    private function sentences(string $title, array $sentences, float $points): array
    {
        $lines = array_merge(
            ...array_map(fn (string $says) => $this->page->lines($says, $this->column, $points), $sentences ?: ['-']),
        );
        $step = $points * 0.41;

        return [
            4.2 + $step * count($lines),
            function (float $x, float $y) use ($title, $lines, $points, $step): void {
                $this->title($x, $y, $title);
                foreach ($lines as $i => $line) {
                    $this->page->say($x, $y + 4 + $step * ($i + 0.9), $points, $line);
                }
            },
        ];
    }

    /** @return array{float, Closure(float, float): void} */
    private function drawing(string $title, Scene $scene, float $most): array
    {
        $high = min($most * $this->size, ScenePainter::height($scene, $this->column));

        return [
            5 + $high,
            function (float $x, float $y) use ($title, $scene, $high): void {
                $this->title($x, $y, $title);
                ScenePainter::paint($this->page, $scene, $x, $y + 4.5, $this->column, $high);
            },
        ];
    }

    /** @return array{float, Closure(float, float): void} */
    private function leafCard(PlannedLeaf $leaf): array
    {
        return $this->drawing(
            Speaker::words('sheet.titles.door', [
                'door' => $leaf->isAlone
                    ? Speaker::words('words.a-door')
                    : Speaker::words("words.leaves.{$leaf->name}"),
            ]),
            LeafCard::shortened($this->content->plan, $leaf, $this->content->speak),
            50,
        );
    }

    private function title(float $x, float $y, string $title): void
    {
        $this->page->say($x, $y + 2.8, 8.5, $title, 'L', true);
        $this->page->stroke($x, $y + 3.6, $x + $this->column, $y + 3.6);
    }

    /**
     * @param  list<array{string, string}>  $rows
     * @return float where it ends
     */
    private function table(float $x, float $y, float $wide, string $title, array $rows): float
    {
        $this->page->say($x, $y + 1, 8, $title);
        $this->page->stroke($x, $y + 1.8, $x + $wide, $y + 1.8);
        foreach ($rows as $i => [$value, $name]) {
            $this->page->say($x + 11, $y + 5.2 + 3.9 * $i, 10.5, $value, 'R', true);
            $this->page->say($x + 12, $y + 5.2 + 3.9 * $i, 8, $name);
        }

        return $y + 2.8 + 3.9 * count($rows);
    }

    private function foot(): void
    {
        $y = $this->page->getPageHeight() - 7;
        $this->page->say(self::EDGE, $y, 7, Speaker::words('sheet.foot'));
        $this->page->say(
            self::EDGE + $this->wide,
            $y,
            7,
            Speaker::words('sheet.page', [
                'name' => $this->content->doorway->name,
                'change' => $this->content->doorway->revision->number,
                'page' => $this->page->PageNo(),
            ]),
            'R',
        );
    }
}
