<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

use YokeLine\Measure\Message;

/**
 * What a wall scanner sent: sweeps, each a run of rows along the wall at one height.
 *
 * @phpstan-type Row array{x: float, density: float, ac: float}
 */
final readonly class Trace
{
    /** A step over this is a gap: an opening, a cabinet. */
    private const GAP_MM = 25.0;

    /**
     * @param  list<Sweep>  $sweeps
     * @param  list<Message>  $problems  rows left out, by their line
     */
    public function __construct(public array $sweeps, public array $problems = []) {}

    /** CSV with a header row: position_mm, density, ac_mv and optionally height_mm and sweep, in any order. */
    public static function read(string $csv): self
    {
        $rows = preg_split('/\R/', trim((string) preg_replace('/^\xEF\xBB\xBF/', '', $csv))) ?: [];
        $between = str_contains($rows[0] ?? '', ';') ? ';' : ',';
        $columns = array_flip(
            array_map(fn (string $name) => strtolower(trim($name)), explode($between, $rows[0] ?? '')),
        );
        $missing = array_diff(['position_mm', 'density', 'ac_mv'], array_keys($columns));
        if ($missing !== []) {
            return new self([], [new Message('refusals', ['columns' => implode(', ', $missing)], 'trace-columns')]);
        }
        $sweeps = $problems = [];
        foreach (array_slice($rows, 1, null, true) as $i => $row) {
            if (trim($row) === '') {
                continue;
            }
            $cells = array_map(trim(...), explode($between, $row));
            $read = fn (string $column) => isset($columns[$column]) && is_numeric($cells[$columns[$column]] ?? '')
                ? (float) $cells[$columns[$column]]
                : null;
            [$x, $density, $ac] = [$read('position_mm'), $read('density'), $read('ac_mv')];
            if ($x === null || $density === null || $ac === null || $ac < 0) {
                $how = $ac !== null && $ac < 0 ? 'trace-field' : 'trace-numbers';
                $problems[] = new Message('refusals', ['line' => $i + 1], $how);

                continue;
            }
            $name = isset($columns['sweep']) ? (string) ($cells[$columns['sweep']] ?? '') : '1';
            $sweeps[$name] ??= ['height' => $read('height_mm') ?? 1000.0, 'rows' => []];
            $sweeps[$name]['rows'][] = ['x' => $x, 'density' => $density, 'ac' => $ac];
        }

        return new self(
            array_values(
                array_filter(
                    array_map(
                        fn (array $sweep) => count($sweep['rows']) < 5
                            ? null
                            : Sweep::of($sweep['height'], $sweep['rows'], self::GAP_MM),
                        array_values($sweeps),
                    ),
                ),
            ),
            $problems,
        );
    }

    /** As a file that `read` takes. */
    public function toCsv(): string
    {
        $csv = "position_mm,density,ac_mv,height_mm,sweep\n";
        foreach ($this->sweeps as $n => $sweep) {
            // As it was swept: back is from the right end on.
            foreach ($sweep->forward ? $sweep->parts : array_reverse($sweep->parts) as $part) {
                foreach ($sweep->forward ? $part : array_reverse($part) as $row) {
                    $csv .=
                        implode(',', [
                            round($row['x'], 1),
                            round($row['density'], 2),
                            round($row['ac'], 2),
                            $sweep->height,
                            $n + 1,
                        ])."\n";
                }
            }
        }

        return $csv;
    }
}
