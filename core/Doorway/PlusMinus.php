<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** How far off each thing may be, either way: what a tape reads or marks, a level, a leaf as it is made, a hole, a number of the kit or a thickness. */
final readonly class PlusMinus
{
    public function __construct(public Length $tape, public Length $level, public Length $leaf, public Length $hole, public Length $kit) {}

    /** As good tools and makers do. */
    public static function usual(): self
    {
        return new self(Length::mm(1), Length::mm(1), Length::nm(1_500_000), Length::mm(1), Length::nm(500_000));
    }
}
