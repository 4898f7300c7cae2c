<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HouseRules;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Reach;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;

/** Everything up the wall, from the high spot of the floor: head, leaf, yoke line, headroom. */
final readonly class Heights
{
    /** What a board must have between the yoke line and its edges. */
    public static function boardEdge(): Length
    {
        return Length::mm(30);
    }

    /** Less than that a door may not be lowered to the floor. */
    public static function leastGap(Unit $unit): Length
    {
        return $unit->usual(Length::mm(3), Length::sixteenths(2));
    }

    /** What a row of bracket bolts must have to the edges of the board, and to the ceiling. */
    public static function bracketEdge(): Length
    {
        return Length::mm(20);
    }

    /**
     * @param  Sum  $head  highest point of the opening's head
     * @param  Sum  $casingTop  top of the casing over the head
     * @param  Sum  $greatest  the highest leaf there is room for
     * @param  list<Length>  $hangerHoles  from the top edge of the leaf down
     */
    private function __construct(
        public Sum $head,
        public Sum $casingTop,
        public LeafSize $leaf,
        public Sum $greatest,
        public Sum $yokeLine,
        public Sum $topGap,
        public Sum $headroomNeeded,
        public array $hangerHoles,
        public Span $gap,
    ) {}

    public static function of(Room $room, Floor $floor, Brief $brief, Kit $kit, Grid $grid): self
    {
        $rules = $brief->rules;
        $head = self::head($room, $floor);
        $casingTop = Sum::of('top-head-casing')
            ->plus('head-opening', $head)
            ->plus('head-casing', $room->opening->casing->head);
        $halfRail = $kit->rail->height->half();
        $needed = Sum::greatest('needed-leaf-height', [
            ...self::reach($head, $casingTop, $rules),
            'to-get-backing-over-casing' => Sum::of('to-get-backing-over-casing')
                ->plus('top-head-casing', $casingTop)
                ->plus('line-above-casing', self::leastAboveCasing($brief, $kit))
                ->minus('rise', $kit->rise)
                ->minus('floor-gap', $rules->gap),
        ]);
        $highestLine = Sum::least('highest-yoke-line', self::highestLines($room, $brief, $kit, $casingTop));
        $greatest = Sum::of('greatest-leaf-height')
            ->plus('highest-yoke-line', $highestLine)
            ->minus('rise', $kit->rise)
            ->minus('floor-gap', $rules->gap);
        $leaf = LeafSize::choose(
            'leaf-height',
            $needed,
            $brief->leaf->height,
            $brief->leaf->stockHeights,
            $grid->leafStep(),
            $greatest->total,
        );

        $yokeLine = Sum::of('yoke-line')
            ->plus('floor-gap', $rules->gap)
            ->plus('leaf-height', $leaf->size)
            ->plus('rise', $kit->rise);
        // The line is marked: what the tape takes from it or gives it is the gap's.
        $yokeLine = $grid->startUp($yokeLine);
        $gap = $yokeLine->total->minus($kit->rise, $leaf->size->total);
        $firstHole = $kit->hanger->holeToTread?->minus($kit->rise, $halfRail);

        return new self(
            $head,
            $casingTop,
            $leaf,
            $greatest,
            $yokeLine,
            Sum::of('top-gap')->plus('rise', $kit->rise)->minus('half-rail', $halfRail),
            Sum::of('headroom-needed')
                ->plus('yoke-line', $yokeLine)
                ->plus('half-rail', $halfRail)
                ->plus('hanger-above-rail', $kit->hanger->above)
                ->plus('to-lift-leaf-on', $kit->hanger->liftOn),
            $firstHole === null
                ? []
                : array_map(fn (Length $offset) => $firstHole->plus($offset), $kit->hanger->holeOffsets),
            new Span($gap, $gap->plus($floor->fall())),
        );
    }

    /** The same heights over another sweep of the same high spot. */
    public function over(Floor $floor): self
    {
        return new self(
            $this->head,
            $this->casingTop,
            $this->leaf,
            $this->greatest,
            $this->yokeLine,
            $this->topGap,
            $this->headroomNeeded,
            $this->hangerHoles,
            new Span($this->gap->low, $this->gap->low->plus($floor->fall())),
        );
    }

    /** Top edge of the leaf. */
    public function leafTop(): Length
    {
        return $this->gap->low->plus($this->leaf->size->total);
    }

    public function top(): Sum
    {
        return Sum::of('top-edge-leaf')
            ->plus('floor-gap', $this->gap->low)
            ->plus('leaf-height', $this->leaf->size);
    }

    /** @return array<string, Sum> how high the leaf is wanted, by what for */
    private static function reach(Sum $head, Sum $casingTop, HouseRules $rules): array
    {
        return match ($rules->reach) {
            Reach::Head => [
                'to-cover-head' => Sum::of('to-cover-head')
                    ->plus('head-opening', $head)
                    ->plus('head-overlap', $rules->headOverlap)
                    ->minus('floor-gap', $rules->gap),
            ],
            Reach::CasingTop => [
                'to-reach-top-casing' => Sum::of('to-reach-top-casing')
                    ->plus('top-head-casing', $casingTop)
                    ->minus('floor-gap', $rules->gap),
            ],
            Reach::AboveCasing => [
                'to-reach-above-casing' => Sum::of('to-reach-above-casing')
                    ->plus('top-head-casing', $casingTop)
                    ->plus('above-it', $rules->aboveCasing)
                    ->minus('floor-gap', $rules->gap),
            ],
        };
    }

    /** The highest that the head is, from the high spot: its heights are measured from the floor. */
    private static function head(Room $room, Floor $floor): Sum
    {
        $candidates = [];
        foreach ($room->opening->heightPlaces() as $n => [$x, $i]) {
            $candidates['measured#'.($n + 1)] = Sum::of('head-at-height#'.($n + 1))
                ->plus('height-measured-from-floor', $room->opening->heights[$i])
                ->plus('floor-there', $floor->at($x));
        }

        return Sum::greatest('head-opening', $candidates);
    }

    private static function leastAboveCasing(Brief $brief, Kit $kit): Length
    {
        $header = $brief->header;

        return match (true) {
            ! $brief->backing->isHeader() => $kit->standoffBase->half()->plus(Length::mm(3)),
            $header->align === HeaderAlign::Centred => $header->width->half(),
            $header->align === HeaderAlign::RailLow => $kit->rail->height->half()->plus($header->reveal),
            $header->align === HeaderAlign::OnCasing => self::boardEdge(),
        };
    }

    /** @return array<string, Sum> what keeps the yoke line down */
    private static function highestLines(Room $room, Brief $brief, Kit $kit, Sum $casingTop): array
    {
        $header = $brief->header;
        $halfRail = $kit->rail->height->half();
        $ceiling = fn (string $name) => Sum::of($name)->plus('ceiling-less-crown', $room->headroom);
        $lines = [
            'room-to-lift-leaf-on' => $ceiling('room-to-lift-leaf-on')
                ->minus('half-rail', $halfRail)
                ->minus('hanger-above-rail', $kit->hanger->above)
                ->minus('to-lift-leaf-on', $kit->hanger->liftOn),
        ];
        if ($kit->bracket !== null) {
            $lines['brackets-under-ceiling'] = $ceiling('brackets-under-ceiling')
                ->minus('highest-row-bracket', $kit->bracket->highestRow())
                ->minus('kept-over-it', self::bracketEdge());
        }
        if (! $brief->backing->isHeader()) {
            return $lines;
        }

        return $lines +
            match ($header->align) {
                HeaderAlign::Centred => [
                    'board-under-ceiling' => $ceiling('board-under-ceiling')->minus(
                        'half-board',
                        $header->width->half(),
                    ),
                ],
                HeaderAlign::RailLow => [
                    'board-under-ceiling' => $ceiling('board-under-ceiling')
                        ->minus('board', $header->width)
                        ->plus('half-rail', $halfRail)
                        ->plus('reveal', $header->reveal),
                ],
                HeaderAlign::OnCasing => [
                    'line-within-board' => Sum::of('line-within-board')
                        ->plus('top-head-casing', $casingTop)
                        ->plus('board', $header->width)
                        ->minus(
                            'kept-to-edge-board',
                            $kit->bracket === null
                                ? self::boardEdge()
                                : Length::greatest(
                                    self::boardEdge(),
                                    $kit->bracket->highestRow()->plus(self::bracketEdge()),
                                ),
                        ),
                ],
            };
    }
}
