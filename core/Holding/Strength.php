<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * What a fixing may take against what it is given: the worst of shear, of tension, and of both together (NDS 12.4.1).
 */
final readonly class Strength
{
    /** Leaning counts with C_D 1.6, standing with 0.9: below this load factor, about 1.778, standing rules. */
    private const STANDING = 1.6 / 0.9;

    private function __construct(
        public ?float $withdrawal,
        public ?float $lateral,
        public string $mode,
        public ?float $utilisation,
    ) {}

    /**
     * @param  float  $withdrawal  allowable, N
     * @param  array{float, string}  $lateral  allowable, N, and its mode
     */
    public static function of(float $withdrawal, array $lateral, float $shear, float $tension, float $loadFactor): self
    {
        [$allowed, $mode] = $lateral;
        $both = hypot($shear, $tension);
        $used =
            $both === 0.0
                ? 0.0
                : max(
                    self::share($shear, $allowed),
                    self::share($tension, $withdrawal),
                    (self::share($shear ** 2, $allowed) + self::share($tension ** 2, $withdrawal)) / $both,
                );

        return new self($withdrawal, $allowed, $mode, $used * max(1.0, self::STANDING / $loadFactor));
    }

    /** How much of what is allowed is used: of nothing, all and more, where there is any load. */
    private static function share(float $load, float $allowed): float
    {
        return match (true) {
            $allowed > 0 => $load / $allowed,
            $load > 0 => INF,
            default => 0.0,
        };
    }

    /** A masonry anchor, from its own sheet: tension and shear straight added, no load duration. */
    public static function ofAnchor(float $tensionAllowed, float $shearAllowed, float $shear, float $tension): self
    {
        $used = self::share($shear, $shearAllowed) + self::share($tension, $tensionAllowed);

        return new self($tensionAllowed, $shearAllowed, 'sheet', $used);
    }

    public static function notChecked(): self
    {
        return new self(null, null, '', null);
    }
}
