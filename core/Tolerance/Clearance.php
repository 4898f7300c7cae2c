<?php

declare(strict_types=1);

namespace YokeLine\Tolerance;

use YokeLine\Doorway\PlusMinus;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * One clearance, and how sure it is: what is left of it if everything goes wrong at once, and as errors usually add up.
 */
final readonly class Clearance
{
    /** What checks allow, mm. */
    private const ALLOWED_MM = 1.0;

    /** Effects under so much, in nm, are none. */
    private const NONE_NM = 0.5;

    /**
     * @param  ?Length  $wanted  null where it is not judged
     * @param  array<string, float>  $effects  mm, by input, the greatest first: what it does to the clearance if it is
     *   more by its plus-minus
     * @param  float  $worst  mm: all of them at once
     * @param  float  $rss  mm: the root of the sum of their squares
     */
    public function __construct(
        public string $name,
        public Length $value,
        public ?Length $wanted,
        public array $effects,
        public float $worst,
        public float $rss,
    ) {}

    /** @return list<self> */
    public static function of(Plan $plan, PlusMinus $by): array
    {
        $held = Held::of($plan, $by);
        $found = [];
        foreach (ClearanceFormula::of($plan) as $name => [$difference, $wanted]) {
            $effects = [];
            [$value, $inputs] = $held->told($difference);
            foreach ($inputs as $input => [, $plusMinus]) {
                // A plain difference: half of what it is with more, less what it is with less.
                $effect =
                    ($difference($held->off($input, $plusMinus))->nm -
                        $difference($held->off($input, $plusMinus->negated()))->nm) /
                    2;
                if (abs($effect) >= self::NONE_NM) {
                    $effects[$input] = $effect / 1e6;
                }
            }
            $order = array_flip(array_keys($effects));
            uksort(
                $effects,
                fn (string $a, string $b) => [round(abs($effects[$b]), 9), $order[$a]] <=> [
                    round(abs($effects[$a]), 9),
                    $order[$b],
                ],
            );
            $found[] = new self(
                $name,
                $value,
                $wanted,
                $effects,
                array_sum(array_map(abs(...), $effects)),
                sqrt(array_sum(array_map(fn (float $mm) => $mm ** 2, $effects))),
            );
        }

        return $found;
    }

    /** What is left over what is wanted, mm; null where nothing is. */
    public function spare(): ?float
    {
        return $this->wanted === null ? null : $this->value->minus($this->wanted)->toMm();
    }

    /** The least it can be, mm. */
    public function least(): float
    {
        return $this->value->toMm() - $this->worst;
    }

    /** @return 'sure'|'fits'|'tight'|'fails'|null */
    public function verdict(): ?string
    {
        $spare = $this->spare();

        return match (true) {
            $spare === null => null,
            $spare >= $this->worst => 'sure',
            $spare >= $this->rss => 'fits',
            $spare >= -self::ALLOWED_MM => 'tight',
            default => 'fails',
        };
    }

    /** The input that matters most; '' where none does. */
    public function mattersMost(): string
    {
        return (string) array_key_first($this->effects);
    }

    /** What the root-sum-square would be if that were known exactly, mm. */
    public function rssWithoutIt(): float
    {
        $greatest = $this->effects === [] ? 0.0 : $this->effects[$this->mattersMost()];

        return sqrt(max(0.0, $this->rss ** 2 - $greatest ** 2));
    }
}
