<?php

declare(strict_types=1);

namespace YokeLine\Planner;

use WeakMap;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Made\Made;
use YokeLine\Holding\Holding;
use YokeLine\Holding\RailSlide;
use YokeLine\Making\CannotBeMade;
use YokeLine\Making\Making;
use YokeLine\Making\Sizes;
use YokeLine\Making\Wanted;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Floor;
use YokeLine\Planning\Grid;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Hangers;
use YokeLine\Planning\Hangs\HangPlan;
use YokeLine\Planning\Header;
use YokeLine\Planning\Heights;
use YokeLine\Planning\Layout;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Mass;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;
use YokeLine\Planning\Rail;
use YokeLine\Planning\RailPlace;
use YokeLine\Planning\Room;
use YokeLine\Planning\Window;

/** Plans of one surveyed doorway by many briefs: what they share is worked once and kept. */
final class Workshop
{
    /** @var array<string, array{Layout, Rail, Floor}> */
    private array $along = [];

    /** @var array<string, non-empty-array<string, GuidePlace>> */
    private array $guides = [];

    /** @var array<string, Heights> */
    private array $up = [];

    /** @var WeakMap<Made, array<string, Making|CannotBeMade>> by all that is wanted */
    private readonly WeakMap $built;

    /** @var array<string, RailPlace> */
    private array $places = [];

    private function __construct(private readonly Doorway $doorway, private readonly Room $room)
    {
        $this->built = new WeakMap();
    }

    /** @throws NotYetMeasured */
    public static function at(Doorway $doorway): self
    {
        return new self($doorway, Room::of($doorway->survey));
    }

    /**
     * @param  string  $along  briefs and kits that share it stand alike along the wall
     * @param  string  $up  those that share it stand equally high on one floor
     * @param  bool  $slides  whether a rail is slid to the studs: it changes nothing but how it is held
     *
     * @throws NotYetMeasured
     */
    public function plan(Brief $brief, Kit $kit, string $along = '', string $up = '', bool $slides = true): Plan
    {
        $thickness = $brief->leaf->thickness ?? throw new NotYetMeasured($this->doorway->missing());
        $kit = $kit
            ->chosen($brief->rules->tread, $brief->rules->guide, $brief->rules->catches)
            ->hungIn($this->doorway->units);
        $grid = Grid::of($this->doorway->wanting($brief));
        [$layout, $rail, $floor] = $this->along[$along] ??= $this->alongTheWall($brief, $kit);
        $heights = $this->up["{$up} {$brief->backing->value} {$floor->level()}"] ??= Heights::of(
            $this->room,
            $floor,
            $brief,
            $kit,
            $grid,
        );
        if (! $heights->gap->length()->equals($floor->fall())) {
            $heights = $heights->over($floor);
        }
        $guides = $this->guides["{$along} {$heights->gap->low->nm}"] ??= $this->guides(
            $layout,
            $floor,
            $brief,
            $kit,
            $heights,
            $grid,
        );
        $byHand =
            $brief->rules->railLeft === null
                ? null
                : Span::from($brief->rules->railLeft, $rail->length->total)->heldInside($this->room->wall)->low;
        $place =
            $slides && $brief->backing->isOnWall()
                ? $this->place($brief, $kit, $layout, $rail, $floor, $heights, $along, $byHand)
                : null;
        if ($brief->backing->isOpen()) {
            return $this->plan(
                $brief->backedBy($place?->holds === true ? Backing::Direct : Backing::Header),
                $kit,
                $along,
                $up,
                $slides,
            );
        }
        $rail = $rail->slidTo($byHand ?? ($place->left ?? $rail->span->low));
        if ($place !== null) {
            $rail = $place->brackets !== null && $place->brackets !== [] ? $rail->drilledAt($place->brackets) : $rail;
            $rail = $brief->backing->isSiteDrilled() ? $rail->drilledAt($place->withNew($rail->holes)) : $rail;
        }
        $header = $brief->backing->isHeader()
            ? Header::of($this->room, $rail, $heights, $brief->header, $kit->rail, $grid)
            : null;
        $made = $this->making($brief, $kit, $layout, $heights, $guides);
        $making = $made instanceof Making ? $made : null;
        $channel = $making?->leaf->channel;
        if ($channel?->isBuilt === true) {
            $guides = array_map(fn (GuidePlace $guide) => $guide->inChannel($channel), $guides);
        }
        $depths = array_map(
            fn (LeafRun $run) => Depth::of(
                $this->room,
                $floor,
                $heights,
                $header,
                $brief,
                $kit,
                $thickness,
                $run->track,
                $making?->backProud(),
            ),
            $layout->runs,
        );
        $mass = Mass::of(
            $brief,
            $layout->width->size->total,
            $heights->leaf->size->total,
            $thickness,
            $making?->kg(),
        );

        return new Plan(
            $this->doorway->wanting($brief),
            $kit,
            $this->room,
            $layout,
            $floor,
            $heights,
            $rail,
            $header,
            $depths,
            $guides,
            $mass,
            $thickness,
            $place,
            $making,
            $made instanceof CannotBeMade ? $made->where : null,
        );
    }

