<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use LogicException;

/**
 * Something of an order that came, or went back.
 *
 * @property int $id
 * @property int $order_id
 * @property string $delivery
 * @property string $key
 * @property float $count
 * @property 'received'|'returned' $kind
 * @property Carbon $created_at
 */
final class Receipt extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'receipts';

    protected $fillable = ['order_id', 'delivery', 'key', 'count', 'kind'];

    /** @var array<string, string> */
    protected $casts = ['count' => 'float', 'created_at' => 'datetime'];

    protected static function booted(): void
    {
        self::updating(fn () => throw new LogicException('What came has come.'));
    }
}
