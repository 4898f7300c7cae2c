<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Doorway;
use App\Models\Job;
use App\Plain;
use App\Words\Speaker;
use YokeLine\Measure\Unit;

/** Every set-out sheet of a job in one file, behind a page that says what is in it. */
final class JobPaper
{
    /**
     * Writes one doorway's sheet; one that is not measured whole has none, and is named on the first page all the same.
     *
     * @param  'A4'|'Letter'  $paper
     * @return array{name: string, says: string, file: ?string}
     */
    public static function sheet(Doorway $doorway, string $path, string $paper, ?Unit $units): array
    {
        $has = $doorway->setout($units)->plan !== null;
        if ($has) {
            file_put_contents($path, SetOutSheet::of(new SheetContent($doorway, $units), $paper));
        }

        return [
            'name' => $doorway->name,
            'says' => $doorway->says(),
            'file' => $has ? $path : null,
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $rows  as `sheet` gave them
     * @param  'A4'|'Letter'  $paper
     */
    public static function bind(Job $job, array $rows, string $path, string $paper): void
    {
        $first = "{$path}.first";
        file_put_contents($first, self::contents($job, $rows, $paper));
        $whole = new BoundPages();
        $whole->setTitle(Speaker::words('sheet.of-job', ['name' => $job->name]));
        foreach ([$first, ...array_filter(array_column($rows, 'file'), is_string(...))] as $file) {
            $pages = $whole->setSourceFile($file);
            for ($page = 1; $page <= $pages; $page++) {
                $sheet = $whole->importPage($page);
                /** @var array{width: float, height: float, orientation: string} $size */
                $size = $whole->getTemplateSize($sheet);
                $whole->AddPage($size['orientation'], [$size['width'], $size['height']]);
                $whole->useTemplate($sheet);
            }
        }
        file_put_contents($path, $whole->Output('', 'S'));
        unlink($first);
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  'A4'|'Letter'  $paper
     */
    private static function contents(Job $job, array $rows, string $paper): string
    {
        $page = new TruePage($paper);
        foreach (array_chunk($rows, 30) ?: [[]] as $chunk) {
            $page->AddPage();
            $page->plain();
            $page->say(15, 22, 20, $job->name, 'L', true);
            $page->say(15, 29, 10, Speaker::words('sheet.doorways', ['count' => count($rows)]));
            foreach ($chunk as $i => $row) {
                $page->say(15, 42 + 7.5 * $i, 11, Plain::text($row['name']), 'L', true);
                $page->say(
                    70,
                    42 + 7.5 * $i,
                    9,
                    $page->lines(
                        Plain::text($row['says']).($row['file'] === null ? ' '.Speaker::words('sheet.none-yet') : ''),
                        125,
                        9,
                    )[0],
                );
                $page->stroke(15, 44 + 7.5 * $i, $page->getPageWidth() - 15, 44 + 7.5 * $i);
            }
        }

        return $page->file();
    }
}