    /**
     * The leaf as it is built: with as many hangers as its own mass asks for, whose blocks are part of it. Null of one
     * that is bought.
     *
     * @param  non-empty-array<string, GuidePlace>  $guides
     */
    private function making(
        Brief $brief,
        Kit $kit,
        Layout $layout,
        Heights $heights,
        array $guides,
    ): Making|CannotBeMade|null {
        $made = $brief->leaf->made;
        $run = $layout->runs[array_key_first($layout->runs)];
        for ($making = null; $made !== null;) {
            $kg = ($brief->leaf->massKg ?? $making?->kg() ?? 0.0) + $brief->leaf->hardwareKg;
            $hangers = Hangers::of($brief, $kit, $run, $this->doorway->units, $kg);
            if ($making !== null && $hangers->count <= count($making->leaf->wanted->hangersAt)) {
                return $making;
            }
            $wanted = Wanted::of(
                Sizes::of($brief->rules, $this->doorway->units),
                $brief,
                $kit,
                $layout->width->size->total,
                $heights->leaf->size->total,
                $hangers->at,
                $heights->hangerHoles,
                GuidePlace::fin($kit, $guides),
                $heights->gap->low,
            );
            $leaves = array_keys($layout->runs);
            $this->built[$made] ??= [];
            $making = $this->built[$made][serialize([$wanted, $leaves])] ??= self::build($made, $wanted, $leaves);
            if ($making instanceof CannotBeMade) {
                return $making;
            }
        }

        return null;
    }

    /** Where the rail is best slid to; in masonry it stays where it is shared. */
    private function place(
        Brief $brief,
        Kit $kit,
        Layout $layout,
        Rail $rail,
        Floor $floor,
        Heights $heights,
        string $along,
        ?Length $byHand,
    ): RailPlace {
        $survey = $this->doorway->survey;
        $inMasonry = Holding::isInMasonry($survey, $brief);
        $byHeight = $inMasonry || $survey->solids !== [] || $survey->hazardsThatStay() !== [];

        return $this->places[
            "{$along} {$byHand?->nm} {$inMasonry}".($byHeight ? " {$heights->yokeLine->total->nm}" : '')
        ] ??= RailSlide::of(
            $this->room->wall,
            $layout,
            $rail,
            Holding::of($survey, $brief, $kit, $floor, $heights),
            $kit,
            $inMasonry ? $byHand ?? $rail->span->low : $byHand,
            Grid::of($this->doorway->wanting($brief)),
        );
    }

    /** @param  list<string>  $leaves */
    private static function build(Made $made, Wanted $wanted, array $leaves): Making|CannotBeMade
    {
        try {
            return Making::of($made, $wanted, $leaves);
        } catch (CannotBeMade $why) {
            return $why;
        }
    }

    /** @return array{Layout, Rail, Floor} */
    private function alongTheWall(Brief $brief, Kit $kit): array
    {
        $grid = Grid::of($this->doorway->wanting($brief));
        $layout = HangPlan::of($this->room, $brief, $kit, $this->doorway->units, $grid);

        return [
            $layout,
            Rail::of($this->room, $layout, $kit->rail, $grid, $brief->rules->railReach),
            Floor::under($this->room->floor, $layout->sweep()),
        ];
    }

    /** @return non-empty-array<string, GuidePlace> */
    private function guides(
        Layout $layout,
        Floor $floor,
        Brief $brief,
        Kit $kit,
        Heights $heights,
        Grid $grid,
    ): array {
        return array_map(
            fn (Window $window) => GuidePlace::of(
                $window,
                $floor,
                $kit,
                $brief->rules,
                $brief->leaf->stile,
                $heights->gap->low,
                $grid,
                $this->doorway->units,
            ),
            $layout->guideWindows,
        );
    }
}
