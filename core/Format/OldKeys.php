<?php

declare(strict_types=1);

namespace YokeLine\Format;

/** Documents that were written when a key had another name, as they are written now. */
final class OldKeys
{
    public static function renewed(Document $document): Document
    {
        $open = $document->get('brief.rules.open_end');

        return match (true) {
            $open === null => $document,
            $open === 'buffer' && $document->get('brief.ends.open.by') === null => $document
                ->without('brief.rules.open_end')
                ->with('brief.ends.open.by', 'wall-buffer'),
            default => $document->without('brief.rules.open_end'),
        };
    }
}
