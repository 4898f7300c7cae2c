<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;

/** One size of the leaf: given, the least stock size that serves, or made to order. */
final readonly class LeafSize
{
    /** @param  'given'|'stock'|'made-to-order'  $origin */
    private function __construct(public Sum $needed, public Sum $size, public string $origin) {}

    /**
     * @param  list<Length>  $stock
     * @param  Length  $step  what one that is made to order is made up to
     * @param  ?Length  $tolerance  how far short a stock size may be; the tape's where none is given
     * @param  ?Length  $greatest  what there is room for; larger stock is passed over
     */
    public static function choose(
        string $name,
        Sum $needed,
        ?Length $given,
        array $stock,
        Length $step,
        ?Length $greatest = null,
        ?Length $tolerance = null,
    ): self {
        if ($given !== null) {
            return new self($needed, Sum::of($name)->plus('given', $given), 'given');
        }
        $enough = array_filter(
            $stock,
            fn (Length $size) => ! $size->isUnder($needed->total->minus($tolerance ?? Tolerance::tape())) &&
                ! ($greatest !== null && $size->isOver($greatest->plus(Tolerance::tape()))),
        );

        return $enough === []
            ? new self(
                $needed,
                $needed
                    ->becomes(
                        $needed->total->roundedUpTo($step),
                        'made-to-order',
                    )
                    ->renamed($name),
                'made-to-order',
            )
            : new self(
                $needed,
                $needed
                    ->becomes(Length::least(...array_values($enough)), 'least-stock')
                    ->renamed($name),
                'stock',
            );
    }
}
