<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** The door that goes. */
enum OldDoor: string
{
    case None = 'none';
    case HingedIn = 'hinged-in';
    case HingedOut = 'hinged-out';
    case Folding = 'folding';
}
