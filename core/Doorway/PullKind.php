<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** A handle: bar and cup stand proud, flush does not. */
enum PullKind: string
{
    case Bar = 'bar';
    case Cup = 'cup';
    case Flush = 'flush';
    case None = 'none';
}
