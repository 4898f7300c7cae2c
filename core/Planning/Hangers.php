<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Kit;
use YokeLine\Making\Sizes;
use YokeLine\Making\UsualSize;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** What a leaf hangs by: two to four of them, the outer ones an inset from its edges, the others even between. */
final readonly class Hangers
{
    public const FEWEST = 2;

    public const MOST = 4;

    /** What part of the hung mass each takes: a stiff leaf rides on two wheels, and which two is not known. */
    private const CASES = [
        2 => [[0.5, 0.5]],
        3 => [[0.5, 0.0, 0.5], [0.25, 0.5, 0.25]],
        4 => [[0.5, 0.0, 0.0, 0.5], [0.0, 0.5, 0.5, 0.0]],
    ];

    /** @param  non-empty-list<Length>  $at  from the leading edge, the leading one first */
    private function __construct(public int $count, public array $at) {}

    /** As many as its width and its mass ask for, unless a number is said; never fewer than come in the box. */
    public static function of(Brief $brief, Kit $kit, LeafRun $run, Unit $units, float $hungKg): self
    {
        $count =
            $brief->rules->hangers ??
            max(
                $kit->hangers,
                self::byWidth($run->width, Sizes::of($brief->rules, $units)),
                // A wheel that was chosen is told when it takes too much, not outvoted by one more.
                $kit->choosesWheel() ? self::FEWEST : self::byMass($hungKg, self::wheelKg($brief, $kit)),
            );
        $between = $run->width->minus($run->hangerInset->times(2));

        return new self(
            $count,
            array_map(fn (int $i) => $run->hangerInset->plus($between->scaled($i, $count - 1)), range(0, $count - 1)),
        );
    }

    /** So many may hang it at the most. */
    public static function most(Plan $plan): int
    {
        return $plan->doorway->brief->rules->hangers ??
            ($plan->kit->choosesWheel() ? $plan->hangers()->count : self::MOST);
    }

    /** What one wheel may carry: by its own sheet, else half of what the kit may with what is screwed to the leaf. */
    public static function wheelKg(Brief $brief, Kit $kit): float
    {
        return $kit->wheel->capacityKg ?? ($kit->capacityKg + $brief->leaf->hardwareKg) / 2;
    }

    /** @return non-empty-list<non-empty-list<float>> by case, the part of the hung mass that each hanger takes */
    public function cases(): array
    {
        return self::CASES[$this->count];
    }

    /** @return list<Length> those between the outer two */
    public function inner(): array
    {
        return array_slice($this->at, 1, -1);
    }

    private static function byWidth(Length $width, Sizes $sizes): int
    {
        return match (true) {
            $width->isOver($sizes->size(UsualSize::ThreeHangersTo)) => 4,
            $width->isOver($sizes->size(UsualSize::TwoHangersTo)) => 3,
            default => self::FEWEST,
        };
    }

    private static function byMass(float $hungKg, float $wheelKg): int
    {
        return max(self::FEWEST, min(self::MOST, (int) ceil($hungKg / $wheelKg - 1e-9)));
    }
}
