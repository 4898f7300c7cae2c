<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;

/** What decides an order and nobody has answered: the usual value was taken. The trade's rules page 9, section 7. */
final class Assumed
{
    /** @return list<string> places, in the order one meets them */
    public static function in(Document $document): array
    {
        $open = fn (Field $field) => $field->decidesOrder && $document->get($field->path) === null;

        return array_values(
            array_map(fn (Field $field) => $field->path, array_filter(Catalog::whole()->fields, $open)),
        );
    }
}
