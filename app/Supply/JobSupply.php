<?php

declare(strict_types=1);

namespace App\Supply;

use App\Models\Job;
use App\Models\Receipt;
use App\Models\SupplyOrder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What of a job's list is ordered, what has come, what is missing. */
final readonly class JobSupply
{
    private Supplier $supplier;

    public function __construct(private Job $job, Supplier $supplier)
    {
        $this->supplier = new Patient($supplier);
    }

    /** @return Collection<int, SupplyOrder> */
    public function orders(): Collection
    {
        /** @var Collection<int, SupplyOrder> */
        return SupplyOrder::query()->with('receipts')->where('job_id', $this->job->id)->orderBy('id')->get();
    }

    /**
     * @param  list<string>  $keys
     * @return array<string, Quote>
     *
     * @throws SupplierSilent
     */
    public function ask(array $keys): array
    {
        return $this->supplier->ask($keys);
    }

    /**
     * Orders what is wanted and not ordered yet. An order that was not answered is sent again first, under its own
     * reference.
     *
     * @param  array<string, float>  $wanted
     *
     * @throws SupplierSilent after the order is written down, so that it is sent again later
     */
    public function order(array $wanted): void
    {
        foreach ($this->orders()->where('is_answered', false) as $unanswered) {
            $this->send($unanswered);
        }
        $ordered = $this->ordered();
        $left = array_filter(
            array_map(
                fn (float $count, string $key) => round($count - ($ordered[$key] ?? 0), 3),
                $wanted,
                array_keys($wanted),
            ),
            fn (float $count) => $count > 0,
        );
        $lines = array_combine(array_map(fn (int $i) => array_keys($wanted)[$i], array_keys($left)), $left);
        if ($lines !== []) {
            $this->send(
                SupplyOrder::create([
                    'job_id' => $this->job->id,
                    'reference' => strtolower((string) Str::ulid()),
                    'lines' => $lines,
                ]),
            );
        }
    }

    /**
     * Takes in what has come since one last looked; what nobody ordered is taken in too, and shows as wrong.
     *
     * @throws SupplierSilent
     */
    public function receive(): int
    {
        $new = 0;
        foreach ($this->orders() as $order) {
            $deliveries = $this->supplier->deliveries($order->reference);
            DB::transaction(function () use ($order, $deliveries, &$new): void {
                foreach ($deliveries as $delivery) {
                    $receipt = Receipt::query()->firstOrCreate(
                        ['order_id' => $order->id, 'delivery' => $delivery->number, 'kind' => 'received'],
                        ['key' => $delivery->key, 'count' => $delivery->count],
                    );
                    $new += $receipt->wasRecentlyCreated ? 1 : 0;
                }
            });
        }

        return $new;
    }

    /** Sends back something that came; once. */
    public function giveBack(int $receipt): void
    {
        $came = Receipt::query()
            ->whereKey($receipt)
            ->where('kind', 'received')
            ->whereIn('order_id', $this->orders()->pluck('id'))
            ->firstOrFail();
        Receipt::query()->firstOrCreate(
            ['order_id' => $came->order_id, 'delivery' => $came->delivery, 'kind' => 'returned'],
            ['key' => $came->key, 'count' => $came->count],
        );
    }

    /** @return array<string, float> how many of which are ordered */
    public function ordered(): array
    {
        $ordered = [];
        foreach ($this->orders() as $order) {
            foreach ($order->lines as $key => $count) {
                $ordered[$key] = ($ordered[$key] ?? 0) + $count;
            }
        }

        return $ordered;
    }

    /** @return array<string, float> how many of which are here: came, and did not go back */
    public function here(): array
    {
        $here = [];
        foreach ($this->orders() as $order) {
            foreach ($order->receipts as $receipt) {
                $here[$receipt->key] =
                    ($here[$receipt->key] ?? 0) + ($receipt->kind === 'received' ? $receipt->count : -$receipt->count);
            }
        }

        return $here;
    }

    /** @return list<Receipt> what came and was not ordered, and has not gone back */
    public function wrong(): array
    {
        $wrong = [];
        foreach ($this->orders() as $order) {
            $back = $order->receipts->where('kind', 'returned')->pluck('delivery')->all();
            foreach ($order->receipts->where('kind', 'received') as $receipt) {
                if (! isset($order->lines[$receipt->key]) && ! in_array($receipt->delivery, $back, true)) {
                    $wrong[] = $receipt;
                }
            }
        }

        return $wrong;
    }

    /** @return array<string, float> how many of which are ordered and not here */
    public function missing(): array
    {
        $here = $this->here();
        $missing = [];
        foreach ($this->ordered() as $key => $count) {
            $left = round($count - ($here[$key] ?? 0), 3);
            if ($left > 0) {
                $missing[$key] = $left;
            }
        }

        return $missing;
    }

    private function send(SupplyOrder $order): void
    {
        $this->supplier->order($order->reference, $order->lines);
        $order->update(['is_answered' => true]);
    }
}
