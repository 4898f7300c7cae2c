<?php

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** How this house hangs doors; each rule has its default where a document is silent. */
final readonly class HouseRules
{
    public function __construct(
        public Cover $cover,
        public Length $sideOverlap,
        public Length $casingMargin,
        public Surplus $surplus,
        public Length $park,
        public Length $gap,
        public Length $headOverlap,
        public Length $endClearance,
        public Length $guideMargin,
        public Length $meetingGap,
        public ?Length $midOverlap,
        public ?Length $hangerInset,
        public Length $pullHeight,
        public Length $spacer,
        public bool $softClose,
    ) {}
}
