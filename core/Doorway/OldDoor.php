<?php

namespace YokeLine\Doorway;

/** The door that goes. */
enum OldDoor: string
{
    case None = 'none';
    case HingedIn = 'hinged-in';
    case HingedOut = 'hinged-out';
    case Folding = 'folding';
}
