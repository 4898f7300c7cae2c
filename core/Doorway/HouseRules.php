<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** How this house hangs doors; each rule has its default where a document is silent. */
final readonly class HouseRules
{
    /** Past the jambs: as said, else what is usual for what is covered. Worked out after that is chosen. */
    public Length $sideOverlap;

    /**
     * @param  Unit  $units  of the doorway, which decide what is usual
     * @param  ?Length  $overlapSaid  null where nobody has said
     * @param  ?int  $hangers  to a leaf, null where width and mass ask
     * @param  bool  $parked  the leaf stands before the span for good
     * @param  int  $loadFactorTenths  static load to design load, in tenths
     * @param  ?Length  $railLeft  where the rail's left end was set by hand, null where it is worked out
     * @param  bool  $washers  40 x 3 under each standoff
     * @param  int  $fraction  of an inch that tapes are marked to, in doorways that are worked in inches
     * @param  array<string, Length>  $making  what is told of the rules of thumb for a leaf that is built
     * @param  ?Length  $aisle  what must be left to walk in before the leaf, null where the house asks for none
     */
    public function __construct(
        public Cover $cover,
        private Unit $units,
        private Length $overlapUsual,
        private ?Length $overlapSaid,
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
        public ?int $hangers,
        public Length $pullHeight,
        public Length $spacer,
        public bool $softClose,
        public Reach $reach,
        public Length $aboveCasing,
        public RailReach $railReach,
        public bool $parked,
        public int $loadFactorTenths,
        public bool $oneDisc,
        public ?Length $aisle,
        public ?Length $railLeft,
        public bool $washers,
        public CatchSides $catches,
        public Tread $tread,
        public GuideChoice $guide,
        public GuideTouch $guideTouch,
        public Groove $groove,
        public HeightMeans $heightMeans,
        public WorkRules $schedule,
        public int $fraction = 16,
        public array $making = [],
    ) {
        $this->sideOverlap = $overlapSaid ?? $this->usualOverlap();
    }

    /** Past each jamb where nothing is said. */
    public function usualOverlap(): Length
    {
        return $this->cover->ownOverlap($this->units) ?? $this->overlapUsual;
    }

    /**
     * How far two leaves that pass each other overlap when shut: as said, else over the guide and its margin on both
     * sides of it.
     *
     * @param  Length  $guide  how long it is along the wall
     */
    public function midOverlapOver(Length $guide): Length
    {
        return $this->midOverlap ?? $guide->plus($this->guideMargin->times(2));
    }

    public function covering(Cover $cover, Length $park): self
    {
        return new self(
            $cover,
            $this->units,
            $this->overlapUsual,
            $this->overlapSaid,
            $this->casingMargin,
            $this->surplus,
            $park,
            $this->gap,
            $this->headOverlap,
            $this->endClearance,
            $this->guideMargin,
            $this->meetingGap,
            $this->midOverlap,
            $this->hangerInset,
            $this->hangers,
            $this->pullHeight,
            $this->spacer,
            $this->softClose,
            $this->reach,
            $this->aboveCasing,
            $this->railReach,
            $this->parked,
            $this->loadFactorTenths,
            $this->oneDisc,
            $this->aisle,
            $this->railLeft,
            $this->washers,
            $this->catches,
            $this->tread,
            $this->guide,
            $this->guideTouch,
            $this->groove,
            $this->heightMeans,
            $this->schedule,
            $this->fraction,
            $this->making,
        );
    }
}
