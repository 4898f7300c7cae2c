<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\MadeFields;

/** What decides an order and nobody has answered: the usual value was taken. The trade's rules page 9, section 7. */
final class Assumed
{
    private const SAID_BY_BUILDING = ['brief.leaf.thickness', 'brief.leaf.construction.kind'];

    /** @return list<string> places, in the order one meets them */
    public static function in(Document $document): array
    {
        // A leaf that is built says itself how thick it is, and of what.
        $isBuilt = ! in_array($document->get('brief.leaf.made.way'), [null, MadeFields::BOUGHT], true);
        $open = fn (Field $field) => $field->decidesOrder &&
            $document->get($field->path) === null &&
            ! ($isBuilt && in_array($field->path, self::SAID_BY_BUILDING, true));

        return array_values(
            array_map(fn (Field $field) => $field->path, array_filter(Catalog::whole()->fields(), $open)),
        );
    }
}
