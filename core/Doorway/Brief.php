<?php

namespace YokeLine\Doorway;

/** What is wanted. */
final readonly class Brief
{
    public function __construct(
        public Hang $hang,
        public Opens $opens,
        public string $kit,
        public LeafBrief $leaf,
        public Backing $backing,
        public HeaderBrief $header,
        public ?Pull $frontPull,
        public ?Pull $wallPull,
        public HouseRules $rules,
    ) {}
}
