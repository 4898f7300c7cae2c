<?php

declare(strict_types=1);

namespace YokeLine\Making\Framing;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Making\Bought;
use YokeLine\Making\CannotBeMade;
use YokeLine\Making\Evenly;
use YokeLine\Making\Moved;
use YokeLine\Making\OffHoles;
use YokeLine\Making\Part;
use YokeLine\Making\Placed;
use YokeLine\Making\UsualSize;
use YokeLine\Making\Wanted;
use YokeLine\Making\Zone;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Stiles and rails, the openings they leave, and the screws that hold them. */
final readonly class Frame
{
    private Length $middle;

    /** @throws CannotBeMade where an opening has no width or no height */
    public function __construct(private Framed $build, private Wanted $wanted)
    {
        $this->middle = $build->middle ?? $build->top;
        foreach ($this->panels() as [$wide, $high]) {
            $wide->isPositive() || throw new CannotBeMade('frame.stile');
            $high->isPositive() || throw new CannotBeMade('frame.bottom');
        }
    }

    /** @return list<Span> up the leaf: of each opening of the frame, from the foot */
    public function openings(): array
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

    public function betweenStiles(): Span
    {
        return new Span($this->build->stile, $this->wanted->width->minus($this->build->stile));
    }

    /** @return list<array{string, Span}> each rail of the frame and where it lies, up the leaf */
    public function rails(): array
    {
        $openings = $this->openings();
        $rails = [['rail-bottom', new Span(Length::zero(), $openings[0]->low)]];
        for ($i = 1; $i < count($openings); $i++) {
            $rails[] = ['rail-middle', new Span($openings[$i - 1]->high, $openings[$i]->low)];
        }
        $rails[] = ['rail-top', new Span($this->wanted->height->minus($this->build->top), $this->wanted->height)];

        return $rails;
    }

    /** @return list<array{Length, Length}> how wide and high each opening is to the infill */
    public function panels(): array
    {
        $joint = $this->wanted->size(UsualSize::Joint)->times(2);
        $wide = $this->betweenStiles()->length()->minus($joint);

        return array_map(fn (Span $opening) => [$wide, $opening->length()->minus($joint)], $this->openings());
    }

    /** @return list<Part> */
    public function parts(): array
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

    /** @return list<Placed> */
    public function placed(): array
    {
        $up = new Span(Length::zero(), $this->wanted->height);
        $between = $this->betweenStiles();
        $right = new Span($between->high, $this->wanted->width);
        $placed = [];
        foreach ([new Span(Length::zero(), $between->low), $right] as $stile) {
            $placed[] = Placed::box('stile', $this->wanted->height, 2, $stile, $up);
        }
        foreach ($this->rails() as [$kind, $rail]) {
            $placed[] = Placed::box($kind, $between->length(), 2, $between, $rail);
        }

        return $placed;
    }

    public function pocketScrew(): Length
    {
        return (new Bought($this->wanted->sizes))->pocketScrew($this->build->thickness);
    }

    /** @return list<array{Zone, ?Moved}> each screw of a pocket, and where it goes */
    public function pockets(): array
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
    public function screws(): array
    {
        $offHoles = OffHoles::of($this->wanted);
        $up = new Span(Length::zero(), $this->wanted->height);
        $screws = [];
        $half = $this->build->stile->half();
        foreach ([$half, $this->wanted->width->minus($half)] as $u) {
            foreach (Evenly::screws($this->wanted->height, $this->wanted->sizes) as $v) {
                $screws[] = [
                    new Zone('frame', new Span($u, $u), new Span($v, $v)),
                    $offHoles->upOrDown('frame', new Span($u, $u), $v, $up),
                ];
            }
        }
        $along = $this->betweenStiles();
        foreach ($this->rails() as [, $rail]) {
            $v = $rail->middle();
            foreach (Evenly::screws($along->length(), $this->wanted->sizes) as $at) {
                $u = $along->low->plus($at);
                $screws[] = [
                    new Zone('frame', new Span($u, $u), new Span($v, $v)),
                    $offHoles->across($u, $v, $along),
                ];
            }
        }

        return $screws;
    }
}
