<?php

declare(strict_types=1);

namespace YokeLine\Making\Framing;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Pattern;
use YokeLine\Making\CannotBeMade;
use YokeLine\Making\Evenly;
use YokeLine\Making\Part;
use YokeLine\Making\Placed;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Making\Zone;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Filler between the back and the frame: strips behind all that is screwed, and blocks behind more hangers. */
final readonly class Strips
{
    /** @var list<Zone> */
    public array $all;

    /**
     * @param  Length  $raise  of the bottom strip over the foot
     *
     * @throws CannotBeMade where a strip has no width or no height
     */
    public function __construct(
        private Framed $build,
        private Wanted $wanted,
        private Frame $frame,
        private Length $raise,
    ) {
        $strips = $this->strips();
        foreach ($strips as $strip) {
            $strip->u->length()->isPositive() || throw new CannotBeMade('frame.stile');
            $strip->v->length()->isPositive() || throw new CannotBeMade('raise');
        }
        $this->all = [...$strips, ...$this->blocks($strips)];
    }

    /** @return list<Part> */
    public function parts(): array
    {
        return Part::alike(...array_map($this->part(...), $this->all));
    }

    /** @return list<Placed> */
    public function placed(): array
    {
        return array_map(
            fn (Zone $strip) => Placed::box($strip->of, $this->part($strip)->length, 1, $strip->u, $strip->v),
            $this->all,
        );
    }

    /** How many screws hold them to the back. */
    public function screws(): int
    {
        return array_sum(
            array_map(
                fn (Zone $strip) => count(Evenly::screws($this->part($strip)->length, $this->wanted->sizes)),
                $this->all,
            ),
        );
    }

    /** @return list<Zone> where the leaf is solid by them */
    public function solid(): array
    {
        return array_map(
            fn (Zone $strip) => new Zone(
                in_array($strip->of, ['strip-middle', 'strip-cross', 'strip-upright'], true) ? 'strip' : $strip->of,
                $strip->u,
                $strip->v,
            ),
            $this->all,
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
        foreach ($this->frame->rails() as [$kind, $rail]) {
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

    /**
     * @param  list<Zone>  $strips
     * @return list<Zone> what inner hangers want below the top strip, less what strips are there
     */
    private function blocks(array $strips): array
    {
        $up = $this->wanted->strapUp();
        if ($up === null) {
            return [];
        }
        $around = $this->wanted->around();
        $blocks = [];
        foreach ($this->wanted->inner() as $u) {
            $solid = new Zone('block', new Span($u->minus($around), $u->plus($around)), $up);
            array_push($blocks, ...$solid->outside([...$strips, ...$blocks]));
        }

        return $blocks;
    }

    private function part(Zone $strip): Part
    {
        // A strip is as long as it lies; a block, a side strip and an upright stand.
        $stands = in_array($strip->of, ['strip-side', 'strip-upright', 'block'], true);
        [$long, $wide] = $stands
            ? [$strip->v->length(), $strip->u->length()]
            : [$strip->u->length(), $strip->v->length()];

        return new Part($strip->of, 1, $long, $wide, $this->build->filler, $this->build->fillerSpecies);
    }
}
