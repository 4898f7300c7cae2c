<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column that keeps a message.
 *
 * @implements CastsAttributes<StoredMessage, StoredMessage|string>
 */
final class AsMessage implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): StoredMessage
    {
        return StoredMessage::read(is_string($value) ? $value : '');
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof StoredMessage ? $value->write() : (string) $value;
    }
}
