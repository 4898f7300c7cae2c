<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/**
 * Readings as a table: either floor levels (columns x and level), or a survey (columns place and value).
 *
 * The header row names the columns, in any order; commas, semicolons or tabs between them. A row that cannot be read is
 * named and left out.
 */
final readonly class ReadingsCsv
{
    private const MOST_ROWS = 2000;

    /**
     * @param  list<array{line: int, says: Message, ok: bool}>  $lines  what was made of each row
     * @param  array<string, mixed>  $changes  place => value, to be laid on a document
     */
    private function __construct(public array $lines, public array $changes) {}

    /** @param  Unit  $unit  what numbers without a unit are in; the document's own */
    public static function read(string $text, Unit $unit): self
    {
        $rows = preg_split('/\R/', trim((string) preg_replace('/^\xEF\xBB\xBF/', '', $text))) ?: [];
        $between = str_contains($rows[0] ?? '', "\t") ? "\t" : (str_contains($rows[0] ?? '', ';') ? ';' : ',');
        $split = fn (string $row) => array_map(
            fn (?string $cell) => trim((string) $cell),
            str_getcsv($row, $between, '"', ''),
        );
        $columns = array_flip(array_map(strtolower(...), $split($rows[0] ?? '')));
        $wanted = match (true) {
            isset($columns['x'], $columns['level']) => ['x', 'level'],
            isset($columns['place'], $columns['value']) => ['place', 'value'],
            default => null,
        };
        if ($wanted === null) {
            $says = new Message('refusals', [], 'readings-columns');

            return new self([['line' => 1, 'says' => $says, 'ok' => false]], []);
        }
        $lines = [];
        $found = [];
        foreach (array_slice($rows, 1, self::MOST_ROWS, true) as $i => $row) {
            if (trim($row) === '') {
                continue;
            }
            $cells = $split($row);
            try {
                [$place, $value, $says] = self::row(
                    $wanted[0] === 'x',
                    $cells[$columns[$wanted[0]]] ?? '',
                    $cells[$columns[$wanted[1]]] ?? '',
                    $unit,
                    $found,
                );
                $found[$place] = $value;
                $lines[] = ['line' => $i + 1, 'says' => $says, 'ok' => true];
            } catch (UnreadableLength $problem) {
                $lines[] = ['line' => $i + 1, 'says' => $problem->why, 'ok' => false];
            } catch (UnreadableFile $problem) {
                $lines[] = ['line' => $i + 1, 'says' => array_values($problem->problems)[0], 'ok' => false];
            }
        }
        if (count($rows) > self::MOST_ROWS + 1) {
            $lines[] = [
                'line' => self::MOST_ROWS + 2,
                'says' => new Message('refusals', ['most' => self::MOST_ROWS], 'readings-rows'),
                'ok' => false,
            ];
        }

        return new self($lines, self::grouped($found));
    }

    public function isUsable(): bool
    {
        return $this->changes !== [];
    }

    /**
     * @param  array<string, mixed>  $found  so far, to tell where a list goes on
     * @return array{string, mixed, Message} place, value, what was read
     *
     * @throws UnreadableLength|UnreadableFile
     */
    private static function row(bool $isFloor, string $first, string $second, Unit $unit, array $found): array
    {
        $exact = new LengthWriter($unit);
        if ($isFloor) {
            $x = $exact->exact(LengthReader::read($first, $unit));
            $level = $exact->exact(LengthReader::read($second, $unit));
            foreach ($found as $reading) {
                if (is_array($reading) && ($reading['x'] ?? null) === $x) {
                    throw UnreadableFile::at('x', 'readings-twice', ['place' => $first]);
                }
            }

            return [
                'survey.floor.readings['.count($found).']',
                ['x' => $x, 'level' => $level],
                new Message('readings', ['x' => $x, 'level' => $level], 'floor'),
            ];
        }
        $known = self::place($first);
        $value = $exact->exact(LengthReader::read($second, $unit));
        $place = str_replace(
            '[]',
            '['.
                count(
                    array_filter(
                        array_keys($found),
                        fn (string $place) => str_starts_with($place, strtok($known, '[').'['),
                    ),
                ).
                ']',
            $known,
        );

        return [$place, $value, new Message('readings', ['place' => $first, 'value' => $value], 'survey')];
    }

    /**
     * A place by its name in tables, or by its own.
     *
     * @throws UnreadableFile
     */
    private static function place(string $said): string
    {
        $named = array_filter(array_map(fn (Field $field) => $field->csv, Catalog::whole()->of('survey')));
        $path = array_search(strtolower($said), $named, true);
        $field = Catalog::whole()->find($path === false ? $said : $path);
        if (
            $field === null ||
            ! in_array($field->type, [FieldType::Length, FieldType::Lengths], true) ||
            ! str_starts_with($field->path, 'survey.')
        ) {
            throw UnreadableFile::at('place', 'readings-no-place', [
                'typed' => $said,
                'known' => implode(', ', $named),
            ]);
        }

        return $path === false ? $said : $field->path.($field->type === FieldType::Lengths ? '[]' : '');
    }

    /**
     * Lists come whole: what was measured anew takes the place of what was there.
     *
     * @param  array<string, mixed>  $found
     * @return array<string, mixed>
     */
    private static function grouped(array $found): array
    {
        $changes = [];
        foreach ($found as $place => $value) {
            if (preg_match('/^(.+)\[(\d+)\](?:\.(\w+))?$/', $place, $parts) === 1) {
                $list = is_array($changes[$parts[1]] ?? null) ? $changes[$parts[1]] : [];
                $list[] = isset($parts[3]) ? [$parts[3] => $value] : $value;
                $changes[$parts[1]] = $list;
            } else {
                $changes[$place] = $value;
            }
        }

        return $changes;
    }
}
