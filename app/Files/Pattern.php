<?php

declare(strict_types=1);

namespace App\Files;

use YokeLine\Format\Document;

/** An earlier doorway as a pattern: what was chosen there and how it was done is kept, the wall is measured anew. */
final class Pattern
{
    /** What belongs to that one leaf and that one wall. */
    private const ITS_OWN = ['brief.in_hand', 'brief.rules.rail_left', 'marking.laser', 'marking.proved_at'];

    public static function of(Document $earlier, string $name): Document
    {
        $units = $earlier->get('units') === 'in' ? 'in' : 'mm';
        $document = Document::fromJson((string) file_get_contents(resource_path("doorways/new-{$units}.json")));
        foreach (['brief', 'house', 'kit', 'marking'] as $part) {
            $document = $earlier->get($part) === null ? $document : $document->with($part, $earlier->get($part));
        }
        foreach (self::ITS_OWN as $place) {
            $document = $document->get($place) === null ? $document : $document->without($place);
        }

        return $document->with('name', $name);
    }
}
