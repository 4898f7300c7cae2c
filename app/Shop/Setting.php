<?php

declare(strict_types=1);

namespace App\Shop;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
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

    public function label(): string
    {
        return match ($this) {
            self::Currency => 'Currency',
            self::Tax => 'Tax, %',
            self::Hour => 'An hour of work',
            self::Spares => 'One spare in',
            self::Waste => 'Paint over, %',
            self::Stock => 'Boards the yard has, mm',
        };
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
        };
    }

    /** What is wrong with what was typed, as a sentence; null where it reads. */
    public function refusal(string $typed): ?string
    {
        $reads = match ($this) {
            self::Currency => $typed !== '' && mb_strlen($typed) <= 6,
            self::Tax, self::Waste => preg_match('/^\d{1,2}([.,]\d{1,2})?$/', $typed) === 1,
            self::Hour => Prices::read($typed) !== null,
            self::Spares => preg_match('/^[1-9]\d{0,2}$/', $typed) === 1,
            self::Stock => self::lengths($typed) !== null,
        };

        return $reads
            ? null
            : "“{$typed}” does not read here: ".
                    match ($this) {
                        self::Currency => 'a sign or a short word, such as € or kr.',
                        self::Tax, self::Waste => 'a share under a hundred, such as 20 or 7.5.',
                        self::Hour => 'write it as 48 or 48.50.',
                        self::Spares => 'a whole number from 1 to 999; 8 buys one more for every eight.',
                        self::Stock => 'lengths from 300 mm to 12 m with commas between, such as 2400, 3600.',
                    };
    }

    /** @return ?non-empty-list<Length> the lengths of a list with commas; null where one does not read */
    public static function lengths(string $typed): ?array
    {
        try {
            $found = array_map(
                fn (string $one) => LengthReader::read(trim($one), Unit::Millimetre),
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
