<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What is wanted. */
final readonly class Brief
{
    /**
     * @param  list<string>  $purposes  what the leaf is for, the most important first: sight, sound, light, space,
     * looks
     * @param  bool  $hasNoPull  whether it was said that there is none in front
     */
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
        public Ends $ends,
        public ?LeafInHand $inHand = null,
        public ?Anchor $anchor = null,
        public array $purposes = [],
        public bool $hasNoPull = false,
    ) {}

    public function backedBy(Backing $backing): self
    {
        return $this->choosing($this->hang, $this->opens, $this->kit, $backing, $this->leaf, $this->rules);
    }

    public function choosing(
        Hang $hang,
        Opens $opens,
        string $kit,
        Backing $backing,
        LeafBrief $leaf,
        HouseRules $rules,
    ): self {
        return new self(
            $hang,
            $opens,
            $kit,
            $leaf,
            $backing,
            $this->header,
            $this->frontPull,
            $this->wallPull,
            $rules,
            $this->ends,
            $this->inHand,
            $this->anchor,
            $this->purposes,
            $this->hasNoPull,
        );
    }
}
