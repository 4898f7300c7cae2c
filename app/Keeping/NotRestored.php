<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Words\Speaker;
use RuntimeException;

/** Why a backup was not brought back. */
final class NotRestored extends RuntimeException
{
    public function __construct(public readonly string $why, string $file = '')
    {
        parent::__construct(Speaker::words("keeping.not-restored.{$why}", ['file' => $file]));
    }
}
