<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Board;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Boards beside each other over a width, with a gap between: the outer two ripped alike, or all of them. */
final readonly class Boards
{
    /**
     * @param  non-empty-list<Span>  $at  from where the width begins
     * @param  bool  $isAlike  whether all are as wide as each other
     * @param  list<Fault>  $faults
     */
    private function __construct(public Board $board, public array $at, public bool $isAlike, public array $faults) {}

    /** @param  string  $where  the board's place in the document */
    public static function over(Length $width, Board $board, Length $gap, Sizes $sizes, string $where): self
    {
        $least = $sizes->size(UsualSize::Sliver);
        $count = max(1, $width->plus($gap)->minus(Length::nm(1))->stepsOf($board->width->plus($gap)));
        if ($count === 1) {
            return new self($board, [Span::from(Length::zero(), $width)], true, []);
        }
        $gaps = $gap->times($count - 1);
        $outer = $width->minus($board->width->times($count - 2), $gaps)->half();
        if (! $outer->isUnder($least)) {
            return new self($board, self::laid($width, $outer, $count, $gap), $outer->equals($board->width), []);
        }
        if ($board->isTongued()) {
            $fewer = $width->minus($gap->times($count - 2))->scaled(1, $count - 1);
            $sliver = Fault::settle('sliver', "{$where}.width", [
                'outer' => $outer,
                'least' => $least,
                'board' => $fewer,
            ]);

            return new self($board, self::laid($width, $outer, $count, $gap), false, [$sliver]);
        }
        $alike = $width->minus($gaps)->scaled(1, $count);
        $note = Fault::note('boards-alike', "{$where}.width", ['outer' => $outer, 'width' => $alike]);

        return new self($board, self::laid($width, $alike, $count, $gap), true, [$note]);
    }

    /** How many are narrower than they are bought. */
    public function ripped(): int
    {
        return count(
            array_filter($this->at, fn (Span $at) => $at->length()->plus(Length::nm(1))->isUnder($this->board->width)),
        );
    }

    /**
     * @param  string  $kind  of those that are not ripped, or all alike; the outer two are `outer-` that
     * @return list<Part>
     */
    public function parts(string $kind, Length $long): array
    {
        $part = fn (string $kind, int $count, Length $width) => new Part(
            $kind,
            $count,
            $long,
            $width,
            $this->board->thickness,
            $this->board->species,
            $this->board->bought(),
        );
        $count = count($this->at);
        if ($this->isAlike) {
            return [$part($kind, $count, $this->at[0]->length())];
        }
        $outer = $part("outer-{$kind}", 2, $this->at[0]->length());

        return $count === 2 ? [$outer] : [$part($kind, $count - 2, $this->at[1]->length()), $outer];
    }

    /** @return non-empty-list<Span> */
    private static function laid(Length $width, Length $outer, int $count, Length $gap): array
    {
        $inner = $width->minus($outer, $outer, $gap->times($count - 1));
        $at = [Span::from(Length::zero(), $outer)];
        for ($i = 1; $i < $count - 1; $i++) {
            $from = $outer->plus($gap->times($i), $inner->scaled($i - 1, $count - 2));
            $to = $outer->plus($gap->times($i), $inner->scaled($i, $count - 2));
            $at[] = new Span($from, $to);
        }
        $at[] = Span::from($width->minus($outer), $outer);

        return $at;
    }
}
