<?php

declare(strict_types=1);

namespace YokeLine\Work\Recovery;

use stdClass;
use YokeLine\Format\Document;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/** What was found on site stands in the survey from then on, with who found it and when: the trade's rules page 9, section 4. */
final readonly class Surveyed
{
    /** Found again within so much, it is the same cable. */
    private const SAME_MM = 60;

    /** A cable whose run nobody could see is taken to run from floor to ceiling; so high where none was measured. */
    private const NO_CEILING_MM = 3000;

    /** @param  string  $at  a moment, as files have it */
    private function __construct(private Document $document, private LengthWriter $write, private string $who, private string $at) {}

    /**
     * @param  array<string, Length|string>  $told
     * @return Document as it was, where what was found is nothing of the survey
     */
    public static function in(Document $document, Unit $units, string $row, array $told, string $who, string $at): Document
    {
        $found = new self($document, new LengthWriter($units), $who, $at);

        return match ($row) {
            'hazard' => $found->hazard($told),
            'hole-missed' => $found->studs($told),
            'wall-ends' => ($told['at'] ?? null) instanceof Length ? $found->size('survey.wall.'.(($told['end'] ?? '') === 'from' ? 'from' : 'to'), $told['at']) : $document,
            'rubs' => ($told['proud'] ?? null) instanceof Length && is_string($told['thing'] ?? null) && str_starts_with($told['thing'], 'survey.') ? $found->size($told['thing'], $told['proud']) : $document,
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
            if ($hazard instanceof stdClass && ($hazard->source ?? null) === 'site' && ($hazard->kind ?? '') === ($told['kind'] ?? 'cable')) {
                try {
                    [$low, $high] = is_array($hazard->x ?? null) ? array_values($hazard->x) + [null, null] : [null, null];
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
        $high = ($told['high'] ?? null) instanceof Length ? $this->write->exact($told['high']) : $this->document->get('survey.wall.ceiling') ?? $this->write->exact(Length::mm(self::NO_CEILING_MM));
        $list = array_values((array) $this->document->get('survey.hazards'));
        $i = self::hazardAt($this->document, $this->write->unit, $told) ?? count($list);
        $before = $list[$i] ?? null;
        $list[$i] = (object) [...($before instanceof stdClass ? get_object_vars($before) : []), 'kind' => is_string($told['kind'] ?? null) ? $told['kind'] : 'cable', 'x' => [$this->write->exact($run->low), $this->write->exact($run->high)], 'y' => [$this->write->exact($low), $high], ...$this->whose()];

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
                $document = $document->with('survey.studs['.($id === null ? $i : "#{$id}").']', (object) [...get_object_vars($stud), 'x' => $this->write->exact($x), ...$this->whose()]);
            }
        }

        return $document;
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
