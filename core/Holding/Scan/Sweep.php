<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

/**
 * One pass of a scanner along the wall at one height, split where it was lifted.
 *
 * @phpstan-import-type Row from Trace
 */
final readonly class Sweep
{
    /** @param  list<list<Row>>  $parts  each ascending */
    private function __construct(public float $height, public bool $forward, public array $parts) {}

    /** @param  non-empty-list<Row>  $rows  in the order they were read */
    public static function of(float $height, array $rows, float $gap): self
    {
        $forward = $rows[count($rows) - 1]['x'] >= $rows[0]['x'];
        usort($rows, fn (array $a, array $b) => $a['x'] <=> $b['x']);
        $parts = [];
        $part = [];
        foreach ($rows as $row) {
            if ($part !== [] && $gap < $row['x'] - $part[count($part) - 1]['x']) {
                $parts[] = $part;
                $part = [];
            }
            $part[] = $row;
        }
        $parts[] = $part;

        return new self($height, $forward, array_values(array_filter($parts, fn (array $part) => count($part) >= 8)));
    }
}
