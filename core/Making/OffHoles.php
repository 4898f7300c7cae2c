<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Keeps screws off the holes of the hangers: each moves along its line by the least that clears all of them. */
final readonly class OffHoles
{
    /**
     * @param  list<array{Length, Length}>  $holes  u and v
     * @param  Length  $clear  from a hole's middle to a screw's axis
     * @param  Length  $edge  from the ends of its line
     */
    private function __construct(private array $holes, private Length $clear, private Length $edge) {}

    public static function of(Wanted $wanted): self
    {
        return new self(
            $wanted->holePlaces(),
            $wanted->hanger->holeDiameter->half()->plus($wanted->size(UsualSize::ScrewClear)),
            $wanted->size(UsualSize::ScrewEdge),
        );
    }

    /**
     * One that is as long along the leaf as $u, and moves up or down in $line; null where it may stay.
     *
     * @param  'pocket'|'frame'|'ledge'  $kind
     */
    public function upOrDown(string $kind, Span $u, Length $v, Span $line): ?Moved
    {
        $to = $this->along($u, $v, $line, fn (array $hole) => $hole);

        return $to === $v ? null : new Moved(
            $kind,
            [$u->middle(), $v],
            $to === null ? null : [$u->middle(), $to],
        );
    }

    /** One of a rail, that moves along it. */
    public function across(Length $u, Length $v, Span $line): ?Moved
    {
        $to = $this->along(new Span($v, $v), $u, $line, fn (array $hole) => [$hole[1], $hole[0]]);

        return $to === $u ? null : new Moved('frame', [$u, $v], $to === null ? null : [$to, $v]);
    }

    /**
     * @param  Span  $axis  of the screw across its line
     * @param  callable(array{Length, Length}): array{Length, Length}  $turned  a hole: across the line, along it
     */
    private function along(Span $axis, Length $at, Span $line, callable $turned): ?Length
    {
        $kept = [];
        foreach (array_map($turned, $this->holes) as [$across, $along]) {
            $off = Length::greatest(
                $axis->low->minus($across),
                $across->minus($axis->high),
                Length::zero(),
            );
            if ($off->isUnder($this->clear)) {
                $reach = sqrt(($this->clear->toMm() ** 2) - ($off->toMm() ** 2));
                $reach = Length::nm((int) ceil($reach * 1e6));
                $kept[] = new Span($along->minus($reach), $along->plus($reach));
            }
        }
        $isClear = fn (Length $place) => array_filter($kept, fn (Span $span) => $span->surrounds($place)) === [];
        if ($isClear($at)) {
            return $at;
        }
        $inside = $line->widened($this->edge->negated());
        $places = array_filter(
            array_merge(...array_map(fn (Span $span) => [$span->low, $span->high], $kept)),
            fn (Length $place) => $isClear($place) && $inside->contains($place),
        );
        usort(
            $places,
            fn (Length $a, Length $b) => [$a->minus($at)->absolute()->nm, $a->nm] <=> [
                $b->minus($at)->absolute()->nm,
                $b->nm,
            ],
        );

        return $places[0] ?? null;
    }
}
