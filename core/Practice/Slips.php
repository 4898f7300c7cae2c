<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/**
 * The mistakes that can be made in a sum, each with the number it leads to: the likelier first. Where two lead to the
 * same number only the first is told.
 */
final readonly class Slips
{
    private const MOST_SIXTEENTHS = 15;

    private function __construct(private Ask $ask, private Plan $plan, private Sum $sum) {}

    /** @return list<Slip> none of them the right number */
    public static function of(Ask $ask, Plan $plan, Sum $sum): array
    {
        $slips = new self($ask, $plan, $sum);
        $found = [];
        foreach ([...$slips->ofPlace(), ...$slips->ofTerms(), ...$slips->ofReading()] as $slip) {
            $isNew = array_filter($found, fn (Slip $other) => self::isAt($other->value, $slip->value, $plan)) === [];
            if ($isNew && ! self::isAt($sum->total, $slip->value, $plan)) {
                $found[] = $slip;
            }
        }

        return $found;
    }

    /** Whether two numbers are the same as a tape reads them: within three quarters of its step. */
    public static function isAt(?Length $a, ?Length $b, Plan $plan): bool
    {
        return $a !== null &&
            $b !== null &&
            ! $a->minus($b)->absolute()->isOver($plan->doorway->step()->scaled(3, 4));
    }

    private function slip(SlipKind $kind, Length $by, string $term = ''): Slip
    {
        return new Slip($kind, $this->had($this->sum->total->plus($by)), $term, $by);
    }

    /** A leaf is bought: the sum leads to the least size that is had. */
    private function had(Length $value): Length
    {
        $leaf = $this->plan->doorway->brief->leaf;
        $stock = match ($this->ask) {
            Ask::LeafWidth => $leaf->stockWidths,
            Ask::LeafHeight => $leaf->stockHeights,
            default => [],
        };
        $enough = array_values(array_filter($stock, fn (Length $size) => ! $size->isUnder($value)));

        return $enough === [] ? $value : Length::least(...$enough);
    }

    /** @return list<Slip> from what one counted, and to what */
    private function ofPlace(): array
    {
        if ($this->ask->isHeight()) {
            $half = $this->plan->kit->rail->height->half();
            $isHere = $this->ask === Ask::LineHere;
            $low = $isHere ? Attempt::here($this->plan) : $this->plan->floor->lowSpot();
            $falls = $this->plan->floor->at($low);

            return [
                $this->slip(SlipKind::LowFloor, $isHere ? $falls : $falls->negated()),
                $this->slip(SlipKind::HalfRail, $half),
                $this->slip(SlipKind::HalfRail, $half->negated()),
            ];
        }
        $jambs = $this->plan->doorway->survey->opening?->span();
        $wall = $this->plan->doorway->survey->wall();
        if (! $this->ask->isAlong() || $jambs === null || $wall === null) {
            return [];
        }
        $at = $this->sum->total;

        return [
            $this->slip(SlipKind::FromJamb, $jambs->low->negated()),
            $this->slip(SlipKind::OtherEnd, $wall->high->minus($at, $at)),
            $this->slip(SlipKind::Mirror, $jambs->low->plus($jambs->high)->minus($at, $at)),
        ];
    }

    /** @return list<Slip> a term left out, counted twice, or taken the wrong way: the smaller ones are lost sooner */
    private function ofTerms(): array
    {
        $terms = [...self::terms($this->sum)];
        usort($terms, fn (array $a, array $b) => $a[1]->absolute()->nm <=> $b[1]->absolute()->nm);
        $slips = [];
        foreach ([[SlipKind::Forgotten, -1], [SlipKind::Twice, 1], [SlipKind::Reversed, -2]] as [$kind, $times]) {
            foreach ($terms as [$name, $value]) {
                $slips[] = $this->slip($kind, $value->times($times), $name);
            }
        }

        return $slips;
    }

    /**
     * What a sum is made of in the end, signed: of what was compared what ruled, of what was rounded what was worked.
     *
     * @return iterable<array{string, Length}>
     */
    private static function terms(Sum $sum, int $sign = 1): iterable
    {
        foreach ($sum->terms() as $term) {
            if ($sum->kind !== 'sum' && $sum->kind !== 'rounded' && $sum->ruledBy() !== $term->name) {
                continue;
            }
            $signed = $sign * $term->sign;
            // What was rounded is one number to whoever goes on with it.
            if ($term->sum !== null && $term->sum->kind !== 'rounded' && $term->sum->terms() !== []) {
                yield from self::terms($term->sum, $signed);
            } elseif (! $term->value->isZero()) {
                yield [$term->name, $term->value->times($signed)];
            }
        }
    }

    /** @return list<Slip> what was misread on the tape */
    private function ofReading(): array
    {
        if ($this->plan->doorway->units === Unit::Inch) {
            $inch = Length::sixteenths(16);
            $whole = $this->sum->total->roundedDownTo($inch);
            $slips = [];
            for ($k = 0; $k <= self::MOST_SIXTEENTHS; $k++) {
                $slips[] = $this->slip(
                    SlipKind::Sixteenths,
                    $whole->plus(Length::sixteenths($k))->minus($this->sum->total),
                );
            }

            return $slips;
        }

        return array_map(
            fn (int $mm) => $this->slip(SlipKind::Digits, Length::mm($mm)),
            [10, -10, 100, -100, 1000, -1000],
        );
    }
}
