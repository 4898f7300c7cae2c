<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use RuntimeException;
use YokeLine\Measure\Message;

/** A piece is longer than any bar that can be bought gives. */
final class DoesNotFit extends RuntimeException
{
    public function __construct(public readonly Piece $piece)
    {
        parent::__construct($piece->for);
    }

    public function says(): Message
    {
        return new Message('materials.too-long', ['what' => $this->piece->says()]);
    }
}
