<?php

declare(strict_types=1);

namespace App\Shop;

use App\Words\Speaker;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\Materials;

/** How the house reckons. */
enum Setting: string
{
    case Currency = 'currency';
    case Tax = 'tax';
    case Hour = 'hour';
    case Spares = 'spares';
    case Waste = 'waste';
    case Stock = 'stock';
    case StockFeet = 'stock_feet';

    public function label(): string
    {
        return Speaker::words("shop.settings.{$this->value}.label");
    }

    public function usual(): string
    {
        return match ($this) {
            self::Currency => '€',
            self::Tax => '20',
            self::Hour => '48',
            self::Spares => (string) Materials::SPARE_ONE_IN,
            self::Waste => (string) Materials::WASTE,
            self::Stock => implode(', ', BoardsToCut::STOCK_MM),
            self::StockFeet => implode(', ', BoardsToCut::STOCK_FT),
        };
    }

    /** What is wrong with what was typed; null where it reads. */
    public function refusal(string $typed): ?Message
    {
        $reads = match ($this) {
            self::Currency => $typed !== '' && mb_strlen($typed) <= 6,
            self::Tax, self::Waste => preg_match('/^\d{1,2}([.,]\d{1,2})?$/', $typed) === 1,
            self::Hour => Prices::read($typed) !== null,
            self::Spares => preg_match('/^[1-9]\d{0,2}$/', $typed) === 1,
            self::Stock, self::StockFeet => $this->lengths($typed) !== null,
        };

        return $reads ? null : new Message("shop.settings.{$this->value}", ['typed' => $typed], 'refusal');
    }

    /** @return ?non-empty-list<Length> the lengths of a list with commas; null where one does not read */
    public function lengths(string $typed): ?array
    {
        try {
            $found = array_map(
                fn (string $one) => LengthReader::read(
                    // A bare number is feet where the yard sells by them.
                    $this === self::StockFeet && is_numeric(trim($one)) ? trim($one).' ft' : trim($one),
                    $this === self::StockFeet ? Unit::Inch : Unit::Millimetre,
                ),
                explode(',', $typed),
            );
        } catch (UnreadableLength) {
            return null;
        }

        return array_filter(
            $found,
            fn (Length $length) => $length->isOver(Length::mm(12_000)) || Length::mm(300)->isOver($length),
        ) === []
            ? $found
            : null;
    }
}
