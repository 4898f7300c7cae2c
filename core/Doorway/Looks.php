<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What board and screw heads are made to look like. */
enum Looks: string
{
    case Unsaid = 'unsaid';
    case Wall = 'wall';
    case Leaf = 'leaf';
    case Capped = 'capped';
    case Coloured = 'coloured';
}
