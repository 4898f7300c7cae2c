<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Where the hanger holds the leaf: on its face, or on its top edge. */
enum HangerStyle: string
{
    case FaceStrap = 'face-strap';
    case TopPlate = 'top-plate';
}
