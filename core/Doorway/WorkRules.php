<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How the house does the work, where that changes its order: coats, waits in minutes, when the old leaf goes. */
final readonly class WorkRules
{
    /**
     * @param  int  $rest  minutes that boards lie where they will hang before a saw meets them
     * @param  int  $clamp  minutes that glue is held
     * @param  ?bool  $oldLeafFirst  null: first where it is in the way
     * @param  bool  $props  long pieces are propped, so that one can put them up alone
     * @param  bool  $trial  the kit's sheet is doubted: one hanger is tried on an off-cut first
     */
    public function __construct(
        public int $coatsLeaf,
        public int $coatsBoard,
        public int $dry,
        public int $cure,
        public int $rest,
        public int $clamp,
        public ?bool $oldLeafFirst,
        public bool $props = false,
        public bool $trial = false,
        public FirstBolt $firstBolt = FirstBolt::Ends,
        public Tightened $tightened = Tightened::LevelThen,
        public LineFound $lineFound = LineFound::WorkedOut,
        public HolesFound $holesFound = HolesFound::Readings,
        public BoardHeld $boardHeld = BoardHeld::Helper,
        public LeafHoles $leafHoles = LeafHoles::Play,
        public Finished $finished = Finished::Before,
        public Looks $looks = Looks::Unsaid,
        public TrimmedFrom $trimmed = TrimmedFrom::Shared,
    ) {}
}
