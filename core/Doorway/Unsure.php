<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Which plus-minus says how far a number may be off. */
enum Unsure: string
{
    case Tape = 'tape';
    case Level = 'level';
    case Leaf = 'leaf';
    case Kit = 'kit';
}
