<?php

declare(strict_types=1);

namespace App\Kits;

use App\Bench\Offer;
use App\Models\ShelfPart;
use App\Shelf;
use YokeLine\Doorway\LooseKind;
use YokeLine\Format\PartReader;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/** What the shelf keeps that belongs to no kit, one tap from the doorway that takes it. */
final class LooseParts
{
    /**
     * @param  string  $place  what of the doorway it becomes
     * @return list<Offer>
     */
    public static function offers(LooseKind $kind, string $place, Unit $units, string $says = ':name'): array
    {
        $write = new LengthWriter($units);

        return array_map(function (ShelfPart $part) use ($place, $write, $says): Offer {
            $changes = [];
            foreach (PartReader::of($part->document)->told() as $key => $value) {
                $changes["{$place}.{$key}"] = $value instanceof Length ? $write->exact($value) : $value;
            }

            return new Offer(str_replace(':name', $part->name, $says), $changes);
        }, app(Shelf::class)->parts($kind));
    }
}
