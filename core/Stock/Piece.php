<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** A piece to be cut, as long as it leaves the saw, and what it is for. */
final readonly class Piece
{
    /**
     * @param  string  $for  the doorway it is for, as it is called
     * @param  int  $n  which piece of a board that is jointed; 0 of one that is whole
     */
    public function __construct(public Length $length, public string $for, public int $n = 0) {}

    public function says(): Message
    {
        return new Message(
            'materials.piece',
            ['for' => $this->for, 'n' => $this->n],
            $this->n === 0 ? 'whole' : 'part',
        );
    }
}
