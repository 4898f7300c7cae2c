<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What a shelf keeps that belongs to no kit. */
enum LooseKind: string
{
    case Guide = 'guide';
    case Handle = 'handle';
    case Anchor = 'anchor';
    case Board = 'board';
}
