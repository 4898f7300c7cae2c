<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Work\StepKind;

/**
 * One way out of something found on site, with its numbers, what it costs, and what it changes.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class WayOut
{
    /**
     * @param  string  $row  what was found, a row of Problems
     * @param  int<0, 3>  $harm  nothing shows, hardware or a plug shows, the leaf is cut, the wall is opened
     * @param  list<StepKind>  $redo  kinds of steps that are done over
     * @param  int  $minutes  that takes
     * @param  string  $how  which of its sentences says it
     * @param  array<string, mixed>  $numbers  lengths, slopes in mm per m, places
     * @param  array<string, bool|string|null>  $changes  what it changes in the document, by place
     * @param  string  $finding  the code of what it leaves to settle, '' where nothing is
     * @param  array<string, Value>  $with  what it is said with, beside its numbers
     * @param  string  $which  leaf or rail of two it is of
     */
    public function __construct(
        public string $row,
        public string $id,
        public bool $works,
        public int $harm,
        public array $redo,
        public int $minutes,
        public string $how,
        public array $numbers,
        public array $changes = [],
        public string $finding = '',
        private array $with = [],
        private string $which = '',
    ) {}

    public function title(): Message
    {
        $title = new Message("recovery.{$this->row}.{$this->code()}.title", $this->values(), $this->how);

        return $this->which === ''
            ? $title
            : new Message('recovery.of', ['which' => Message::word('sides', $this->which), 'what' => $title]);
    }

    public function says(): Message
    {
        return new Message("recovery.{$this->row}.{$this->code()}.says", $this->values(), $this->how);
    }

    public function harm(): Message
    {
        return new Message('recovery.harm', [], (string) $this->harm);
    }

    /** The same, of one leaf or rail of two. */
    public function of(string $which): self
    {
        return $this->changed("{$this->id}-{$which}", $this->changes, $which);
    }

    /**
     * With something more that it changes.
     *
     * @param  array<string, bool|string|null>  $changes
     */
    public function changing(array $changes): self
    {
        return $this->changed($this->id, [...$changes, ...$this->changes], $this->which);
    }

    /**
     * The best first: what works, then what works and leaves a finding; the least harm; the least to do over; as they
     * are told.
     *
     * @param  list<self>  $ways
     * @return list<self>
     */
    public static function ranked(array $ways): array
    {
        $rank = fn (self $way) => [$way->works ? 0 : 1, $way->finding === '' ? 0 : 1, $way->harm, $way->minutes];
        usort($ways, fn (self $a, self $b) => $rank($a) <=> $rank($b));

        return $ways;
    }

    private function code(): string
    {
        return $this->which === '' ? $this->id : substr($this->id, 0, -strlen("-{$this->which}"));
    }

    /** @return array<string, Value> */
    private function values(): array
    {
        $said = array_filter($this->numbers, fn (mixed $number) => $number instanceof Length || is_int($number));

        return [...$said, ...$this->with];
    }

    /** @param  array<string, bool|string|null>  $changes */
    private function changed(string $id, array $changes, string $which): self
    {
        return new self(
            $this->row,
            $id,
            $this->works,
            $this->harm,
            $this->redo,
            $this->minutes,
            $this->how,
            $this->numbers,
            $changes,
            $this->finding,
            $this->with,
            $which,
        );
    }
}
