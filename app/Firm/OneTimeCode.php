<?php

declare(strict_types=1);

namespace App\Firm;

use App\Models\User;

/**
 * The codes of a second step, as a telephone makes them: six digits, another every thirty seconds.
 *
 * Source: RFC 6238 over RFC 4226, with SHA-1, as every such application on a telephone has it.
 */
final class OneTimeCode
{
    private const SECONDS = 30;

    /** So many steps a telephone's clock may be off, either way. */
    private const OFF = 1;

    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** 32 letters: 160 bits. */
    public static function secret(): string
    {
        return implode('', array_map(fn () => self::LETTERS[random_int(0, 31)], range(1, 32)));
    }

    /** What a telephone reads as a square. */
    public static function address(User $person, string $secret): string
    {
        return 'otpauth://totp/'.rawurlencode("Yoke Line:{$person->email}")."?secret={$secret}&issuer=Yoke%20Line";
    }

    public static function at(string $secret, int $count): string
    {
        $hash = hash_hmac('sha1', pack('J', $count), self::bytes($secret), true);
        $from = ord($hash[19]) & 0x0F;
        /** @var array{1: int} $number */
        $number = unpack('N', substr($hash, $from, 4));

        return sprintf('%06d', ($number[1] & 0x7FFFFFFF) % 1_000_000);
    }

    /** The step that a code is of; null where it is of none of now, or of one that was taken already. */
    public static function count(string $secret, string $code, int $after = 0): ?int
    {
        $now = intdiv(now()->getTimestamp(), self::SECONDS);
        $typed = (string) preg_replace('/\s+/', '', $code);
        foreach (range($now - self::OFF, $now + self::OFF) as $count) {
            if ($count > $after && hash_equals(self::at($secret, $count), $typed)) {
                return $count;
            }
        }

        return null;
    }

    /** Takes a code of somebody, once. */
    public static function take(User $person, string $code): bool
    {
        $count = $person->second_secret === null
            ? null
            : self::count($person->second_secret, $code, $person->second_count);

        // Of two who send the same one at once, one.
        return $count !== null &&
            User::query()
                ->whereKey($person->id)
                ->where('second_count', '<', $count)
                ->update(['second_count' => $count]) === 1;
    }

    private static function bytes(string $secret): string
    {
        $bits = '';
        foreach (str_split($secret) as $letter) {
            $bits .= sprintf('%05b', (int) strpos(self::LETTERS, $letter));
        }

        return implode('', array_map(fn (string $byte) => chr((int) bindec($byte)), str_split($bits, 8)));
    }
}
