<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** When the leaf is coated. */
enum Finished: string
{
    case Before = 'before';
    case InPlace = 'in-place';
}
