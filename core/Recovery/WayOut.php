<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Work\StepKind;

/** One way out of something found on site, with its numbers, what it costs, and what it changes. */
final readonly class WayOut
{
    /** How much harm it does: the wall is opened, the leaf is cut, hardware or a plug shows, nothing shows. */
    public const HARM = ['nothing shows', 'hardware or a plug shows', 'the leaf is cut', 'the wall is opened'];

    /**
     * @param  int<0, 3>  $harm
     * @param  list<StepKind>  $redo  kinds of steps that are done over
     * @param  int  $minutes  that takes
     * @param  array<string, mixed>  $numbers  lengths, slopes in mm per m, places
     * @param  array<string, bool|string|null>  $changes  what it changes in the document, by place
     * @param  string  $finding  the code of what it leaves to settle, '' where nothing is
     */
    public function __construct(
        public string $id,
        public bool $works,
        public int $harm,
        public array $redo,
        public int $minutes,
        public string $title,
        public string $says,
        public array $numbers,
        public array $changes = [],
        public string $finding = '',
    ) {}

    /** The same, of one leaf or rail of two. */
    public function of(string $which): self
    {
        return new self(
            "{$this->id}-{$which}",
            $this->works,
            $this->harm,
            $this->redo,
            $this->minutes,
            ucfirst($which).': '.lcfirst($this->title),
            $this->says,
            $this->numbers,
            $this->changes,
            $this->finding,
        );
    }

    /**
     * With something more that it changes.
     *
     * @param  array<string, bool|string|null>  $changes
     */
    public function changing(array $changes): self
    {
        return new self(
            $this->id,
            $this->works,
            $this->harm,
            $this->redo,
            $this->minutes,
            $this->title,
            $this->says,
            $this->numbers,
            [...$changes, ...$this->changes],
            $this->finding,
        );
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

    /**
     * @param  list<Length>  $places
     * @param  callable(Length): string  $say
     */
    public static function list(array $places, callable $say): string
    {
        return implode(', ', array_map($say, $places));
    }
}
