<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What a tape stands on where it reads up: the floor, or a plate that lies on a pile. */
enum Datum: string
{
    case Floor = 'floor';
    case Plate = 'plate';
}
