<?php

declare(strict_types=1);

namespace App\Shop;

use App\Editing\Ledger;
use App\Files\Table;
use App\Firm\Here;
use App\Models\Price;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Support\Facades\DB;
use YokeLine\Measure\Message;
use YokeLine\Stock\Material;
use YokeLine\Stock\SoldBy;

/** The house's own price list, and how it reckons. */
final class Prices
{
    /** @var ?array<string, Rate> */
    private ?array $rates = null;

    /** @var array<string, string> */
    private array $settings = [];

    /** What one of it costs, in cents; null where nobody has said. */
    public function of(string $key): ?int
    {
        return $this->rate($key)?->cents;
    }

    public function rate(string $key): ?Rate
    {
        /** @var array<string, Rate> $rates */
        $rates = $this->rates ?? Price::query()->get()->mapWithKeys(
            fn (Price $price) => [$price->key => $price->rate()],
        )->all();
        $this->rates = $rates;

        return $rates[$key] ?? null;
    }

    /** What a material costs: by its own price, else by the foot or metre of its like. */
    public function rateOf(Material $material): ?Rate
    {
        return $this->rate($material->key) ?? $this->rate($material->id->ofEveryLength()->key);
    }

    public function set(string $key, ?int $cents, SoldBy $per = SoldBy::Piece): void
    {
        $cents === null
            ? Price::query()->where('key', $key)->delete()
            : Price::query()->updateOrCreate(['key' => mb_substr($key, 0, 120)], ['cents' => $cents, 'per' => $per]);
        $this->rates = null;
    }

    /**
     * A price as it was typed; nothing typed takes it off the list.
     *
     * @return ?Message what is wrong with it; null where it was taken
     */
    public function take(string $key, string $typed): ?Message
    {
        $rate = Rate::read($typed);
        if ($typed !== '' && $rate === null) {
            return new Message('refusals', ['typed' => $typed], 'no-price');
        }
        $this->set($key, $rate?->cents, $rate->per ?? SoldBy::Piece);

        return null;
    }

    /**
     * The price of one line of a list: by the piece it is that line's own, by the foot or metre it is that of its like
     * of every length.
     *
     * @param  string  $like  the key of every length; '' where it has none
     * @return ?Message what is wrong with it; null where it was taken
     */
    public function enterLine(
        string $key,
        string $like,
        string $typed,
        SoldBy $per,
        Ledger $ledger,
        int $seen,
    ): ?Message {
        $typed = $typed === '' || $per === SoldBy::Piece || str_contains($typed, '/')
            ? $typed
            : "{$typed}/{$per->value}";
        if ($like === '' || ! (Rate::read($typed)->per ?? $per)->isByLength()) {
            return $this->enter($key, $typed, $ledger, $seen);
        }

        return DB::transaction(function () use ($key, $like, $typed, $ledger, $seen): ?Message {
            $refusal = $this->enter($like, $typed, $ledger, $seen);
            // Its own price would stand before that of its like.
            $own = $refusal === null && $this->rate($key) !== null;

            return $own ? $this->enter($key, '', $ledger, $seen) : $refusal;
        });
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
            $before = $what instanceof Setting ? $this->setting($what) : $this->typed($what);
            $refusal = $what instanceof Setting ? $this->settle($what, $typed) : $this->take($what, $typed);
            if ($refusal === null) {
                $set = $what instanceof Setting;
                $ledger->write(
                    $set ? $what->value : $what,
                    $set
                        ? new Message("shop.settings.{$what->value}", [], 'label')
                        : new Message('shop', ['what' => $what], 'price-of'),
                    $before,
                    $set ? $typed : $this->typed($what),
                    $seen,
                );
            }

            return $refusal;
        });
    }

    /** As it would be typed; '' where there is none. */
    private function typed(string $key): string
    {
        return (string) $this->rate($key)?->plain();
    }

    public function setting(Setting $setting): string
    {
        return $this->settings[$setting->value] ??=
            Plain::text(DB::table('shop_settings')->where($this->kept($setting))->value('value') ?? $setting->usual());
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
            DB::table('shop_settings')->updateOrInsert($this->kept($setting), ['value' => $typed]);
        }

        return $refusal;
    }

    /** @return array<string, int|string> where the firm keeps it */
    private function kept(Setting $setting): array
    {
        return ['firm_id' => app(Here::class)->firm(), 'name' => $setting->value];
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
        // Sizes in keys are in millimetres; a price that is not of a piece says of what.
        return Table::csv(
            ['what_mm', 'price'],
            Price::query()
                ->orderBy('key')
                ->get()
                ->map(fn (Price $price) => [$price->key, $price->rate()->plain()])
                ->all(),
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
            if (($i === 0 && str_starts_with(strtolower(trim($cells[0])), 'what')) || trim($line) === '') {
                continue;
            }
            $rate = Rate::read($cells[1] ?? '');
            trim($cells[0]) === '' || $rate === null
                ? ($problems[] = Speaker::words('refusals.price-row', ['row' => $i + 1]))
                : ($taken[trim($cells[0])] = $rate);
        }
        if ($problems === []) {
            DB::transaction(function () use ($taken, $ledger): void {
                foreach ($taken as $key => $rate) {
                    $ledger?->write(
                        $key,
                        new Message('shop', ['what' => $key], 'price-of'),
                        $this->typed($key),
                        $rate->plain(),
                        $ledger->seen(),
                    );
                    $this->set($key, $rate->cents, $rate->per);
                }
            });
        }

        return array_slice($problems, 0, 10);
    }
}
