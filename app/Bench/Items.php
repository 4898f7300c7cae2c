<?php

declare(strict_types=1);

namespace App\Bench;

use App\Http\Editor;
use stdClass;
use YokeLine\Format\Document;
use YokeLine\Format\ItemIds;

/** The items of a document's lists by their places, and the place of one that is to be added. */
final readonly class Items
{
    /** @param  string  $new  the id of what is to be added */
    private function __construct(private Document $document, private string $new) {}

    /** For a page: two people who add something at once add it under different ids. */
    public static function shownTo(Editor $editor, Document $document): self
    {
        return new self($document, ItemIds::next($document, 'e'.substr(sha1($editor->browser), 0, 4).'n'));
    }

    /** For a place that came back from a page: an id that the document does not know is the one to be added. */
    public static function named(string $place, Document $document): self
    {
        return new self(
            $document,
            preg_match('/\[#([A-Za-z0-9_-]{1,40})\]/', $place, $found) === 1 ? $found[1] : 'new',
        );
    }

    /** @return list<string> */
    public function of(string $list): array
    {
        $places = [];
        foreach (array_values((array) ($this->document->get($list) ?? [])) as $i => $item) {
            $places[] =
                $item instanceof stdClass && is_string($item->id ?? null) ? "{$list}[#{$item->id}]" : "{$list}[{$i}]";
        }

        return $places;
    }

    public function next(string $list): string
    {
        return "{$list}[#{$this->new}]";
    }
}
