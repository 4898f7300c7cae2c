<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Format\Document;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/** What the tape has said so far on the walk along a wall: what is there was told, also where it is nought. */
final readonly class Readings
{
    /** @param  array<string, Length>  $lengths  by their places */
    public function __construct(private array $lengths) {}

    /** @param  Unit  $unit  in which the document is written */
    public static function in(Document $document, Unit $unit): self
    {
        $lengths = [];
        foreach (Walk::lengths() as $place) {
            $told = $document->get($place);
            try {
                if (is_string($told) || is_int($told) || is_float($told)) {
                    $lengths[$place] = LengthReader::read($told, $unit);
                }
            } catch (UnreadableLength) {
                // A document with it is refused where it is read.
            }
        }

        return new self($lengths);
    }

    public function at(string $place): ?Length
    {
        return $this->lengths[$place] ?? null;
    }
}
