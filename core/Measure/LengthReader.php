<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/**
 * Reads a length as people write it: 2065, 206.5 cm, 2.065 m, 79 3/16, 79-3/16", 6' 7 3/16", 6ft 7 3/16in, 5/16.
 * Where no unit is written it is in $unit. Exact; only what is finer than a nanometre is rounded to one.
 */
final class LengthReader
{
    private const NM_PER = [
        'mm' => 1_000_000,
        'cm' => 10_000_000,
        'm' => 1_000_000_000,
        'in' => Length::NM_PER_INCH,
        'ft' => 12 * Length::NM_PER_INCH,
    ];

    private const UNITS = [
        'mm' => 'mm',
        'cm' => 'cm',
        'm' => 'm',
        'in' => 'in',
        'inch' => 'in',
        'inches' => 'in',
        '"' => 'in',
        'ft' => 'ft',
        "'" => 'ft',
    ];

    private const LONGEST_NM = 50_000_000_000;

    private const MOST_DIGITS = 12;

    /** A whole number and a fraction, a fraction, or a whole or decimal number. */
    private const NUMBER = '(?:(?<whole>\d+)(?:\s+|\s*-\s*))?(?<top>\d+)\/(?<low>\d+)|(?<plain>\d+(?:\.\d*)?|\.\d+)';

    private const SPELLINGS = [
        '′' => "'",
        '’' => "'",
        '″' => '"',
        '”' => '"',
        '“' => '"',
        "''" => '"',
        '−' => '-',
        '–' => '-',
        '⁄' => '/',
        "\u{a0}" => ' ',
        "\u{202f}" => ' ',
        '½' => ' 1/2',
        '¼' => ' 1/4',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
    ];

    /** @throws UnreadableLength */
    public static function read(mixed $written, Unit $unit): Length
    {
        return match (true) {
            is_int($written) => self::whole($written, $unit),
            // A JSON number: its shortest decimal text is what was written in the file.
            is_float($written) && is_finite($written) => self::fromText(self::plainDecimal($written), $unit),
            is_string($written) => self::fromText($written, $unit),
            default => throw UnreadableLength::notANumber(),
        };
    }

    /** In which unit somebody wrote a length; $unit where they wrote none. */
    public static function unitOf(mixed $written, Unit $unit): Unit
    {
        $said = is_string($written) ? strtr($written, self::SPELLINGS) : '';

        return match (true) {
            preg_match('/\d\s*(mm|cm|m)\b/i', $said) === 1 => Unit::Millimetre,
            preg_match('/[\d.]\s*(in|ft|["\'])/i', $said) === 1 => Unit::Inch,
            default => $unit,
        };
    }

    private static function whole(int $written, Unit $unit): Length
    {
        return abs($written) <= intdiv(self::LONGEST_NM, self::NM_PER[$unit->value])
            ? Length::nm($written * self::NM_PER[$unit->value])
            : throw UnreadableLength::tooLong((string) $written);
    }

    private static function plainDecimal(float $written): string
    {
        return str_contains($text = (string) $written, 'E') ? rtrim(sprintf('%.9F', $written), '0') : $text;
    }

    private static function fromText(string $written, Unit $unit): Length
    {
        $said = trim(strtr($written, self::SPELLINGS));
        if (ctype_digit($said) && strlen($said) <= self::MOST_DIGITS) {
            return self::whole((int) $said, $unit);
        }
        if ($said === '') {
            throw UnreadableLength::nothingWritten();
        }
        if (str_contains($said, ',') && preg_match('/\d,\d{3}(\D|$)/', $said) === 1) {
            throw UnreadableLength::ambiguousComma($written);
        }
        $body = trim(ltrim(str_replace(',', '.', $said), '+-'));
        // Thousands written apart, as the screens show them: 2 065. Never beside a fraction, where the space means
        // "and".
        if (str_contains($body, ' ') && preg_match('/^\d{1,3}( \d{3})+(\.\d+)?( ?(mm|cm|m))?$/', $body) === 1) {
            $body = (string) preg_replace('/(?<=\d) (?=\d{3})/', '', $body);
        }
        $length = self::feetAndInches($body, $written) ?? self::oneNumber($body, $unit, $written);
        if ($length->nm > self::LONGEST_NM) {
            throw UnreadableLength::tooLong($written);
        }

        return $said[0] === '-' ? $length->negated() : $length;
    }

    private static function oneNumber(string $body, Unit $unit, string $written): Length
    {
        if (
            preg_match(
                '/^(?:'.self::NUMBER.')\s*(?<unit>mm|cm|m|in|inch|inches|"|ft|\')?\.?$/i',
                $body,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
        ) {
            throw UnreadableLength::notALength($written);
        }

        return self::number(
            $found,
            isset($found['unit']) ? self::UNITS[strtolower($found['unit'])] : $unit->value,
            $written,
        );
    }

    private static function feetAndInches(string $body, string $written): ?Length
    {
        if (
            strpbrk($body, "'fF") === false ||
            preg_match(
                '/^(?<feet>\d+(?:\.\d*)?|\.\d+)\s*(?:\'|ft\.?)\s*-?\s*(?:'.self::NUMBER.')\s*(?:"|in\.?)?$/i',
                $body,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1
        ) {
            return null;
        }

        return self::number(['plain' => $found['feet']], 'ft', $written)->plus(self::number($found, 'in', $written));
    }

    /** @param  array<int|string, string|null>  $found what NUMBER matched */
    private static function number(array $found, string $unit, string $written): Length
    {
        $plain = $found['plain'] ?? null;
        [$whole, $part] = explode('.', "{$plain}.");
        // Far under a nanometre in any unit: nothing is lost that a length could hold.
        $part = substr($part, 0, self::MOST_DIGITS);
        [$top, $low] =
            $plain === null
                ? [$found['top'] ?? '0', $found['low'] ?? '1']
                : ["0{$whole}{$part}", '1'.str_repeat('0', strlen($part))];
        $ahead = $plain === null ? $found['whole'] ?? '0' : $whole;
        $whole = $plain === null ? $ahead : '0';
        if (
            max(strlen(ltrim($plain === null ? $top : '', '0')), strlen($low) - 1, strlen(ltrim($ahead, '0'))) >
            self::MOST_DIGITS
        ) {
            throw UnreadableLength::tooManyDigits($written);
        }
        if ((int) $low === 0) {
            throw UnreadableLength::zeroDenominator($written);
        }
        $one = Length::nm(self::NM_PER[$unit]);

        return $one->scaled((int) $top, (int) $low)->plus($one->scaled(min((int) $whole, 1_000_000), 1));
    }
}
