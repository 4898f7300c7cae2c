<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Doorway\Yard;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/**
 * Something to have: how much of what, and what for.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Material
{
    /** By which price list and orders know it. */
    public string $key;

    /**
     * @param  'leaf'|'kit'|'fixings'|'finish'|'boards'|'tools'  $group
     * @param  float  $count  of what it is sold by
     * @param  array<string, Value>  $with  what it is called with
     * @param  ?Message  $note  what the order line says besides
     * @param  bool  $isTool  lasts; it is had once for the whole job
     * @param  Unit  $units  that its sizes are sold in
     * @param  string  $how  it is called, where its kind does not say
     */
    public function __construct(
        public string $group,
        public MaterialId $id,
        public float $count,
        public SoldBy $by,
        public Message $for,
        private array $with = [],
        public ?Message $note = null,
        public bool $isTool = false,
        public Unit $units = Unit::Millimetre,
        private string $how = '',
    ) {
        $this->key = $id->key;
    }

    public function andMore(float $count): self
    {
        return $this->with($this->count + $count, $this->by, $this->units);
    }

    /** The same, sold in that unit; sizes stay what they are. */
    public function soldIn(Unit $units): self
    {
        return $this->with($this->count, $this->by, $units);
    }

    /** As much of it in a job that speaks that unit: what pours or weighs is told in quarts and pounds there. */
    public function toldIn(Unit $units): self
    {
        $by = $this->by->in($units);

        return $by === $this->by
            ? $this
            : $this->with(($this->count * $this->by->metric()) / $by->metric(), $by, $this->units);
    }

    /** As much of it as is bought: up to a tenth. */
    public function up(): self
    {
        return $this->with(self::tenths($this->count), $this->by, $this->units);
    }

    public static function tenths(float $amount): float
    {
        return ceil(round($amount * 10, 6)) / 10;
    }

    /** How many of that unit one of it is; null where it is not sold so. */
    public function amountBy(SoldBy $per): ?float
    {
        $long = $this->id->sizes['length'] ?? null;

        return match (true) {
            $per === $this->by => 1.0,
            // A price that says no unit is for a litre or a kilogram.
            $per === SoldBy::Piece, $per->in($this->units) === $this->by->in($this->units) => $this->by->metric() /
                $per->metric(),
            $this->group !== 'boards' || $long === null => null,
            $per === SoldBy::BoardFoot => $this->boardFeet($long),
            $per->isByLength() => $long->toMm() / 1000 / $per->metric(),
            default => null,
        };
    }

    /** @return non-empty-list<SoldBy> what a price of it may be for */
    public function ways(): array
    {
        return $this->group !== 'boards'
            ? [$this->by]
            : [
                $this->by,
                SoldBy::Metre->in($this->units),
                ...$this->units === Unit::Inch && $this->amountBy(SoldBy::BoardFoot) !== null
                    ? [SoldBy::BoardFoot]
                    : [],
            ];
    }

    private function boardFeet(Length $long): ?float
    {
        [$width, $thickness] = [$this->id->sizes['width'] ?? null, $this->id->sizes['thickness'] ?? null];

        return $width === null || $thickness === null ? null : Yard::boardFeet($thickness, $width, $long);
    }

    private function with(float $count, SoldBy $by, Unit $units): self
    {
        return new self(
            $this->group,
            $this->id,
            $count,
            $by,
            $this->for,
            $this->with,
            $this->note,
            $this->isTool,
            $units,
            $this->how,
        );
    }

    public function says(): Message
    {
        return new Message('materials.what', $this->with, $this->how === '' ? $this->id->kind->value : $this->how);
    }
}
