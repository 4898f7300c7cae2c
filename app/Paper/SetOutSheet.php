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

/**
 * The set-out sheet as PDF, on its side: the wall first, as large as the page, to be read at arm's length; then what is
 * read off in three columns, on as many pages as that takes.
 */
final class SetOutSheet
{
    private const EDGE = 9.0;

    private const GUTTER = 5.0;

    private const FOOT = 4.0;

    private const GAP = 1.7;

    /** Where a page begins that follows. */
    private const TOP = 13.0;

    private const COLUMNS = 3;

    /** Points of what is read as sentences. */
    private const SENTENCE = 8.0;

    private TruePage $page;

    private float $wide;

    private float $column;

    /** @param  'A4'|'Letter'  $paper */
    private function __construct(private readonly SheetContent $content, string $paper)
    {
        $this->page = new TruePage($paper, 'L');
        $this->page->setTitle(Speaker::words('sheet.file', ['name' => $content->doorway->name]));
        $this->page->AddPage();
        $this->page->plain();
        $this->wide = $this->page->getPageWidth() - 2 * self::EDGE;
        $this->column = ($this->wide - (self::COLUMNS - 1) * self::GUTTER) / self::COLUMNS;
    }

    /** @param  'A4'|'Letter'  $paper */
    public static function of(SheetContent $content, string $paper): string
    {
        $sheet = new self($content, $paper);
        $sheet->wall($sheet->head());
        $sheet->flow();
        array_map($sheet->leafCard(...), $content->plan->leaves());
        $sheet->foot();

        return $sheet->page->file();
    }

    /** @return float where the wall begins */
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

        // Up to what was written last: the drawing has air of its own above the wall.
        return $y - 4;
    }

    private function wall(float $top): void
    {
        $elevation = Elevation::of($this->content->plan, $this->content->speak);
        $high = min(
            $this->page->getPageHeight() - 9 - $top,
            ScenePainter::height($elevation, $this->wide),
        );
        ScenePainter::paint($this->page, $elevation, self::EDGE, $top, $this->wide, $high);
    }

    /** Blocks one under the other, each in the column with most room; a new page where none has enough. */
    private function flow(): void
    {
        $limit = $this->page->getPageHeight() - 7 - self::FOOT;
        $free = [];
        foreach ($this->blocks() as [$high, $draw]) {
            $column = $free === [] ? 0 : (int) array_search(min($free), $free, true);
            if ($free === [] || $limit < $free[$column] + $high) {
                $this->turn();
                $free = array_fill(0, self::COLUMNS, self::TOP);
                $column = 0;
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
        $blocks = [
            $this->readings(Speaker::words('sheet.titles.heights'), $content->heights()),
            $this->readings($content->readingsTitle(), $content->readings()),
        ];
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
        $blocks[] = $this->sentences(Speaker::words('sheet.titles.drilling'), $content->drilling());
        $blocks[] = $this->sentences(Speaker::words('sheet.titles.fixings'), $content->fixings());
        $blocks[] = $this->sentences(
            Speaker::words('sheet.titles.order'),
            array_map(
                fn (array $card, int $i) => $i + 1 .". {$card[0]}: {$card[1]}",
                $content->order(),
                array_keys($content->order()),
            ),
        );
        $blocks[] = $this->sentences(
            Speaker::words('sheet.titles.cautions'),
            array_map(fn (string $says) => "- {$says}", $content->cautions()),
        );
        $rules = $content->bench->houseRules();
        if ($rules !== []) {
            $blocks[] = $this->sentences(Speaker::words('sheet.titles.house-rules'), $rules);
        }

        return $blocks;
    }

    /**
     * @param  list<array{string, string}>  $readings
     * @return array{float, Closure(float, float): void} readings, each with a box to tick; side by side where they have
     *   room
     */
    private function readings(string $title, array $readings): array
    {
        // The widest reading stands clear of its box: fractions are wider than millimetres.
        $reach =
            4.4 +
            max([0.0, ...array_map(fn (array $reading) => $this->page->wide($reading[0], 10.5, true), $readings)]);
        $named = max([0.0, ...array_map(fn (array $reading) => $this->page->wide($reading[1], 8), $readings)]);
        $beside = $reach + $named + 3.5 > $this->column / 2 ? 1 : 2;
        $rows = (int) ceil(count($readings) / $beside);

        return [
            4.2 + 4.3 * $rows,
            function (float $x, float $y) use ($title, $readings, $rows, $reach): void {
                $this->title($x, $y, $title);
                foreach ($readings as $i => [$reading, $name]) {
                    $left = $x + ($this->column / 2) * intdiv($i, max(1, $rows));
                    $line = $y + 7.6 + 4.3 * ($i % max(1, $rows));
                    $this->page->box($left, $line - 2.6, 2.8, 2.8);
                    $this->page->say($left + $reach, $line, 10.5, $reading, 'R', true);
                    $this->page->say($left + $reach + 1.5, $line, 8, $name);
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
    private function sentences(string $title, array $sentences): array
    {
        $points = self::SENTENCE;
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
        $high = min($most, ScenePainter::height($scene, $this->column));

        return [
            5 + $high,
            function (float $x, float $y) use ($title, $scene, $high): void {
                $this->title($x, $y, $title);
                ScenePainter::paint($this->page, $scene, $x, $y + 4.5, $this->column, $high);
            },
        ];
    }

    /** A leaf for whoever makes or bores it, on a page of its own. */
    private function leafCard(PlannedLeaf $leaf): void
    {
        $door = $leaf->isAlone ? Speaker::words('words.a-door') : Speaker::words("words.leaves.{$leaf->name}");
        $this->turn(Speaker::words('sheet.titles.door', ['door' => $door]));
        $card = LeafCard::shortened($this->content->plan, $leaf, $this->content->speak);
        $room = $this->page->getPageHeight() - 7 - self::FOOT - self::TOP;
        ScenePainter::paint(
            $this->page,
            $card,
            self::EDGE,
            self::TOP,
            $this->wide,
            min($room, ScenePainter::height($card, $this->wide)),
        );
    }

    /** On to the next page, which says whose it is. */
    private function turn(string $of = ''): void
    {
        $this->foot();
        $this->page->AddPage();
        $this->page->plain();
        $whose = "{$this->content->doorway->name}, {$this->content->subtitle()}";
        $this->page->say(self::EDGE, 10, 9, $of === '' ? $whose : "{$whose} · {$of}", 'L', true);
    }

    private function title(float $x, float $y, string $title): void
    {
        $this->page->say($x, $y + 2.8, 8.5, $title, 'L', true);
        $this->page->stroke($x, $y + 3.6, $x + $this->column, $y + 3.6);
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
