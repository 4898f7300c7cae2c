<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use stdClass;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Planning\Floor;

/**
 * What was found on site stands in the survey from then on, with who found it and when: the trade's rules page 9,
 * section 4.
 */
final readonly class Surveyed
{
    /** Found again within so much, it is the same cable. */
    private const SAME_MM = 60;

    /** A cable whose run nobody could see is taken to run from floor to ceiling; so high where none was measured. */
    private const NO_CEILING_MM = 3000;

    /** @param  string  $at  a moment, as files have it */
    private function __construct(
        private Document $document,
        private LengthWriter $write,
        private string $who,
        private string $at,
    ) {}

    /**
     * @param  array<string, Length|string>  $told
     * @return Document as it was, where what was found is nothing of the survey
     */
    public static function in(
        Document $document,
        Unit $units,
        string $row,
        array $told,
        string $who,
        string $at,
    ): Document {
        $found = new self($document, new LengthWriter($units), $who, $at);

        return match ($row) {
            'hazard' => $found->hazard($told),
            'hole-missed' => $found->studs($told),
            'wall-ends' => ($told['at'] ?? null) instanceof Length
                ? $found->size('survey.wall.'.(($told['end'] ?? '') === 'from' ? 'from' : 'to'), $told['at'])
                : $document,
            'rubs' => ($told['proud'] ?? null) instanceof Length &&
            is_string($told['thing'] ?? null) &&
            str_starts_with($told['thing'], 'survey.')
                ? $found->size($told['thing'], $told['proud'])
                : $document,
            'stud' => $found->stud($told),
            'solid', 'obstacle' => $found->thing($row, $told),
            'part' => $found->part($told),
            'floor' => $found->floor($told),
            'size' => is_string($told['size'] ?? null) && ($told['is'] ?? null) instanceof Length
                ? $found->size($told['size'], $told['is'])
                : $document,
            default => $document,
        };
    }

    /**
     * Where a cable or pipe that was found stands in a survey.
     *
     * @param  array<string, Length|string>  $told
     * @return ?int its number in the list; null where it is not in it
     */
    public static function hazardAt(Document $document, Unit $units, array $told): ?int
    {
        $run = self::along($told);
        if ($run === null) {
            return null;
        }
        foreach ((array) $document->get('survey.hazards') as $i => $hazard) {
            if (
                $hazard instanceof stdClass &&
                ($hazard->source ?? null) === 'site' &&
                ($hazard->kind ?? '') === ($told['kind'] ?? 'cable')
            ) {
                try {
                    [$low, $high] = is_array($hazard->x ?? null)
                        ? array_values($hazard->x) + [null, null]
                        : [null, null];
                    $there = Span::between(LengthReader::read($low, $units), LengthReader::read($high, $units));
                } catch (UnreadableLength) {
                    continue;
                }
                if ($there->widened(Length::mm(self::SAME_MM))->overlaps($run)) {
                    return (int) $i;
                }
            }
        }

        return null;
    }

    /** @param  array<string, Length|string>  $told */
    private function hazard(array $told): Document
    {
        $run = self::along($told);
        if ($run === null) {
            return $this->document;
        }
        $low = ($told['low'] ?? null) instanceof Length ? $told['low'] : Length::zero();
        $high =
            ($told['high'] ?? null) instanceof Length
                ? $this->write->exact($told['high'])
                : $this->document->get('survey.wall.ceiling') ?? $this->write->exact(Length::mm(self::NO_CEILING_MM));
        $list = array_values((array) $this->document->get('survey.hazards'));
        $i = self::hazardAt($this->document, $this->write->unit, $told) ?? count($list);
        $before = $list[$i] ?? null;
        $list[$i] = (object) [
            ...$before instanceof stdClass ? get_object_vars($before) : [],
            'kind' => is_string($told['kind'] ?? null) ? $told['kind'] : 'cable',
            'x' => [$this->write->exact($run->low), $this->write->exact($run->high)],
            'y' => [$this->write->exact($low), $high],
            ...$this->whose(),
        ];

        return $this->document->with('survey.hazards', $list);
    }

    /** @param  array<string, Length|string>  $told */
    private static function along(array $told): ?Span
    {
        $from = $told['from'] ?? null;
        $to = $told['to'] ?? $from;

        return $from instanceof Length && $to instanceof Length ? Span::between($from, $to) : null;
    }

    /** @param  array<string, Length|string>  $told */
    private function studs(array $told): Document
    {
        $document = $this->document;
        foreach (array_values((array) $document->get('survey.studs')) as $i => $stud) {
            $id = $stud instanceof stdClass && is_string($stud->id ?? null) ? $stud->id : null;
            $x = $told['stud-'.($id ?? $i)] ?? null;
            if ($x instanceof Length && $stud instanceof stdClass) {
                $document = $document->with(
                    'survey.studs['.($id === null ? $i : "#{$id}").']',
                    (object) [...get_object_vars($stud), 'x' => $this->write->exact($x), ...$this->whose()],
                );
            }
        }

        return $document;
    }

    /** @param  array<string, Length|string>  $told */
    private function stud(array $told): Document
    {
        $at = $told['at'] ?? null;
        $width = $told['width'] ?? null;

        return $at instanceof Length
            ? $this->added('survey.studs', [
                'x' => $this->write->exact($at),
                ...$width instanceof Length ? ['width' => $this->write->exact($width)] : [],
            ])
            : $this->document;
    }

    /**
     * Something in the wall or on it; nothing where its four sides are not told.
     *
     * @param  'solid'|'obstacle'  $row
     * @param  array<string, Length|string>  $told
     */
    private function thing(string $row, array $told): Document
    {
        [$from, $to, $low, $high] = array_map(fn (string $side) => $told[$side] ?? null, ['from', 'to', 'low', 'high']);
        if (
            ! ($from instanceof Length) ||
            ! ($to instanceof Length) ||
            ! ($low instanceof Length) ||
            ! ($high instanceof Length)
        ) {
            return $this->document;
        }
        $pair = fn (Length $one, Length $other) => [
            $this->write->exact(Length::least($one, $other)),
            $this->write->exact(Length::greatest($one, $other)),
        ];
        $kind = is_string($told['kind'] ?? null) ? $told['kind'] : 'other';
        $projection = $told['projection'] ?? null;

        return $this->added("survey.{$row}s", [
            'kind' => $kind,
            ...$row === 'obstacle' ? ['name' => $kind] : [],
            'x' => $pair($from, $to),
            'y' => $pair($low, $high),
            ...$projection instanceof Length ? ['projection' => $this->write->exact($projection)] : [],
        ]);
    }

    /**
     * A reading more, so much above or below what the survey says there.
     *
     * @param  array<string, Length|string>  $told
     */
    private function floor(array $told): Document
    {
        [$at, $by] = [$told['at'] ?? null, $told['by'] ?? null];
        if (! ($at instanceof Length) || ! ($by instanceof Length)) {
            return $this->document;
        }
        $before = Length::nm(
            Floor::under(DoorwayReader::read($this->document)->survey->floor, new Span($at, $at))->level(),
        );
        $level = ($told['than'] ?? '') === 'higher' ? $before->plus($by) : $before->minus($by);
        $list = array_values(
            array_filter(
                (array) $this->document->get('survey.floor.readings'),
                fn (mixed $reading) => ! ($reading instanceof stdClass) ||
                    ! self::isAt($reading->x ?? null, $at, $this->write->unit),
            ),
        );

        return $this->document->with('survey.floor.readings', [
            ...$list,
            (object) ['x' => $this->write->exact($at), 'level' => $this->write->exact($level), ...$this->whose()],
        ]);
    }

    private static function isAt(mixed $x, Length $at, Unit $units): bool
    {
        try {
            return LengthReader::read($x, $units)->equals($at);
        } catch (UnreadableLength) {
            return false;
        }
    }

    /**
     * Once more in a list; found again where one of the site's overlaps it, it is the same.
     *
     * @param  array<string, mixed>  $item
     */
    private function added(string $place, array $item): Document
    {
        $list = array_values((array) $this->document->get($place));
        foreach ($list as $i => $other) {
            if (
                $other instanceof stdClass &&
                ($other->source ?? null) === 'site' &&
                ($other->kind ?? null) === ($item['kind'] ?? null) &&
                $this->isNear($other->x ?? null, $item['x'])
            ) {
                $list[$i] = (object) [...get_object_vars($other), ...$item, ...$this->whose()];

                return $this->document->with($place, $list);
            }
        }

        return $this->document->with($place, [...$list, (object) [...$item, ...$this->whose()]]);
    }

    /** Whether two places, or two runs, along the wall begin within the same few centimetres. */
    private function isNear(mixed $one, mixed $other): bool
    {
        try {
            $first = fn (mixed $x) => LengthReader::read(is_array($x) ? $x[0] ?? null : $x, $this->write->unit);

            return ! $first($one)->minus($first($other))->absolute()->isOver(Length::mm(self::SAME_MM));
        } catch (UnreadableLength) {
            return false;
        }
    }

    /**
     * A part that is missing in the box, or not the right one; told again, it is the same.
     *
     * @param  array<string, Length|string>  $told
     */
    private function part(array $told): Document
    {
        $part = $told['part'] ?? null;
        $how = $told['how'] ?? 'missing';
        $count = $told['count'] ?? '1';
        if (! is_string($part) || ! is_string($how) || ! is_string($count)) {
            return $this->document;
        }
        $others = array_filter(
            (array) $this->document->get('survey.parts'),
            fn (mixed $other) => ! ($other instanceof stdClass) || ($other->part ?? null) !== $part,
        );

        return $this->document->with('survey.parts', [
            ...array_values($others),
            (object) ['part' => $part, 'count' => (int) $count, 'how' => $how, ...$this->whose()],
        ]);
    }

    private function size(string $place, Length $is): Document
    {
        return $this->document->with($place, $this->write->exact($is));
    }

    /** @return array<string, string> */
    private function whose(): array
    {
        return ['source' => 'site', 'found_by' => $this->who, 'found_at' => $this->at];
    }
}
