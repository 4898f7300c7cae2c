<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What the wheels run on the rail with, where a kit has several to choose from. */
enum Tread: string
{
    case Quiet = 'quiet';
    case Steel = 'steel';
}
