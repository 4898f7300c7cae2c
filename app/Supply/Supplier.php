<?php

declare(strict_types=1);

namespace App\Supply;

/** Somebody who sells: asked, ordered from, and asked what came. What is behind it is the adapter's affair. */
interface Supplier
{
    /**
     * @param  list<string>  $keys  as materials have them
     * @return array<string, Quote> by key; what they do not have at all is left out
     *
     * @throws SupplierSilent
     */
    public function ask(array $keys): array;

    /**
     * Orders under a reference; the same reference again is the same order.
     *
     * @param  array<string, float>  $lines  how many of which
     *
     * @throws SupplierSilent
     */
    public function order(string $reference, array $lines): void;

    /**
     * @return list<Delivery> what has come of an order until now
     *
     * @throws SupplierSilent
     */
    public function deliveries(string $reference): array;
}
