<?php

declare(strict_types=1);

namespace App\Marking;

use App\Models\LogEntry;
use App\Record\Log;
use App\Words\Speaker;
use YokeLine\Format\MarksWriter;
use YokeLine\Marks\TapeMark;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;

/** Which marks are made: ticked off at a place, and so no longer true once the plan has moved it. */
final readonly class Ticks
{
    /** @param  array<string, LogEntry>  $entries */
    public function __construct(private array $entries, private LengthWriter $write) {}

    public static function about(TapeMark $mark): string
    {
        return "{$mark->tape}/{$mark->id}";
    }

    /** The mark of a plan that a tick is about. */
    public static function mark(Plan $plan, string $about): ?TapeMark
    {
        $marks = array_filter(MarksWriter::marks($plan), fn (TapeMark $mark) => self::about($mark) === $about);

        return array_values($marks)[0] ?? null;
    }

    public function isMade(TapeMark $mark): bool
    {
        return $this->isTicked($mark) && $this->moved($mark) === '';
    }

    /** Where a mark that was made no longer belongs. */
    public function moved(TapeMark $mark): string
    {
        if (! $this->isTicked($mark)) {
            return '';
        }
        $made = Log::read($this->entries[self::about($mark)]->data['place']);

        return $made->equals($mark->place)
            ? ''
            : Speaker::in($this->write)->say(
                new Message(
                    'marks.moved',
                    ['by' => $made->minus($mark->place)->absolute()],
                    $made->isOver($mark->place) ? 'on' : 'back',
                ),
            );
    }

    private function isTicked(TapeMark $mark): bool
    {
        return ($this->entries[self::about($mark)]->data['made'] ?? false) === true;
    }
}
