<?php

namespace App\Shop;

use App\Models\Price;
use Illuminate\Support\Facades\DB;

/** The house's own price list, and how it reckons. */
final class Prices
{
    private const SETTINGS = ['currency' => '€', 'tax' => '20', 'hour' => '48', 'spares' => '8', 'waste' => '10', 'stock' => '2400, 3000, 3600, 4200, 4800'];

    /** @var ?array<string, int> */
    private ?array $cents = null;

    /** @var array<string, string> */
    private array $settings = [];

    /** What one of it costs, in cents; null where nobody has said. */
    public function of(string $key): ?int
    {
        $this->cents ??= Price::query()->pluck('cents', 'key')->map(fn (mixed $cents) => (int) $cents)->all();

        return $this->cents[$key] ?? null;
    }

    public function set(string $key, ?int $cents): void
    {
        $cents === null ? Price::query()->where('key', $key)->delete() : Price::query()->updateOrCreate(['key' => mb_substr($key, 0, 120)], ['cents' => $cents]);
        $this->cents = null;
    }

    public function setting(string $name): string
    {
        return $this->settings[$name] ??= (string) (DB::table('shop_settings')->where('name', $name)->value('value') ?? self::SETTINGS[$name]);
    }

    public function settle(string $name, string $value): void
    {
        unset($this->settings[$name]);
        isset(self::SETTINGS[$name]) && DB::table('shop_settings')->updateOrInsert(['name' => $name], ['value' => $value]);
    }

    /** 1250 as `€ 12.50`. */
    public function say(int $cents): string
    {
        return $this->setting('currency')."\u{202f}".number_format($cents / 100, 2, '.', "\u{202f}");
    }

    /** What was typed as money, in cents; null where it is none. */
    public static function read(string $typed): ?int
    {
        $plain = strtr(trim($typed), [',' => '.', ' ' => '', "\u{202f}" => '']);

        return preg_match('/^\d{1,7}(\.\d{1,2})?$/', $plain) === 1 ? (int) round((float) $plain * 100) : null;
    }

    public function csv(): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No room to write a table.');
        fputcsv($file, ['what', 'price'], escape: '');
        foreach (Price::query()->orderBy('key')->get() as $price) {
            fputcsv($file, [$price->key, number_format($price->cents / 100, 2, '.', '')], escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * A price list brought in: every row or none.
     *
     * @return list<string> what is wrong, row by row; [] where it was taken
     */
    public function bringIn(string $csv): array
    {
        $problems = $taken = [];
        foreach (preg_split('/\R/', trim($csv)) ?: [] as $i => $line) {
            $cells = str_getcsv($line, escape: '');
            if (($i === 0 && strtolower(trim((string) $cells[0])) === 'what') || trim($line) === '') {
                continue;
            }
            $cents = self::read((string) ($cells[1] ?? ''));
            trim((string) $cells[0]) === '' || $cents === null ? $problems[] = 'Row '.($i + 1).': what it is, and what one of it costs, such as “filler,4.50”.' : $taken[trim((string) $cells[0])] = $cents;
        }
        if ($problems === []) {
            DB::transaction(fn () => array_map($this->set(...), array_keys($taken), $taken));
        }

        return array_slice($problems, 0, 10);
    }
}
