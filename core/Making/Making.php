<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Framed;
use YokeLine\Doorway\Made\Glazed;
use YokeLine\Doorway\Made\Joined;
use YokeLine\Doorway\Made\Made;
use YokeLine\Doorway\Made\Planked;
use YokeLine\Measure\Length;

/** The leaf, or the two that differ, that the shop makes for a plan. */
final readonly class Making
{
    /** So little apart no washer is missed. */
    private const APART_NM = 500_000;

    /** @param  ?LeafMade  $other  the right or front one, where it differs */
    private function __construct(public LeafMade $leaf, public ?LeafMade $other) {}

    /** @param  list<string>  $leaves  by name, `leaf` or two of a pair */
    public static function of(Made $made, Wanted $wanted, array $leaves): self
    {
        $build = $made->build;
        if (! $build instanceof Joined) {
            return new self(match (true) {
                $build instanceof Planked => Planking::of($made, $build, $wanted),
                $build instanceof Framed => Framing::of($made, $build, $wanted),
                $build instanceof Glazed => Glazing::of($made, $build, $wanted),
            }, null);
        }
        $joined = function (string $leaf) use ($made, $build, $wanted): LeafMade {
            $from = $build->of($leaf);

            return $from === [] ? throw new CannotBeMade('from') : Joining::of($made, $build, $from, $wanted);
        };

        return $build->tellsTwo() && count($leaves) > 1
            ? new self($joined($leaves[0]), $joined($leaves[1]))
            : new self($joined($leaves[0]), null);
    }

    /** The heavier of two. */
    public function kg(): float
    {
        return max($this->leaf->kg, $this->other->kg ?? 0.0);
    }

    public function built(bool $isFirst): LeafMade
    {
        return $isFirst ? $this->leaf : $this->other ?? $this->leaf;
    }

    /** @return ?Length what stands out behind the back of any */
    public function backProud(): ?Length
    {
        return $this->leaf->backProud ?? $this->other?->backProud;
    }

    /**
     * What packs straps out at the leading and the trailing hanger of a leaf, and under the nut so that the bolt is
     * drawn; null of a leaf that is as thick everywhere.
     *
     * @return ?array{strap: array{Length, Length}, nut: Length}
     */
    public function washers(LeafMade $leaf): ?array
    {
        $at = $leaf->thicknessAt;
        $to = $this->packedTo();

        return $at === null
            ? null
            : [
                'strap' => [$to->minus($at[0]), $to->minus($at[1])],
                'nut' => $leaf->wanted->thickest->minus($to)->orZeroIfNegative(),
            ];
    }

    /** @return list<Fault> of one leaf; what tells both apart stands in the first one's */
    public function faultsOf(LeafMade $leaf): array
    {
        $by = $this->packedTo()->minus(Length::least(...$this->thicknesses()));

        return $leaf === $this->leaf && $by->isOver(Length::nm(self::APART_NM + 1))
            ? [...$leaf->faults, Fault::note('thickness-differs', 'from', ['by' => $by])]
            : $leaf->faults;
    }

    /** @return non-empty-list<LeafMade> */
    public function leaves(): array
    {
        return $this->other === null ? [$this->leaf] : [$this->leaf, $this->other];
    }

    /** @return non-empty-list<Length> at the outer hangers of all leaves */
    private function thicknesses(): array
    {
        return array_merge(...array_map(
            fn (LeafMade $leaf) => $leaf->thicknessAt ?? [$leaf->thickness],
            $this->leaves(),
        ));
    }

    /** At the thickest of outer hangers, of both leaves: straps are packed out to it. */
    public function packedTo(): Length
    {
        return Length::greatest(...$this->thicknesses());
    }
}
