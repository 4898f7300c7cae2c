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

    /**
     * @param  ?float  $withdrawal  allowable, N; null where it cannot be checked
     * @param  ?float  $lateral  allowable, N
     * @param  ?float  $utilisation  1 is all of it; null where it cannot be checked
     */
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
    public static function of(float $withdrawal, array $lateral, Load $load, float $loadFactor): self
    {
        [$allowed, $mode] = $lateral;
        [$shear, $tension] = [$load->shear, $load->tension];
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
    public static function ofAnchor(float $tensionAllowed, float $shearAllowed, Load $load): self
    {
        $used = self::share($load->shear, $shearAllowed) + self::share($load->tension, $tensionAllowed);

        return new self($tensionAllowed, $shearAllowed, 'sheet', $used);
    }

    /** The same under so many times the load. */
    public function under(float $by): self
    {
        $used = $this->utilisation === null ? null : $this->utilisation * $by;

        return new self($this->withdrawal, $this->lateral, $this->mode, $used);
    }

    public static function notChecked(): self
    {
        return new self(null, null, '', null);
    }
}
