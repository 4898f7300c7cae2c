<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * What a fixing bites into: specific gravity, and what it bears across the grain.
 *
 * National Design Specification for Wood Construction 2018, tables 12.3.3A and the supplement's reference design
 * values.
 */
final readonly class Wood
{
    private const N_MM2_PER_PSI = 0.00689476;

    /** name => specific gravity, Fc-perp in psi; gravity null where no withdrawal is published for the material */
    private const KNOWN = [
        'spruce-pine-fir' => [0.42, 425],
        'hem-fir' => [0.43, 405],
        'douglas-fir-larch' => [0.5, 625],
        'southern-pine' => [0.55, 565],
        'western-cedar' => [0.36, 425],
        'red-oak' => [0.67, 820],
        'white-oak' => [0.73, 800],
        'red-maple' => [0.58, 615],
        'plywood' => [null, 360],
        'mdf' => [null, 400],
        'chipboard' => [null, 300],
        'osb' => [null, 360],
    ];

    private const UNSAID = 0.42;

    /** @param  ?float  $gravity  null where bolts into it cannot be checked */
    private function __construct(public string $name, public ?float $gravity, public float $bearing) {}

    /** @param  string  $name  as a document has it; '' counts as the lightest of the usual framing woods */
    public static function of(string $name): self
    {
        [$gravity, $psi] = self::KNOWN[$name] ?? [$name === '' ? self::UNSAID : null, 425];

        return new self($name, $gravity, $psi * self::N_MM2_PER_PSI);
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_keys(self::KNOWN);
    }

    /** Bearing of a dowel along the grain, psi; nominal diameter in inches. NDS 12.3.3. */
    public function along(float $diameter): float
    {
        return $diameter < 0.25 ? $this->slight() : 11200 * (float) $this->gravity;
    }

    /** Across the grain, psi. */
    public function across(float $diameter): float
    {
        return $diameter < 0.25 ? $this->slight() : (6100 * $this->gravity ** 1.45) / sqrt($diameter);
    }

    private function slight(): float
    {
        return 16600 * $this->gravity ** 1.84;
    }
}
