<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Brief;
use YokeLine\Making\Timber;
use YokeLine\Measure\Length;

/** What the leaf weighs: as given, or from its size and what it is made of. */
final readonly class Mass
{
    /** Standard gravity, m/s². */
    public const GRAVITY = 9.80665;

    /** kg per square metre and millimetre of thickness. */
    private const PER_M2_MM = [
        'softwood' => 0.48,
        'hardwood' => 0.7,
        'mdf' => 0.75,
        'plywood' => 0.6,
        'chipboard' => 0.68,
    ];

    /** @param  bool  $isKnown  weighed, or as its maker says */
    private function __construct(public float $kg, public bool $assumed, public bool $isKnown = false) {}

    /** @param  ?float  $madeKg  what it comes to as it is built; null of one that is bought */
    public static function of(
        Brief $brief,
        Length $width,
        Length $height,
        Length $thickness,
        ?float $madeKg = null,
    ): self {
        $leaf = $brief->leaf;
        // As it was weighed, or as its maker says.
        $known = $leaf->massKg ?? $brief->inHand?->heaviestKg();
        if ($known !== null) {
            return new self($known, false, true);
        }
        if ($madeKg !== null) {
            return new self($madeKg, false);
        }
        $area = ($width->toMm() * $height->toMm()) / 1e6;
        $solid = max(0.0, $area - $leaf->glassM2);
        $perM2 =
            $leaf->construction === 'hollow'
                ? Timber::HOLLOW_KG_PER_M2
                : (self::PER_M2_MM[$leaf->construction ?? 'softwood'] ?? self::PER_M2_MM['softwood']) *
                    $thickness->toMm();
        $glass = min($area, $leaf->glassM2) * Timber::GLASS_KG_PER_M2_MM * $leaf->glassThickness->toMm();

        return new self($solid * $perM2 + $glass, $leaf->construction === null);
    }
}
