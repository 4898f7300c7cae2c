<?php

declare(strict_types=1);

namespace App\Supply;

use App\Database\Row;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A supplier that ships with the product, to work with where there is none. What it does with a thing follows from its
 * name: most come, some
 * are on back order, some come in parts, some come wrong; and it now and then answers too late, after it has taken the
 * order.
 */
final readonly class SimulatedSupplier implements Supplier
{
    private const PATIENCE_MS = 3000;

    public function __construct(private Answers $answers = new Answers()) {}

    public function ask(array $keys): array
    {
        $this->answers->within(self::PATIENCE_MS);

        return array_combine(
            $keys,
            array_map(
                fn (string $key) => new Quote(
                    $this->habit($key) === 0 ? 0 : 4 + $this->habit($key) * 3,
                    190 + (crc32($key) % 12_000),
                    $this->days($key),
                ),
                $keys,
            ),
        );
    }

    public function order(string $reference, array $lines): void
    {
        DB::table('supplier_books')->insertOrIgnore([
            'reference' => $reference,
            'lines' => json_encode($lines),
            'taken_at' => now(),
        ]);
        // The order is in the book; whether the answer arrives is another matter.
        $this->answers->within(self::PATIENCE_MS);
    }

    public function deliveries(string $reference): array
    {
        $this->answers->within(self::PATIENCE_MS);
        $book = DB::table('supplier_books')->where('reference', $reference)->first();
        if ($book === null) {
            return [];
        }
        $come = [];
        $row = new Row($book);
        /** @var array<string, float> $lines as they were ordered */
        $lines = (array) $row->json('lines');
        foreach ($lines as $key => $count) {
            foreach ($this->parts((string) $key, $count) as $part => [$what, $many, $days]) {
                if (Carbon::parse($row->text('taken_at'))->addWeekdays($days)->isPast()) {
                    $come[] = new Delivery(substr(sha1("{$reference} {$key} {$part}"), 0, 16), $what, $many);
                }
            }
        }

        return $come;
    }

    /** @return list<array{string, float, int}> what comes of a line: of what, how many, after how many working days */
    private function parts(string $key, float $count): array
    {
        $days = $this->days($key);

        return match ($this->habit($key)) {
            1 => $count < 2
                ? [[$key, $count, $days]]
                : [[$key, floor($count / 2), $days], [$key, $count - floor($count / 2), $days + 4]],
            2 => [["{$key}, another size", $count, $days], [$key, $count, $days + 6]],
            default => [[$key, $count, $days]],
        };
    }

    /** 0 back order, 1 in parts, 2 wrong first, else as it should be. */
    private function habit(string $key): int
    {
        return crc32("habit {$key}") % 12;
    }

    private function days(string $key): int
    {
        return $this->habit($key) === 0 ? 12 : 2 + (crc32("days {$key}") % 4);
    }
}
