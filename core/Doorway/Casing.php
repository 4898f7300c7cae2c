<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The trim round the opening: its width at both sides and the head, and how far it stands proud. */
final readonly class Casing
{
    public function __construct(
        public Length $left,
        public Length $right,
        public Length $head,
        public Length $thickness,
    ) {}

    public static function none(): self
    {
        return new self(Length::zero(), Length::zero(), Length::zero(), Length::zero());
    }

    public function mirrored(): self
    {
        return new self($this->right, $this->left, $this->head, $this->thickness);
    }
}
