<?php

declare(strict_types=1);

namespace App\Supply;

use App\Words\Speaker;
use Closure;

/** Asks again where there is no answer, with the same reference, and gives up in a sentence. */
final readonly class Patient implements Supplier
{
    private const TRIES = 3;

    public function __construct(private Supplier $supplier) {}

    public function ask(array $keys): array
    {
        return $this->again(fn () => $this->supplier->ask($keys));
    }

    public function order(string $reference, array $lines): void
    {
        $this->again(function () use ($reference, $lines): bool {
            $this->supplier->order($reference, $lines);

            return true;
        });
    }

    public function deliveries(string $reference): array
    {
        return $this->again(fn () => $this->supplier->deliveries($reference));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $question
     * @return T
     *
     * @throws SupplierSilent
     */
    private function again(Closure $question): mixed
    {
        for ($try = 1; ; $try++) {
            try {
                return $question();
            } catch (SupplierSilent $silent) {
                $try < self::TRIES ?:
                throw new SupplierSilent(
                    Speaker::words('refusals.supplier-silent', ['count' => self::TRIES]),
                    previous: $silent,
                );
            }
        }
    }
}
