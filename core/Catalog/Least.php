<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** The least that a number may be. */
enum Least
{
    case Any;
    case Zero;
    case OverZero;
}
