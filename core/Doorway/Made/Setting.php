<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

/** The air of the room that the leaf hangs in. */
enum Setting: string
{
    case Heated = 'heated';
    case Seldom = 'seldom';
    case Damp = 'damp';
}
