<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What holds two parallel rails: rows of bolt holes above the yoke line, and how deep it is. */
final readonly class Bracket
{
    /** @param  non-empty-list<Length>  $rows up from the yoke line */
    public function __construct(public array $rows, public Length $depth) {}

    public function highestRow(): Length
    {
        return Length::greatest(...$this->rows);
    }
}
