<?php

declare(strict_types=1);

namespace App\Models;

use App\Words\StoredMessage;
use YokeLine\Setout;

/** What lists show of a doorway, as its plan says. */
final readonly class Outline
{
    private function __construct(public string $name, public string $verdict, public StoredMessage $summary) {}

    public static function of(Setout $setout): self
    {
        return new self(
            $setout->doorway->name,
            $setout->verdict()->value,
            StoredMessage::of($setout->summary(), $setout->doorway->units),
        );
    }
}
