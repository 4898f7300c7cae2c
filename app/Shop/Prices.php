<?php

declare(strict_types=1);

namespace App\Shop;

use App\Editing\Ledger;
use App\Files\Table;
use App\Models\Price;
use App\Words\Speaker;
use Illuminate\Support\Facades\DB;
use YokeLine\Measure\Message;

/** The house's own price list, and how it reckons. */
final class Prices
{
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
        $cents === null
            ? Price::query()->where('key', $key)->delete()
            : Price::query()->updateOrCreate(['key' => mb_substr($key, 0, 120)], ['cents' => $cents]);
        $this->cents = null;
    }

    /**
     * A price as it was typed; nothing typed takes it off the list.
     *
     * @return ?Message what is wrong with it; null where it was taken
     */
    public function take(string $key, string $typed): ?Message
    {
        $cents = self::read($typed);
        if ($typed !== '' && $cents === null) {
            return new Message('refusals', ['typed' => $typed], 'no-price');
        }
        $this->set($key, $cents);

        return null;
    }

    /**
     * A price or a way of reckoning as somebody typed it, written down.
     *
     * @param  int  $seen  the last edit that they had seen
     * @return ?Message what is wrong with it; null where it was taken
     */
    public function enter(Setting|string $what, string $typed, Ledger $ledger, int $seen): ?Message
    {
        return DB::transaction(function () use ($what, $typed, $ledger, $seen): ?Message {
            $before = $what instanceof Setting ? $this->setting($what) : self::plain($this->of($what));
            $refusal = $what instanceof Setting ? $this->settle($what, $typed) : $this->take($what, $typed);
            if ($refusal === null) {
                $set = $what instanceof Setting;
                $ledger->write(
                    $set ? $what->value : $what,
                    $set
                        ? new Message("shop.settings.{$what->value}", [], 'label')
                        : new Message('shop', ['what' => $what], 'price-of'),
                    $before,
                    $set ? $typed : self::plain($this->of($what)),
                    $seen,
                );
            }

            return $refusal;
        });
    }

    public function setting(Setting $setting): string
    {
        return $this->settings[$setting->value] ??=
            (string) (DB::table('shop_settings')->where('name', $setting->value)->value('value') ?? $setting->usual());
    }

    /** A setting that is a number: 7,5 as 7.5. */
    public function number(Setting $setting): float
    {
        return (float) strtr($this->setting($setting), ',', '.');
    }

    /** @return ?Message what is wrong with it; null where it was taken */
    public function settle(Setting $setting, string $typed): ?Message
    {
        $refusal = $setting->refusal($typed);
        if ($refusal === null) {
            unset($this->settings[$setting->value]);
            DB::table('shop_settings')->updateOrInsert(['name' => $setting->value], ['value' => $typed]);
        }

        return $refusal;
    }

    /** On so many cents. */
    public function tax(int $cents): int
    {
        return (int) round(($cents * $this->number(Setting::Tax)) / 100);
    }

    /** 1250 as `€ 12.50`. */
    public function say(int $cents): string
    {
        return $this->setting(Setting::Currency)."\u{202f}".number_format($cents / 100, 2, '.', "\u{202f}");
    }

    /** 1250 as `12.50`, as it is typed and as a table has it. */
    public static function plain(?int $cents): string
    {
        return $cents === null ? '' : number_format($cents / 100, 2, '.', '');
    }

    /** What was typed as money, in cents; null where it is none. */
    public static function read(string $typed): ?int
    {
        $plain = strtr(trim($typed), [',' => '.', ' ' => '', "\u{202f}" => '']);

        return preg_match('/^\d{1,7}(\.\d{1,2})?$/', $plain) === 1 ? (int) round((float) $plain * 100) : null;
    }

    public function csv(): string
    {
        $cents = Price::query()->orderBy('key')->pluck('cents', 'key')->all();

        return Table::csv(
            ['what', 'price'],
            array_map(fn (string|int $key, int $each) => [$key, self::plain($each)], array_keys($cents), $cents),
        );
    }

    /**
     * A price list brought in: every row or none.
     *
     * @return list<string> what is wrong, row by row; [] where it was taken
     */
    public function bringIn(string $csv, ?Ledger $ledger = null): array
    {
        $problems = $taken = [];
        foreach (preg_split('/\R/', trim($csv)) ?: [] as $i => $line) {
            $cells = array_map(fn (?string $cell) => Table::plain((string) $cell), str_getcsv($line, escape: ''));
            if (($i === 0 && strtolower(trim($cells[0])) === 'what') || trim($line) === '') {
                continue;
            }
            $cents = self::read($cells[1] ?? '');
            trim($cells[0]) === '' || $cents === null
                ? ($problems[] = Speaker::words('refusals.price-row', ['row' => $i + 1]))
                : ($taken[trim($cells[0])] = $cents);
        }
        if ($problems === []) {
            DB::transaction(function () use ($taken, $ledger): void {
                foreach ($taken as $key => $cents) {
                    $ledger?->write(
                        $key,
                        new Message('shop', ['what' => $key], 'price-of'),
                        self::plain($this->of($key)),
                        self::plain($cents),
                        $ledger->seen(),
                    );
                    $this->set($key, $cents);
                }
            });
        }

        return array_slice($problems, 0, 10);
    }
}
