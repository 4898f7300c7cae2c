<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\Pattern;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * From the back: back, filler strips, a frame with its infill; the raised bottom strip leaves the channel. The trade's
 * rules page 8, 2 B.
 */
final readonly class Framing implements PlacesParts
{
    /** A blade and its channel: play that is least, and most, both sides together. */
    private const LEAST_PLAY_NM = 1_500_000;

    private const MOST_PLAY_NM = 3_000_000;

    /** A channel is so much deeper than the fin bites. */
    private const DEEPER_NM = 3_000_000;

    private const PINS_A_BOARD = 4;

    private Length $middle;

    private Length $raise;

    private Movement $movement;

    private function __construct(private Made $made, private Framed $build, private Wanted $wanted)
    {
        $this->middle = $build->middle ?? $build->top;
        $deep = $wanted->fin?->bite->plus(Length::nm(self::DEEPER_NM));
        $this->raise =
            $build->raise ??
            ($deep?->minus(Length::nm(1))->roundedUpTo($wanted->size(UsualSize::RaiseStep)) ?? Length::zero());
        $this->movement = Movement::of($made, $build->infill, $wanted->sizes);
        foreach ($this->panels() as [$wide, $high]) {
            $wide->isPositive() || throw new CannotBeMade('frame.stile');
            $high->isPositive() || throw new CannotBeMade('frame.bottom');
        }
        foreach ($this->strips() as $strip) {
            $strip->u->length()->isPositive() || throw new CannotBeMade('frame.stile');
            $strip->v->length()->isPositive() || throw new CannotBeMade('raise');
        }
    }

    public static function of(Made $made, Framed $build, Wanted $wanted): LeafMade
    {
        return (new self($made, $build, $wanted))->leaf();
    }

    private function leaf(): LeafMade
    {
        $unit = $this->wanted->sizes;
        $strips = [...$this->strips(), ...$this->blocks()];
        $stripParts = Part::alike(...array_map($this->stripPart(...), $strips));
        $frame = $this->frameParts();
        [$back, $backFaults] = $this->back();
        [$infill, $courses, $infillFaults] = $this->infill();
        $lining = $this->lining();
        $pockets = $this->pockets();
        $screws = $this->frameScrews();
        $moved = array_values(array_filter([...array_column($pockets, 1), ...array_column($screws, 1)]));
        $out = fn (string $kind) => count(
            array_filter($moved, fn (Moved $one) => $one->kind === $kind && $one->to === null),
        );
        $boards = array_sum(array_map(fn (Part $part) => $part->count, $infill));
        $glued = [...$stripParts, ...$frame];
        $buy = new Bought($unit);
        $build = $this->build;
        $count = fn (Part ...$parts) => array_sum(array_map(fn (Part $part) => $part->count, $parts));

        return new LeafMade(
            made: $this->made,
            wanted: $this->wanted,
            thickness: $build->wholeThickness(),
            parts: [...$back, ...$stripParts, ...$lining, ...$frame, ...$infill],
            fasteners: [
                new Fastener(
                    'strip-screw',
                    $this->stripScrews($strips),
                    $buy->screw($build->backBoard->thickness->plus($build->filler)),
                ),
                new Fastener('pocket-screw', count($pockets) - $out('pocket'), $this->pocketScrew()),
                new Fastener('frame-screw', count($screws) - $out('frame'), $buy->screw($build->wholeThickness())),
                new Fastener(
                    'pin',
                    self::PINS_A_BOARD * $boards,
                    $buy->screw($build->infill->thickness->plus($build->filler)),
                ),
            ],
            kg: array_sum(array_map(fn (Part $part) => $part->kg(), [...$back, ...$glued, ...$lining])) +
                $this->infillKg(),
            solid: array_map(
                fn (Zone $strip) => new Zone(
                    in_array($strip->of, ['strip-middle', 'strip-cross', 'strip-upright'], true) ? 'strip' : $strip->of,
                    $strip->u,
                    $strip->v,
                ),
                $strips,
            ),
            faults: [
                ...$backFaults,
                ...$this->movement->faults($build->infill, $unit, 'infill'),
                ...$infillFaults,
                ...$this->channelFaults(),
                ...$this->proud(),
            ],
            counts: [
                'pieces' => $count(...$back, ...$glued, ...$lining),
                'infill' => $boards,
                'strips' => count($strips),
                'pockets' => count($pockets),
            ],
            channel: $this->wanted->fin === null ? null : new Channel(
                true,
                $this->channelWidth(),
                $this->raise,
                $build->backBoard->thickness->plus($build->filler->half()),
                Length::least($build->backBoard->thickness, $build->thickness),
                $this->wanted->fin->bite,
            ),
            gluedM2: array_sum(array_map(fn (Part $part) => $part->area(), $glued)),
            movement: $this->movement,
            moved: $moved,
            courses: $courses,
            placing: $this,
            tongue: $build->infill->tongue,
        );
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        $height = $this->wanted->height;
        $whole = new Span(Length::zero(), $this->wanted->width);
        $up = new Span(Length::zero(), $height);
        $between = $this->betweenStiles();
        $placed = [Placed::box($this->build->isBoarded() ? 'back-board' : 'back', $height, 0, $whole, $up)];
        foreach ([...$this->strips(), ...$this->blocks()] as $strip) {
            $placed[] = Placed::box($strip->of, $this->stripPart($strip)->length, 1, $strip->u, $strip->v);
        }
        $right = new Span($between->high, $this->wanted->width);
        foreach ([new Span(Length::zero(), $between->low), $right] as $stile) {
            $placed[] = Placed::box('stile', $height, 2, $stile, $up);
        }
        foreach ($this->rails() as [$kind, $rail]) {
            $placed[] = Placed::box($kind, $between->length(), 2, $between, $rail);
        }

        return [...$placed, ...$this->placedInfill()];
    }

    /** @return list<Placed> */
    private function placedInfill(): array
    {
        $joint = $this->wanted->size(UsualSize::Joint);
        $u = $this->betweenStiles()->widened($joint->negated());
        $half = $u->length()->minus($joint)->half();
        $halves = $this->build->pattern === Pattern::Chevron
            ? [Span::from($u->low, $half), Span::from($u->high->minus($half), $half)]
            : [$u];
        $placed = [];
        foreach ($this->openings() as $opening) {
            $v = $opening->widened($joint->negated());
            foreach ($halves as $i => $across) {
                array_push($placed, ...$this->placedBoards($across, $v, $i === 0));
            }
        }

        return $placed;
    }

    /** @return list<Placed> */
    private function placedBoards(Span $u, Span $v, bool $rises): array
    {
        [$board, $gap, $unit] = [$this->build->infill, $this->movement->gap, $this->wanted->sizes];
        if ($this->build->pattern === Pattern::Straight) {
            $boards = Boards::over($u->length(), $board, $gap, $unit, 'infill');
            $last = count($boards->at) - 1;

            return array_map(
                fn (Span $at, int $i) => Placed::box(
                    ! $boards->isAlike && ($i === 0 || $i === $last) ? 'outer-infill' : 'infill',
                    $v->length(),
                    2,
                    $at->shifted($u->low),
                    $v,
                ),
                $boards->at,
                array_keys($boards->at),
            );
        }

        return array_map(
            fn (Course $course) => Placed::course($course->long, 2, $u, $v, $course->low, $course->high, $rises),
            Courses::over($u->length(), $v->length(), $board, $gap, $unit, 'infill')->courses,
        );
    }

    /** @return array{list<Part>, list<Fault>} */
    private function back(): array
    {
        $board = $this->build->backBoard;
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        if ($this->build->isBoarded()) {
            $movement = Movement::of($this->made, $board, $this->wanted->sizes);
            $boards = Boards::over($width, $board, $movement->gap, $this->wanted->sizes, 'back');

            return [
                $boards->parts('back-board', $height),
                [...$movement->faults($board, $this->wanted->sizes, 'back'), ...$boards->faults],
            ];
        }
        [$wide, $high] = $this->build->sheet ?? (new Bought($this->wanted->sizes))->sheet();
        [$across, $up] = [$width->minus(Length::nm(1))->stepsOf($wide), $height->minus(Length::nm(1))->stepsOf($high)];

        return [
            [new Part('back', 1, $height, $width, $board->thickness, $this->build->back)],
            $across * $up > 1
                ? [Fault::settle('sheet-seam', 'back.sheet', ['across' => $across, 'up' => $up])]
                : [],
        ];
    }

    /** @return list<Span> up the leaf: of each opening of the frame, from the foot */
    private function openings(): array
    {
        $middles = $this->build->middles;
        $free = $this->wanted->height->minus(
            $this->build->top,
            $this->build->bottom,
            $this->middle->times($middles),
        );

        return array_map(
            fn (int $i) => new Span(
                $this->build->bottom->plus($free->scaled($i, $middles + 1), $this->middle->times($i)),
                $this->build->bottom->plus($free->scaled($i + 1, $middles + 1), $this->middle->times($i)),
            ),
            range(0, $middles),
        );
    }

    private function betweenStiles(): Span
    {
        return new Span($this->build->stile, $this->wanted->width->minus($this->build->stile));
    }

    /** @return list<array{string, Span}> each rail of the frame and where it lies, up the leaf */
    private function rails(): array
    {
        $openings = $this->openings();
        $rails = [['rail-bottom', new Span(Length::zero(), $openings[0]->low)]];
        for ($i = 1; $i < count($openings); $i++) {
            $rails[] = ['rail-middle', new Span($openings[$i - 1]->high, $openings[$i]->low)];
        }
        $rails[] = ['rail-top', new Span($this->wanted->height->minus($this->build->top), $this->wanted->height)];

        return $rails;
    }

    /** @return list<Part> */
    private function frameParts(): array
    {
        $part = fn (string $kind, int $count, Length $long, Length $wide) => new Part(
            $kind,
            $count,
            $long,
            $wide,
            $this->build->thickness,
            $this->build->frameSpecies,
        );
        $long = $this->betweenStiles()->length();

        return Part::alike(
            $part('stile', 2, $this->wanted->height, $this->build->stile),
            $part('rail-top', 1, $long, $this->build->top),
            $part('rail-bottom', 1, $long, $this->build->bottom),
            ...$this->build->middles === 0
                ? []
                : [$part('rail-middle', $this->build->middles, $long, $this->middle)],
        );
    }

    /** @return list<Zone> */
    private function strips(): array
    {
        $seat = $this->wanted->size(UsualSize::Seat);
        [$width, $height] = [$this->wanted->width, $this->wanted->height];
        $whole = new Span(Length::zero(), $width);
        $bottom = new Span($this->raise, $this->build->bottom->plus($seat));
        $top = new Span($height->minus($this->build->top, $seat), $height);
        $side = $this->build->stile->plus($seat);
        if ($this->wanted->hasStraps()) {
            $side = Length::greatest($side, $this->wanted->inset()->plus($this->wanted->around()));
        }
        $up = new Span($bottom->high, $top->low);
        $between = new Span($side, $width->minus($side));
        $strips = [
            new Zone('strip-bottom', $whole, $bottom),
            new Zone('strip-top', $whole, $top),
            new Zone('strip-side', new Span(Length::zero(), $side), $up),
            new Zone('strip-side', new Span($between->high, $width), $up),
        ];
        $from = $bottom->high;
        foreach ($this->rails() as [$kind, $rail]) {
            if ($kind === 'rail-bottom') {
                continue;
            }
            $rail = $kind === 'rail-top' ? $top : $rail->widened($seat);
            array_push($strips, ...$this->across($between, new Span($from, $rail->low)));
            if ($kind === 'rail-middle') {
                $strips[] = new Zone('strip-middle', $between, $rail);
            }
            $from = $rail->high;
        }

        return $strips;
    }

    /** @return list<Zone> the fewest cross strips that leave no space too high, and an upright in each for a chevron */
    private function across(Span $between, Span $free): array
    {
        $wide = $this->build->crossWidth ?? $this->wanted->size(UsualSize::Strip);
        $span = $this->wanted->size(UsualSize::Span);
        $count = max(0, $free->length()->minus($span, Length::nm(1))->stepsOf($wide->plus($span)));
        $space = $free->length()->minus($wide->times($count));
        $strips = [];
        $middle = $this->wanted->width->half();
        for ($i = 0; $i <= $count; $i++) {
            $from = $free->low->plus($space->scaled($i, $count + 1), $wide->times($i));
            $to = $free->low->plus($space->scaled($i + 1, $count + 1), $wide->times($i));
            if ($this->build->pattern === Pattern::Chevron) {
                $upright = new Span($middle->minus($wide->half()), $middle->plus($wide->half()));
                $strips[] = new Zone('strip-upright', $upright, new Span($from, $to));
            }
            if ($i < $count) {
                $strips[] = new Zone('strip-cross', $between, Span::from($to, $wide));
            }
        }

        return $strips;
    }

    /** @return list<Zone> what inner hangers want below the top strip, less what strips are there */
    private function blocks(): array
    {
        $up = $this->wanted->strapUp();
        if ($up === null) {
            return [];
        }
        $strips = $this->strips();
        $around = $this->wanted->around();
        $blocks = [];
        foreach ($this->wanted->inner() as $u) {
            $solid = new Zone('block', new Span($u->minus($around), $u->plus($around)), $up);
            array_push($blocks, ...$solid->outside([...$strips, ...$blocks]));
        }

        return $blocks;
    }

    private function stripPart(Zone $strip): Part
    {
        // A strip is as long as it lies; a block, a side strip and an upright stand.
        $stands = in_array($strip->of, ['strip-side', 'strip-upright', 'block'], true);
        [$long, $wide] = $stands
            ? [$strip->v->length(), $strip->u->length()]
            : [$strip->u->length(), $strip->v->length()];

        return new Part($strip->of, 1, $long, $wide, $this->build->filler, $this->build->fillerSpecies);
    }

    /** @return list<Part> */
    private function lining(): array
    {
        return $this->build->lining === null || ! $this->raise->isPositive()
            ? []
            : [
                new Part(
                    'lining',
                    2,
                    $this->wanted->width,
                    $this->raise,
                    $this->build->lining,
                    $this->build->fillerSpecies,
                ),
            ];
    }

    /** @param  list<Zone>  $strips */
    private function stripScrews(array $strips): int
    {
        return array_sum(
            array_map(fn (Zone $strip) => count($this->evenly($this->stripPart($strip)->length)), $strips),
        );
    }

    /** @return non-empty-list<Length> */
    private function evenly(Length $long): array
    {
        return Evenly::along(
            $long,
            $this->wanted->size(UsualSize::ScrewsFirst),
            $this->wanted->size(UsualSize::ScrewsApart),
        );
    }

    private function pocketScrew(): Length
    {
        return (new Bought($this->wanted->sizes))->pocketScrew($this->build->thickness);
    }

    /** @return list<array{Zone, ?Moved}> each screw of a pocket, and where it goes */
    private function pockets(): array
    {
        $offHoles = OffHoles::of($this->wanted);
        $stile = $this->build->stile;
        $axis = new Span(
            $stile->minus($this->pocketScrew()->half()),
            $stile->plus($this->wanted->size(UsualSize::PocketBack)),
        );
        $width = $this->wanted->width;
        $other = new Span($width->minus($axis->high), $width->minus($axis->low));
        $pockets = [];
        foreach ($this->rails() as [, $rail]) {
            $count = max(
                1,
                $rail->length()->minus(Length::nm(1))->stepsOf($this->wanted->size(UsualSize::PocketPer)),
            );
            foreach ([$axis, $other] as $u) {
                for ($i = 0; $i < $count; $i++) {
                    $v = $rail->low->plus($rail->length()->scaled(2 * $i + 1, 2 * $count));
                    $pockets[] = [
                        new Zone('pocket', $u, new Span($v, $v)),
                        $offHoles->upOrDown('pocket', $u, $v, $rail),
                    ];
                }
            }
        }

        return $pockets;
    }

    /** @return list<array{Zone, ?Moved}> along the middles of stiles and rails */
    private function frameScrews(): array
    {
        $offHoles = OffHoles::of($this->wanted);
        $up = new Span(Length::zero(), $this->wanted->height);
        $screws = [];
        $half = $this->build->stile->half();
        foreach ([$half, $this->wanted->width->minus($half)] as $u) {
            foreach ($this->evenly($this->wanted->height) as $v) {
                $screws[] = [
                    new Zone('frame', new Span($u, $u), new Span($v, $v)),
                    $offHoles->upOrDown('frame', new Span($u, $u), $v, $up),
                ];
            }
        }
        $along = $this->betweenStiles();
        foreach ($this->rails() as [, $rail]) {
            $v = $rail->middle();
            foreach ($this->evenly($along->length()) as $at) {
                $u = $along->low->plus($at);
                $screws[] = [
                    new Zone('frame', new Span($u, $u), new Span($v, $v)),
                    $offHoles->across($u, $v, $along),
                ];
            }
        }

        return $screws;
    }

    /** @return list<array{Length, Length}> how wide and high each opening is to the infill */
    private function panels(): array
    {
        $joint = $this->wanted->size(UsualSize::Joint)->times(2);
        $wide = $this->betweenStiles()->length()->minus($joint);

        return array_map(fn (Span $opening) => [$wide, $opening->length()->minus($joint)], $this->openings());
    }

    /** @return array{list<Part>, list<list<Course>>, list<Fault>} */
    private function infill(): array
    {
        $parts = $courses = $faults = [];
        $gap = $this->movement->gap;
        $unit = $this->wanted->sizes;
        $board = $this->build->infill;
        foreach ($this->panels() as [$a, $b]) {
            if ($this->build->pattern === Pattern::Straight) {
                $boards = Boards::over($a, $board, $gap, $unit, 'infill');
                array_push($parts, ...$boards->parts('infill', $b));
                array_push($faults, ...$boards->faults);

                continue;
            }
            $isChevron = $this->build->pattern === Pattern::Chevron;
            $half = $isChevron ? $a->minus($this->wanted->size(UsualSize::Joint))->half() : $a;
            $panel = Courses::over($half, $b, $board, $gap, $unit, 'infill');
            array_push($faults, ...$panel->faults);
            for ($i = 0; $i < ($isChevron ? 2 : 1); $i++) {
                $courses[] = $panel->courses;
                array_push($parts, ...array_map(fn (Course $course) => $this->coursePart($course), $panel->courses));
            }
        }

        return [Part::alike(...$parts), $courses, self::once($faults)];
    }

    private function coursePart(Course $course): Part
    {
        $board = $this->build->infill;

        return new Part(
            'infill',
            1,
            $course->long,
            $course->width,
            $board->thickness,
            $board->species,
            $board->bought(),
            edges: $course->edges,
        );
    }

    private function infillKg(): float
    {
        $area = array_sum(array_map(fn (array $panel) => $panel[0]->toMm() * $panel[1]->toMm(), $this->panels()));
        $board = $this->build->infill;

        return ($area * $board->thickness->toMm() * Timber::of($board->species)->density) / 1e9;
    }

    private function channelWidth(): Length
    {
        return $this->build->filler->minus(($this->build->lining ?? Length::zero())->times(2));
    }

    /** @return list<Fault> */
    private function channelFaults(): array
    {
        $fin = $this->wanted->fin;
        if ($fin === null) {
            return [];
        }
        $faults = [];
        $width = $this->channelWidth();
        $play = $width->minus($fin->blade);
        $least = Length::nm(self::LEAST_PLAY_NM);
        $spare = Length::nm(1);
        if ($play->plus($spare)->isUnder($least)) {
            $numbers = ['width' => $width, 'least' => $fin->blade->plus($least)];
            $faults[] = $play->isPositive()
                ? Fault::settle('channel-tight', 'filler.thickness', $numbers)
                : Fault::stop('channel-tight', 'filler.thickness', $numbers);
        }
        $most = Length::nm(self::MOST_PLAY_NM);
        if ($play->minus($spare)->isOver($most)) {
            $lining = $this->build->filler->minus($fin->blade, $least)->half();
            $faults[] = Fault::settle('channel-loose', 'lining', [
                'width' => $width,
                'most' => $fin->blade->plus($most),
                'lining' => $lining->plus($spare)->roundedDownTo($this->wanted->size(UsualSize::LiningStep)),
            ]);
        }
        $deep = $fin->bite->plus(Length::nm(self::DEEPER_NM));
        if ($this->raise->plus($spare)->isUnder($deep)) {
            $numbers = ['depth' => $this->raise, 'least' => $deep];
            $faults[] = $this->raise->plus($spare)->isUnder($fin->bite)
                ? Fault::stop('channel-shallow', 'raise', $numbers)
                : Fault::settle('channel-shallow', 'raise', $numbers);
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function proud(): array
    {
        $by = $this->build->infill->thickness->minus($this->build->thickness);

        return $by->isPositive() ? [Fault::settle('infill-proud', 'infill.thickness', ['by' => $by])] : [];
    }

    /**
     * @param  list<Fault>  $faults  of panels that are alike
     * @return list<Fault>
     */
    private static function once(array $faults): array
    {
        return array_values(array_column(
            array_map(fn (Fault $fault) => [serialize($fault), $fault], $faults),
            1,
            0,
        ));
    }
}
