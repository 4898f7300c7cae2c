<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** Which plus-minus of `marking.plus_minus` says how far a field may be off. */
enum Unsure: string
{
    case Tape = 'tape';
    case Level = 'level';
    case Leaf = 'leaf';
    case Kit = 'kit';
}
