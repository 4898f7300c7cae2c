<?php

declare(strict_types=1);

namespace YokeLine\Fitting;

/**
 * What one measure of a leaf in hand means: it fits, it is trimmed or packed, or it is rejected, with the number that
 * says so.
 */
final readonly class Fit
{
    /** @param  'fits'|'trim'|'pack'|'reject'|'unknown'  $verdict */
    public function __construct(public string $what, public string $verdict, public string $says) {}
}
