<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What was ordered for a job.
 *
 * @property int $id
 * @property int $job_id
 * @property string $reference
 * @property array<string, float> $lines
 * @property bool $is_answered  the supplier has said that it has it
 * @property Carbon $created_at
 * @property Collection<int, Receipt> $receipts
 */
final class SupplyOrder extends Model
{
    protected $table = 'orders';

    protected $fillable = ['job_id', 'reference', 'lines', 'is_answered'];

    /** @var array<string, string> */
    protected $casts = ['lines' => 'array', 'is_answered' => 'boolean'];

    /** @return HasMany<Receipt, $this> */
    public function receipts(): HasMany
    {
        return $this->hasMany(Receipt::class, 'order_id');
    }
}
